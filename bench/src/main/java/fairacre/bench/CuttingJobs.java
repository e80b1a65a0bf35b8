package fairacre.bench;

import fairacre.frame.BestCut;
import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Random jobs of 3 to 60 kinds of pieces, one to eight of each, 0.3 to 3.6 m long, from metric boards of five lengths whose prices per
 * metre differ by up to a tenth either way: how many are proved to be cut at the least cost, and how far the others are off the bound.
 */
final class CuttingJobs {

    private static final List<Double> BOARDS = List.of(2.4, 3.0, 3.6, 4.2, 4.8);
    private static final double CENTS_PER_METRE = 450;

    private CuttingJobs() {}

    static void print(int jobs) {
        Random random = new Random(1);
        double[] gaps = new double[jobs];
        double[] seconds = new double[jobs];
        int proven = 0;
        for (int i = 0; i < jobs; i++) {
            List<Length> pieces = pieces(random);
            List<Stock> stock = stock(random);
            long start = System.nanoTime();
            BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
            seconds[i] = (System.nanoTime() - start) / 1e9;
            gaps[i] = best.cost().doubleValue() / best.bound().doubleValue() - 1;
            proven += best.isLeast() ? 1 : 0;
        }
        Arrays.sort(seconds);
        System.out.printf(Locale.ROOT, "%d jobs: %.1f %% proved least; over the bound by %.3f %% in the mean, %.2f %% at worst; "
                + "%.2f s in the mean, %.2f s at the 95th percentile, %.2f s at worst%n", jobs, 100.0 * proven / jobs,
                100 * Arrays.stream(gaps).average().orElse(0), 100 * Arrays.stream(gaps).max().orElse(0),
                Arrays.stream(seconds).average().orElse(0), seconds[(int) (jobs * 0.95)], seconds[jobs - 1]);
    }

    private static List<Length> pieces(Random random) {
        List<Length> pieces = new ArrayList<>();
        IntStream.range(0, 3 + random.nextInt(58)).forEach(kind ->
                pieces.addAll(Collections.nCopies(1 + random.nextInt(8), Length.millimetres(300 + random.nextInt(3300)))));
        return pieces;
    }

    private static List<Stock> stock(Random random) {
        return BOARDS.stream().map(metres -> Stock.bought(Length.metres(metres),
                BigDecimal.valueOf(Math.round(metres * CENTS_PER_METRE * (0.9 + 0.2 * random.nextDouble())), 2))).toList();
    }
}
