package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.measure.Length;

/**
 * A piece of pipe, hose or line between two joints.
 *
 * @param pipe what it is sold as, by length
 * @param material what it is, as one says it: "Dripline"
 * @param of what it belongs to: a run, a manifold or a bed, by name
 */
public record PipePiece(PriceItem pipe, String material, String of, Length length) {}
