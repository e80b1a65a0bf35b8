package fairacre.bill;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What of a budget is meant for a part of the work, or for a season: one of them.
 *
 * @param amount zero or more
 */
public record Share(Optional<BillPart> part, Optional<Integer> season, Money amount) {

    public Share {
        part = part == null ? Optional.empty() : part;
        season = season == null ? Optional.empty() : season;
        season.ifPresent(year -> Limits.season(year, "season"));
        if (part.isPresent() == season.isPresent()) {
            throw new RefusedException(
                    "part", "it has to be for a part of the work or for a season", "give one of them");
        }
        Amounts.check(amount, "amount");
    }

    public static Share of(BillPart part, Money amount) {
        return new Share(Optional.of(part), Optional.empty(), amount);
    }

    public static Share of(int season, Money amount) {
        return new Share(Optional.empty(), Optional.of(season), amount);
    }

    /** Whether it is for the same part or season as another. */
    boolean rivals(Share other) {
        return part.equals(other.part) && season.equals(other.season);
    }
}
