package fairacre.cost;

import java.math.RoundingMode;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What a fence costs.
 *
 * @param cost of all of it; empty if a price is missing
 * @param aYear the cost over the years that it lasts, rounded half up; empty with beds, which last otherwise
 * @param hours of work by somebody who does it for the first time
 */
public record FenceCost(Optional<Money> cost, Optional<Money> aYear, double hours) {

    static FenceCost withBeds(PartTold before, PartTold after) {
        return new FenceCost(after.moreThan(before), Optional.empty(), after.hours() - before.hours());
    }

    static FenceCost of(PartTold before, PartTold after, int years) {
        Optional<Money> cost = after.moreThan(before);
        return new FenceCost(
                cost, cost.map(money -> money.dividedBy(years, RoundingMode.HALF_UP)), after.hours() - before.hours());
    }
}
