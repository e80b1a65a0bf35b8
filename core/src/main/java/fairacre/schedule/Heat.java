package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.crew.Worker;
import fairacre.plan.Plan;
import fairacre.water.WaterKinds;
import fairacre.work.Caution;
import fairacre.work.PlannedTask;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Hot days, by the normals of the month, and who does heavy work on them for longer than is good for them. Where nobody
 * has told the normals of the weather no day is hot.
 */
final class Heat {

    /** So long somebody does heavy work on a hot day: half of a day's work, a rule of thumb. */
    static final int MOST_HOURS = 4;

    /** What makes one sweat: digging, carrying and shovelling. */
    private static final Set<Stage> HEAVY =
            EnumSet.of(Stage.CLEARING, Stage.DIGGING, Stage.BASE, Stage.FILL, Stage.SURFACES, Stage.MULCH);

    private final Plan plan;

    Heat(Plan plan) {
        this.plan = plan;
    }

    boolean isHot(LocalDate day) {
        return plan.list(WaterKinds.CLIMATES).stream()
                .anyMatch(
                        climate -> climate.months().get(day.getMonthValue() - 1).highest() >= Caution.HOT);
    }

    /** Hot days on which somebody does heavy work for too long, with the minutes of it. */
    Map<UUID, Map<LocalDate, Integer>> tooLong(WorkCalendar calendar, Collection<PlannedTask> tasks) {
        Set<String> heavy = tasks.stream()
                .filter(task -> HEAVY.contains(task.stage()))
                .map(PlannedTask::key)
                .collect(Collectors.toSet());
        Map<UUID, Map<LocalDate, Integer>> minutes = new TreeMap<>();
        calendar.stints().stream()
                .filter(stint -> heavy.contains(stint.task()) && isHot(stint.day()))
                .forEach(stint -> stint.workers()
                        .forEach(worker -> minutes.computeIfAbsent(worker, unknown -> new TreeMap<>())
                                .merge(stint.day(), stint.minutes(), Integer::sum)));
        Map<UUID, Map<LocalDate, Integer>> tooLong = new LinkedHashMap<>();
        minutes.forEach((worker, days) -> {
            days.values().removeIf(each -> each <= MOST_HOURS * WorkingDays.HOUR);
            if (!days.isEmpty()) {
                tooLong.put(worker, days);
            }
        });
        return tooLong;
    }

    /** Days within a year of a first one on which somebody is there for longer than that while it is hot. */
    List<LocalDate> longDays(LocalDate first, Worker worker) {
        return first.datesUntil(first.plusYears(1))
                .filter(day -> isHot(day) && worker.hours(day) > MOST_HOURS)
                .toList();
    }
}
