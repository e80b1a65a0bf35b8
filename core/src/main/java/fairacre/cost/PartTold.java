package fairacre.cost;

import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.fence.FenceCapability;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.water.WaterCapability;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/** What the bill and the work of a plan say of one part of it or of all, whatever way its boards are cut. */
final class PartTold {

    private final Plan plan;
    private final CostStudy study;
    private final Predicate<BillPart> parts;
    private final Predicate<WorkRate> work;

    private PartTold(Plan plan, Memo memo, Predicate<BillPart> parts, Predicate<WorkRate> work) {
        this.plan = plan;
        this.study = CostStudy.of(plan, memo);
        this.parts = parts;
        this.work = work;
    }

    private static PartTold of(Plan plan, Memo memo, BillPart part, WorkRates rates) {
        return new PartTold(plan, memo, part::equals, rates.rates().collect(Collectors.toSet())::contains);
    }

    /** @param memo of plans that are compared */
    static PartTold water(Plan plan, Memo memo) {
        return of(plan, memo, BillPart.WATER, new WaterCapability());
    }

    /** @param memo of plans that are compared */
    static PartTold fences(Plan plan, Memo memo) {
        return of(plan, memo, BillPart.FENCE, new FenceCapability());
    }

    /** @param memo of plans that are compared */
    static PartTold all(Plan plan, Memo memo) {
        return new PartTold(plan, memo, part -> true, work -> true);
    }

    /** What the bill says of it more than that of another plan; empty if a price of that is missing. */
    Optional<Money> moreThan(PartTold other) {
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
        return study.bill(KnownCuts.NONE).lines().stream()
                .filter(line -> parts.test(line.part()))
                .collect(Collectors.toMap(line -> List.of(line.season(), line.part(), line.item()), line -> line));
    }

    /** Of work on it. */
    double hours() {
        return study.takeoff().jobs().stream()
                .filter(job -> work.test(job.rate()))
                .mapToDouble(job -> job.rate().hours(job.quantity()))
                .sum();
    }
}
