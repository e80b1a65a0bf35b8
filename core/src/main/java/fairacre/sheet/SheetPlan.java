package fairacre.sheet;

import fairacre.measure.Length;
import java.util.List;
import org.joda.money.Money;

/**
 * Which sheets are bought and what is cut out of each.
 *
 * @param cost of all sheets
 * @param bound no cutting costs less
 */
public record SheetPlan(List<CutSheet> sheets, Money cost, Money bound) {

    public SheetPlan {
        sheets = List.copyOf(sheets);
    }

    /** Whether no cutting is cheaper. */
    public boolean proven() {
        return !cost.isGreaterThan(bound);
    }

    /** A sheet with its parts. */
    public record CutSheet(StockSheet stock, List<PlacedPart> parts) {

        public CutSheet {
            parts = List.copyOf(parts);
        }
    }

    /**
     * A part on a sheet.
     *
     * @param x of its corner nearest to a corner of the sheet, along the sheet's length
     * @param turned whether its length runs along the sheet's width
     */
    public record PlacedPart(SheetPart part, Length x, Length y, boolean turned) {

        /** Along the sheet's length. */
        public Length along() {
            return turned ? part.width() : part.length();
        }

        public Length across() {
            return turned ? part.length() : part.width();
        }
    }
}
