package fairacre.schedule;

import fairacre.schedule.Problem.Team;
import fairacre.schedule.Timetable.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * Duties laid down one after the other, each as early as a team has time (serial schedule generation, Kelley 1963). A
 * team works at a duty for an hour, then whoever is free goes on; what does not fit into a day goes on later.
 */
final class ListSchedule {

    /** A duty is gone on with for so many minutes at least: nobody comes back for less. */
    static final int SHORTEST = 15;
    /** So many minutes one team works at a duty before others are asked. */
    static final int LONGEST = 60;
    /** What is less than that is done. */
    private static final double HAIR = 1e-6;

    private final Problem problem;
    private final WorkingDays days;
    private final Timetable timetable;
    private final List<Laid> laid = new ArrayList<>();
    /** The time at which each duty is over, and -1 for one that could not be laid down. */
    private final int[] ends;

    /** A piece of a duty that was laid down, in minutes of its day. */
    record Laid(int duty, int day, Span span, Team team) {
        int begins() {
            return day * WorkingDays.DAY + span.from();
        }

        int ends() {
            return day * WorkingDays.DAY + span.to();
        }

        /** Minutes at the pace of the rates. */
        double work() {
            return span.minutes() * team.pace();
        }

        /** Begins earlier than another, or does more from the same minute on. */
        boolean isBetterThan(Laid other) {
            return begins() < other.begins() || begins() == other.begins() && work() > other.work();
        }
    }

    private ListSchedule(Problem problem, int weekly) {
        this.problem = problem;
        this.days = problem.days();
        this.timetable = new Timetable(days, weekly);
        this.ends = new int[problem.duties().size()];
    }

    /** @param ranks of the duties: of those that wait for nothing, the one with the lowest goes first */
    static ListSchedule of(Problem problem, int[] ranks) {
        return of(problem, ranks, WorkingDays.WEEK * WorkingDays.DAY);
    }

    /** @param weekly minutes that each worker works at most in a week */
    static ListSchedule of(Problem problem, int[] ranks, int weekly) {
        ListSchedule schedule = new ListSchedule(problem, weekly);
        schedule.layAll(ranks);
        return schedule;
    }

    private void layAll(int[] ranks) {
        int[] open = new int[ends.length];
        PriorityQueue<Integer> ready = new PriorityQueue<>(
                Comparator.<Integer>comparingInt(duty -> ranks[duty]).thenComparing(Comparator.naturalOrder()));
        for (int i = 0; i < ends.length; i++) {
            open[i] = problem.before(i).size();
            if (open[i] == 0) {
                ready.add(i);
            }
        }
        while (!ready.isEmpty()) {
            int duty = ready.poll();
            ends[duty] = lay(duty);
            for (int next : problem.after(duty)) {
                if (--open[next] == 0) {
                    ready.add(next);
                }
            }
        }
    }

    /** Lays a duty down; the time at which it is over, or -1 if it can't be done. */
    private int lay(int number) {
        int ready = ready(number);
        if (ready < 0) {
            return -1;
        }
        Duty duty = problem.duties().get(number);
        List<Laid> pieces = new ArrayList<>();
        int end = ready;
        for (double rest = duty.work();
                rest > HAIR;
                rest -= pieces.get(pieces.size() - 1).work()) {
            Optional<Laid> next = next(number, rest, ready);
            if (next.isEmpty()) {
                pieces.forEach(piece -> timetable.giveBack(piece.team(), piece.day(), piece.span()));
                return -1;
            }
            Laid piece = next.get();
            timetable.take(piece.team(), piece.day(), piece.span());
            pieces.add(piece);
            end = Math.max(end, piece.ends());
        }
        laid.addAll(pieces);
        return end;
    }

    /** When a duty may begin; -1 if never, since something before it can't be done. */
    private int ready(int number) {
        Duty duty = problem.duties().get(number);
        int ready = duty.notBefore() * WorkingDays.DAY;
        for (Duty.Before before : duty.before()) {
            int from = over(before);
            if (from < 0) {
                return -1;
            }
            ready = Math.max(ready, from);
        }
        return ready;
    }

    /**
     * The time from which on something is no longer waited for; -1 if it can't be done. What is done on a Saturday and
     * cures for four days may be gone on with on Wednesday.
     */
    int over(Duty.Before before) {
        return before.duty()
                .map(duty -> ends[duty] < 0 ? -1 : before.over(ends[duty]))
                .orElseGet(before::overSince);
    }

    /** The next piece of a duty. */
    private Optional<Laid> next(int number, double rest, int ready) {
        Laid best = null;
        for (Team team : problem.teams(problem.duties().get(number))) {
            int last = best == null ? WorkingDays.DAYS - 1 : best.day();
            Laid found = first(number, team, team.minutes(rest), ready, last);
            if (found != null && (best == null || found.isBetterThan(best))) {
                best = found;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The first piece that a team has time for, on a day up to a last one; null if there is none. */
    private Laid first(int number, Team team, int minutes, int ready, int last) {
        Duty duty = problem.duties().get(number);
        for (int day = ready / WorkingDays.DAY; day <= last; day++) {
            if (!timetable.hasTime(team, day, Math.min(minutes, SHORTEST)) || !days.open(duty, day)) {
                continue;
            }
            int from = Math.max(0, ready - day * WorkingDays.DAY);
            Optional<Span> free = timetable.free(team, day, from);
            while (free.isPresent()) {
                int piece = piece(minutes, free.get().minutes());
                if (piece > 0) {
                    return new Laid(
                            number, day, new Span(free.get().from(), free.get().from() + piece), team);
                }
                free = timetable.free(team, day, free.get().to());
            }
        }
        return null;
    }

    /** How many minutes of a duty are done in a gap; 0 if it is not worth beginning. */
    private static int piece(int minutes, int gap) {
        if (minutes <= Math.min(gap, LONGEST + SHORTEST)) {
            return minutes;
        }
        int piece = Math.min(Math.min(gap, LONGEST), minutes - SHORTEST);
        return piece < SHORTEST ? 0 : piece;
    }

    Problem problem() {
        return problem;
    }

    List<Laid> laid() {
        return laid;
    }

    /** The time at which a duty is over; -1 for one that could not be laid down. */
    int end(int duty) {
        return ends[duty];
    }

    boolean isWhole() {
        return Arrays.stream(ends).noneMatch(end -> end < 0);
    }

    /** The time at which all that could be laid down is done. */
    int finish() {
        return Arrays.stream(ends).max().orElse(0);
    }
}
