package fairacre.bench;

import fairacre.cost.CostStudy;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopStudy;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What hoops over 20 and over 200 beds cost, told and taken off, in processor time of the one thread that does it, the
 * mean of several after as many; ten sets, each over a tenth of the beds.
 */
final class HoopRatio {

    private static final int TIMES = 20;
    private static final int FEW = 20;
    private static final int MANY = 200;
    private static final int SETS = 10;
    private static final int A_ROW = 10;

    private HoopRatio() {}

    static void print() {
        System.out.println("| what | beds | processor time | ratio |");
        System.out.println("|---|---|---|---|");
        Plan few = hooped(FEW);
        Plan many = hooped(MANY);
        row("told", milliseconds(() -> told(few)), milliseconds(() -> told(many)));
        row(
                "on the bill",
                milliseconds(() -> CostStudy.of(few).bill()),
                milliseconds(() -> CostStudy.of(many).bill()));
    }

    private static void row(String what, double few, double many) {
        System.out.printf(Locale.ROOT, "| %s | %d | %.1f ms | 1 |%n", what, FEW, few);
        System.out.printf(Locale.ROOT, "| | %d | %.1f ms | %.1f |%n", MANY, many, many / few);
    }

    private static Object told(Plan plan) {
        return HoopStudy.of(plan, Gardens.SEASON, plan.standing(Gardens.SEASON)).told();
    }

    private static Plan hooped(int count) {
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            beds.add(Gardens.bed("Bed " + i, 2 + 3.2 * (i % A_ROW), 2 + 2.0 * (i / A_ROW), 2.4, 1.2));
        }
        Plan plan = Gardens.plot(36, 4 + 2.0 * (count / A_ROW), List.of(), beds.toArray(Bed[]::new));
        for (int set = 0; set < SETS; set++) {
            int first = set;
            String[] over = beds.stream()
                    .filter(bed -> beds.indexOf(bed) % SETS == first)
                    .map(Bed::name)
                    .toArray(String[]::new);
            plan = Gardens.with(
                    plan,
                    Put.of(Gardens.hoops(
                            "Hoops " + set,
                            set % 2 == 0 ? HoopPipe.PE_20 : HoopPipe.STRIPS_22,
                            Optional.of(Length.metres(0.6)),
                            Optional.empty(),
                            Fabric.FLEECE,
                            over)));
        }
        return plan;
    }

    private static double milliseconds(Runnable work) {
        for (int i = 0; i < TIMES; i++) {
            work.run();
        }
        long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        for (int i = 0; i < TIMES; i++) {
            work.run();
        }
        return (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before) / 1e6 / TIMES;
    }
}
