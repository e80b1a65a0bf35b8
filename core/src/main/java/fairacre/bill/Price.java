package fairacre.bill;

import fairacre.limits.Limits;
import org.joda.money.Money;

/**
 * What one of an item costs.
 *
 * @param amount zero or more, in the garden's currency; zero is a gift
 * @param guess true for a starting price of the program's own that no shop has confirmed
 */
public record Price(PriceItem item, Money amount, boolean guess) {

    public Price {
        Limits.present(item, "item");
        Amounts.check(amount, "amount");
    }
}
