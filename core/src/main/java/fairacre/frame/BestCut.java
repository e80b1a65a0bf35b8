package fairacre.frame;

import java.math.BigDecimal;

/**
 * The best layout of pieces on boards that was found, and what no layout undercuts.
 *
 * @param cutList of layouts that cost about the same the one with fewest boards to buy
 * @param cost of the boards, in the unit of their prices
 * @param cheapest cost of the cheapest layout that was found
 * @param bound no layout whatever costs less
 */
public record BestCut(CutList cutList, BigDecimal cost, BigDecimal cheapest, BigDecimal bound) {

    /** One that is itself the cheapest that was found. */
    public BestCut(CutList cutList, BigDecimal cost, BigDecimal bound) {
        this(cutList, cost, cost, bound);
    }

    /** Whether no layout can be cheaper than the cheapest that was found. */
    public boolean isLeast() {
        return cheapest.compareTo(bound) <= 0;
    }

    /** What it costs more than the cheapest, for fewer boards. */
    public BigDecimal dearer() {
        return cost.subtract(cheapest);
    }

    int boards() {
        return cutList.boards().stream().mapToInt(BoardsOfLength::count).sum();
    }
}
