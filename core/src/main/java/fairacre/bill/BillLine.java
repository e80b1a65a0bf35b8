package fairacre.bill;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Something to buy in a season.
 *
 * @param used how much of the quantity the plan uses up, to a thousandth: the rest is left over; empty where nothing is
 *     rounded up
 * @param price for one; empty if the price book has none
 * @param amount quantity times price, rounded half up; empty without a price; zero for what is free
 * @param beds the beds it serves
 * @param places the walks and drains it serves
 */
public record BillLine(
        int season,
        BillPart part,
        PriceItem item,
        BigDecimal quantity,
        Optional<BigDecimal> used,
        Optional<Money> price,
        Optional<Money> amount,
        Acquired acquired,
        List<UUID> beds,
        List<UUID> places) {

    public BillLine {
        beds = List.copyOf(beds);
        places = List.copyOf(places);
    }

    public static BillLine of(
            int season,
            BillPart part,
            PriceItem item,
            BigDecimal quantity,
            Optional<Money> price,
            Acquired acquired,
            List<UUID> beds,
            List<UUID> places,
            CurrencyUnit currency) {
        Optional<Money> amount = acquired == Acquired.FREE ? Optional.of(Money.zero(currency)) : worth(quantity, price);
        return new BillLine(season, part, item, quantity, Optional.empty(), price, amount, acquired, beds, places);
    }

    public BillLine using(BigDecimal much) {
        return new BillLine(season, part, item, quantity, Optional.of(much), price, amount, acquired, beds, places);
    }

    /**
     * The same lines, those for the same thing of the same season and part made one, where the first of them stands.
     */
    public static List<BillLine> merged(List<BillLine> lines, CurrencyUnit currency) {
        Map<List<Object>, BillLine> merged = new LinkedHashMap<>();
        lines.forEach(line -> merged.merge(
                List.of(line.season, line.part, line.item), line, (one, other) -> one.plus(other, currency)));
        return List.copyOf(merged.values());
    }

    private BillLine plus(BillLine other, CurrencyUnit currency) {
        BillLine sum = of(
                season,
                part,
                item,
                quantity.add(other.quantity),
                price,
                acquired,
                both(beds, other.beds),
                both(places, other.places),
                currency);
        return used.flatMap(one -> other.used.map(one::add)).map(sum::using).orElse(sum);
    }

    private static List<UUID> both(List<UUID> one, List<UUID> other) {
        return Stream.concat(one.stream(), other.stream()).distinct().sorted().toList();
    }

    /** What it costs, or would if it weren't free; empty without a price. */
    Optional<Money> worth() {
        return worth(quantity, price);
    }

    private static Optional<Money> worth(BigDecimal quantity, Optional<Money> price) {
        return price.map(p -> p.multipliedBy(quantity, RoundingMode.HALF_UP));
    }
}
