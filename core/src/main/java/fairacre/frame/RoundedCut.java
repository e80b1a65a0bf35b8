package fairacre.frame;

import fairacre.frame.Patterns.Pattern;
import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A layout out of the linear programme: each pattern as often as whole boards go into what the programme uses of it,
 * then one by one the pattern whose board is used best by what is still wanted, at the prices that pieces have in the
 * programme; what is left at the end is laid out first-fit.
 */
final class RoundedCut {

    private static final double ROUNDING = 1e-6;

    private final Patterns patterns;
    private final List<Stock> stock;
    private final long[] costs;
    private final int[] wanted;
    private final int[] boardsLeft;
    private final List<CutList.LaidBoard> laid = new ArrayList<>();

    private RoundedCut(Patterns patterns, List<Stock> stock, long[] costs) {
        this.patterns = patterns;
        this.stock = stock;
        this.costs = costs;
        this.wanted = new int[patterns.kinds()];
        for (int kind = 0; kind < wanted.length; kind++) {
            wanted[kind] = patterns.wanted(kind);
        }
        this.boardsLeft = stock.stream().mapToInt(Stock::most).toArray();
    }

    /** Boards that are laid out, all pieces but those in {@code left}. */
    record Part(List<CutList.LaidBoard> laid, List<Length> left) {}

    /** @param wellUsed a board that is used less well than this, of its price, is left to the first-fit rule */
    static Part of(Patterns patterns, PatternPrices prices, List<Stock> stock, long[] costs, double wellUsed) {
        RoundedCut cut = new RoundedCut(patterns, stock, costs);
        for (Map.Entry<Pattern, Double> use : prices.uses().entrySet()) {
            for (int i = 1; i <= use.getValue() + ROUNDING; i++) {
                cut.lay(use.getKey());
            }
        }
        boolean more = true;
        while (more) {
            more = cut.layBest(prices, wellUsed);
        }
        return new Part(cut.laid, cut.left());
    }

    /** Whether a board that is used well was found. */
    private boolean layBest(PatternPrices prices, double wellUsed) {
        Pattern best = null;
        double most = wellUsed;
        for (Pattern pattern : prices.uses().keySet()) {
            double used = boardsLeft[pattern.board()] > 0
                    ? prices.worth(taken(pattern)) / Math.max(1, costs[pattern.board()])
                    : 0;
            if (used > most) {
                most = used;
                best = pattern;
            }
        }
        if (best != null) {
            lay(best);
        }
        return best != null;
    }

    /** What a board cut by a pattern takes of what is still wanted. */
    private int[] taken(Pattern pattern) {
        int[] taken = new int[wanted.length];
        for (int kind = 0; kind < taken.length; kind++) {
            taken[kind] = Math.min(wanted[kind], pattern.counts().get(kind));
        }
        return taken;
    }

    private void lay(Pattern pattern) {
        int[] taken = taken(pattern);
        List<Length> pieces = patterns.pieces(Patterns.pattern(pattern.board(), taken));
        if (pieces.isEmpty() || boardsLeft[pattern.board()] == 0) {
            return;
        }
        for (int kind = 0; kind < taken.length; kind++) {
            wanted[kind] -= taken[kind];
        }
        Stock board = stock.get(pattern.board());
        if (board.isLimited()) {
            boardsLeft[pattern.board()]--;
        }
        laid.add(new CutList.LaidBoard(board.length(), pieces, board.isLimited()));
    }

    private List<Length> left() {
        return patterns.pieces(Patterns.pattern(0, wanted));
    }
}
