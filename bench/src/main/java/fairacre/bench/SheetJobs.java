package fairacre.bench;

import fairacre.measure.Length;
import fairacre.sheet.SheetCutting;
import fairacre.sheet.SheetPart;
import fairacre.sheet.SheetPlan;
import fairacre.sheet.StockSheet;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Random jobs for whole sheets: how many are proved least, how far off the others can be, and what patience brings. */
final class SheetJobs {

    private static final int JOBS = 200;
    private static final int STEP = 6;
    private static final int MOST = 30;
    /** So many parts in another order, as the bill is patient. */
    private static final int PATIENCE = 6_000;

    private static final Length KERF = Length.millimetres(3);
    private static final List<StockSheet> STOCK =
            List.of(sheet(2.44, 1.22, 40), sheet(1.22, 1.22, 24), sheet(1.22, 0.61, 14));

    private SheetJobs() {}

    private static StockSheet sheet(double length, double width, int price) {
        return new StockSheet("Sheet", Length.metres(length), Length.metres(width), Money.of(CurrencyUnit.EUR, price));
    }

    static void print() {
        System.out.println("| parts | jobs | proved least | over the bound, mean: at once | patiently"
                + " | processor time, mean: at once | patiently |");
        System.out.println("|---|---|---|---|---|---|---|");
        Random random = new Random(11);
        for (int most = STEP; most <= MOST; most += STEP) {
            print(most, random);
        }
    }

    private static void print(int most, Random random) {
        int jobs = JOBS * STEP / MOST;
        int proved = 0;
        double quickly = 0;
        double patiently = 0;
        double quickTime = 0;
        double longTime = 0;
        for (int i = 0; i < jobs; i++) {
            int count = most - random.nextInt(STEP);
            SheetCutting cutting = SheetCutting.of(STOCK, parts(random, count), KERF);
            long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            SheetPlan quick = cutting.quick();
            long between = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            SheetPlan best = cutting.best(PATIENCE / count);
            quickTime += (between - before) / 1e6;
            longTime += (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - between) / 1e6;
            proved += best.proven() ? 1 : 0;
            quickly += over(quick);
            patiently += over(best);
        }
        System.out.printf(
                Locale.ROOT,
                "| up to %d | %d | %.0f %% | %.1f %% | %.1f %% | %.0f ms | %.0f ms |%n",
                most,
                jobs,
                100.0 * proved / jobs,
                100 * quickly / jobs,
                100 * patiently / jobs,
                quickTime / jobs,
                longTime / jobs);
    }

    private static double over(SheetPlan plan) {
        return plan.cost().getAmount().doubleValue() / plan.bound().getAmount().doubleValue() - 1;
    }

    private static List<SheetPart> parts(Random random, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new SheetPart(
                        "Part",
                        Length.metres(0.1 + random.nextDouble()),
                        Length.metres(0.1 + 0.5 * random.nextDouble()),
                        1,
                        random.nextBoolean()))
                .toList();
    }
}
