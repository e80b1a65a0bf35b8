package fairacre.schedule;

import fairacre.crew.CrewKinds;
import fairacre.crew.KeptDay;
import fairacre.crew.WorkSeason;
import fairacre.plan.Plan;
import fairacre.schedule.WorkCalendar.Hired;
import fairacre.schedule.WorkCalendar.Placed;
import fairacre.schedule.WorkCalendar.Trouble;
import fairacre.schedule.WorkCalendar.Unplaced;
import fairacre.work.PlannedTask;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What is wrong with a calendar. */
final class Flaws {

    private final WorkCalendar calendar;
    private final List<KeptDay> kept;
    private final Optional<Integer> past;
    private final Map<UUID, Map<LocalDate, Integer>> inHeat;

    /** @param season in which the work is planned */
    Flaws(Plan plan, int season, WorkCalendar calendar, Collection<PlannedTask> tasks) {
        this.calendar = calendar;
        this.inHeat = new Heat(plan).tooLong(calendar, tasks);
        this.kept = plan.list(CrewKinds.KEPT_DAYS);
        this.past = CrewKinds.workOf(plan, season)
                .flatMap(WorkSeason::ends)
                .flatMap(ends -> calendar.finish().map(finish -> (int) ChronoUnit.DAYS.between(ends, finish)))
                .filter(days -> days > 0);
    }

    WorkCalendar calendar() {
        return calendar;
    }

    /** What can't be done for a reason of its own, by the reason. */
    Map<Trouble, List<Unplaced>> undone() {
        Map<Trouble, List<Unplaced>> undone = new EnumMap<>(Trouble.class);
        calendar.unplaced().stream()
                .filter(each -> each.why() != Trouble.WAITS)
                .forEach(each -> undone.computeIfAbsent(each.why(), unknown -> new ArrayList<>())
                        .add(each));
        return undone;
    }

    /** By so many days the work ends later than it is to. */
    Optional<Integer> past() {
        return past;
    }

    /** What begins a week and more after the day on which it is wanted, the latest first. */
    List<Placed> late() {
        return calendar.tasks().stream()
                .filter(task -> task.late() > 0)
                .sorted(Comparator.comparingInt(Placed::late).reversed().thenComparing(Placed::task))
                .toList();
    }

    /** A task that begins after the day for which it is settled. */
    record Unkept(KeptDay kept, Placed placed) {
        int days() {
            return (int) ChronoUnit.DAYS.between(kept.day(), placed.first());
        }
    }

    List<Unkept> unkept() {
        return kept.stream()
                .flatMap(each -> calendar.tasks().stream()
                        .filter(task -> task.kept()
                                && task.task().equals(each.task())
                                && task.first().isAfter(each.day()))
                        .map(task -> new Unkept(each, task)))
                .toList();
    }

    /** Machines that are booked for days without work. */
    List<Hired> idle() {
        return calendar.hires().stream()
                .filter(hired -> !hired.idle().isEmpty())
                .toList();
    }

    /** Hot days on which somebody does heavy work for too long, with the minutes of it. */
    Map<UUID, Map<LocalDate, Integer>> inHeat() {
        return inHeat;
    }

    /** All of them, to be compared with those of another calendar. */
    List<Flaw> all() {
        List<Flaw> all = new ArrayList<>();
        undone().forEach((why, which) -> all.add(new Flaw(ScheduleRule.WORK_UNDONE, why.name(), which.size())));
        past().ifPresent(days -> all.add(new Flaw(ScheduleRule.WORK_PAST_END, "", days)));
        late().forEach(task -> all.add(new Flaw(ScheduleRule.WORK_TOO_LATE, task.task(), task.late())));
        unkept().forEach(each ->
                all.add(new Flaw(ScheduleRule.SETTLED_TOO_EARLY, each.kept().task(), each.days())));
        inHeat.forEach(
                (worker, days) -> all.add(new Flaw(ScheduleRule.NO_REST_IN_HEAT, worker.toString(), days.size())));
        idle().forEach(hired -> all.add(new Flaw(
                ScheduleRule.HIRE_IDLE, hired.hire().toString(), hired.idle().size())));
        return all;
    }
}
