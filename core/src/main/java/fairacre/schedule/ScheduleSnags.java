package fairacre.schedule;

import fairacre.bill.Bill;
import fairacre.cost.CostStudy;
import fairacre.crew.CrewKinds;
import fairacre.crew.Hire;
import fairacre.crew.Worker;
import fairacre.journal.Progress;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.ledger.Payments;
import fairacre.ledger.ToBuy;
import fairacre.plan.Plan;
import fairacre.schedule.Flaws.Unkept;
import fairacre.schedule.WorkCalendar.Hired;
import fairacre.schedule.WorkCalendar.Placed;
import fairacre.schedule.WorkCalendar.Trouble;
import fairacre.schedule.WorkCalendar.Unplaced;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * What of a season's work can't be done, or not in time. Judged where somebody is put down for work; whether all of it
 * can be done in time is judged only in a season for which the gardener has said how its work is planned.
 */
final class ScheduleSnags {

    private final SnagContext context;
    private final Plan plan;
    private final int season;
    private final Progress progress;
    private final List<PlannedTask> tasks;
    private final Map<String, PlannedTask> byKey;

    ScheduleSnags(SnagContext context) {
        this.context = context;
        this.plan = context.plan();
        this.season = context.season();
        this.progress = context.study(Progress.class);
        this.tasks = plan.list(CrewKinds.WORKERS).isEmpty()
                ? List.of()
                : WorkStudy.of(CostStudy.of(plan, context.memo()), season, Pace.of(plan, progress.learned()))
                        .tasks();
        this.byKey = tasks.stream().collect(Collectors.toMap(PlannedTask::key, Function.identity()));
    }

    List<Snag> find() {
        if (tasks.isEmpty()) {
            return List.of();
        }
        Flaws flaws = flaws(plan);
        ScheduleRemedies remedies = new ScheduleRemedies(plan, season, flaws, this::flaws);
        List<Snag> snags = new ArrayList<>();
        if (CrewKinds.workOf(plan, season).isPresent()) {
            flaws.undone().forEach((why, which) -> snags.add(undone(why, which, remedies)));
            flaws.past().ifPresent(days -> snags.add(pastEnd(days, remedies, flaws.calendar())));
            if (!flaws.late().isEmpty()) {
                snags.add(late(flaws.late(), remedies));
            }
        }
        flaws.unkept().forEach(unkept -> snags.add(unkept(unkept, remedies)));
        flaws.inHeat().forEach((worker, days) -> snags.add(inHeat(worker, days, remedies, flaws.calendar())));
        flaws.idle().forEach(hired -> snags.add(idle(hired, remedies)));
        return snags;
    }

    private Flaws flaws(Plan some) {
        ToBuy toBuy = ToBuy.of(
                context.study(Bill.class), context.study(Payments.class).lines(), season);
        return new Flaws(
                some,
                season,
                CalendarStudy.of(some, season, tasks, progress.done(), toBuy, progress.today())
                        .atOnce(),
                tasks);
    }

    private Snag undone(Trouble why, List<Unplaced> which, ScheduleRemedies remedies) {
        Unplaced first = which.get(0);
        String words =
                tasksNamed(which.stream().map(Unplaced::task).toList()) + " can't be done: " + reason(why, first);
        return snag(
                        ScheduleRule.WORK_UNDONE,
                        Weight.SERIOUS,
                        words,
                        () -> remedies.undone(
                                why, first, byKey.get(first.task()).stage()))
                .by(which.size());
    }

    private String reason(Trouble why, Unplaced which) {
        return switch (why) {
            case NOBODY -> "nobody is put down for work.";
            case TOO_FEW ->
                "it takes " + which.needed() + " people, and "
                        + (which.people() == 0
                                ? "nobody does"
                                : which.people() == 1 ? "one does" : which.people() + " do")
                        + " such work.";
            case TOO_HEAVY ->
                which.lift()
                                .map(lift -> lift.what() + " weighs "
                                        + context.wording().mass(lift.kilograms()))
                                .orElse("something is lifted for it")
                        + ", more than those who do it lift together.";
            case NO_MACHINE -> which.machine().orElse("what is hired for it") + " is not booked for long enough.";
            case NO_MONEY -> "not enough money comes in for it in the season.";
            case NO_TIME -> "nobody has time for it within a year.";
            case WAITS -> "it waits for something that can't be done.";
        };
    }

    private Snag pastEnd(int days, ScheduleRemedies remedies, WorkCalendar calendar) {
        String finish = Wording.day(calendar.finish().orElseThrow());
        return snag(
                        ScheduleRule.WORK_PAST_END,
                        Weight.WARNING,
                        "The work ends on " + finish + ", " + days(days) + " after the day on which it is to be over.",
                        () -> remedies.pastEnd(calendar.finish().orElseThrow()))
                .by(days);
    }

    private Snag late(List<Placed> late, ScheduleRemedies remedies) {
        Placed worst = late.get(0);
        String words = late.size() == 1
                ? named(worst.task()) + " begins " + days(worst.late()) + " after its day."
                : late.size() + " tasks begin a week or more after their days, " + named(worst.task()) + " by "
                        + days(worst.late()) + ".";
        return snag(ScheduleRule.WORK_TOO_LATE, Weight.WARNING, words, () -> remedies.late(late))
                .by(worst.late());
    }

    private Snag unkept(Unkept unkept, ScheduleRemedies remedies) {
        return snag(
                        ScheduleRule.SETTLED_TOO_EARLY,
                        Weight.WARNING,
                        named(unkept.kept().task()) + " is settled for "
                                + Wording.day(unkept.kept().day()) + " and can't begin before "
                                + Wording.day(unkept.placed().first()) + ".",
                        () -> remedies.unkept(unkept))
                .by(unkept.days());
    }

    private Snag inHeat(UUID id, Map<LocalDate, Integer> days, ScheduleRemedies remedies, WorkCalendar calendar) {
        Worker worker = plan.list(CrewKinds.WORKERS).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
        LocalDate first = days.keySet().iterator().next();
        int longest = Collections.max(days.values());
        return snag(
                        ScheduleRule.NO_REST_IN_HEAT,
                        Weight.WARNING,
                        worker.name() + " digs, carries or shovels for up to " + clock(longest) + " on "
                                + days(days.size()) + " on which it is usually hot, first on " + Wording.day(first)
                                + ".",
                        () -> remedies.inHeat(worker, calendar.begins()))
                .by(days.size());
    }

    private Snag idle(Hired hired, ScheduleRemedies remedies) {
        Hire hire = plan.list(CrewKinds.HIRES).stream()
                .filter(each -> each.id().equals(hired.hire()))
                .findFirst()
                .orElseThrow();
        String on = hired.idle().stream().map(Wording::day).collect(Collectors.joining(", "));
        return snag(
                        ScheduleRule.HIRE_IDLE,
                        Weight.NOTE,
                        hire.name() + " is booked for " + on + ", and there is no work for it then.",
                        () -> remedies.idle(hire, hired))
                .by(hired.idle().size());
    }

    private Snag snag(ScheduleRule rule, Weight weight, String words, Supplier<List<Remedy>> remedies) {
        return Snag.of(rule, weight, words, Optional.empty(), List.of(), List.of(), context.remedies(remedies));
    }

    /** "Hanging mesh, North fence, and 2 more tasks". */
    private String tasksNamed(List<String> keys) {
        int more = keys.size() - 1;
        return named(keys.get(0)) + (more == 0 ? "" : " and " + more + (more == 1 ? " more task" : " more tasks"));
    }

    private String named(String key) {
        return byKey.get(key).words();
    }

    /** "5 h 30 min". */
    private static String clock(int minutes) {
        int hours = minutes / WorkingDays.HOUR;
        int rest = minutes % WorkingDays.HOUR;
        return hours + " h" + (rest == 0 ? "" : " " + rest + " min");
    }

    private static String days(int days) {
        return days == 1 ? "1 day" : days + " days";
    }
}
