package fairacre.plan;

import fairacre.bill.PriceItem;
import fairacre.parts.Part;
import java.util.stream.Stream;

/** A part of the trade that sells kinds of the gardener's own. */
public interface OwnItems extends Part {

    /** What can be bought because of them. */
    Stream<PriceItem> ownItems(Plan plan);
}
