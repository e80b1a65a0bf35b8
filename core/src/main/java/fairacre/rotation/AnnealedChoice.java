package fairacre.rotation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import org.hipparchus.random.MersenneTwister;
import org.hipparchus.random.RandomGenerator;

/**
 * A choice made better by simulated annealing (Kirkpatrick, Gelatt and Vecchi, 1983): a candidate comes in and its
 * rivals go, or it goes; what costs more is taken less and less often. The same seed and as many steps give the same
 * answer every time.
 */
final class AnnealedChoice {

    private static final int SEED = 1;
    /** What costs so much more is taken about once in three times at first, and at last. */
    private static final double WARM = 500;

    private static final double COLD = 5;
    /** A candidate with more rivals that are chosen does not come in. */
    private static final int MOST_RIVALS = 6;
    /** So many steps go by between two looks whether anybody still waits. */
    private static final int LOOK = 10_000;

    private final Choice choice;
    private final int[][] crowdsOf;
    private final int[] chosenOf;
    private final int[][] beforeOf;
    private final int[][] afterOf;
    private final int[] before;
    private final int[] after;
    private final int[] met;
    private final BitSet chosen = new BitSet();
    private final RandomGenerator random = new MersenneTwister(SEED);
    private final int[] gone = new int[MOST_RIVALS];
    private long cost;

    private AnnealedChoice(Choice choice, BitSet start) {
        this.choice = choice;
        int candidates = choice.candidates().size();
        this.crowdsOf = numbersOf(candidates, choice.rivals());
        this.chosenOf = new int[choice.rivals().size()];
        this.beforeOf = numbersOf(
                candidates,
                choice.followers().stream().map(Choice.Followers::before).toList());
        this.afterOf = numbersOf(
                candidates,
                choice.followers().stream().map(Choice.Followers::after).toList());
        this.before = new int[choice.followers().size()];
        this.after = new int[choice.followers().size()];
        this.met = choice.demands().stream().mapToInt(Choice.Demand::met).toArray();
        this.cost = choice.cost(new BitSet());
        Arrays.fill(chosenOf, -1);
        start.stream().forEach(this::add);
    }

    /** For each candidate the numbers of the groups that it is in. */
    private static int[][] numbersOf(int candidates, List<int[]> groups) {
        List<List<Integer>> numbers = new ArrayList<>();
        for (int i = 0; i < candidates; i++) {
            numbers.add(new ArrayList<>());
        }
        for (int g = 0; g < groups.size(); g++) {
            for (int each : groups.get(g)) {
                numbers.get(each).add(g);
            }
        }
        return numbers.stream()
                .map(some -> some.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /**
     * The cheapest choice that is found.
     *
     * @param start a choice that is allowed; what is found costs no more
     * @param goOn asked from time to time; it throws if nobody waits any more
     */
    static BitSet of(Choice choice, BitSet start, long steps, Runnable goOn) {
        return choice.candidates().isEmpty() ? start : new AnnealedChoice(choice, start).cool(steps, goOn);
    }

    private BitSet cool(long steps, Runnable goOn) {
        BitSet best = (BitSet) chosen.clone();
        long least = cost;
        BitSet barred = choice.barred();
        double cooling = Math.pow(COLD / WARM, 1.0 / steps);
        double warmth = WARM;
        for (long step = 0; step < steps; step++) {
            if (step % LOOK == 0) {
                goOn.run();
            }
            int candidate = random.nextInt(choice.candidates().size());
            if (!barred.get(candidate)) {
                turn(candidate, warmth);
            }
            if (cost < least) {
                least = cost;
                best = (BitSet) chosen.clone();
            }
            warmth *= cooling;
        }
        return best;
    }

    /** Takes a candidate in or out, if that is taken at such a warmth. */
    private void turn(int candidate, double warmth) {
        long was = cost;
        if (chosen.get(candidate)) {
            remove(candidate);
            if (!isTaken(cost - was, warmth)) {
                add(candidate);
            }
            return;
        }
        int rivals = rivals(candidate);
        if (rivals > MOST_RIVALS) {
            return;
        }
        for (int i = 0; i < rivals; i++) {
            remove(gone[i]);
        }
        add(candidate);
        if (!isTaken(cost - was, warmth)) {
            remove(candidate);
            for (int i = 0; i < rivals; i++) {
                add(gone[i]);
            }
        }
    }

    private boolean isTaken(long more, double warmth) {
        return more <= 0 || random.nextDouble() < Math.exp(-more / warmth);
    }

    /** How many rivals are chosen; they are noted, unless they are too many. */
    private int rivals(int candidate) {
        int count = 0;
        for (int crowd : crowdsOf[candidate]) {
            int rival = chosenOf[crowd];
            if (rival >= 0 && !isNoted(rival, count)) {
                if (count == MOST_RIVALS) {
                    return count + 1;
                }
                gone[count] = rival;
                count++;
            }
        }
        return count;
    }

    private boolean isNoted(int rival, int count) {
        for (int i = 0; i < count; i++) {
            if (gone[i] == rival) {
                return true;
            }
        }
        return false;
    }

    private void add(int candidate) {
        chosen.set(candidate);
        for (int crowd : crowdsOf[candidate]) {
            chosenOf[crowd] = candidate;
        }
        count(candidate, 1);
    }

    private void remove(int candidate) {
        chosen.clear(candidate);
        for (int crowd : crowdsOf[candidate]) {
            chosenOf[crowd] = -1;
        }
        count(candidate, -1);
    }

    private void count(int number, int one) {
        Choice.Candidate candidate = choice.candidates().get(number);
        cost -= missing(candidate.demand());
        met[candidate.demand()] += one * candidate.share();
        cost += missing(candidate.demand()) + (long) one * candidate.cost();
        count(beforeOf[number], before, one);
        count(afterOf[number], after, one);
    }

    private long missing(int demand) {
        return (long) choice.demands().get(demand).weight() * Math.max(0, Choice.WHOLE - met[demand]);
    }

    private void count(int[] followers, int[] side, int one) {
        for (int pair : followers) {
            cost -= follows(pair);
            side[pair] += one;
            cost += follows(pair);
        }
    }

    private int follows(int pair) {
        return before[pair] > 0 && after[pair] > 0
                ? choice.followers().get(pair).cost()
                : 0;
    }
}
