package fairacre.crew;

import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.UUID;

/**
 * How long a kind of work takes, as the gardener says it: in the place of the program's guess and of what was timed.
 *
 * @param rate key of a rate of the program
 * @param minutes for one of its unit, of all who work on it together; 0.01 to 6000
 */
public record OwnRate(UUID id, String rate, double minutes) {

    private static final double SHORTEST = 0.01;
    private static final double LONGEST = 6000;

    public OwnRate {
        Limits.present(id, "id");
        String key = Limits.present(rate, "rate");
        if (WorkRates.all().map(WorkRate::key).noneMatch(key::equals)) {
            throw new RefusedException(
                    "rate", "there is no work that is reckoned as \"" + key + "\"", "choose another");
        }
        Limits.between(minutes, SHORTEST, LONGEST, "minutes");
    }
}
