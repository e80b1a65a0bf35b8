package fairacre.water;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Where manifolds stand so that the pipes from them to the beds are short: as few as four valves each allow, all with
 * about the same number of beds. The beds are shared out from the furthest on; then two beds change places between two
 * manifolds as long as that helps.
 */
final class ManifoldSites {

    /** By so much, metres, an improvement is one. */
    private static final double GAIN = 1e-6;

    /**
     * One manifold.
     *
     * @param node of the ground beside which it stands
     * @param ways to each of its beds: from that node to a corner of the bed, shortest way
     */
    record Site(int node, List<Way> ways) {}

    /** @param nodes of the ground; the first alone where the bed is at hand */
    record Way(int bed, List<Integer> nodes) {}

    private final List<List<Integer>> beds;
    private final List<Integer> nodes;
    private final List<PipeGround.Ways> ways;
    /** From each of the nodes to each bed, metres. */
    private final double[][] far;

    private final double[] fromSource;

    private ManifoldSites(PipeGround ground, List<List<Integer>> beds, IntPredicate allowed) {
        this.beds = beds;
        PipeGround.Ways source = ground.ways(0);
        this.fromSource = toBeds(source);
        this.nodes = beds.stream()
                .flatMap(List::stream)
                .filter(node -> Double.isFinite(source.length(node)) && allowed.test(node))
                .toList();
        this.ways = nodes.stream().map(ground::ways).toList();
        this.far = ways.stream().map(this::toBeds).toArray(double[][]::new);
    }

    private double[] toBeds(PipeGround.Ways from) {
        return beds.stream()
                .mapToDouble(bed -> bed.stream().mapToDouble(from::length).min().orElse(Double.POSITIVE_INFINITY))
                .toArray();
    }

    /**
     * @param beds the nodes at which each is come to
     * @param allowed nodes beside which a manifold may stand
     * @return empty if there are fewer than two beds, no node is allowed or nothing leads to a bed
     */
    static Optional<List<Site>> of(PipeGround ground, List<List<Integer>> beds, IntPredicate allowed) {
        if (beds.size() < Manifold.FEWEST) {
            return Optional.empty();
        }
        ManifoldSites sites = new ManifoldSites(ground, beds, allowed);
        return sites.placed(sites.shares());
    }

    /** The beds of each manifold. */
    private List<List<Integer>> shares() {
        int count = (beds.size() + Manifold.MOST - 1) / Manifold.MOST;
        List<Integer> left = IntStream.range(0, beds.size()).boxed().collect(Collectors.toCollection(ArrayList::new));
        List<List<Integer>> shares = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int size = beds.size() / count + (i < beds.size() % count ? 1 : 0);
            List<Integer> share = share(left, size);
            left.removeAll(share);
            shares.add(share);
        }
        boolean better = true;
        while (better) {
            better = isImproved(shares);
        }
        return shares;
    }

    /** The bed furthest from the source, and those with which it has the shortest pipes. */
    private List<Integer> share(List<Integer> left, int size) {
        int first = left.stream()
                .max(Comparator.comparingDouble(bed -> fromSource[bed]))
                .orElseThrow();
        return Arrays.stream(far)
                .map(lengths -> left.stream()
                        .sorted(Comparator.comparingDouble(bed -> bed == first ? -1 : lengths[bed]))
                        .limit(size)
                        .toList())
                .min(Comparator.comparingDouble(this::length))
                .orElse(left.subList(0, size));
    }

    private boolean isImproved(List<List<Integer>> shares) {
        boolean better = false;
        for (int a = 0; a < shares.size(); a++) {
            for (int b = a + 1; b < shares.size(); b++) {
                better |= isSwapped(shares, a, b);
            }
        }
        return better;
    }

    private boolean isSwapped(List<List<Integer>> shares, int a, int b) {
        double before = length(shares.get(a)) + length(shares.get(b));
        for (int mine : shares.get(a)) {
            for (int other : shares.get(b)) {
                List<Integer> first = exchanged(shares.get(a), mine, other);
                List<Integer> second = exchanged(shares.get(b), other, mine);
                if (length(first) + length(second) < before - GAIN) {
                    shares.set(a, first);
                    shares.set(b, second);
                    return true;
                }
            }
        }
        return false;
    }

    private static List<Integer> exchanged(List<Integer> share, int gone, int come) {
        return share.stream().map(bed -> bed == gone ? come : bed).toList();
    }

    /** Of the pipes from where a manifold stands best to its beds, metres. */
    private double length(List<Integer> share) {
        return Arrays.stream(far)
                .mapToDouble(lengths -> length(lengths, share))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static double length(double[] lengths, List<Integer> share) {
        double all = 0;
        for (int bed : share) {
            all += lengths[bed];
        }
        return all;
    }

    /** No two at the same node; empty if that leaves a bed out. */
    private Optional<List<Site>> placed(List<List<Integer>> shares) {
        boolean[] taken = new boolean[nodes.size()];
        List<Site> found = new ArrayList<>();
        for (List<Integer> share : shares) {
            Optional<Integer> best = IntStream.range(0, nodes.size())
                    .filter(i -> !taken[i] && Double.isFinite(length(far[i], share)))
                    .boxed()
                    .min(Comparator.comparingDouble(i -> length(far[i], share)));
            if (best.isEmpty()) {
                return Optional.empty();
            }
            taken[best.get()] = true;
            PipeGround.Ways from = ways.get(best.get());
            found.add(new Site(
                    nodes.get(best.get()),
                    share.stream().map(bed -> new Way(bed, way(from, bed))).toList()));
        }
        return Optional.of(found);
    }

    private List<Integer> way(PipeGround.Ways from, int bed) {
        return from.to(beds.get(bed).stream()
                .min(Comparator.comparingDouble(from::length))
                .orElseThrow());
    }
}
