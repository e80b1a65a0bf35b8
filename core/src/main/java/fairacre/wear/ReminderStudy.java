package fairacre.wear;

import fairacre.frost.FrostDates;
import fairacre.frost.FrostKinds;
import fairacre.frost.FrostSpread;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.water.WaterKinds;
import fairacre.wear.Worn.State;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What is to be thought of in a season besides the work: what to look at in spring because of its age, and draining the
 * pipes before the frost.
 */
public final class ReminderStudy {

    /** The first days of spring, north and south of the equator (meteorological seasons). */
    private static final MonthDay NORTH = MonthDay.of(3, 1);

    private static final MonthDay SOUTH = MonthDay.of(9, 1);
    /** So many days before it may freeze the pipes are drained (common practice). */
    private static final int BEFORE_FROST = 7;

    private ReminderStudy() {}

    /**
     * In order of days.
     *
     * @param parts what there is in the season and wears out
     */
    public static List<Reminder> of(Plan plan, int season, List<Worn> parts) {
        List<Reminder> reminders = new ArrayList<>();
        String old = parts.stream()
                .filter(worn -> worn.state() != State.GOOD)
                .map(worn -> worn.part() + " of " + worn.name() + ", " + seasons(worn.age()))
                .collect(Collectors.joining("; "));
        if (!old.isEmpty()) {
            LocalDate spring = in(plan, season, plan.site().latitude() < 0 ? SOUTH : NORTH);
            reminders.add(new Reminder("spring", spring, "Look at what is old", old));
        }
        frost(plan)
                .filter(known -> isWatered(plan, season))
                .map(day -> in(plan, season, day).minusDays(BEFORE_FROST))
                .filter(day -> Plan.season(day, plan.yearBegins()) == season)
                .ifPresent(day -> reminders.add(new Reminder(
                        "drain",
                        day,
                        "Drain the pipes before it freezes",
                        "In one year of ten it freezes within a week")));
        reminders.sort((one, other) -> one.day().compareTo(other.day()));
        return List.copyOf(reminders);
    }

    private static String seasons(int age) {
        return age == 1 ? "1 season old" : age + " seasons old";
    }

    private static LocalDate in(Plan plan, int season, MonthDay day) {
        LocalDate begins = plan.yearBegins().atYear(season);
        LocalDate same = day.atYear(season);
        return same.isBefore(begins) ? day.atYear(season + 1) : same;
    }

    /** The first frost of autumn, as early as it comes in one year of ten. */
    private static Optional<MonthDay> frost(Plan plan) {
        return FrostKinds.frosts(plan).flatMap(FrostDates::first).map(FrostSpread::early);
    }

    private static boolean isWatered(Plan plan, int season) {
        return !WaterKinds.runs(plan, season).isEmpty()
                || !WaterKinds.linesOf(
                                plan,
                                season,
                                plan.standing(season).stream()
                                        .map(StandingBed::id)
                                        .toList())
                        .isEmpty();
    }
}
