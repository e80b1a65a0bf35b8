package fairacre.cost;

import fairacre.plan.Board;
import fairacre.plan.Kit;
import fairacre.plan.Material;
import fairacre.plan.Price;
import fairacre.plan.PriceItem;
import fairacre.measure.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Prices to begin with, until the gardener has asked a shop. They are invented round figures of the right order of magnitude,
 * every one marked as a guess: a board by the volume of its wood, a kit by its sheet metal, soil by the pack. For currencies without a rough rate the
 * price book starts empty.
 */
public final class StartingPrices {

    /** What a US dollar is worth, to one digit or so; invented for the guesses alone. */
    private static final Map<String, Double> ROUGHLY = Map.ofEntries(Map.entry("USD", 1.0), Map.entry("EUR", 0.9),
            Map.entry("GBP", 0.8), Map.entry("CAD", 1.4), Map.entry("AUD", 1.5), Map.entry("NZD", 1.7),
            Map.entry("CHF", 0.9), Map.entry("SEK", 10.0), Map.entry("NOK", 10.0), Map.entry("DKK", 7.0),
            Map.entry("PLN", 4.0), Map.entry("CZK", 23.0), Map.entry("JPY", 150.0), Map.entry("ZAR", 18.0),
            Map.entry("INR", 85.0), Map.entry("MXN", 19.0), Map.entry("BRL", 5.5));
    private static final Map<Material, Double> WOOD_PER_CUBIC_METRE = Map.of(Material.SOFTWOOD, 650.0,
            Material.CEDAR, 1900.0, Material.TREATED, 900.0, Material.HARDWOOD, 2600.0);
    private static final double METAL_PER_SQUARE_METRE = 45;
    private static final Map<PriceItem, Double> SOIL = Map.of(PriceItem.SOIL_CUBIC_YARD, 48.0,
            PriceItem.SOIL_CUBIC_METRE, 63.0, PriceItem.SOIL_BAG_CUBIC_FEET, 9.0, PriceItem.SOIL_BAG_LITRES, 10.5,
            PriceItem.SOIL_DELIVERY, 75.0);

    private StartingPrices() {}

    public static List<Price> in(CurrencyUnit currency) {
        Double rate = ROUGHLY.get(currency.getCode());
        if (rate == null) {
            return List.of();
        }
        List<Price> prices = new ArrayList<>();
        for (Material material : Material.values()) {
            for (Board board : Board.values()) {
                for (Length stock : board.stock()) {
                    double volume = board.thickness().metres() * board.width().metres() * stock.metres();
                    double amount = volume * WOOD_PER_CUBIC_METRE.get(material) * rate;
                    prices.add(guess(PriceItem.board(material, board, stock), amount, currency));
                }
            }
        }
        for (Kit kit : Kit.values()) {
            double sheet = 2 * kit.length().plus(kit.width()).metres() * kit.height().metres();
            prices.add(guess(PriceItem.kit(kit), sheet * METAL_PER_SQUARE_METRE * rate, currency));
        }
        SOIL.forEach((item, amount) -> prices.add(guess(item, amount * rate, currency)));
        return prices;
    }

    /** Rounded to a tenth, or to a whole unit where the currency has no smaller coin. */
    private static Price guess(PriceItem item, double amount, CurrencyUnit currency) {
        int digits = Math.min(1, currency.getDecimalPlaces());
        BigDecimal rounded = BigDecimal.valueOf(amount).setScale(digits, RoundingMode.HALF_UP);
        return new Price(item, Money.of(currency, rounded), true);
    }
}
