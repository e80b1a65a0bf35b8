package fairacre.bench;

import fairacre.frame.BestCut;
import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Random jobs of 3 to 60 kinds of pieces, one to eight of each, 0.3 to 3.6 m long, from metric boards of five lengths
 * whose prices per metre differ by up to a tenth either way: how many are proved to be cut at the least cost, and how
 * far the others are off the bound.
 */
final class CuttingJobs {

    private static final List<Double> BOARDS = List.of(2.4, 3.0, 3.6, 4.2, 4.8);
    private static final double CENTS_PER_METRE = 450;

    private CuttingJobs() {}

    /** Jobs of no more kinds of pieces than this are told together. */
    private static final int[] CLASSES = {12, 24, 36, 48, 60};

    /** What came of the jobs of a class. */
    private static final class Told {
        private final List<Double> seconds = new ArrayList<>();
        private final List<Double> gaps = new ArrayList<>();
        private int proved;

        void add(BestCut best, double took) {
            seconds.add(took);
            gaps.add(best.cheapest().doubleValue() / best.bound().doubleValue() - 1);
            proved += best.isLeast() ? 1 : 0;
        }

        void print(String jobs) {
            if (seconds.isEmpty()) {
                return;
            }
            seconds.sort(null);
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %d | %.1f %% | %.3f %% | %.2f %% | %.2f s | %.2f s | %.2f s |%n",
                    jobs,
                    seconds.size(),
                    100.0 * proved / seconds.size(),
                    100 * gaps.stream().mapToDouble(gap -> gap).average().orElse(0),
                    100 * gaps.stream().mapToDouble(gap -> gap).max().orElse(0),
                    seconds.stream().mapToDouble(each -> each).average().orElse(0),
                    seconds.get((int) (seconds.size() * 0.95)),
                    seconds.get(seconds.size() - 1));
        }
    }

    static void print(int jobs) {
        Random random = new Random(1);
        Told all = new Told();
        Told[] byClass = Stream.generate(Told::new).limit(CLASSES.length).toArray(Told[]::new);
        for (int i = 0; i < jobs; i++) {
            List<Length> pieces = pieces(random);
            List<Stock> stock = stock(random);
            long start = System.nanoTime();
            BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
            double took = (System.nanoTime() - start) / 1e9;
            long kinds = pieces.stream().distinct().count();
            int in = (int) IntStream.of(CLASSES).filter(most -> most < kinds).count();
            byClass[in].add(best, took);
            all.add(best, took);
        }
        System.out.println(
                "| lengths | jobs | proved least | over the bound, mean | at worst | time, mean | 95 % | at worst |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        for (int i = 0; i < CLASSES.length; i++) {
            byClass[i].print("up to " + CLASSES[i]);
        }
        all.print("all");
    }

    private static List<Length> pieces(Random random) {
        List<Length> pieces = new ArrayList<>();
        IntStream.range(0, 3 + random.nextInt(58))
                .forEach(kind -> pieces.addAll(
                        Collections.nCopies(1 + random.nextInt(8), Length.millimetres(300 + random.nextInt(3300)))));
        return pieces;
    }

    private static List<Stock> stock(Random random) {
        return BOARDS.stream()
                .map(metres -> Stock.bought(
                        Length.metres(metres),
                        BigDecimal.valueOf(
                                Math.round(metres * CENTS_PER_METRE * (0.9 + 0.2 * random.nextDouble())), 2)))
                .toList();
    }
}
