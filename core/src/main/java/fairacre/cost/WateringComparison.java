package fairacre.cost;

import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.water.BedLines;
import fairacre.water.NewWater;
import fairacre.water.WaterKinds;
import fairacre.water.WateringFigures;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.joda.money.Money;

/**
 * Ways of watering side by side for the same beds: each is laid in usual sizes, as it would be by one click, from what
 * is nearest, and everything else stays as it is.
 */
public final class WateringComparison {

    private final Plan plan;
    private final int season;
    private final List<UUID> beds;
    private final Supplier<UUID> ids;
    private final Memo memo = new Memo(Memo.USUAL);
    private final PartTold without;

    private WateringComparison(Plan plan, int season, List<UUID> beds, Supplier<UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.beds = beds;
        this.ids = ids;
        this.without = PartTold.water(bare(), memo);
    }

    /**
     * One answer for each way, in their order.
     *
     * @param ids of what is new
     * @throws fairacre.limits.RefusedException if none of the beds stands in the season, or there is no source
     */
    public static List<WateringChoice> of(Plan plan, int season, List<UUID> beds, Supplier<UUID> ids) {
        WateringComparison comparison = new WateringComparison(plan, season, beds, ids);
        return Arrays.stream(NewWater.Way.values()).map(comparison::choice).toList();
    }

    /** Without what lies in the beds in the season. */
    private Plan bare() {
        Plan without = plan;
        for (BedLines each : WaterKinds.linesOf(plan, season, beds)) {
            without = without.apply(each.takenOut()).orThrow();
        }
        return without;
    }

    private WateringChoice choice(NewWater.Way way) {
        Change change = new NewWater(plan, season, ids).lines(beds, way);
        Plan after = plan.apply(change).orThrow();
        PartTold with = PartTold.water(after, memo);
        Optional<Money> cost = with.moreThan(without);
        int years = way.years();
        return new WateringChoice(
                way,
                change,
                cost,
                cost.map(money -> money.dividedBy(years, RoundingMode.HALF_UP)),
                years,
                with.hours() - without.hours(),
                WateringFigures.of(after, season, beds));
    }
}
