package fairacre.ledger;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Budget;
import fairacre.cost.Purse;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * What the garden will have cost: what was paid, what is ordered, and of the bill what is still to come. What was
 * bought of a thing fills the earliest seasons of the bill first; of the rest each is reckoned at the price of the
 * price book.
 *
 * @param planned the whole bill
 * @param paid all receipts together, for things on the bill or not
 * @param committed ordered and not paid yet
 * @param toCome of the bill, neither bought nor ordered
 * @param held back of the budget for surprises
 * @param left budget less paid, ordered and to come; negative when it won't suffice
 * @param state by what is left
 * @param shares of the budget, parts first
 * @param surprises what was paid for things against what they were planned at, the largest difference first
 */
public record Forecast(
        Money budget,
        Money planned,
        Money paid,
        Money committed,
        Money toCome,
        Money held,
        Money left,
        Purse.State state,
        List<OfPart> byPart,
        List<OfSeason> bySeason,
        List<OfShare> shares,
        List<Surprise> surprises) {

    /** One part of the work. */
    public record OfPart(BillPart part, Money planned, Money paid, Money committed, Money toCome) {}

    /** One season; receipts count for the year of their date. */
    public record OfSeason(int season, Money planned, Money paid, Money committed, Money toCome) {}

    /**
     * A share of the budget.
     *
     * @param left of it after what is paid, ordered and to come; negative if it won't suffice
     */
    public record OfShare(Optional<BillPart> part, Optional<Integer> season, Money amount, Money left) {}

    /**
     * A thing that cost more, or less, than planned.
     *
     * @param planned for the quantity that was bought, at the price of the price book
     */
    public record Surprise(String item, String label, Money planned, Money paid, Money more) {}

    /** What the garden comes to in the end: paid, ordered and to come. */
    public Money whole() {
        return paid.plus(committed).plus(toCome);
    }

    public static Forecast of(Budget budget, Bill bill, List<Paid> paid) {
        CurrencyUnit currency = bill.currency();
        Map<BillPart, Sums> parts = new TreeMap<>();
        Map<Integer, Sums> seasons = new TreeMap<>();
        Sums whole = new Sums(currency);
        for (Outstanding out : Outstanding.of(bill, paid)) {
            BillLine line = out.line();
            Money planned = line.amount().orElse(Money.zero(currency));
            Money toCome = out.amount().orElse(Money.zero(currency));
            for (Sums sums :
                    List.of(whole, sums(parts, line.part(), currency), sums(seasons, line.season(), currency))) {
                sums.planned = sums.planned.plus(planned);
                sums.toCome = sums.toCome.plus(toCome);
            }
        }
        for (Paid one : paid) {
            for (Sums sums : List.of(whole, sums(parts, one.part(), currency), sums(seasons, one.season(), currency))) {
                sums.add(one);
            }
        }
        Money left = budget.sum().minus(whole.paid).minus(whole.committed).minus(whole.toCome);
        return new Forecast(
                budget.sum(),
                whole.planned,
                whole.paid,
                whole.committed,
                whole.toCome,
                budget.held(),
                left,
                Purse.State.of(left, budget.held()),
                parts.entrySet().stream().map(e -> e.getValue().of(e.getKey())).toList(),
                seasons.entrySet().stream()
                        .map(e -> e.getValue().of(e.getKey()))
                        .toList(),
                budget.shares().stream()
                        .map(share -> new OfShare(
                                share.part(),
                                share.season(),
                                share.amount(),
                                share.amount()
                                        .minus(share.part()
                                                .map(parts::get)
                                                .or(() -> share.season().map(seasons::get))
                                                .map(Sums::whole)
                                                .orElse(Money.zero(currency)))))
                        .toList(),
                surprises(bill, paid, currency));
    }

    /** Running sums. */
    private static final class Sums {
        private Money planned;
        private Money paid;
        private Money committed;
        private Money toCome;

        Sums(CurrencyUnit currency) {
            planned = Money.zero(currency);
            paid = Money.zero(currency);
            committed = Money.zero(currency);
            toCome = Money.zero(currency);
        }

        void add(Paid one) {
            if (one.ordered()) {
                committed = committed.plus(one.cost());
            } else {
                paid = paid.plus(one.cost());
            }
        }

        Money whole() {
            return paid.plus(committed).plus(toCome);
        }

        OfPart of(BillPart part) {
            return new OfPart(part, planned, paid, committed, toCome);
        }

        OfSeason of(int season) {
            return new OfSeason(season, planned, paid, committed, toCome);
        }
    }

    private static <K> Sums sums(Map<K, Sums> all, K key, CurrencyUnit currency) {
        return all.computeIfAbsent(key, k -> new Sums(currency));
    }

    private static List<Surprise> surprises(Bill bill, List<Paid> all, CurrencyUnit currency) {
        List<Paid> paid = all.stream().filter(one -> !one.ordered()).toList();
        Map<String, BigDecimal> bought = Outstanding.bought(paid);
        Map<String, Money> cost = new HashMap<>();
        paid.forEach(one -> one.item().ifPresent(item -> cost.merge(item, one.cost(), Money::plus)));
        Map<String, BillLine> lines = new TreeMap<>();
        bill.lines().stream()
                .filter(line -> bought.containsKey(line.item().key()))
                .forEach(line -> lines.putIfAbsent(line.item().key(), line));
        List<Surprise> found = new ArrayList<>();
        lines.forEach((item, line) -> {
            if (line.price().isPresent()) {
                Money unit = line.acquired() == Acquired.FREE
                        ? Money.zero(currency)
                        : line.price().get();
                Money planned = unit.multipliedBy(bought.get(item), RoundingMode.HALF_UP);
                found.add(new Surprise(
                        item,
                        line.item().label(),
                        planned,
                        cost.get(item),
                        cost.get(item).minus(planned)));
            }
        });
        Function<Surprise, Money> size = surprise -> surprise.more().abs();
        found.removeIf(surprise -> surprise.more().isZero());
        found.sort(Comparator.comparing(size).reversed().thenComparing(Surprise::item));
        return found;
    }
}
