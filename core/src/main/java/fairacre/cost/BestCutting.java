package fairacre.cost;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.frame.CutList;
import java.util.Optional;
import org.joda.money.Money;

/**
 * The best layout that was found for the boards of one kind that are bought in a season for one part of the work: the
 * cheapest, or one about as cheap with fewer boards.
 *
 * @param cutList offcuts that were at hand among its boards
 * @param least whether no layout is cheaper than the cheapest that was found
 * @param fewer whether it is not the cheapest that was found, but takes fewer boards
 * @param cost of the boards to buy; empty while a stock length has no price, and then the layout takes the least length
 *     of board
 * @param dearer what it costs more than the cheapest that was found; empty if nothing, or while a stock length has no
 *     price
 * @param bound no layout costs less; empty if that was not worked out or prices are missing
 */
public record BestCutting(
        int season,
        BillPart part,
        Material material,
        Board board,
        CutList cutList,
        boolean least,
        boolean fewer,
        Optional<Money> cost,
        Optional<Money> dearer,
        Optional<Money> bound) {}
