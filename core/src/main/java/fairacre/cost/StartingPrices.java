package fairacre.cost;

import fairacre.fill.BulkPurchase;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Board;
import fairacre.plan.BulkGood;
import fairacre.plan.Fastener;
import fairacre.plan.Fittings.Support;
import fairacre.plan.Kit;
import fairacre.plan.LayerKind;
import fairacre.plan.Masonry;
import fairacre.plan.Material;
import fairacre.plan.Price;
import fairacre.plan.PriceItem;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Prices to begin with, until the gardener has asked a shop. They are invented round figures of the right order of
 * magnitude, every one marked as a guess: a board by the volume of its wood, a kit by its sheet metal, soil by the
 * pack. For currencies without a rough rate the price book starts empty.
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

    private static final Map<Material, Double> WOOD_PER_CUBIC_METRE = Map.of(
            Material.SOFTWOOD, 650.0, Material.CEDAR, 1900.0, Material.TREATED, 900.0, Material.HARDWOOD, 2600.0);
    private static final double METAL_PER_SQUARE_METRE = 45;
    /** A loose cubic metre, tipped. */
    private static final Map<BulkGood, Double> LOOSE = Map.ofEntries(
            Map.entry(BulkGood.GARDEN_MIX, 63.0),
            Map.entry(BulkGood.TOPSOIL, 40.0),
            Map.entry(BulkGood.COMPOST, 45.0),
            Map.entry(BulkGood.PEAT_OR_COIR, 120.0),
            Map.entry(BulkGood.VERMICULITE, 300.0),
            Map.entry(BulkGood.LEAF_MOULD, 55.0),
            Map.entry(BulkGood.MANURE, 30.0),
            Map.entry(BulkGood.WOOD, 0.0),
            Map.entry(BulkGood.CHIP, 35.0),
            Map.entry(BulkGood.BASE, 42.0),
            Map.entry(BulkGood.FINES, 45.0),
            Map.entry(BulkGood.SAND, 45.0),
            Map.entry(BulkGood.STONE, 55.0));
    /** How many times the price of the same stuff loose what is bagged costs. */
    private static final double BAGGED = 3.33;

    private static final double DELIVERY = 75;
    /** A square metre of a walk; cardboard is given away. */
    private static final Map<LayerKind, Double> COVERING = Map.of(
            LayerKind.CARDBOARD,
            0.0,
            LayerKind.FABRIC,
            1.5,
            LayerKind.PAVERS,
            28.0,
            LayerKind.DECKING,
            40.0,
            LayerKind.MATTING,
            22.0,
            LayerKind.TURF,
            6.0);

    private static final double EDGING_PER_METRE = 4;
    private static final double DRAIN_PIPE_PER_METRE = 3;
    private static final Map<Fastener, Double> BOX = Map.of(
            Fastener.SHORT_SCREW, 9.0, Fastener.LONG_SCREW, 14.0, Fastener.COACH_SCREW, 12.0, Fastener.PIN, 25.0);
    private static final Map<Masonry, Double> MASONRY =
            Map.of(Masonry.BLOCK, 2.5, Masonry.BRICK, 0.8, Masonry.STONE, 180.0);
    private static final double MORTAR = 8;
    private static final double ROD_PER_METRE = 6;
    private static final double STRAP_PER_METRE = 2;
    private static final double LINER_PER_SQUARE_METRE = 1.2;
    private static final double CLOTH_PER_SQUARE_METRE = 8;
    private static final double METRES_PER_FOOT = Length.feet(1).metres();

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
            double sheet =
                    2 * kit.length().plus(kit.width()).metres() * kit.height().metres();
            prices.add(guess(PriceItem.kit(kit), sheet * METAL_PER_SQUARE_METRE * rate, currency));
        }
        LOOSE.forEach((good, amount) -> prices.addAll(packs(good, amount * rate, currency)));
        prices.add(guess(PriceItem.SOIL_DELIVERY, DELIVERY * rate, currency));
        COVERING.forEach((kind, amount) -> {
            prices.add(guess(PriceItem.area(kind, Units.METRIC), amount * rate, currency));
            prices.add(guess(
                    PriceItem.area(kind, Units.FEET_AND_INCHES),
                    amount * rate * METRES_PER_FOOT * METRES_PER_FOOT,
                    currency));
        });
        BOX.forEach((fastener, amount) -> prices.add(guess(PriceItem.fastener(fastener), amount * rate, currency)));
        MASONRY.forEach((kind, amount) -> prices.add(guess(PriceItem.masonry(kind), amount * rate, currency)));
        prices.add(guess(PriceItem.MORTAR, MORTAR * rate, currency));
        for (Units units : Units.values()) {
            double metres = units == Units.METRIC ? 1 : METRES_PER_FOOT;
            prices.add(guess(PriceItem.edging(units), EDGING_PER_METRE * rate * metres, currency));
            prices.add(guess(PriceItem.drainPipe(units), DRAIN_PIPE_PER_METRE * rate * metres, currency));
            prices.add(guess(PriceItem.tie(Support.RODS, units), ROD_PER_METRE * rate * metres, currency));
            prices.add(guess(PriceItem.tie(Support.STRAPS, units), STRAP_PER_METRE * rate * metres, currency));
            prices.add(guess(PriceItem.liner(units), LINER_PER_SQUARE_METRE * rate * metres * metres, currency));
            prices.add(guess(PriceItem.cloth(units), CLOTH_PER_SQUARE_METRE * rate * metres * metres, currency));
        }
        return prices;
    }

    private static List<Price> packs(BulkGood good, double cubicMetre, CurrencyUnit currency) {
        return Arrays.stream(Units.values())
                .flatMap(units -> Stream.of(
                        guess(
                                PriceItem.loose(good, units),
                                cubicMetre * BulkPurchase.looseUnit(units).cubicMetres(),
                                currency),
                        guess(
                                PriceItem.bag(good, units),
                                cubicMetre * BAGGED * BulkPurchase.bag(units).cubicMetres(),
                                currency)))
                .toList();
    }

    /** Rounded to a tenth, or to a whole unit where the currency has no smaller coin. */
    private static Price guess(PriceItem item, double amount, CurrencyUnit currency) {
        int digits = Math.min(1, currency.getDecimalPlaces());
        BigDecimal rounded = BigDecimal.valueOf(amount).setScale(digits, RoundingMode.HALF_UP);
        return new Price(item, Money.of(currency, rounded), true);
    }
}
