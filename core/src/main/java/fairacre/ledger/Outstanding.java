package fairacre.ledger;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What of a line of the bill is neither bought nor ordered yet. What was bought of a thing fills the earliest seasons
 * of the bill first.
 *
 * @param quantity that is missing; zero if all is bought
 * @param amount of it at the price of the price book; empty without a price, zero for what is free
 */
record Outstanding(BillLine line, BigDecimal quantity, Optional<Money> amount) {

    /** Of each line, by season. */
    static List<Outstanding> of(Bill bill, List<Paid> paid) {
        Map<String, BigDecimal> bought = bought(paid);
        List<Outstanding> outstanding = new ArrayList<>();
        bill.lines().stream()
                .sorted(Comparator.comparing(BillLine::season))
                .forEach(line -> outstanding.add(of(line, bought)));
        return outstanding;
    }

    /** How much of each thing was bought or ordered. */
    static Map<String, BigDecimal> bought(List<Paid> paid) {
        Map<String, BigDecimal> bought = new HashMap<>();
        paid.forEach(one -> one.item().ifPresent(item -> bought.merge(item, one.quantity(), BigDecimal::add)));
        return bought;
    }

    /** Takes what is bought of a line off what was bought. */
    private static Outstanding of(BillLine line, Map<String, BigDecimal> bought) {
        String item = line.item().key();
        BigDecimal taken =
                bought.getOrDefault(item, BigDecimal.ZERO).max(BigDecimal.ZERO).min(line.quantity());
        bought.merge(item, taken.negate(), BigDecimal::add);
        BigDecimal rest = line.quantity().subtract(taken);
        if (taken.signum() == 0 || line.acquired() == Acquired.FREE) {
            return new Outstanding(line, rest, line.amount());
        }
        return new Outstanding(line, rest, line.price().map(price -> price.multipliedBy(rest, RoundingMode.HALF_UP)));
    }
}
