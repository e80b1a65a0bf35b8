package fairacre.cost;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.frame.CutList;
import java.util.List;

/**
 * How the boards of one kind are cut that are wanted in a season for one part of the work.
 *
 * @param pieces every length once, longest first
 */
public record CuttingPlan(
        int season, BillPart part, Material material, Board board, CutList cutList, List<MarkedPiece> pieces) {

    public CuttingPlan {
        pieces = List.copyOf(pieces);
    }
}
