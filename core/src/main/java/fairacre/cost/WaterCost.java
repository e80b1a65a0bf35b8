package fairacre.cost;

import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.WorkRate;
import fairacre.plan.Plan;
import fairacre.water.WaterCapability;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/** What the bill and the work of a plan say of water. */
final class WaterCost {

    private static final Set<WorkRate> WORK = new WaterCapability().rates().collect(Collectors.toSet());

    private final Plan plan;
    private final CostStudy study;

    private WaterCost(Plan plan) {
        this.plan = plan;
        this.study = CostStudy.of(plan);
    }

    static WaterCost of(Plan plan) {
        return new WaterCost(plan);
    }

    /** What the bill says of water more than that of another plan; empty if a price of that is missing. */
    Optional<Money> moreThan(WaterCost other) {
        Map<List<Object>, BillLine> before = other.lines();
        Map<List<Object>, BillLine> after = lines();
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

    private Map<List<Object>, BillLine> lines() {
        return study.bill().lines().stream()
                .filter(line -> line.part() == BillPart.WATER)
                .collect(Collectors.toMap(line -> List.of(line.season(), line.item()), line -> line));
    }

    /** Of work on water. */
    double hours() {
        return study.takeoff().work().values().stream()
                .flatMap(season -> season.entrySet().stream())
                .filter(work -> WORK.contains(work.getKey()))
                .mapToDouble(work -> work.getKey().hours(work.getValue()))
                .sum();
    }
}
