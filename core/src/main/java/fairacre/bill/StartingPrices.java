package fairacre.bill;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Prices to begin with, until the gardener has asked a shop. They are invented round figures of the right order of
 * magnitude, every one marked as a guess. For currencies without a rough rate the price book starts empty.
 */
public final class StartingPrices {

    /** What a US dollar is worth, to one digit or so; invented for the guesses alone. */
    private static final Map<String, Double> ROUGHLY = Map.ofEntries(
            Map.entry("USD", 1.0),
            Map.entry("EUR", 0.9),
            Map.entry("GBP", 0.8),
            Map.entry("CAD", 1.4),
            Map.entry("AUD", 1.5),
            Map.entry("NZD", 1.7),
            Map.entry("CHF", 0.9),
            Map.entry("SEK", 10.0),
            Map.entry("NOK", 10.0),
            Map.entry("DKK", 7.0),
            Map.entry("PLN", 4.0),
            Map.entry("CZK", 23.0),
            Map.entry("JPY", 150.0),
            Map.entry("ZAR", 18.0),
            Map.entry("INR", 85.0),
            Map.entry("MXN", 19.0),
            Map.entry("BRL", 5.5));

    /** What is less is rounded to no tenth. */
    private static final double NEXT_TO_NOTHING = 0.05;

    private StartingPrices() {}

    public static List<Price> in(CurrencyUnit currency) {
        Double rate = ROUGHLY.get(currency.getCode());
        return rate == null
                ? List.of()
                : PriceItem.offers()
                        .map(offer -> guess(offer.item(), offer.dollars() * rate, currency))
                        .toList();
    }

    /**
     * Rounded to a tenth, what would be nothing then to the smallest coin; to a whole unit where there is no smaller
     * coin.
     */
    private static Price guess(PriceItem item, double amount, CurrencyUnit currency) {
        int digits = Math.min(amount < NEXT_TO_NOTHING ? 2 : 1, currency.getDecimalPlaces());
        BigDecimal rounded = BigDecimal.valueOf(amount).setScale(digits, RoundingMode.HALF_UP);
        return new Price(item, Money.of(currency, rounded), true);
    }
}
