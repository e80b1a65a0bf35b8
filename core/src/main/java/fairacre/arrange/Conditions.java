package fairacre.arrange;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * What every layout must keep to besides being sound.
 *
 * @param budget that frames and fill of a layout may cost; what has no price is not counted
 * @param leastBeds in the rectangle, those that stay among them
 * @param mostBeds the same
 * @param widest no bed is wider, 0.3 to 4 m
 * @param keep beds that stay as they are, with a walk round them
 * @param leaveOut manners that are not tried
 */
public record Conditions(
        Optional<Money> budget,
        Optional<Integer> leastBeds,
        Optional<Integer> mostBeds,
        Optional<Length> widest,
        List<UUID> keep,
        List<LayoutKind> leaveOut) {

    public static final Conditions NONE = new Conditions(null, null, null, null, null, null);

    private static final Length NARROWEST = Length.metres(0.3);
    private static final Length WIDEST = Length.metres(4);

    public Conditions {
        budget = budget == null ? Optional.empty() : budget;
        leastBeds = leastBeds == null ? Optional.empty() : leastBeds;
        mostBeds = mostBeds == null ? Optional.empty() : mostBeds;
        widest = widest == null ? Optional.empty() : widest;
        keep = keep == null ? List.of() : List.copyOf(keep);
        leaveOut = leaveOut == null ? List.of() : List.copyOf(leaveOut);
        leastBeds.ifPresent(count -> Limits.between(count, 1, Limits.MOST_BEDS, "conditions/leastBeds"));
        mostBeds.ifPresent(count -> Limits.between(count, 1, Limits.MOST_BEDS, "conditions/mostBeds"));
        widest.ifPresent(width -> Limits.between(width, NARROWEST, WIDEST, "conditions/widest"));
        budget.filter(Money::isNegative).ifPresent(sum -> {
            throw new RefusedException("conditions/budget", "a sum is less than nothing", "give 0 or more");
        });
        if (leastBeds.isPresent() && mostBeds.isPresent() && leastBeds.get() > mostBeds.get()) {
            throw new RefusedException(
                    "conditions/mostBeds", "that is fewer than at least", "give " + leastBeds.get() + " or more");
        }
    }

    /** Whether a layout has as many beds and costs as little as it must. */
    boolean take(int beds, Money cost) {
        return leastBeds.filter(least -> beds < least).isEmpty()
                && mostBeds.filter(most -> beds > most).isEmpty()
                && budget.filter(sum -> sum.getCurrencyUnit().equals(cost.getCurrencyUnit()) && cost.isGreaterThan(sum))
                        .isEmpty();
    }

    /** How far in a bed is reached at most so that it is no wider, metres. */
    double half(double reach) {
        return widest.map(width -> Math.min(reach, width.metres() / 2)).orElse(reach);
    }

    /** How wide a bed is at most, metres. */
    double whole(double width) {
        return widest.map(most -> Math.min(width, most.metres())).orElse(width);
    }
}
