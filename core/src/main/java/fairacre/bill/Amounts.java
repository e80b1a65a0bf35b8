package fairacre.bill;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Checks on sums of money that a gardener types. */
public final class Amounts {

    private static final BigDecimal MOST = new BigDecimal("999999999");

    private Amounts() {}

    /** An amount from zero to 999 999 999. */
    public static Money check(Money amount, String field) {
        Limits.present(amount, field);
        if (amount.isNegative()) {
            throw new RefusedException(field, amount + " is less than nothing", "give zero or more");
        }
        if (amount.getAmount().compareTo(MOST) > 0) {
            throw new RefusedException(field, amount + " is more than any garden costs", "give at most " + MOST);
        }
        return amount;
    }

    public static void sameCurrency(CurrencyUnit garden, Money amount, String field) {
        if (!garden.equals(amount.getCurrencyUnit())) {
            throw new RefusedException(
                    field, amount + " is not in the garden's currency " + garden, "give an amount in " + garden);
        }
    }
}
