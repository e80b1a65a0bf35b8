package fairacre.bill;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Everything to buy, by season, part and item.
 *
 * @param quick whether some boards or sheets are laid out by the quick rule, since the best layout is not known yet
 */
public record Bill(CurrencyUnit currency, List<BillLine> lines, boolean quick) {

    public Bill {
        lines = List.copyOf(lines);
    }

    public Bill(CurrencyUnit currency, List<BillLine> lines) {
        this(currency, lines, false);
    }

    /** Sum of the lines that have a price. */
    public Money total() {
        return sum(BillLine::amount);
    }

    public Money total(int season) {
        return sum(line -> line.season() == season ? line.amount() : Optional.empty());
    }

    public Money total(BillPart part) {
        return sum(line -> line.part() == part ? line.amount() : Optional.empty());
    }

    /** What remains when the garden is done, tools for instance: part of the total. */
    public Money kept() {
        return sum(line -> line.acquired() == Acquired.KEPT ? line.amount() : Optional.empty());
    }

    /** What the free things with a price would have cost. */
    public Money saved() {
        return sum(line -> line.acquired() == Acquired.FREE ? line.worth() : Optional.empty());
    }

    private Money sum(Function<BillLine, Optional<Money>> amount) {
        return lines.stream().flatMap(line -> amount.apply(line).stream()).reduce(Money.zero(currency), Money::plus);
    }

    public int unpriced() {
        return (int) lines.stream().filter(line -> line.amount().isEmpty()).count();
    }
}
