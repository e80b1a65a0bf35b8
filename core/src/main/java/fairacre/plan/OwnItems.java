package fairacre.plan;

import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.parts.Part;
import java.util.stream.Stream;

/** A part of the trade that sells kinds of the gardener's own. */
public interface OwnItems extends Part {

    /** What can be bought because of them. */
    default Stream<PriceItem> ownItems(Plan plan) {
        return Stream.empty();
    }

    /** What boards are sawn of for this part. */
    default Stream<Material> timbers(Plan plan) {
        return Stream.empty();
    }

    /** Boards of the gardener's own that this part is built of. */
    default Stream<Board> boards(Plan plan) {
        return Stream.empty();
    }
}
