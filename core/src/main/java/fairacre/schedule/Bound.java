package fairacre.schedule;

import fairacre.schedule.Problem.Team;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The time before which the work can't be done, in minutes of work: the latest of which it can be shown that it is too
 * early. Shown is it by what comes before and after (critical path) and by the hours that all have between the earliest
 * beginning and the latest end of any of the work (energetic reasoning: Erschler and Lopez 1990, from memory).
 */
final class Bound {

    private static final int END = WorkingDays.DAYS * WorkingDays.DAY;

    private static final double HAIR = 1e-6;

    private final Problem problem;
    private final List<Duty> duties;
    private final Map<List<Object>, double[]> capacities = new HashMap<>();
    private final double[] ofAll;
    /** Of each duty, all that come before it, and all that come after. */
    private final List<BitSet> ancestors = new ArrayList<>();

    private final List<BitSet> descendants = new ArrayList<>();
    /** When each may begin, and when it is over, at the earliest. */
    private final int[] heads;

    private final int[] earlyEnds;

    private Bound(Problem problem) {
        this.problem = problem;
        this.duties = problem.duties();
        int count = duties.size();
        this.heads = new int[count];
        this.earlyEnds = new int[count];
        this.ofAll = capacity(
                IntStream.range(0, problem.days().workers().size()).boxed().toList(), null);
        for (int i = 0; i < count; i++) {
            BitSet before = new BitSet();
            for (Duty.Before each : duties.get(i).before()) {
                each.duty().ifPresent(first -> {
                    before.set(first);
                    before.or(ancestors.get(first));
                });
            }
            ancestors.add(before);
            descendants.add(new BitSet());
        }
        for (int i = 0; i < count; i++) {
            int here = i;
            ancestors.get(i).stream().forEach(first -> descendants.get(first).set(here));
        }
        for (int i = 0; i < count; i++) {
            heads[i] = head(i);
            earlyEnds[i] = end(i, heads[i]);
        }
    }

    /**
     * @param atMost the end of a calendar that is whole
     * @return no whole calendar ends earlier
     */
    static int of(Problem problem, int atMost) {
        Bound bound = new Bound(problem);
        int low = Arrays.stream(bound.earlyEnds).max().orElse(0);
        int high = atMost;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (bound.tooEarly(middle)) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return Math.min(low, atMost);
    }

    /** Minutes of work that can be done before each time. */
    private double[] capacity(List<Integer> workers, Duty duty) {
        WorkingDays days = problem.days();
        double[] before = new double[END + 1];
        for (int day = 0; day < WorkingDays.DAYS; day++) {
            boolean open = duty == null || days.open(duty, day);
            for (int minute = 0; minute < WorkingDays.DAY; minute++) {
                double sum = 0;
                if (open) {
                    for (int w : workers) {
                        sum += minute < days.room(w, day)
                                ? days.workers().get(w).pace()
                                : 0;
                    }
                }
                int at = day * WorkingDays.DAY + minute;
                before[at + 1] = before[at] + sum;
            }
        }
        return before;
    }

    private double[] capacityFor(Duty duty) {
        List<Integer> able = problem.able(duty);
        return capacities.computeIfAbsent(
                List.of(able, problem.days().inTheGround(duty.stage()), duty.machines()),
                unknown -> capacity(able, duty));
    }

    /** The first time at which so much work can be done after another. */
    private static int onwards(double[] capacity, int from, double work) {
        int at = Arrays.binarySearch(capacity, from, capacity.length, capacity[from] + work - HAIR);
        int first = at >= 0 ? at : -at - 1;
        while (first > from && capacity[first - 1] >= capacity[from] + work - HAIR) {
            first--;
        }
        return Math.min(first, END);
    }

    /** The last time from which on so much work can be done before another; -1 if it is too much. */
    private static int backwards(double[] capacity, int to, double work) {
        if (capacity[to] < work - HAIR) {
            return -1;
        }
        int low = 0;
        int high = to;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (capacity[to] - capacity[middle] >= work - HAIR) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    private int head(int number) {
        Duty duty = duties.get(number);
        int head = duty.notBefore() * WorkingDays.DAY;
        for (Duty.Before before : duty.before()) {
            head = Math.max(
                    head,
                    before.duty().map(first -> before.over(earlyEnds[first])).orElseGet(before::overSince));
        }
        List<Integer> first = ancestors.get(number).stream()
                .boxed()
                .sorted(Comparator.comparingInt((Integer each) -> heads[each]).reversed())
                .toList();
        double work = 0;
        for (int each : first) {
            work += duties.get(each).work();
            head = Math.max(head, onwards(ofAll, heads[each], work));
        }
        return Math.min(head, END);
    }

    /** When a duty is over that begins at a time at the earliest. */
    private int end(int number, int head) {
        Duty duty = duties.get(number);
        int end = onwards(capacityFor(duty), head, duty.work());
        return Math.max(end, fit(duty, head));
    }

    /** When the shortest piece of a duty is over. */
    private int fit(Duty duty, int head) {
        int best = END;
        for (Team team : problem.teams(duty)) {
            int minutes = Math.min(ListSchedule.SHORTEST, team.minutes(duty.work()));
            for (int day = head / WorkingDays.DAY; day < WorkingDays.DAYS && day * WorkingDays.DAY < best; day++) {
                int from = Math.max(0, head - day * WorkingDays.DAY);
                int room = WorkingDays.DAY;
                for (int w : team.workers()) {
                    room = Math.min(room, problem.days().room(w, day));
                }
                if (from + minutes <= room && problem.days().open(duty, day)) {
                    best = Math.min(best, day * WorkingDays.DAY + from + minutes);
                    break;
                }
            }
        }
        return best;
    }

    private boolean tooEarly(int finish) {
        int count = duties.size();
        int[] latest = new int[count];
        for (int i = count - 1; i >= 0; i--) {
            latest[i] = latest(i, finish, latest);
            if (latest[i] < earlyEnds[i]) {
                return true;
            }
        }
        return overfull(latest);
    }

    /** When a duty has to be over if all is to be at a time. */
    private int latest(int number, int finish, int[] latest) {
        int end = finish;
        for (int next : problem.after(number)) {
            Duty duty = duties.get(next);
            int begins = backwards(capacityFor(duty), latest[next], duty.work());
            if (begins < 0) {
                return -1;
            }
            int cure = problem.cure(number, next);
            // The next one begins on a day by which so many days have passed.
            end = Math.min(end, cure == 0 ? begins : (begins / WorkingDays.DAY - cure + 1) * WorkingDays.DAY);
        }
        List<Integer> last = descendants.get(number).stream()
                .boxed()
                .sorted(Comparator.comparingInt(each -> latest[each]))
                .toList();
        double work = 0;
        for (int each : last) {
            work += duties.get(each).work();
            int begins = backwards(ofAll, Math.max(0, latest[each]), work);
            if (begins < 0) {
                return -1;
            }
            end = Math.min(end, begins);
        }
        return end;
    }

    /** Whether more is to be done between two times than all have hours for. */
    private boolean overfull(int[] latest) {
        List<Integer> byEnd = IntStream.range(0, latest.length)
                .boxed()
                .sorted(Comparator.comparingInt(i -> latest[i]))
                .toList();
        for (int from : Arrays.stream(heads).distinct().toArray()) {
            double work = 0;
            for (int i : byEnd) {
                if (heads[i] >= from) {
                    work += duties.get(i).work();
                    if (latest[i] < from || ofAll[latest[i]] - ofAll[from] < work - HAIR) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
