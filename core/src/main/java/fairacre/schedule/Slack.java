package fairacre.schedule;

import fairacre.schedule.ListSchedule.Laid;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * By how many days each duty may end later without the whole ending later, while everybody keeps their order (backward
 * pass of the critical path method, Kelley and Walker 1959). What is settled for a day does not move.
 */
final class Slack {

    private final Problem problem;
    private final WorkingDays days;
    private final ListSchedule schedule;
    /** By duty: the latest time at which it begins, and at which it ends. */
    private final int[] begins;

    private final int[] ends;
    /** By worker: when the next piece begins at the latest. */
    private final int[] next;

    private Slack(ListSchedule schedule) {
        this.schedule = schedule;
        this.problem = schedule.problem();
        this.days = problem.days();
        int count = problem.duties().size();
        this.begins = new int[count];
        this.ends = new int[count];
        this.next = new int[days.workers().size()];
        Arrays.fill(begins, schedule.finish());
        Arrays.fill(next, schedule.finish());
        List<Laid> backwards = schedule.laid().stream()
                .sorted(Comparator.comparingInt(Laid::begins).reversed())
                .toList();
        backwards.forEach(this::shift);
    }

    /** By duty: days, 0 for one that may not end a day later, and for one that is not laid down. */
    static int[] of(ListSchedule schedule) {
        Slack slack = new Slack(schedule);
        int[] found = new int[slack.ends.length];
        for (int i = 0; i < found.length; i++) {
            found[i] = schedule.end(i) < 0 ? 0 : Math.max(0, day(slack.ends[i]) - day(schedule.end(i)));
        }
        return found;
    }

    /** The day of an end. */
    private static int day(int end) {
        return Math.max(0, end - 1) / WorkingDays.DAY;
    }

    /** Later pieces were shifted before. */
    private void shift(Laid piece) {
        int end = latest(piece);
        for (int w : piece.team().workers()) {
            next[w] = end - piece.span().minutes();
        }
        begins[piece.duty()] = Math.min(begins[piece.duty()], end - piece.span().minutes());
        ends[piece.duty()] = Math.max(ends[piece.duty()], end);
    }

    private int latest(Laid piece) {
        Duty duty = problem.duties().get(piece.duty());
        int limit = schedule.finish();
        for (int w : piece.team().workers()) {
            limit = Math.min(limit, next[w]);
        }
        for (int after : problem.after(piece.duty())) {
            if (schedule.end(after) >= 0) {
                int cure = problem.cure(piece.duty(), after);
                limit = Math.min(
                        limit, cure == 0 ? begins[after] : (day(begins[after] + 1) - cure + 1) * WorkingDays.DAY);
            }
        }
        return duty.kept() ? piece.ends() : inADay(piece, duty, limit);
    }

    /** The latest end of a piece in the hours of a day. */
    private int inADay(Laid piece, Duty duty, int limit) {
        int minutes = piece.span().minutes();
        for (int day = limit / WorkingDays.DAY; day > piece.day(); day--) {
            int here = day;
            int room = piece.team().workers().stream()
                    .mapToInt(w -> days.room(w, here))
                    .min()
                    .orElse(0);
            int to = Math.min(room, limit - day * WorkingDays.DAY);
            if (to >= minutes && days.open(duty, day)) {
                return day * WorkingDays.DAY + to;
            }
        }
        return piece.ends();
    }
}
