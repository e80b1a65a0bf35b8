package fairacre.ledger;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.joda.money.Money;

/** An amount shared out so that the shares add up to it. */
final class Spread {

    private Spread() {}

    /**
     * Shares in proportion to weights, each of whole minor units: by the largest remainder (Hamilton's method), the
     * earlier line where two are the same. Without any weight all get the same.
     *
     * @param amount not negative
     * @param weights not negative, in the same currency; at least one
     */
    static List<Money> of(Money amount, List<Money> weights) {
        List<BigInteger> by = weights.stream().map(Spread::minor).toList();
        BigInteger sum = by.stream().reduce(BigInteger.ZERO, BigInteger::add);
        if (sum.signum() == 0) {
            by = weights.stream().map(w -> BigInteger.ONE).toList();
            sum = BigInteger.valueOf(weights.size());
        }
        BigInteger left = minor(amount);
        List<BigInteger> shares = new ArrayList<>();
        List<BigInteger> remainders = new ArrayList<>();
        for (BigInteger weight : by) {
            BigInteger[] parts = minor(amount).multiply(weight).divideAndRemainder(sum);
            shares.add(parts[0]);
            remainders.add(parts[1]);
            left = left.subtract(parts[0]);
        }
        IntStream.range(0, shares.size())
                .boxed()
                .sorted(Comparator.comparing(remainders::get, Comparator.reverseOrder()))
                .limit(left.intValueExact())
                .forEach(line -> shares.set(line, shares.get(line).add(BigInteger.ONE)));
        int digits = amount.getCurrencyUnit().getDecimalPlaces();
        return shares.stream()
                .map(share -> Money.of(amount.getCurrencyUnit(), new BigDecimal(share, digits)))
                .toList();
    }

    private static BigInteger minor(Money money) {
        return money.getAmount().unscaledValue();
    }
}
