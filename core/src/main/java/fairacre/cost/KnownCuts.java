package fairacre.cost;

import fairacre.frame.BestCut;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The best layouts of boards that have been found so far. While an edit is tried, pieces that are as they were are cut
 * as it is known best; others are laid out by the quick rule, and the bill says so.
 */
public final class KnownCuts {

    public static final KnownCuts NONE = new KnownCuts(Map.of());

    private final Map<Job, BestCut> cuts;

    KnownCuts(Map<Job, BestCut> cuts) {
        this.cuts = Map.copyOf(cuts);
    }

    /** Pieces to be cut from boards: the question how they are laid out best. */
    record Job(List<Length> pieces, List<Stock> stock, Saw saw) {}

    Optional<BestCut> of(Job job) {
        return Optional.ofNullable(cuts.get(job));
    }

    /** Tells what is known apart: the same for the same layouts. */
    public String id() {
        return Integer.toHexString(cuts.hashCode());
    }
}
