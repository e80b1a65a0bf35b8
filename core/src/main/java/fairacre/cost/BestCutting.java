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
 * @param cost of the boards to buy; empty while a stock length has no price, and then the layout takes the least length of board
 * @param bound no layout costs less; empty if that was not worked out or prices are missing
 */
public record BestCutting(int season, Material material, Board board, CutList cutList, boolean least, Optional<Money> cost,
        Optional<Money> bound) {}
