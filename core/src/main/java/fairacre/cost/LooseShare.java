package fairacre.cost;

import fairacre.goods.BulkGood;
import fairacre.takeoff.Served;
import fairacre.takeoff.Use;

/**
 * What one thing takes of a loose good.
 *
 * @param much litres, or whole bags of what is bought in bags; the bags of all things are as many as the bill buys
 */
public record LooseShare(int season, Use use, BulkGood good, Served served, Origin origin, double much) {

    /** Where it comes from. */
    public enum Origin {
        /** There already, or dug out on the plot. */
        ON_HAND,
        /** Tipped by a lorry. */
        BULK,
        BAGS
    }
}
