package fairacre.bench;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.household;
import static fairacre.testing.Gardens.leftAside;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.wish;
import static fairacre.testing.Gardens.with;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.harvest.Want;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.rotation.YearsAsked;
import fairacre.rotation.YearsPlan;
import fairacre.rotation.YearsStudy;
import fairacre.shape.Memo;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Random gardens of 20 beds whose next four years are planned for 25 crops: how far off the best plan they can be. */
final class YearsJobs {

    private static final int GARDENS = 50;
    private static final int BEDS = 20;
    private static final int YEARS = 4;
    private static final int CROPS = 25;
    private static final int MUST = 6;
    private static final int MAY = 20;
    /** Seeds of neighbours would draw alike. */
    private static final long APART = 1_000_003;

    private YearsJobs() {}

    /** @param arguments how many gardens, and the work of the solver in deterministic seconds; 50 and 5 if left out */
    static void print(String... arguments) {
        int gardens = arguments.length > 0 ? Integer.parseInt(arguments[0]) : GARDENS;
        double work = arguments.length > 1 ? Double.parseDouble(arguments[1]) : 5;
        List<Double> gaps = new ArrayList<>();
        List<Double> better = new ArrayList<>();
        System.out.println("| garden | points at once | solved | better by | over the bound | processor time |");
        System.out.println("|---|---|---|---|---|---|");
        for (int seed = 0; seed < gardens; seed++) {
            List<YearsPlan> plans = new ArrayList<>();
            long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            YearsStudy.of(garden(seed), new YearsAsked(SEASON, YEARS, List.of(), false), work, Memo.none())
                    .run(plans::add);
            double seconds = (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before) / 1e9;
            long quick = plans.get(0).cost();
            YearsPlan solved = plans.get(1);
            better.add(1 - solved.cost() / (double) quick);
            gaps.add(1 - solved.bound() / (double) solved.cost());
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %d | %d | %.1f %% | %.1f %% | %.0f s |%n",
                    seed,
                    quick,
                    solved.cost(),
                    100 * better.get(seed),
                    100 * gaps.get(seed),
                    seconds);
        }
        System.out.printf(
                Locale.ROOT, "| median | | | %.1f %% | %.1f %% | |%n", 100 * Median.of(better), 100 * Median.of(gaps));
    }

    private static Plan garden(int seed) {
        SplittableRandom random = new SplittableRandom(seed * APART);
        Bed[] beds = IntStream.range(0, BEDS)
                .mapToObj(i -> bed(
                        "Bed " + i,
                        3 + 4.5 * (i % 4),
                        3 + 3 * (i / 4),
                        1.5 + 2.4 * random.nextDouble(),
                        0.9 + 0.4 * random.nextDouble()))
                .toArray(Bed[]::new);
        Plan plan = with(
                plot(24, 24, List.of(), beds),
                Put.of(frosts("--04-12", "--04-28", "--05-15")),
                Put.of(household(2 + random.nextInt(3))),
                Put.of(leftAside("NO_SUPPORT")));
        List<Crop> crops = new ArrayList<>(Crops.all().stream()
                .filter(crop -> crop.eaten() > 0 && crop.perennial().isEmpty())
                .toList());
        Change[] wishes = IntStream.range(0, CROPS)
                .mapToObj(i ->
                        Put.of(wish(crops.remove(random.nextInt(crops.size())).key(), wanted(i))))
                .toArray(Change[]::new);
        return with(plan, wishes);
    }

    private static Want wanted(int number) {
        if (number < MUST) {
            return Want.MUST;
        }
        return number < MAY ? Want.MAY : Want.FUN;
    }
}
