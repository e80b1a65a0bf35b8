package fairacre.ledger;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * What is still to be bought for a season, shop by shop. What comes free is not on it, nor what receipts say is bought.
 * Empty once all is.
 *
 * @param shops in alphabetical order; things that were bought nowhere yet come last
 * @param total of what has a price
 * @param unpriced how many things have none
 */
public record ShoppingList(int season, List<AtShop> shops, Money total, int unpriced) {

    /** @param shop where it was bought last; empty for what was bought nowhere yet */
    public record AtShop(Optional<String> shop, List<ToBuy> things) {

        public AtShop {
            things = List.copyOf(things);
        }
    }

    /**
     * @param item key of the line of the bill
     * @param part of the work, the first that wants it
     * @param each its price; empty if it isn't known
     * @param amount of so many
     */
    public record ToBuy(
            String item,
            String label,
            BillPart part,
            BigDecimal quantity,
            Optional<Money> each,
            Optional<Money> amount) {

        /** The same thing for another part of the work too. */
        private ToBuy plus(ToBuy other) {
            return new ToBuy(
                    item,
                    label,
                    part,
                    quantity.add(other.quantity),
                    each,
                    amount.flatMap(one -> other.amount.map(one::plus)));
        }
    }

    public ShoppingList {
        shops = List.copyOf(shops);
    }

    /** @param shops where each item was bought last, by its key */
    public static ShoppingList of(Bill bill, List<Paid> paid, int season, Map<String, String> shops) {
        Map<String, ToBuy> byItem = new HashMap<>();
        Outstanding.of(bill, paid).stream()
                .filter(out -> out.line().season() == season)
                .filter(out ->
                        out.line().acquired() != Acquired.FREE && out.quantity().signum() > 0)
                .map(ShoppingList::thing)
                .forEach(thing -> byItem.merge(thing.item(), thing, ToBuy::plus));
        List<ToBuy> things = byItem.values().stream()
                .sorted(Comparator.comparing(ToBuy::part).thenComparing(ToBuy::label))
                .toList();
        Map<String, List<ToBuy>> known = things.stream()
                .filter(thing -> shops.containsKey(thing.item()))
                .collect(Collectors.groupingBy(thing -> shops.get(thing.item()), TreeMap::new, Collectors.toList()));
        List<AtShop> all = new ArrayList<>();
        known.forEach((shop, there) -> all.add(new AtShop(Optional.of(shop), there)));
        List<ToBuy> anywhere = things.stream()
                .filter(thing -> !shops.containsKey(thing.item()))
                .toList();
        if (!anywhere.isEmpty()) {
            all.add(new AtShop(Optional.empty(), anywhere));
        }
        Money total = things.stream()
                .flatMap(thing -> thing.amount().stream())
                .reduce(Money.zero(bill.currency()), Money::plus);
        return new ShoppingList(season, all, total, (int)
                things.stream().filter(thing -> thing.amount().isEmpty()).count());
    }

    private static ToBuy thing(Outstanding out) {
        return new ToBuy(
                out.line().item().key(),
                out.line().item().label(),
                out.line().part(),
                out.quantity(),
                out.line().price(),
                out.amount());
    }
}
