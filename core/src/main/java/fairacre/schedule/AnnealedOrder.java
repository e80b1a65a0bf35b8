package fairacre.schedule;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.random.MersenneTwister;
import org.hipparchus.random.RandomGenerator;

/**
 * An order of duties made better by simulated annealing (Kirkpatrick, Gelatt and Vecchi, 1983): a duty is taken up
 * earlier or later, or two change places; what makes the calendar end later is kept less and less often. The same seed
 * and as many tries give the same answer every time; it is never worse than the order to begin with.
 */
final class AnnealedOrder {

    private static final int SEED = 1;
    /** What ends so many minutes later, or by this share, is kept about once in three times at first. */
    private static final double WARM = 100;

    private static final double WARM_SHARE = 0.05;
    /** A duty is moved by this share of all at most, but by so many places at least. */
    private static final double FURTHEST = 1 / 6.0;

    private static final int PLACES = 8;

    private final Problem problem;
    private final RandomGenerator random = new MersenneTwister(SEED);
    private int[] order;
    private double cost;
    private int finish;
    private Optional<Better> found = Optional.empty();

    private AnnealedOrder(Problem problem, ListSchedule start) {
        this.problem = problem;
        int[] begins = new int[problem.duties().size()];
        Arrays.fill(begins, Integer.MAX_VALUE);
        start.laid().forEach(piece -> begins[piece.duty()] = Math.min(begins[piece.duty()], piece.begins()));
        this.order = IntStream.range(0, begins.length)
                .boxed()
                .sorted(Comparator.comparingInt(i -> begins[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        ListSchedule again = schedule(order);
        this.cost = cost(again);
        this.finish = start.finish();
        keepIfBetter(again, order);
    }

    /**
     * The best order that is found.
     *
     * @param start a calendar to begin with, of all duties
     * @param tries so many orders
     * @param goOn called at each try; may throw to stop
     * @return an order whose calendar ends earlier than that of the start; empty if none was found
     */
    static Optional<Better> of(ListSchedule start, int tries, Runnable goOn) {
        AnnealedOrder annealed = new AnnealedOrder(start.problem(), start);
        if (start.problem().duties().size() > 1) {
            double warmth = Math.min(WARM, WARM_SHARE * start.finish());
            for (int i = 0; i < tries; i++) {
                goOn.run();
                annealed.step(warmth * (1 - (double) i / tries));
            }
        }
        return annealed.found;
    }

    /** @param order numbers of duties, in the order in which they are taken up */
    record Better(List<Integer> order, ListSchedule schedule) {}

    private void step(double warmth) {
        int[] other = moved();
        ListSchedule schedule = schedule(other);
        double more = cost(schedule) - cost;
        if (more <= 0 || random.nextDouble() < Math.exp(-more / warmth)) {
            order = other;
            cost += more;
        }
        keepIfBetter(schedule, other);
    }

    private void keepIfBetter(ListSchedule schedule, int[] other) {
        if (schedule.finish() < finish) {
            finish = schedule.finish();
            found = Optional.of(new Better(Arrays.stream(other).boxed().toList(), schedule));
        }
    }

    /** The order with one duty moved, or two that have changed places. */
    private int[] moved() {
        int[] other = order.clone();
        int from = random.nextInt(other.length);
        int by = 1 + random.nextInt(Math.max(PLACES, (int) (other.length * FURTHEST)));
        int to = random.nextBoolean() ? Math.min(other.length - 1, from + by) : Math.max(0, from - by);
        int duty = other[from];
        if (random.nextBoolean()) {
            other[from] = other[to];
            other[to] = duty;
            return other;
        }
        System.arraycopy(order, Math.min(from + 1, to), other, Math.min(from, to + 1), Math.abs(to - from));
        other[to] = duty;
        return other;
    }

    private ListSchedule schedule(int[] tried) {
        int[] place = new int[tried.length];
        for (int i = 0; i < tried.length; i++) {
            place[tried[i]] = i;
        }
        return ListSchedule.of(problem, problem.ranks(Comparator.comparingInt(i -> place[i])));
    }

    /** When all ends, and on the average each: what ends earlier makes room for others. */
    private static double cost(ListSchedule schedule) {
        int count = schedule.problem().duties().size();
        return schedule.finish()
                + IntStream.range(0, count).map(schedule::end).average().orElse(0);
    }
}
