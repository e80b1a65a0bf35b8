package fairacre.cost;

import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.WorkRate;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.water.BedLines;
import fairacre.water.NewWater;
import fairacre.water.WaterCapability;
import fairacre.water.WaterKinds;
import fairacre.water.WateringFigures;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * Ways of watering side by side for the same beds: each is laid in usual sizes, as it would be by one click, from what
 * is nearest, and everything else stays as it is.
 */
public final class WateringComparison {

    private static final Map<NewWater.Way, Integer> YEARS =
            Map.of(NewWater.Way.DRIPLINE, 8, NewWater.Way.DRILLED_HOSE, 6, NewWater.Way.SPRINKLERS, 8);
    private static final Set<WorkRate> WORK = new WaterCapability().rates().collect(Collectors.toSet());

    private final Plan plan;
    private final int season;
    private final List<UUID> beds;
    private final Supplier<UUID> ids;
    private final CostStudy without;

    private WateringComparison(Plan plan, int season, List<UUID> beds, Supplier<UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.beds = beds;
        this.ids = ids;
        this.without = CostStudy.of(bare());
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
        CostStudy with = CostStudy.of(after);
        Optional<Money> cost = more(with);
        int years = YEARS.get(way);
        return new WateringChoice(
                way,
                change,
                cost,
                cost.map(money -> money.dividedBy(years, RoundingMode.HALF_UP)),
                years,
                hours(with) - hours(without),
                WateringFigures.of(after, season, beds));
    }

    /** What the bill says of water more than without; empty if a price of that is missing. */
    private Optional<Money> more(CostStudy with) {
        Map<List<Object>, BillLine> before = water(without);
        Map<List<Object>, BillLine> after = water(with);
        return Stream.concat(before.keySet().stream(), after.keySet().stream())
                .distinct()
                .filter(line -> !Objects.equals(before.get(line), after.get(line)))
                .map(line -> amount(after.get(line))
                        .flatMap(is -> amount(before.get(line)).map(is::minus)))
                .reduce(Optional.of(Money.zero(plan.currency())), (a, b) -> a.flatMap(x -> b.map(x::plus)));
    }

    /** Nothing for what is not on the bill. */
    private Optional<Money> amount(BillLine line) {
        return line == null ? Optional.of(Money.zero(plan.currency())) : line.amount();
    }

    private static Map<List<Object>, BillLine> water(CostStudy study) {
        return study.bill().lines().stream()
                .filter(line -> line.part() == BillPart.WATER)
                .collect(Collectors.toMap(line -> List.of(line.season(), line.item()), line -> line));
    }

    private static double hours(CostStudy study) {
        return study.takeoff().work().values().stream()
                .flatMap(season -> season.entrySet().stream())
                .filter(work -> WORK.contains(work.getKey()))
                .mapToDouble(work -> work.getKey().hours(work.getValue()))
                .sum();
    }
}
