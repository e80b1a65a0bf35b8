package fairacre.rotation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * What is to be chosen from candidates so that it costs least. A choice costs what its candidates cost, and for each
 * demand its weight times the thousandths of it that are not met; more than is demanded counts for nothing.
 *
 * @param candidates by number
 * @param demands by number
 * @param rivals numbers of candidates of which one may be chosen at most
 * @param followers what costs more one after the other
 * @param barred numbers of candidates that may not be chosen
 */
record Choice(
        List<Candidate> candidates,
        List<Demand> demands,
        List<int[]> rivals,
        List<Followers> followers,
        BitSet barred) {

    /** All of a demand, in thousandths. */
    static final int WHOLE = 1000;

    /**
     * @param demand to which it adds
     * @param share thousandths of it
     */
    record Candidate(int demand, int share, int cost) {}

    /**
     * @param weight of each thousandth that is not met
     * @param met thousandths that are met without any candidate
     */
    record Demand(int weight, int met) {}

    /** Numbers of candidates: costs once if one of each is chosen. */
    record Followers(int[] before, int[] after, int cost) {}

    Choice {
        candidates = List.copyOf(candidates);
        demands = List.copyOf(demands);
        rivals = List.copyOf(rivals);
        followers = List.copyOf(followers);
        barred = (BitSet) barred.clone();
    }

    @Override
    public BitSet barred() {
        return (BitSet) barred.clone();
    }

    /** The same, with more of which one may be chosen at most, and more that may not be chosen. */
    Choice with(List<int[]> more, BitSet notThese) {
        List<int[]> all = new ArrayList<>(rivals);
        all.addAll(more);
        BitSet none = barred();
        none.or(notThese);
        return new Choice(candidates, demands, all, followers, none);
    }

    boolean isAllowed(BitSet chosen) {
        return !chosen.intersects(barred) && rivals.stream().allMatch(some -> count(some, chosen) <= 1);
    }

    long cost(BitSet chosen) {
        int[] met = demands.stream().mapToInt(Demand::met).toArray();
        long cost = 0;
        for (int i = chosen.nextSetBit(0); i >= 0; i = chosen.nextSetBit(i + 1)) {
            Candidate candidate = candidates.get(i);
            cost += candidate.cost();
            met[candidate.demand()] += candidate.share();
        }
        for (int d = 0; d < met.length; d++) {
            cost += (long) demands.get(d).weight() * Math.max(0, WHOLE - met[d]);
        }
        for (Followers each : followers) {
            cost += count(each.before(), chosen) > 0 && count(each.after(), chosen) > 0 ? each.cost() : 0;
        }
        return cost;
    }

    private static int count(int[] some, BitSet chosen) {
        int count = 0;
        for (int each : some) {
            count += chosen.get(each) ? 1 : 0;
        }
        return count;
    }
}
