package fairacre.cost;

import fairacre.frame.CutList;
import fairacre.plan.Board;
import fairacre.plan.Material;
import java.util.Optional;
import org.joda.money.Money;

/**
 * The cheapest layout that was found for the boards of one kind that are bought in a season.
 *
 * @param cutList offcuts that were at hand among its boards
 * @param least whether no layout is cheaper
 * @param reckoned boards on the bill, which goes by a layout that is found at once
 * @param cost of the boards to buy; empty while a stock length has no price, and then the layout takes the least length of board
 * @param bound no layout costs less; empty if that was not worked out or prices are missing
 * @param saved against the boards on the bill
 */
public record BestCutting(int season, Material material, Board board, CutList cutList, boolean least, int reckoned,
        Optional<Money> cost, Optional<Money> bound, Optional<Money> saved) {}
