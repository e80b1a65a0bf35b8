package fairacre.crew;

import fairacre.bill.Stage;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Somebody who works on the garden.
 *
 * @param hours on each day of the week, Monday first, 0 to 12
 * @param visits days on which the hours are others than those of the weekday; a helper has only such days
 * @param away from when to when they are not there; a visit in such a time counts
 * @param pace 1 for somebody who takes as long as the rates say, 0.5 for one who takes twice as long; 0.25 to 2
 * @param leaves stages of the work that they leave to others, each once
 * @param ability empty for somebody who can do everything
 */
public record Worker(
        UUID id,
        String name,
        List<Double> hours,
        List<Visit> visits,
        List<Absence> away,
        double pace,
        List<Stage> leaves,
        Optional<Ability> ability) {

    public static final double MOST_HOURS = 12;
    private static final int DAYS = 7;
    private static final int MOST_VISITS = 100;
    private static final int MOST_ABSENCES = 30;
    private static final double SLOWEST = 0.25;
    private static final double FASTEST = 2;

    public Worker {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        hours = List.copyOf(Limits.present(hours, "hours"));
        if (hours.size() != DAYS) {
            throw new RefusedException(
                    "hours", "there are " + hours.size() + " days", "give the hours of all seven, Monday first");
        }
        for (int day = 0; day < DAYS; day++) {
            Limits.between(hours.get(day), 0, MOST_HOURS, "hours/" + day);
        }
        visits = visits == null ? List.of() : List.copyOf(visits);
        Limits.atMost(MOST_VISITS, visits, "visits");
        onceEach(visits.stream().map(Visit::day).toList());
        away = away == null ? List.of() : List.copyOf(away);
        Limits.atMost(MOST_ABSENCES, away, "away");
        Limits.between(pace, SLOWEST, FASTEST, "pace");
        leaves =
                leaves == null ? List.of() : leaves.stream().distinct().sorted().toList();
        ability = ability == null ? Optional.empty() : ability;
    }

    /** Somebody who can do everything. */
    public Worker(
            UUID id,
            String name,
            List<Double> hours,
            List<Visit> visits,
            List<Absence> away,
            double pace,
            List<Stage> leaves) {
        this(id, name, hours, visits, away, pace, leaves, Optional.empty());
    }

    /** The same, who does a stage of the work that they left to others. */
    public Worker notLeaving(Stage stage) {
        return new Worker(
                id,
                name,
                hours,
                visits,
                away,
                pace,
                leaves.stream().filter(each -> each != stage).toList(),
                ability);
    }

    /** The same with so many hours on some days; empty where that are more days than may have hours of their own. */
    public Optional<Worker> withHoursOn(Collection<LocalDate> days, double hoursOfEach) {
        List<Visit> changed = Stream.concat(
                        visits.stream().filter(visit -> !days.contains(visit.day())),
                        days.stream().map(day -> new Visit(day, hoursOfEach)))
                .sorted(Comparator.comparing(Visit::day))
                .toList();
        return changed.size() > MOST_VISITS
                ? Optional.empty()
                : Optional.of(new Worker(id, name, hours, changed, away, pace, leaves, ability));
    }

    /** What they can do, where nothing is said everything. */
    public Ability able() {
        return ability.orElse(Ability.ALL);
    }

    /** A day with hours of its own, 0 to 12. */
    public record Visit(LocalDate day, double hours) {
        public Visit {
            Limits.present(day, "day");
            Limits.season(day.getYear(), "day");
            Limits.between(hours, 0, MOST_HOURS, "hours");
        }
    }

    /** Days on which somebody is not there, the first and the last one counted in. */
    public record Absence(LocalDate from, LocalDate to) {
        public Absence {
            Limits.present(from, "from");
            Limits.present(to, "to");
            Limits.season(from.getYear(), "from");
            Limits.season(to.getYear(), "to");
            if (to.isBefore(from)) {
                throw new RefusedException("to", to + " is before " + from, "give the last day that they are away");
            }
        }

        boolean covers(LocalDate day) {
            return !day.isBefore(from) && !day.isAfter(to);
        }
    }

    private static void onceEach(Collection<LocalDate> days) {
        Set<LocalDate> seen = new HashSet<>();
        days.stream().filter(day -> !seen.add(day)).findFirst().ifPresent(day -> {
            throw new RefusedException("visits", day + " is there twice", "give each day once");
        });
    }

    /** Hours that they have on a day, if it does not rain. */
    public double hours(LocalDate day) {
        return visits.stream()
                .filter(visit -> visit.day().equals(day))
                .map(Visit::hours)
                .findFirst()
                .orElseGet(
                        () -> away.stream().anyMatch(absence -> absence.covers(day)) ? 0 : usual(day.getDayOfWeek()));
    }

    private double usual(DayOfWeek day) {
        return hours.get(day.getValue() - 1);
    }
}
