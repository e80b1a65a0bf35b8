package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.measure.Length;
import java.util.List;

/** Pieces that are cut from boards of one kind for a bed or something else of one part of the work. */
public record Boards(int season, BillPart part, BoardKind kind, List<Length> pieces, Served served) {

    public Boards {
        pieces = List.copyOf(pieces);
    }
}
