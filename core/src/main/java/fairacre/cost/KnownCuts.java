package fairacre.cost;

import fairacre.frame.BestCut;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import fairacre.sheet.SheetPart;
import fairacre.sheet.SheetPlan;
import fairacre.sheet.StockSheet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The best layouts of boards and of sheets that have been found so far. While an edit is tried, pieces that are as they
 * were are cut as it is known best; others are laid out by the quick rule, and the bill says so.
 */
public final class KnownCuts {

    public static final KnownCuts NONE = new KnownCuts(Map.of(), Map.of());

    private final Map<Job, BestCut> cuts;
    private final Map<SheetJob, SheetPlan> sheets;

    KnownCuts(Map<Job, BestCut> cuts, Map<SheetJob, SheetPlan> sheets) {
        this.cuts = Map.copyOf(cuts);
        this.sheets = Map.copyOf(sheets);
    }

    /** Pieces to be cut from boards: the question how they are laid out best. */
    record Job(List<Length> pieces, List<Stock> stock, Saw saw) {}

    /** Parts to be cut from whole sheets. */
    record SheetJob(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {}

    Optional<SheetPlan> of(SheetJob job) {
        return Optional.ofNullable(sheets.get(job));
    }

    Optional<BestCut> of(Job job) {
        return Optional.ofNullable(cuts.get(job));
    }

    /** Tells what is known apart: the same for the same layouts. */
    public String id() {
        return Integer.toHexString(31 * cuts.hashCode() + sheets.hashCode());
    }
}
