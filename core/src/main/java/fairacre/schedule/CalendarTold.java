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
    /** By duty, in order of time. */
    private final Map<Integer, List<Laid>> pieces = new TreeMap<>();

    CalendarTold(ListSchedule schedule) {
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
            boolean frozen = IntStream.range(day, first.day()).anyMatch(each -> !days.open(duty.stage(), each));
            return held(frozen ? Cause.FROZEN : Cause.PEOPLE, Optional.empty(), first.day());
        }
        if (over > duty.notBefore() * WorkingDays.DAY) {
            return held(latest.orElseThrow().days() > 0 ? Cause.CURE : Cause.TASK, latest, first.day());
        }
        if (duty.notBefore() == 0) {
            return held(duty.kept() ? Cause.KEPT : Cause.BEGINNING, Optional.empty(), first.day());
        }
        Optional<Arrivals.Arrival> arrived =
                duty.arrival().filter(arrival -> arrival.day().map(days::day).orElse(0) == duty.notBefore());
        if (arrived.isPresent()) {
            Optional<String> delivery = arrived.get().delivery();
            return new Held(
                    delivery.isPresent() ? Cause.DELIVERY : Cause.MONEY,
                    Optional.empty(),
                    Optional.empty(),
                    delivery,
                    days.date(first.day()));
        }
        return held(duty.kept() ? Cause.KEPT : Cause.WANTED, Optional.empty(), first.day());
    }

    private Held held(Cause cause, Optional<Duty.Before> by, int day) {
        return new Held(
                cause, by.map(Duty.Before::task), by.flatMap(Duty.Before::cure), Optional.empty(), days.date(day));
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
        return new Unplaced(duty.task(), trouble(duty, able, waitsFor.isPresent()), waitsFor, duty.people(), able);
    }

    private Trouble trouble(Duty duty, int able, boolean waits) {
        if (days.workers().isEmpty()) {
            return Trouble.NOBODY;
        }
        if (able < duty.people()) {
            return Trouble.TOO_FEW;
        }
        if (duty.arrival().filter(arrival -> arrival.day().isEmpty()).isPresent()) {
            return Trouble.NO_MONEY;
        }
        return waits ? Trouble.WAITS : Trouble.NO_TIME;
    }
}
