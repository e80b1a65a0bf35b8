package fairacre.ledger;

import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.joda.money.Money;

/**
 * What a season's things cost that are not bought yet.
 *
 * @param spent what was paid or ordered in the season
 * @param parts of the work with what is still to be bought for them; those that need nothing are left out
 */
public record ToBuy(Money spent, Map<BillPart, Money> parts) {

    public ToBuy {
        parts = Map.copyOf(parts);
    }

    /** Things without a price cost nothing here. */
    public static ToBuy of(Bill bill, List<Paid> paid, int season) {
        Map<BillPart, Money> parts = new EnumMap<>(BillPart.class);
        Outstanding.of(bill, paid).stream()
                .filter(each -> each.line().season() == season)
                .forEach(each -> each.amount()
                        .filter(Money::isPositive)
                        .ifPresent(amount -> parts.merge(each.line().part(), amount, Money::plus)));
        return new ToBuy(
                paid.stream()
                        .filter(line -> line.season() == season)
                        .map(Paid::cost)
                        .reduce(Money.zero(bill.currency()), Money::plus),
                parts);
    }
}
