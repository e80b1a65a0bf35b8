package fairacre.cost;

import fairacre.bill.BillPart;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Served;
import java.util.List;

/** The pieces of one kind of board that go into one thing, with the marks that they have among all of the season. */
public record PlacedBoards(int season, BillPart part, BoardKind kind, Served served, List<MarkedPiece> pieces) {

    public PlacedBoards {
        pieces = List.copyOf(pieces);
    }
}
