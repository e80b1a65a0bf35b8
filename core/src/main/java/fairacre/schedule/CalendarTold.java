package fairacre.schedule;

import fairacre.crew.Worker;
import fairacre.schedule.ListSchedule.Laid;
import fairacre.schedule.WorkCalendar.Cause;
import fairacre.schedule.WorkCalendar.Held;
import fairacre.schedule.WorkCalendar.Placed;
import fairacre.schedule.WorkCalendar.Stint;
import fairacre.schedule.WorkCalendar.Trouble;
import fairacre.schedule.WorkCalendar.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** What is told of a calendar. */
final class CalendarTold {

    /**
     * So many days after the one on which it is wanted something is late: nobody plants to the day (common practice).
     */
    private static final int LATE = 7;

    private final ListSchedule schedule;
    private final Problem problem;
    private final WorkingDays days;
    private final Machines machines;
    /** By duty, in order of time. */
    private final Map<Integer, List<Laid>> pieces = new TreeMap<>();

    CalendarTold(ListSchedule schedule, Machines machines) {
        this.machines = machines;
        this.schedule = schedule;
        this.problem = schedule.problem();
        this.days = problem.days();
        schedule.laid().stream()
                .sorted(Comparator.comparingInt(Laid::begins))
                .forEach(piece -> pieces.computeIfAbsent(piece.duty(), unknown -> new ArrayList<>())
                        .add(piece));
    }

    /** Day by day; pieces of a task that follow each other are one. */
    List<Stint> stints() {
        List<Laid> joined = new ArrayList<>();
        schedule.laid().stream()
                .sorted(Comparator.<Laid>comparingInt(Laid::duty)
                        .thenComparing(piece -> piece.team().workers().toString())
                        .thenComparingInt(Laid::begins))
                .forEach(piece -> join(joined, piece));
        return joined.stream()
                .sorted(Comparator.comparingInt(Laid::begins)
                        .thenComparing(piece -> piece.team().workers().toString())
                        .thenComparingInt(Laid::duty))
                .map(this::stint)
                .toList();
    }

    private static void join(List<Laid> joined, Laid piece) {
        Laid last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
        if (last != null
                && last.duty() == piece.duty()
                && last.team().equals(piece.team())
                && last.ends() == piece.begins()) {
            joined.set(
                    joined.size() - 1,
                    new Laid(
                            last.duty(),
                            last.day(),
                            new Timetable.Span(last.span().from(), piece.span().to()),
                            last.team()));
        } else {
            joined.add(piece);
        }
    }

    private Stint stint(Laid piece) {
        return new Stint(
                problem.duties().get(piece.duty()).task(),
                days.date(piece.day()),
                piece.span().from(),
                piece.span().minutes(),
                piece.team().workers().stream()
                        .map(w -> days.workers().get(w))
                        .map(Worker::id)
                        .toList());
    }

    /** In the order in which tasks begin. */
    List<Placed> placed() {
        int[] slack = Slack.of(schedule);
        return pieces.entrySet().stream()
                .sorted(Comparator.comparingInt(each -> each.getValue().get(0).begins()))
                .map(each -> placed(each.getKey(), each.getValue(), slack[each.getKey()]))
                .toList();
    }

    private Placed placed(int number, List<Laid> laid, int slack) {
        Duty duty = problem.duties().get(number);
        int last = laid.stream().mapToInt(Laid::day).max().orElseThrow();
        return new Placed(
                duty.task(),
                days.date(laid.get(0).day()),
                days.date(last),
                slack,
                duty.kept(),
                late(duty, laid.get(0)),
                held(duty, laid.get(0)));
    }

    private static int late(Duty duty, Laid first) {
        return duty.wanted()
                .map(day -> first.day() - day)
                .filter(late -> late >= LATE)
                .orElse(0);
    }

    private Held held(Duty duty, Laid first) {
        Optional<Duty.Before> latest = duty.before().stream().max(Comparator.comparingInt(schedule::over));
        int over = latest.map(schedule::over).orElse(0);
        int day = Math.max(duty.notBefore(), over / WorkingDays.DAY);
        if (first.day() > day) {
            return notYet(duty, day, first.day());
        }
        if (over > duty.notBefore() * WorkingDays.DAY) {
            return after(latest.orElseThrow().days() > 0 ? Cause.CURE : Cause.TASK, latest.orElseThrow(), first.day());
        }
        if (duty.notBefore() == 0) {
            return held(duty.kept() ? Cause.KEPT : Cause.BEGINNING, Optional.empty(), first.day());
        }
        Optional<Arrivals.Arrival> arrived =
                duty.arrival().filter(arrival -> arrival.day().map(days::day).orElse(0) == duty.notBefore());
        if (arrived.isPresent()) {
            Optional<String> delivery = arrived.get().delivery();
            return held(delivery.isPresent() ? Cause.DELIVERY : Cause.MONEY, delivery, first.day());
        }
        return held(duty.kept() ? Cause.KEPT : Cause.WANTED, Optional.empty(), first.day());
    }

    /** Why something that could begin on a day does not before another. */
    private Held notYet(Duty duty, int day, int first) {
        if (IntStream.range(day, first).anyMatch(each -> days.frozen(duty.stage(), each))) {
            return held(Cause.FROZEN, Optional.empty(), first);
        }
        return duty.hasMachines(day)
                ? held(Cause.PEOPLE, Optional.empty(), first)
                : held(Cause.MACHINE, Optional.of(machines.names(duty.stage())), first);
    }

    private Held held(Cause cause, Optional<String> delivery, int day) {
        return new Held(cause, Optional.empty(), Optional.empty(), delivery, days.date(day));
    }

    private Held after(Cause cause, Duty.Before by, int day) {
        return new Held(cause, Optional.of(by.task()), by.cure(), Optional.empty(), days.date(day));
    }

    List<Unplaced> unplaced() {
        return IntStream.range(0, problem.duties().size())
                .filter(i -> schedule.end(i) < 0)
                .mapToObj(i -> unplaced(problem.duties().get(i)))
                .toList();
    }

    private Unplaced unplaced(Duty duty) {
        Optional<String> waitsFor = duty.before().stream()
                .filter(before -> schedule.over(before) < 0)
                .map(Duty.Before::task)
                .findFirst();
        int able = problem.able(duty).size();
        Trouble trouble = trouble(duty, able, waitsFor.isPresent());
        return new Unplaced(
                duty.task(),
                trouble,
                waitsFor,
                duty.people(),
                able,
                duty.demand().lift().filter(lift -> trouble == Trouble.TOO_HEAVY),
                Optional.of(machines.names(duty.stage())).filter(names -> trouble == Trouble.NO_MACHINE));
    }

    private Trouble trouble(Duty duty, int able, boolean waits) {
        if (days.workers().isEmpty()) {
            return Trouble.NOBODY;
        }
        if (able < duty.people()) {
            return Trouble.TOO_FEW;
        }
        if (problem.teams(duty).isEmpty()) {
            return Trouble.TOO_HEAVY;
        }
        if (duty.arrival().filter(arrival -> arrival.day().isEmpty()).isPresent()) {
            return Trouble.NO_MONEY;
        }
        if (waits) {
            return Trouble.WAITS;
        }
        return duty.machines().isPresent() ? Trouble.NO_MACHINE : Trouble.NO_TIME;
    }
}
