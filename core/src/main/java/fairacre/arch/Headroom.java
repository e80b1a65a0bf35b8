package fairacre.arch;

import fairacre.hoop.Bow;
import fairacre.hoop.BowForm;
import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import java.util.Comparator;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BrentSolver;

/** How high a panel rises over a span, and which span or panel gives enough room for a head. */
public final class Headroom {

    /** 6 1/2 ft, common practice. */
    private static final Length USUAL = Length.feet(6.5);

    private static final double EXACT = 1e-8;
    private static final int MOST_TRIES = 200;
    private static final Length SLIM = Length.millimetres(10);

    private Headroom() {}

    /** What everybody needs: 6 1/2 ft, or as much as the tallest gardener. */
    public static Length wanted(Plan plan) {
        return plan.gardeners().stream()
                .flatMap(gardener -> gardener.stature().stream())
                .reduce(USUAL, Length::max);
    }

    /** The panel bent over a span; empty if it is no longer than that. */
    static Optional<Bow> bow(Length panel, Length span) {
        return Bow.ofLength(BowForm.CIRCLE, span, panel);
    }

    /** The widest span over which a panel rises so high, to the micrometre; empty if it can't. */
    static Optional<Length> widest(Length panel, Length rise) {
        if (rise(panel, SLIM) < rise.metres()) {
            return Optional.empty();
        }
        if (!rise.isPositive()) {
            return Optional.of(panel);
        }
        double span = new BrentSolver(EXACT)
                .solve(
                        MOST_TRIES,
                        wide -> rise(panel, Length.metres(wide)) - rise.metres(),
                        SLIM.metres(),
                        panel.metres());
        return Optional.of(new Length((long) Math.floor(span * 1e6)));
    }

    /** Metres; nothing over a span as wide as the panel is long. */
    private static double rise(Length panel, Length span) {
        return bow(panel, span).map(bow -> bow.rise().metres()).orElse(0.0);
    }

    /** The panel that rises so high over a span. */
    static Length panel(Length span, Length rise) {
        return Bow.rising(BowForm.CIRCLE, span, rise).length();
    }

    /** The tallest gardener, if that is more than 6 1/2 ft. */
    public static Optional<Gardener> tallest(Plan plan) {
        return plan.gardeners().stream()
                .filter(gardener -> gardener.stature()
                        .filter(stature -> stature.compareTo(USUAL) > 0)
                        .isPresent())
                .max(Comparator.comparing(gardener -> gardener.stature().orElseThrow()));
    }
}
