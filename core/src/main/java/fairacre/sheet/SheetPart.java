package fairacre.sheet;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * Parts that are alike.
 *
 * @param length along the sheet's length, 1 mm to 10 m
 * @param width 1 mm to 10 m
 * @param count 1 to 200
 * @param turns whether it may be turned by a quarter: nothing runs along the sheet
 */
public record SheetPart(String name, Length length, Length width, int count, boolean turns) {

    private static final Length LEAST = Length.millimetres(1);
    private static final Length MOST = Length.metres(10);
    private static final int MOST_ALIKE = 200;

    public SheetPart {
        name = Limits.name(name, "name");
        Limits.between(length, LEAST, MOST, "length");
        Limits.between(width, LEAST, MOST, "width");
        Limits.between(count, 1, MOST_ALIKE, "count");
    }

    boolean fits(StockSheet sheet) {
        return fits(sheet.length(), sheet.width());
    }

    /** On a sheet of such a length and width. */
    boolean fits(Length along, Length across) {
        return length.compareTo(along) <= 0 && width.compareTo(across) <= 0
                || turns && width.compareTo(along) <= 0 && length.compareTo(across) <= 0;
    }

    /** Square micrometres. */
    double area() {
        return (double) length.micrometres() * width.micrometres();
    }
}
