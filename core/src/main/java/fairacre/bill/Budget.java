package fairacre.bill;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * What the whole project may cost.
 *
 * @param sum zero or more; its currency is the garden's
 * @param contingency per cent of the sum held back for surprises, 0 to 50 with at most one decimal; 10 to 15 is wise
 *     (common practice)
 * @param shares what of it is meant for parts of the work and for seasons, one for each at most; they need not add up
 *     to the sum
 */
public record Budget(Money sum, BigDecimal contingency, List<Share> shares) {

    private static final BigDecimal MOST_CONTINGENCY = BigDecimal.valueOf(50);
    private static final int MOST_SHARES = 100;
    private static final Comparator<Share> ORDER = Comparator.comparing(
                    (Share share) -> share.part().map(BillPart::ordinal).orElse(BillPart.values().length))
            .thenComparing(share -> share.season().orElse(0));

    public Budget {
        Amounts.check(sum, "sum");
        Limits.present(contingency, "contingency");
        if (contingency.signum() < 0 || contingency.compareTo(MOST_CONTINGENCY) > 0) {
            throw new RefusedException(
                    "contingency",
                    contingency.toPlainString() + " % is out of range",
                    "give between 0 and 50 per cent");
        }
        contingency = contingency.setScale(1, RoundingMode.HALF_UP);
        shares = shares == null ? List.of() : shares.stream().sorted(ORDER).toList();
        Limits.atMost(MOST_SHARES, shares, "shares");
        for (int i = 0; i < shares.size(); i++) {
            Amounts.sameCurrency(sum.getCurrencyUnit(), shares.get(i).amount(), "shares/" + i + "/amount");
            if (i > 0 && shares.get(i).rivals(shares.get(i - 1))) {
                throw new RefusedException(
                        "shares/" + i, "it is given twice", "give one share for each part and season");
            }
        }
    }

    /** Without shares. */
    public Budget(Money sum, BigDecimal contingency) {
        this(sum, contingency, List.of());
    }

    /** The part held back, rounded half up to the currency's minor unit. */
    public Money held() {
        return sum.multipliedBy(contingency.movePointLeft(2), RoundingMode.HALF_UP);
    }

    public Budget withSum(Money newSum) {
        return new Budget(newSum, contingency, shares);
    }

    /** With this one in place of that for the same part or season. */
    public Budget withShare(Share share) {
        return new Budget(
                sum,
                contingency,
                Stream.concat(shares.stream().filter(other -> !other.rivals(share)), Stream.of(share))
                        .toList());
    }
}
