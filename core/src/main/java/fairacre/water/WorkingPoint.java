package fairacre.water;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * What the outlets of lines are made for: the head at which they work, and what each gives there. A drilled hose works
 * at the least head at its beginning with which it waters evenly enough, found by solving it; at the lowest that is
 * tried where none does.
 *
 * @param head metres
 * @param flow of each outlet, cubic metres a second
 */
record WorkingPoint(double head, double flow) {

    /** A drilled hose is tried from half a metre of water, which barely leaves a hole, up to 30 m, a strong tap. */
    private static final double LOWEST = 0.5;

    private static final double HIGHEST = 30;
    /** Metres. */
    private static final double CLOSE_ENOUGH = 0.05;

    static WorkingPoint of(Soaker hose, BedLayout loop) {
        double low = LOWEST;
        double high = HIGHEST;
        boolean evenAtOnce = evenness(hose, loop, low) >= hose.evenness();
        boolean neverEven = evenness(hose, loop, high) < hose.evenness();
        if (evenAtOnce || neverEven) {
            return at(hose, loop, low);
        }
        while (high - low > CLOSE_ENOUGH) {
            double middle = (low + high) / 2;
            if (evenness(hose, loop, middle) >= hose.evenness()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return at(hose, loop, high);
    }

    private static WorkingPoint at(Soaker hose, BedLayout loop, double head) {
        double[] flows = flows(hose, loop, head);
        return new WorkingPoint(head, Arrays.stream(flows).average().orElse(0));
    }

    private static double evenness(Soaker hose, BedLayout loop, double head) {
        return Evenness.of(flows(hose, loop, head));
    }

    private static double[] flows(Soaker hose, BedLayout loop, double head) {
        Network.Builder network = Network.builder();
        double bore = hose.line().bore().metres();
        int source = network.level(head);
        int first = network.junction(0);
        IntStream.range(1, loop.nodes().size()).forEach(i -> network.junction(0));
        network.pipe(source, first, CLOSE_ENOUGH, bore, PipeKind.ROUGHNESS, 0);
        loop.pipes()
                .forEach(pipe -> network.pipe(
                        first + pipe.from(), first + pipe.to(), pipe.length(), bore, PipeKind.ROUGHNESS, 0));
        int[] holes = loop.outlets().stream()
                .mapToInt(node -> hose.outlet(network, first + node, 1))
                .toArray();
        NetworkSolution solved = NetworkSolution.of(network.build());
        return Arrays.stream(holes).mapToDouble(solved::flow).toArray();
    }
}
