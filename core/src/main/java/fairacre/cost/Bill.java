package fairacre.cost;

import java.util.List;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Everything to buy, by season, part and item. */
public record Bill(CurrencyUnit currency, List<BillLine> lines) {

    public Bill {
        lines = List.copyOf(lines);
    }

    /** Sum of the lines that have a price. */
    public Money total() {
        return lines.stream().flatMap(line -> line.amount().stream()).reduce(Money.zero(currency), Money::plus);
    }

    public Money total(int season) {
        return new Bill(currency, lines.stream().filter(line -> line.season() == season).toList()).total();
    }

    public int unpriced() {
        return (int) lines.stream().filter(line -> line.amount().isEmpty()).count();
    }
}
