package fairacre.bill;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * What a shop asked for one of an item on a day. Of several for an item the pinned one counts, else the newest.
 *
 * @param amount as the shop says it, zero or more, in the garden's currency
 * @param shop empty if it isn't said
 * @param tax per cent that come on top, 0 to 50 with at most two decimals; 0 where the amount holds it already
 * @param pinned whether the plan goes by this one whatever is newer
 */
public record Quote(
        UUID id, PriceItem item, Money amount, Optional<String> shop, LocalDate date, BigDecimal tax, boolean pinned) {

    private static final BigDecimal MOST_TAX = BigDecimal.valueOf(50);
    private static final int TAX_DECIMALS = 2;

    public Quote {
        Limits.present(id, "id");
        Limits.present(item, "item");
        Amounts.check(amount, "amount");
        shop = shop == null
                ? Optional.empty()
                : shop.filter(name -> !name.isBlank()).map(name -> Limits.name(name, "shop"));
        Limits.present(date, "date");
        Limits.between(date.getYear(), Limits.FIRST_SEASON, Limits.LAST_SEASON, "date");
        tax = tax == null ? BigDecimal.ZERO : tax;
        if (tax.signum() < 0 || tax.compareTo(MOST_TAX) > 0) {
            throw new RefusedException(
                    "tax", tax.toPlainString() + " % is out of range", "give between 0 and 50 per cent");
        }
        tax = tax.setScale(TAX_DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    }

    /** With the tax, rounded half up to the currency's minor unit. */
    public Money gross() {
        return amount.plus(amount.multipliedBy(tax.movePointLeft(2), RoundingMode.HALF_UP));
    }
}
