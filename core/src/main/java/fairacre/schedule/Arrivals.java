package fairacre.schedule;

import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.Delivery;
import fairacre.crew.Income;
import fairacre.ledger.ToBuy;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.joda.money.Money;

/**
 * From which day on there is what a stage of the work needs: what was ordered, and the money for what is still to be
 * bought. Money is spent in the order of the work, for tools first (common practice).
 */
final class Arrivals {

    /** Parts in the order in which things are bought for them. */
    private static final List<BillPart> BOUGHT = List.of(
            BillPart.TOOLS,
            BillPart.GROUND,
            BillPart.WATER,
            BillPart.WALKS,
            BillPart.FRAMES,
            BillPart.FILL,
            BillPart.FENCE,
            BillPart.STRUCTURES,
            BillPart.CROPS,
            BillPart.OTHER);

    private final Map<Stage, Arrival> ofStage = new EnumMap<>(Stage.class);

    /**
     * What a stage waits for.
     *
     * @param delivery what was ordered; empty for money
     * @param day empty for money that does not come in the season
     */
    record Arrival(Optional<String> delivery, Optional<LocalDate> day) {}

    private Arrivals() {}

    static Arrivals of(Plan plan, int season, ToBuy toBuy) {
        Arrivals arrivals = new Arrivals();
        plan.list(CrewKinds.DELIVERIES).stream()
                .filter(delivery -> delivery.season() == season)
                .forEach(arrivals::add);
        arrivals.add(incomes(plan, season), toBuy);
        return arrivals;
    }

    /** What comes last of what a stage waits for; empty where it waits for nothing. */
    Optional<Arrival> before(Stage stage) {
        return Optional.ofNullable(ofStage.get(stage));
    }

    private void add(Delivery delivery) {
        Arrival arrival = new Arrival(Optional.of(delivery.name()), Optional.of(delivery.day()));
        delivery.stages().forEach(stage -> ofStage.merge(stage, arrival, Arrivals::later));
    }

    private static Arrival later(Arrival one, Arrival other) {
        LocalDate first = one.day().orElse(LocalDate.MAX);
        return other.day().orElse(LocalDate.MAX).isAfter(first) ? other : one;
    }

    /** By day. */
    private static List<Income> incomes(Plan plan, int season) {
        LocalDate begins = plan.yearBegins().atYear(season);
        LocalDate ends = plan.yearBegins().atYear(season + 1);
        return plan.list(CrewKinds.INCOMES).stream()
                .filter(income -> !income.day().isBefore(begins) && income.day().isBefore(ends))
                .sorted(Comparator.comparing(Income::day))
                .toList();
    }

    private void add(List<Income> incomes, ToBuy toBuy) {
        if (incomes.isEmpty()) {
            return;
        }
        Money needed = toBuy.spent();
        for (BillPart part : BOUGHT) {
            Optional<Money> cost = Optional.ofNullable(toBuy.parts().get(part));
            if (cost.isPresent()) {
                needed = needed.plus(cost.get());
                Arrival arrival = new Arrival(Optional.empty(), there(incomes, needed));
                part.stages().forEach(stage -> ofStage.merge(stage, arrival, Arrivals::later));
            }
        }
    }

    /** The day on which so much money has come in. */
    private static Optional<LocalDate> there(List<Income> incomes, Money needed) {
        Money sum = Money.zero(needed.getCurrencyUnit());
        for (Income income : incomes) {
            sum = sum.plus(income.amount());
            if (!sum.isLessThan(needed)) {
                return Optional.of(income.day());
            }
        }
        return Optional.empty();
    }
}
