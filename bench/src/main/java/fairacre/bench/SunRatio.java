package fairacre.bench;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.sun.SunStudy;
import fairacre.testing.Gardens;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.locationtech.jts.geom.Envelope;

/**
 * What the sun of a year costs, in processor time of the one thread that counts it: of the beds of the demo, of 200
 * beds among 100 things that cast shadows, and of the demo's ground as a map; each the mean of several after as many.
 */
final class SunRatio {

    private static final int TIMES = 5;
    private static final int BEDS = 200;
    private static final int CASTERS = 100;

    private SunRatio() {}

    static void print() throws Exception {
        Plan demo = PreviewBenchmark.demo();
        Plan many = shaded(Gardens.generatedOfAllShapes(BEDS, 1));
        double ofDemo = milliseconds(() -> hours(demo));
        double ofMany = milliseconds(() -> hours(many));
        double ofMap = milliseconds(
                () -> SunStudy.of(demo, Collections.max(demo.seasonsOfChange())).quickMap(Optional.empty()));
        double ofFineMap = milliseconds(
                () -> SunStudy.of(many, Collections.max(many.seasonsOfChange())).map(Optional.empty(), done -> {}), 1);
        double ofQuickMap = milliseconds(
                () -> SunStudy.of(many, Collections.max(many.seasonsOfChange())).quickMap(Optional.empty()), 1);
        System.out.println("| what | processor time | ratio |");
        System.out.println("|---|---|---|");
        System.out.printf(Locale.ROOT, "| beds of the demo, all half-months | %.0f ms | 1 |%n", ofDemo);
        System.out.printf(
                Locale.ROOT,
                "| %d beds among %d things that cast shadows | %.0f ms | %.1f |%n",
                BEDS,
                CASTERS,
                ofMany,
                ofMany / ofDemo);
        row("map of the demo, growing months", ofMap, ofDemo);
        row("coarse map of those " + BEDS + " beds, at once", ofQuickMap, ofDemo);
        row("fine map of them, as a job", ofFineMap, ofDemo);
        row("the hours of those beds after a trellis has moved by 10 cm", afterAnEdit(many), ofDemo);
    }

    private static void row(String what, double milliseconds, double ofDemo) {
        System.out.printf(Locale.ROOT, "| %s | %.0f ms | %.1f |%n", what, milliseconds, milliseconds / ofDemo);
    }

    /** With what was known before it. */
    private static double afterAnEdit(Plan plan) {
        int season = Collections.max(plan.seasonsOfChange());
        Memo memo = new Memo(Memo.USUAL);
        SunStudy.of(plan, season, memo).hours();
        Feature trellis = plan.setting(season).features().stream()
                .filter(feature -> feature.kind() == FeatureKind.TRELLIS)
                .findFirst()
                .orElseThrow();
        double[] moved = new double[1];
        return milliseconds(
                () -> {
                    moved[0] += 0.1;
                    Plan edited = plan.apply(Put.of(trellis.withPlaces(trellis.places().stream()
                                    .map(place -> place.plus(Length.metres(moved[0]), Length.ZERO))
                                    .toList())))
                            .orThrow();
                    SunStudy.of(edited, season, memo).hours();
                },
                TIMES);
    }

    private static Object hours(Plan plan) {
        return SunStudy.of(plan, Collections.max(plan.seasonsOfChange())).hours();
    }

    /** Trees, walls and trellises, thrown over the plot. */
    private static Plan shaded(Plan plan) {
        Random random = new Random(7);
        Envelope plot = plan.site().ground().getEnvelopeInternal();
        List<Change> changes = new ArrayList<>();
        for (int i = 0; i < CASTERS; i++) {
            double x = plot.getMinX() + random.nextDouble() * plot.getWidth();
            double y = plot.getMinY() + random.nextDouble() * plot.getHeight();
            changes.add(Put.of(thing(i, x, y).withHeight(Length.metres(1 + 4 * random.nextDouble()))));
        }
        return plan.apply(new Change.Batch("Shade", changes)).orThrow();
    }

    private static Feature thing(int i, double x, double y) {
        return switch (i % 3) {
            case 0 -> Gardens.feature("Tree " + i, FeatureKind.TREE, 0.2, 1.5, x, y);
            case 1 -> Gardens.feature("Wall " + i, FeatureKind.WALL, 0.2, 0, x, y, x + 3, y);
            default -> Gardens.feature("Trellis " + i, FeatureKind.TRELLIS, 0.05, 0, x, y, x, y + 2);
        };
    }

    private static double milliseconds(Runnable work) {
        return milliseconds(work, TIMES);
    }

    private static double milliseconds(Runnable work, int times) {
        for (int i = 0; i < times; i++) {
            work.run();
        }
        long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        for (int i = 0; i < times; i++) {
            work.run();
        }
        return (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before) / 1e6 / times;
    }
}
