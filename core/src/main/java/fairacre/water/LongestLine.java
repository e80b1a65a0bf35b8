package fairacre.water;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * How long one line can be and still water evenly enough, fed at one end with a given head, its other end closed. A
 * loop is two such lines.
 */
final class LongestLine {

    /** No line in a garden has more outlets. */
    private static final int MOST = 4096;

    private static final double CLOSE_ENOUGH = 0.05;

    private LongestLine() {}

    /**
     * Metres, whole outlets; 0 if not even one outlet works.
     *
     * @param head at its beginning, metres
     */
    static double of(BedLines lines, double head) {
        int even = 0;
        int uneven = 1;
        while (uneven < MOST && isEven(lines, head, uneven)) {
            even = uneven;
            uneven *= 2;
        }
        while (uneven - even > 1) {
            int middle = (even + uneven) / 2;
            if (isEven(lines, head, middle)) {
                even = middle;
            } else {
                uneven = middle;
            }
        }
        return metres(lines, even);
    }

    /** Whether a line of so many metres is no longer than it may be: {@code length <= of(lines, head)}. */
    static boolean serves(BedLines lines, double head, double length) {
        int outlets = 0;
        while (outlets < MOST && metres(lines, outlets) < length) {
            outlets++;
        }
        return outlets == 0 || outlets < MOST && isEven(lines, head, outlets);
    }

    private static double metres(BedLines lines, int outlets) {
        return outlets * lines.spacing().metres() * (lines.loops() ? 2 : 1);
    }

    /** @param outlets so many along the line */
    private static boolean isEven(BedLines lines, double head, int outlets) {
        Network.Builder network = Network.builder();
        double bore = lines.line().bore().metres();
        int source = network.level(head);
        int first = network.junction(0);
        network.pipe(source, first, CLOSE_ENOUGH, bore, PipeKind.ROUGHNESS, 0);
        int[] leaving = IntStream.range(0, outlets)
                .map(i -> {
                    int node = i == 0 ? first : network.junction(0);
                    if (i > 0) {
                        network.pipe(node - 1, node, lines.spacing().metres(), bore, PipeKind.ROUGHNESS, 0);
                    }
                    return node;
                })
                .toArray();
        int[] links = Arrays.stream(leaving)
                .map(node -> lines.outlet(network, node, 1))
                .toArray();
        NetworkSolution solved = NetworkSolution.of(network.build());
        return Evenness.of(Arrays.stream(links).mapToDouble(solved::flow).toArray()) >= lines.evenness();
    }
}
