package fairacre.frame;

import fairacre.measure.Length;
import java.math.BigDecimal;

/**
 * Boards of one length that pieces can be cut from.
 *
 * @param price of one board, in any unit that is the same for all; nothing for an offcut that is there already
 * @param most how many there are at most; {@link #ENDLESS} for boards that are bought
 */
public record Stock(Length length, BigDecimal price, int most) {

    /** More than any garden needs. */
    public static final int ENDLESS = Integer.MAX_VALUE;

    public Stock {
        if (length.compareTo(Length.ZERO) <= 0 || price.signum() < 0 || most < 0) {
            throw new IllegalArgumentException(
                    "a board has a length, and neither its price nor its number is negative");
        }
    }

    public static Stock bought(Length length, BigDecimal price) {
        return new Stock(length, price, ENDLESS);
    }

    public static Stock offcuts(Length length, int there) {
        return new Stock(length, BigDecimal.ZERO, there);
    }

    boolean isLimited() {
        return most != ENDLESS;
    }
}
