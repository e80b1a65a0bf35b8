package fairacre.example;

import fairacre.appraisal.Appraisal;
import fairacre.bill.Budget;
import fairacre.bill.StartingPrices;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.Site;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * One bed for a small sum, as a garden to begin from: a box of untreated pine, 1.2 x 0.9 m (4 x 3 ft) and one course
 * high, on a little more ground than it takes, with somebody of average reach. What it costs comes from the starting
 * prices: under 60 of most currencies.
 */
public final class OneBed {

    private static final BigDecimal SMALL_SUM = BigDecimal.valueOf(60);

    private OneBed() {}

    /**
     * @param site how the ground lies and what it is; its corners are those of the example
     * @param ids for the bed and who gardens
     */
    public static Plan plan(
            UUID id, String name, Units units, int season, CurrencyUnit currency, Site site, Supplier<UUID> ids) {
        boolean metric = units == Units.METRIC;
        Length across = metric ? Length.metres(4) : Length.feet(12);
        Length up = metric ? Length.metres(3) : Length.feet(10);
        Rectangle outline = new Rectangle(
                Point.metres(across.metres() / 2, up.metres() / 2),
                metric ? Length.metres(1.2) : Length.feet(4),
                metric ? Length.metres(0.9) : Length.feet(3),
                0);
        Frame frame = new Frame(Material.SOFTWOOD, metric ? Board.M22X150 : Board.B1X6, 1, Joint.SIDES_PAST);
        Bed bed = Bed.of(ids.get(), "First bed", new BedRevision(season, outline, Optional.of(frame)));
        Gardener you = new Gardener(ids.get(), "You", Length.feet(2), Posture.STANDING, Length.feet(2));
        Plan plan = new Plan(
                id,
                name,
                units,
                season,
                budget(SMALL_SUM, currency),
                on(site, across, up),
                List.of(you),
                List.of(bed),
                StartingPrices.in(currency));
        BigDecimal planned = Appraisal.of(plan, season).purse().planned().getAmount();
        // Where a coin is worth less the sum is what it takes, rounded up to two figures.
        BigDecimal enough = planned.round(new MathContext(2, RoundingMode.UP));
        return planned.compareTo(SMALL_SUM) <= 0
                ? plan
                : plan.apply(new Change.SetBudget(budget(enough, currency))).orThrow();
    }

    private static Site on(Site site, Length across, Length up) {
        List<Point> corners = List.of(
                new Point(Length.ZERO, Length.ZERO),
                new Point(across, Length.ZERO),
                new Point(across, up),
                new Point(Length.ZERO, up));
        return new Site(
                corners, List.of(), site.north(), site.latitude(), site.longitude(), false, List.of(), site.soil());
    }

    private static Budget budget(BigDecimal sum, CurrencyUnit currency) {
        return new Budget(Money.of(currency, sum, RoundingMode.UP), BigDecimal.ZERO);
    }
}
