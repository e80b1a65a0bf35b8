package fairacre.schedule;

import fairacre.crew.Aim;
import fairacre.crew.CrewKinds;
import fairacre.crew.WorkSeason;
import fairacre.ledger.ToBuy;
import fairacre.plan.Plan;
import fairacre.work.Caution;
import fairacre.work.PlannedTask;
import fairacre.work.Tool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays the tasks of a season that are still to be done into the days of those who work. A plan without tasks, or one in
 * which nobody is put down for work, has a calendar in which nothing is done.
 */
public final class CalendarStudy {

    /** So many orders are tried for a better calendar. */
    private static final int TRIES = 600;
    /** Steps in which a week's work is tried, minutes. */
    private static final int WEEKLY_STEP = 15;

    private final Plan plan;
    private final Optional<WorkSeason> wish;
    private final List<PlannedTask> tasks;
    private final Map<String, LocalDate> done;
    private final LocalDate begins;
    private final Arrivals arrivals;
    private final Machines machines;
    private final Able able;

    private CalendarStudy(
            Plan plan, int season, List<PlannedTask> tasks, Map<String, LocalDate> done, ToBuy toBuy, LocalDate today) {
        this.plan = plan;
        this.arrivals = Arrivals.of(plan, season, toBuy);
        this.machines = Machines.of(plan, season);
        this.able = Able.of(plan, season);
        this.wish = CrewKinds.workOf(plan, season);
        this.tasks = List.copyOf(tasks);
        this.done = Map.copyOf(done);
        LocalDate first = wish.flatMap(WorkSeason::begins)
                .orElseGet(() -> plan.yearBegins().atYear(season));
        this.begins = first.isBefore(today) ? today : first;
    }

    /**
     * @param tasks of the season, in an order in which they can be done
     * @param done the days on which tasks were done, by their keys
     * @param toBuy what the season's things cost, which counts where money comes in only in the course of the season
     * @param today nothing is done before
     */
    public static CalendarStudy of(
            Plan plan, int season, List<PlannedTask> tasks, Map<String, LocalDate> done, ToBuy toBuy, LocalDate today) {
        return new CalendarStudy(plan, season, tasks, done, toBuy, today);
    }

    /** The calendar at once: in the order that was kept, if it ends earlier than by what follows each task. */
    public WorkCalendar atOnce() {
        return told(schedule(problem(Optional.empty())));
    }

    /** The same if it rains on a day. */
    public WorkCalendar inRain(LocalDate day) {
        return told(schedule(problem(Optional.of(day))));
    }

    /**
     * A calendar that was looked for.
     *
     * @param order keys of tasks in the order in which they are taken up; empty if the calendar at once is no worse
     * @param noSooner no calendar ends before that day; empty where not everything can be done
     */
    public record BetterCalendar(WorkCalendar calendar, List<String> order, Optional<LocalDate> noSooner) {
        public BetterCalendar {
            order = List.copyOf(order);
        }
    }

    /**
     * Looks for an order in which all ends earlier.
     *
     * @param goOn called at each try; may throw to stop
     */
    public BetterCalendar better(Runnable goOn) {
        Problem problem = problem(Optional.empty());
        ListSchedule start = early(problem);
        if (!start.isWhole()) {
            return new BetterCalendar(told(spread(start)), List.of(), Optional.empty());
        }
        Optional<AnnealedOrder.Better> better = AnnealedOrder.of(start, TRIES, goOn);
        ListSchedule best = better.map(AnnealedOrder.Better::schedule).orElse(start);
        int bound = Bound.of(problem, best.finish());
        return new BetterCalendar(
                told(spread(best)),
                better.map(found -> found.order().stream()
                                .map(i -> problem.duties().get(i).task())
                                .toList())
                        .orElse(List.of()),
                problem.duties().isEmpty() ? Optional.empty() : Optional.of(day(problem, bound)));
    }

    private static LocalDate day(Problem problem, int end) {
        return problem.days().date(Math.max(0, end - 1) / WorkingDays.DAY);
    }

    private Problem problem(Optional<LocalDate> rain) {
        return problem(WorkingDays.of(plan, begins, rain));
    }

    private Problem problem(WorkingDays days) {
        return new Problem(days, able, Duties.of(plan, days, tasks, done, arrivals, machines));
    }

    private ListSchedule schedule(Problem problem) {
        return spread(early(problem));
    }

    /** As early as can be said at once. */
    private ListSchedule early(Problem problem) {
        ListSchedule plain = ListSchedule.of(problem, problem.byWhatFollows());
        return bundled(kept(problem)
                .map(ranks -> ListSchedule.of(problem, ranks))
                .filter(kept -> kept.finish() < plain.finish())
                .orElse(plain));
    }

    /** With machines on the fewest days, where that is wished for. */
    private ListSchedule bundled(ListSchedule schedule) {
        return wish.flatMap(WorkSeason::aim)
                        .filter(aim -> aim == Aim.FEWEST_HIRE_DAYS)
                        .isPresent()
                ? machines.onFewestDays(schedule)
                : schedule;
    }

    private Optional<int[]> kept(Problem problem) {
        return wish.map(WorkSeason::order).filter(order -> !order.isEmpty()).map(order -> {
            Map<String, Integer> places = new HashMap<>();
            order.forEach(task -> places.put(task, places.size()));
            return problem.ranks(Comparator.comparingInt(
                    i -> places.getOrDefault(problem.duties().get(i).task(), order.size())));
        });
    }

    /**
     * The same work with the fewest hours a week with which it ends in time, where a day is wished for. If it can't end
     * in time at all, it is done as early as it can be.
     */
    private ListSchedule spread(ListSchedule early) {
        Problem problem = early.problem();
        Optional<LocalDate> ends = wish.flatMap(WorkSeason::ends);
        if (ends.isEmpty() || !early.isWhole() || day(problem, early.finish()).isAfter(ends.get())) {
            return early;
        }
        int[] ranks = ranks(problem, early);
        return IntStream.iterate(WEEKLY_STEP, weekly -> weekly <= busiest(early), weekly -> weekly + WEEKLY_STEP)
                .mapToObj(weekly -> ListSchedule.of(problem, ranks, weekly))
                .filter(spread ->
                        spread.isWhole() && !day(problem, spread.finish()).isAfter(ends.get()))
                .findFirst()
                .orElse(early);
    }

    /** By when each begins. */
    private static int[] ranks(Problem problem, ListSchedule schedule) {
        Map<Integer, Integer> begins = new HashMap<>();
        schedule.laid().forEach(piece -> begins.merge(piece.duty(), piece.begins(), Math::min));
        return problem.ranks(Comparator.comparing(begins::get));
    }

    /** The most minutes that anybody works in a week. */
    private static int busiest(ListSchedule schedule) {
        Map<List<Integer>, Integer> minutes = new HashMap<>();
        schedule.laid()
                .forEach(piece -> piece.team()
                        .workers()
                        .forEach(w -> minutes.merge(
                                List.of(w, schedule.problem().days().week(piece.day())),
                                piece.span().minutes(),
                                Integer::sum)));
        return minutes.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    private WorkCalendar told(ListSchedule schedule) {
        Problem problem = schedule.problem();
        Optional<LocalDate> finish =
                schedule.laid().isEmpty() ? Optional.empty() : Optional.of(day(problem, schedule.finish()));
        CalendarTold told = new CalendarTold(schedule, machines);
        return new WorkCalendar(
                begins,
                finish,
                inUsualRain(schedule),
                told.stints(),
                days(told.stints()),
                told.placed(),
                told.unplaced(),
                busiest(schedule) / (double) WorkingDays.HOUR,
                wish.flatMap(WorkSeason::ends).flatMap(ends -> finish.map(last -> !last.isAfter(ends))),
                machines.told(schedule));
    }

    /** What to mind on each day. */
    private List<WorkCalendar.Day> days(List<WorkCalendar.Stint> stints) {
        Heat heat = new Heat(plan);
        Map<String, PlannedTask> byKey = new HashMap<>();
        tasks.forEach(task -> byKey.put(task.key(), task));
        Map<LocalDate, List<PlannedTask>> ofDay = new TreeMap<>();
        stints.forEach(stint ->
                ofDay.computeIfAbsent(stint.day(), unknown -> new ArrayList<>()).add(byKey.get(stint.task())));
        return ofDay.entrySet().stream()
                .map(each -> new WorkCalendar.Day(
                        each.getKey(),
                        Tool.of(each.getValue()).stream().map(Tool::label).toList(),
                        Stream.concat(
                                        Caution.of(each.getValue()).stream(),
                                        heat.isHot(each.getKey()) ? Stream.of(Caution.HEAT) : Stream.of())
                                .map(Caution::text)
                                .toList()))
                .toList();
    }

    private Optional<LocalDate> inUsualRain(ListSchedule schedule) {
        return WorkingDays.withUsualRain(plan, begins)
                .map(this::problem)
                .map(wet -> bundled(
                        ListSchedule.of(wet, schedule.laid().isEmpty() ? wet.byWhatFollows() : order(wet, schedule))))
                .filter(wet -> wet.isWhole() && !wet.laid().isEmpty())
                .map(wet -> day(wet.problem(), wet.finish()));
    }

    private static int[] order(Problem wet, ListSchedule dry) {
        Map<Integer, Integer> begins = new HashMap<>();
        dry.laid().forEach(piece -> begins.merge(piece.duty(), piece.begins(), Math::min));
        return wet.ranks(Comparator.comparing(i -> begins.getOrDefault(i, Integer.MAX_VALUE)));
    }
}
