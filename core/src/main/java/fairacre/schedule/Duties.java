package fairacre.schedule;

import fairacre.crew.CrewKinds;
import fairacre.crew.KeptDay;
import fairacre.plan.Plan;
import fairacre.work.Caution;
import fairacre.work.PlannedTask;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is still to be done of the tasks of a season. */
final class Duties {

    private final WorkingDays days;
    private final Map<String, LocalDate> done;
    private final Map<String, LocalDate> kept;
    private final Arrivals arrivals;
    private final Machines machines;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<Duty> duties = new ArrayList<>();

    private Duties(Plan plan, WorkingDays days, Map<String, LocalDate> done, Arrivals arrivals, Machines machines) {
        this.machines = machines;
        this.days = days;
        this.done = done;
        this.arrivals = arrivals;
        this.kept = plan.list(CrewKinds.KEPT_DAYS).stream()
                .collect(Collectors.toMap(KeptDay::task, KeptDay::day, (first, second) -> second));
    }

    /**
     * @param tasks in an order in which they can be done
     * @param done the days on which tasks were done, by their keys
     */
    static List<Duty> of(
            Plan plan,
            WorkingDays days,
            List<PlannedTask> tasks,
            Map<String, LocalDate> done,
            Arrivals arrivals,
            Machines machines) {
        Duties duties = new Duties(plan, days, done, arrivals, machines);
        tasks.stream().filter(task -> !done.containsKey(task.key())).forEach(duties::add);
        return duties.duties;
    }

    private void add(PlannedTask task) {
        // A day that has gone by settles nothing any more.
        Optional<Integer> settled =
                Optional.ofNullable(kept.get(task.key())).map(days::day).filter(day -> day >= 0);
        Optional<Integer> wanted = task.day().map(days::day);
        Optional<Arrivals.Arrival> arrival = arrivals.before(task.stage()).filter(each -> arrives(each) > 0);
        int wish = settled.or(() -> wanted).orElse(0);
        numbers.put(task.key(), duties.size());
        duties.add(new Duty(
                task.key(),
                new Demand(task.stage(), task.rate().people(), task.place(), Caution.SAW.isFor(task), task.lift()),
                Math.max(SHORTEST, task.hours() * WorkingDays.HOUR),
                Math.min(
                        WorkingDays.DAYS,
                        Math.max(0, Math.max(wish, arrival.map(this::arrives).orElse(0)))),
                settled.isPresent(),
                wanted,
                arrival,
                machines.booked(task.stage(), days),
                task.waits().stream()
                        .flatMap(wait -> wait.tasks().stream().map(first -> before(first, wait)))
                        .toList()));
    }

    /** The day on which it is there, the last one of all if that is not known. */
    private int arrives(Arrivals.Arrival arrival) {
        return arrival.day().map(days::day).orElse(WorkingDays.DAYS);
    }

    /** Minutes that everything takes. */
    private static final double SHORTEST = 1;

    private Duty.Before before(String first, PlannedTask.Wait wait) {
        return new Duty.Before(
                first,
                Optional.ofNullable(numbers.get(first)),
                wait.cure(),
                Optional.ofNullable(done.get(first)).map(days::day).orElse(0));
    }
}
