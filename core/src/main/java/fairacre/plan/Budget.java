package fairacre.plan;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.joda.money.Money;

/**
 * What the whole project may cost.
 *
 * @param sum zero or more; its currency is the garden's
 * @param contingency per cent of the sum held back for surprises, 0 to 50 with at most one decimal; 10 to 15 is wise (common
 *     practice)
 */
public record Budget(Money sum, BigDecimal contingency) {

    private static final BigDecimal MOST_CONTINGENCY = BigDecimal.valueOf(50);

    public Budget {
        Amounts.check(sum, "sum");
        Limits.present(contingency, "contingency");
        if (contingency.signum() < 0 || contingency.compareTo(MOST_CONTINGENCY) > 0) {
            throw new RefusedException("contingency", contingency.toPlainString() + " % is out of range",
                    "give between 0 and 50 per cent");
        }
        contingency = contingency.setScale(1, RoundingMode.HALF_UP);
    }

    /** The part held back, rounded half up to the currency's minor unit. */
    public Money held() {
        return sum.multipliedBy(contingency.movePointLeft(2), RoundingMode.HALF_UP);
    }
}
