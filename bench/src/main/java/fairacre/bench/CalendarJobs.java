package fairacre.bench;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.mulch;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static fairacre.testing.Gardens.worker;

import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.feeding.MulchKind;
import fairacre.fence.FenceKind;
import fairacre.ledger.ToBuy;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.schedule.CalendarStudy;
import fairacre.schedule.WorkCalendar;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.lang.management.ManagementFactory;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Random gardens of 98 beds that four people build and plant in a spring: how far off the best calendar theirs is. */
final class CalendarJobs {

    private static final int GARDENS = 50;
    private static final int BEDS = 98;
    private static final int IN_A_ROW = 10;
    private static final int WORKERS = 4;
    private static final LocalDate BEGINS = LocalDate.of(SEASON, 3, 1);
    /** Seeds of neighbours would draw alike. */
    private static final long APART = 1_000_003;

    private CalendarJobs() {}

    /** @param gardens how many */
    static void print(Optional<Integer> gardens) {
        List<Double> atOnce = new ArrayList<>();
        List<Double> better = new ArrayList<>();
        System.out.println("| garden | tasks | days at once | days | at least | processor time at once | looked for |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (int seed = 0; seed < gardens.orElse(GARDENS); seed++) {
            Plan plan = garden(seed);
            List<PlannedTask> tasks =
                    WorkStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of())).tasks();
            ToBuy toBuy = ToBuy.of(CostStudy.of(plan).bill(), List.of(), SEASON);
            CalendarStudy study = CalendarStudy.of(plan, SEASON, tasks, Map.of(), toBuy, BEGINS);
            long begun = time();
            WorkCalendar quick = study.atOnce();
            long between = time();
            CalendarStudy.BetterCalendar found = study.better(() -> {});
            long ended = time();
            double bound = days(found.noSooner().orElseThrow());
            double first = days(quick.finish().orElseThrow());
            double last = days(found.calendar().finish().orElseThrow());
            atOnce.add(first / bound - 1);
            better.add(last / bound - 1);
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %d | %.0f | %.0f | %.0f | %d ms | %.1f s |%n",
                    seed,
                    tasks.size(),
                    first,
                    last,
                    bound,
                    (between - begun) / 1_000_000,
                    (ended - between) / 1e9);
        }
        System.out.printf(
                Locale.ROOT,
                "| median over the least | | %.1f %% | %.1f %% | | | |%n",
                100 * Median.of(atOnce),
                100 * Median.of(better));
    }

    private static long time() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }

    private static double days(LocalDate end) {
        return ChronoUnit.DAYS.between(BEGINS, end) + 1;
    }

    private static Plan garden(int seed) {
        SplittableRandom random = new SplittableRandom(seed * APART);
        Bed[] beds = IntStream.range(0, BEDS)
                .mapToObj(i -> bed(
                        "Bed " + i,
                        4 + 4.5 * (i % IN_A_ROW),
                        4 + 2.5 * (i / IN_A_ROW),
                        1.5 + 2 * random.nextDouble(),
                        0.8 + 0.5 * random.nextDouble(),
                        0,
                        Optional.of(cedar(Board.M38X150, 1 + random.nextInt(2)))))
                .toArray(Bed[]::new);
        Stream<Change> ofBeds = IntStream.range(0, BEDS)
                .boxed()
                .flatMap(i -> Stream.of(
                        Put.of(dripline("Bed " + i, "Tap")),
                        Put.of(planting(
                                "Crop " + i,
                                random.nextBoolean() ? "onion" : "lettuce",
                                "Bed " + i,
                                BEGINS.plusDays(random.nextInt(14)).toString(),
                                BEGINS.plusDays(150).toString())),
                        Put.of(mulch("Straw " + i, MulchKind.STRAW, SEASON, 1, "Bed " + i))));
        Stream<Change> ofWorkers =
                IntStream.range(0, WORKERS).mapToObj(i -> Put.of(worker("Worker " + i, hours(random))));
        return with(
                plot(52, 32, List.of(), beds),
                Stream.of(
                                Stream.of(
                                        Put.of(tap("Tap", 2, 2, 20)),
                                        Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 1, 1, 51, 1)),
                                        Put.of(workFrom(BEGINS.toString()))),
                                ofBeds,
                                ofWorkers)
                        .flatMap(each -> each)
                        .toArray(Change[]::new));
    }

    /** Evenings now and then, and weekends. */
    private static double[] hours(SplittableRandom random) {
        return IntStream.range(0, 7)
                .mapToDouble(
                        day -> day < 5 ? (random.nextInt(3) == 0 ? 1 + random.nextInt(3) : 0) : 3 + random.nextInt(5))
                .toArray();
    }
}
