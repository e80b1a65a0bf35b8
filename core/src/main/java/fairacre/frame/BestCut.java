package fairacre.frame;

import java.math.BigDecimal;

/**
 * The best layout of pieces on boards that was found, and what no layout undercuts.
 *
 * @param cutList of layouts that cost the same the one with fewest boards
 * @param cost of the boards, in the unit of their prices
 * @param bound no layout whatever costs less
 */
public record BestCut(CutList cutList, BigDecimal cost, BigDecimal bound) {

    /** Whether no layout can be cheaper. */
    public boolean isLeast() {
        return cost.compareTo(bound) <= 0;
    }
}
