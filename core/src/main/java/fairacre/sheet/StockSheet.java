package fairacre.sheet;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import org.joda.money.Money;

/**
 * A sheet as it is sold.
 *
 * @param length 0.1 to 10 m
 * @param width 0.1 to 10 m
 * @param price of one
 */
public record StockSheet(String name, Length length, Length width, Money price) {

    private static final Length LEAST = Length.metres(0.1);
    private static final Length MOST = Length.metres(10);

    public StockSheet {
        name = Limits.name(name, "name");
        Limits.between(length, LEAST, MOST, "length");
        Limits.between(width, LEAST, MOST, "width");
        Limits.present(price, "price");
    }

    /** Whether something lies on it that is so large, micrometres. */
    boolean holds(long along, long across) {
        return along <= length.micrometres() && across <= width.micrometres();
    }

    /** Square micrometres. */
    double area() {
        return (double) length.micrometres() * width.micrometres();
    }
}
