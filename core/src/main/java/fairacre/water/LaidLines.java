package fairacre.water;

import fairacre.plan.StandingBed;
import java.util.stream.IntStream;

/**
 * What waters a bed, as it is laid.
 *
 * @param inlet the node of the layout at which it is fed
 * @param at where on the course of what feeds it the pipe to the bed begins, metres
 * @param stub from there to the bed
 * @param pipe of the stub
 * @param valve whether one opens it: its own, or one of the manifold that it begins at
 */
record LaidLines(
        BedLines lines,
        StandingBed bed,
        BedLayout layout,
        int inlet,
        double at,
        Course stub,
        PipeKind pipe,
        boolean valve) {

    /** What each outlet gives, as if it were a full one. */
    double[] shares(double[] flows) {
        return IntStream.range(0, flows.length)
                .mapToDouble(i -> flows[i] / layout.share(i))
                .toArray();
    }

    /** Bore of the lines in the bed, metres. */
    double bore() {
        return lines.line().bore().metres();
    }
}
