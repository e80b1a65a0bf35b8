package fairacre.water;

import fairacre.plan.StandingBed;

/**
 * What waters a bed, as it is laid.
 *
 * @param inlet the node of the layout at which it is fed
 * @param at where on the course of what feeds it the pipe to the bed begins, metres
 * @param stub from there to the bed
 * @param pipe of the stub
 */
record LaidLines(BedLines lines, StandingBed bed, BedLayout layout, int inlet, double at, Course stub, PipeKind pipe) {

    /** Bore of the lines in the bed, metres. */
    double bore() {
        return lines instanceof Soaker ? Soaker.BORE : Dripline.BORE;
    }
}
