package fairacre.fence;

import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * How many rolls of mesh a fence takes: it is joined at posts only, each piece goes round the posts at its ends, and
 * what is left of a roll is used where it reaches from one post to the next.
 *
 * @param rolls to buy
 * @param splices where two pieces meet at a post within a stretch
 * @param left of all rolls
 */
public record FenceRolls(int rolls, int splices, Length left) {

    /** Wrapped round a post at each end of a piece, metres: a hand's breadth and a half (common practice). */
    static final double WRAP = 0.15;

    private static final double ROUNDING = 1e-6;

    /**
     * @param stretches where posts stand along each, metres from its beginning, at least the first and the last
     * @param roll its length, metres, more than the widest span and two wraps
     */
    static FenceRolls of(List<List<Double>> stretches, double roll) {
        Cutting cutting = new Cutting(roll);
        stretches.forEach(cutting::lay);
        return new FenceRolls(
                cutting.bought,
                cutting.splices,
                Length.metres(cutting.rests.stream().mapToDouble(rest -> rest).sum()));
    }

    private static final class Cutting {

        private final double roll;
        private final List<Double> rests = new ArrayList<>();
        private int bought;
        private int splices;

        Cutting(double roll) {
            this.roll = roll;
        }

        void lay(List<Double> posts) {
            int at = 0;
            while (at < posts.size() - 1) {
                if (at > 0) {
                    splices++;
                }
                at = layPiece(posts, at);
            }
        }

        /** From the rest that just reaches furthest, the shortest of equals; from a new roll where none reaches. */
        private int layPiece(List<Double> posts, int from) {
            int best = -1;
            int furthest = from;
            for (int i = 0; i < rests.size(); i++) {
                int reached = reached(posts, from, rests.get(i));
                if (reached > furthest || best >= 0 && reached == furthest && rests.get(i) < rests.get(best)) {
                    best = i;
                    furthest = reached;
                }
            }
            if (best < 0) {
                bought++;
                rests.add(roll);
                best = rests.size() - 1;
                furthest = Math.max(reached(posts, from, roll), from + 1);
            }
            double used = posts.get(furthest) - posts.get(from) + 2 * WRAP;
            rests.set(best, Math.max(0, rests.get(best) - used));
            return furthest;
        }

        private static int reached(List<Double> posts, int from, double length) {
            int reached = from;
            while (reached < posts.size() - 1
                    && posts.get(reached + 1) - posts.get(from) + 2 * WRAP <= length + ROUNDING) {
                reached++;
            }
            return reached;
        }
    }

    /** The fewest rolls laid one above the other that are as high as a fence, lowest sum first. */
    static List<Length> tiers(List<Length> heights, Length fence) {
        return heights.stream()
                .filter(height -> height.compareTo(fence) >= 0)
                .findFirst()
                .map(List::of)
                .orElseGet(() -> {
                    Length highest = heights.get(heights.size() - 1);
                    List<Length> tiers = new ArrayList<>(List.of(highest));
                    tiers.addAll(tiers(heights, fence.minus(highest)));
                    return tiers;
                });
    }
}
