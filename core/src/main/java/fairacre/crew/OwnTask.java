package fairacre.crew;

import fairacre.bill.Acquired;
import fairacre.bill.Amounts;
import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.bill.Sundry;
import fairacre.bill.WorkRate;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * A task that the plan does not make: what the gardener adds, for a season or for later.
 *
 * @param season in which it is done; empty for a wish without a date
 * @param stage of the work, which says what it comes before and after
 * @param hours of all who do it together, 0.1 to 1000
 * @param people who have to be there at once, 1 to 4
 * @param day before which it is not done, in its season; empty where any will do
 * @param place the bed, or whatever else on the plot, that it is done for; empty for the whole garden
 * @param cost roughly, in the garden's currency; on the bill once there is a season
 */
public record OwnTask(
        UUID id,
        String name,
        Optional<Integer> season,
        Stage stage,
        double hours,
        int people,
        Optional<LocalDate> day,
        Optional<UUID> place,
        Optional<Money> cost) {

    private static final double SHORTEST = 0.1;
    private static final double LONGEST = 1000;
    private static final int MOST_PEOPLE = 4;
    private static final double MINUTES_PER_HOUR = 60;

    public OwnTask {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        season = season == null ? Optional.empty() : season;
        season.ifPresent(year -> Limits.season(year, "season"));
        Limits.present(stage, "stage");
        Limits.between(hours, SHORTEST, LONGEST, "hours");
        Limits.between(people, 1, MOST_PEOPLE, "people");
        day = day == null ? Optional.empty() : day;
        place = place == null ? Optional.empty() : place;
        cost = cost == null ? Optional.empty() : cost;
        cost.ifPresent(amount -> Amounts.check(amount, "cost"));
        if (day.isPresent() && season.isEmpty()) {
            throw new RefusedException(
                    "day", "a task for later has no day", "give it a season, or leave the day empty");
        }
        if (day.isPresent()) {
            Limits.between(day.get().getYear(), season.get(), season.get() + 1, "day");
        }
    }

    /** How long it takes, as a rate: one of it. */
    WorkRate rate() {
        return new WorkRate("own/" + id, name, hours * MINUTES_PER_HOUR, "task", "your own", stage, people);
    }

    /** What is paid for it in its season. */
    Optional<Sundry> paid() {
        return season.flatMap(year -> cost.map(amount ->
                new Sundry(id, name, year, BillPart.OTHER, BigDecimal.ONE, Optional.of(amount), Acquired.BOUGHT)));
    }

    /** The same in another season, on no day of it. */
    OwnTask inSeason(int other) {
        return new OwnTask(id, name, Optional.of(other), stage, hours, people, Optional.empty(), place, cost);
    }
}
