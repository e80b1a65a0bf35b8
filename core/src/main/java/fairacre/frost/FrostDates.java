package fairacre.frost;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Optional;
import java.util.UUID;

/**
 * When it freezes where the garden is.
 *
 * @param name where the days are from: "twenty years of my notes"
 * @param last frost of spring; empty, as the first of autumn is then, where it never freezes
 * @param first frost of autumn
 */
public record FrostDates(UUID id, String name, Optional<FrostSpread> last, Optional<FrostSpread> first) {

    public FrostDates {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        last = last == null ? Optional.empty() : last;
        first = first == null ? Optional.empty() : first;
        if (last.isPresent() != first.isPresent()) {
            throw new RefusedException(
                    last.isPresent() ? "first" : "last",
                    "only one of the two frosts is told",
                    "give both, or neither where it never freezes");
        }
        if (last.isPresent()) {
            follows(last.get(), first.get());
        }
    }

    /** Both in turn are once round the year. */
    private static void follows(FrostSpread spring, FrostSpread autumn) {
        int round = FrostSpread.days(spring.early(), spring.middle())
                + FrostSpread.days(spring.middle(), spring.late())
                + FrostSpread.days(spring.late(), autumn.early())
                + FrostSpread.days(autumn.early(), autumn.middle())
                + FrostSpread.days(autumn.middle(), autumn.late())
                + FrostSpread.days(autumn.late(), spring.early());
        if (round != FrostSpread.DAYS) {
            throw new RefusedException(
                    "first",
                    "in one year of ten it would come before the last frost of spring",
                    "give a later day, or an earlier one for the last frost");
        }
    }
}
