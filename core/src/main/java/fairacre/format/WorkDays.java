package fairacre.format;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.Delivery;
import fairacre.crew.Hire;
import fairacre.crew.Worker;
import fairacre.plan.Plan;
import fairacre.schedule.WorkCalendar;
import fairacre.schedule.WorkCalendar.Stint;
import fairacre.wear.Reminder;
import fairacre.work.PlannedTask;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Summary;

/**
 * The work of a season as a calendar: an event for each day on which something is done, for each delivery, each day on
 * which a machine is booked, and each reminder, all day long. What others bring, and what is easily forgotten, rings
 * the evening before.
 */
public final class WorkDays {

    /** Before the beginning of the day. */
    private static final Duration EVENING_BEFORE = Duration.ofHours(-6);

    private final Map<String, PlannedTask> tasks;
    private final Map<UUID, String> workers;

    private WorkDays(Plan plan, List<PlannedTask> tasks) {
        this.tasks = tasks.stream().collect(Collectors.toMap(PlannedTask::key, Function.identity()));
        this.workers = plan.list(CrewKinds.WORKERS).stream().collect(Collectors.toMap(Worker::id, Worker::name));
    }

    /**
     * @param tasks of the season
     * @param reminders of the season
     * @param now when it was made
     */
    public static byte[] of(
            Plan plan,
            int season,
            List<PlannedTask> tasks,
            WorkCalendar calendar,
            List<Reminder> reminders,
            Instant now) {
        WorkDays days = new WorkDays(plan, tasks);
        Map<LocalDate, List<Stint>> ofDay = calendar.stints().stream()
                .collect(Collectors.groupingBy(Stint::day, TreeMap::new, Collectors.toList()));
        return CalendarFile.of(
                "Garden work",
                Stream.of(
                                ofDay.entrySet().stream()
                                        .map(each -> days.event(plan, each.getKey(), each.getValue(), now)),
                                plan.list(CrewKinds.DELIVERIES).stream()
                                        .filter(delivery -> delivery.season() == season)
                                        .map(delivery -> event(plan, delivery, now)),
                                plan.list(CrewKinds.HIRES).stream()
                                        .filter(hire -> hire.season() == season)
                                        .flatMap(
                                                hire -> hire.booked().stream().map(day -> event(plan, hire, day, now))),
                                reminders.stream().map(reminder -> event(plan, season, reminder, now)))
                        .flatMap(each -> each)
                        .toList());
    }

    private static VEvent event(Plan plan, Delivery delivery, Instant now) {
        return ringing(
                plan.id() + " delivery " + delivery.id(),
                delivery.day(),
                "Comes for " + plan.name() + ": " + delivery.name(),
                "Waits for it: " + labels(delivery.stages()),
                now);
    }

    private static VEvent event(Plan plan, Hire hire, LocalDate day, Instant now) {
        return ringing(
                plan.id() + " hire " + hire.id() + " " + day,
                day,
                "Hired for " + plan.name() + ": " + hire.name(),
                "Done with it: " + labels(hire.stages()),
                now);
    }

    private static VEvent event(Plan plan, int season, Reminder reminder, Instant now) {
        return ringing(
                plan.id() + " reminder " + season + " " + reminder.key(),
                reminder.day(),
                reminder.words() + ": " + plan.name(),
                reminder.about(),
                now);
    }

    private static String labels(List<Stage> stages) {
        return stages.stream().map(Stage::label).collect(Collectors.joining(", "));
    }

    private static VEvent ringing(String uid, LocalDate day, String summary, String about, Instant now) {
        VEvent event = new VEvent(false);
        event.add(CalendarFile.uid(uid));
        event.add(new DtStamp(now));
        event.add(new DtStart<>(day));
        event.add(new Summary(summary));
        event.add(new Description(about));
        VAlarm alarm = new VAlarm(EVENING_BEFORE);
        alarm.add(new Action(Action.VALUE_DISPLAY));
        alarm.add(new Description(summary));
        event.add(alarm);
        return event;
    }

    private VEvent event(Plan plan, LocalDate day, List<Stint> stints, Instant now) {
        VEvent event = new VEvent(false);
        event.add(CalendarFile.uid(plan.id() + " work " + day));
        event.add(new DtStamp(now));
        event.add(new DtStart<>(day));
        event.add(new Summary("Garden work, " + plan.name() + ": "
                + stints.stream()
                        .flatMap(stint -> stint.workers().stream())
                        .distinct()
                        .map(workers::get)
                        .collect(Collectors.joining(", "))));
        event.add(new Description(stints.stream().map(this::line).collect(Collectors.joining("\n"))));
        return event;
    }

    /** "1:05 to 2:05, Ada, Bo: Hanging mesh, North fence". */
    private String line(Stint stint) {
        PlannedTask task = tasks.get(stint.task());
        return stint.span() + ", " + stint.workers().stream().map(workers::get).collect(Collectors.joining(", ")) + ": "
                + task.words();
    }
}
