package fairacre.cost;

import fairacre.bill.BillPart;
import fairacre.measure.Length;
import fairacre.sheet.SheetGood;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * How the sheets of one good are cut that are wanted in a season for one part of the work.
 *
 * @param label the good, in the plan's units
 * @param least whether no cutting is cheaper
 * @param cost of all sheets; empty unless every size has a price
 * @param bound no cutting costs less; empty unless every size has a price
 * @param pieces what is cut, the largest first
 * @param sheets those alike once
 */
public record CutSheets(
        int season,
        BillPart part,
        SheetGood good,
        String label,
        boolean least,
        Optional<Money> cost,
        Optional<Money> bound,
        List<SheetPiece> pieces,
        List<SheetToCut> sheets) {

    public CutSheets {
        pieces = List.copyOf(pieces);
        sheets = List.copyOf(sheets);
    }

    /**
     * Equal pieces.
     *
     * @param mark the letter that is written on each
     * @param name what it is: "Cold frame: Front"
     * @param length along the sheet's length unless it may be turned
     * @param into what they go into
     */
    public record SheetPiece(String mark, String name, Length length, Length width, int count, List<UUID> into) {

        public SheetPiece {
            into = List.copyOf(into);
        }
    }

    /** @param times so many are cut alike */
    public record SheetToCut(Length length, Length width, int times, List<PieceOnSheet> cuts) {

        public SheetToCut {
            cuts = List.copyOf(cuts);
        }
    }

    /**
     * A piece on a sheet.
     *
     * @param x of its corner nearest to a corner of the sheet, along the sheet's length
     * @param along its size along the sheet's length
     */
    public record PieceOnSheet(String mark, Length x, Length y, Length along, Length across) {}
}
