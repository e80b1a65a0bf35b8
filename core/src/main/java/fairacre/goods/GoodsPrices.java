package fairacre.goods;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Loose goods in bags and by the lorry, and what covers walks and the ground below beds. */
public final class GoodsPrices implements PriceList {

    public static final PriceItem SOIL_CUBIC_YARD = loose(BulkGood.GARDEN_MIX, Units.FEET_AND_INCHES);
    public static final PriceItem SOIL_CUBIC_METRE = loose(BulkGood.GARDEN_MIX, Units.METRIC);
    public static final PriceItem SOIL_BAG_CUBIC_FEET = bag(BulkGood.GARDEN_MIX, Units.FEET_AND_INCHES);
    public static final PriceItem SOIL_BAG_LITRES = bag(BulkGood.GARDEN_MIX, Units.METRIC);
    /** Of whatever a lorry tips. */
    public static final PriceItem SOIL_DELIVERY = new PriceItem("soil/delivery", "Delivery of a bulk load");

    private static final double LITRES_PER_BAG = 50;
    private static final double LITRES_PER_BAG_FEET = 42.475269888;
    private static final double LITRES_PER_CUBIC_METRE = 1000;
    private static final double LITRES_PER_CUBIC_YARD = 764.554857984;

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

    @Override
    public Stream<Offer> offers() {
        return Stream.of(
                        Arrays.stream(BulkGood.values()).flatMap(GoodsPrices::packs),
                        Stream.of(new Offer(SOIL_DELIVERY, DELIVERY)),
                        Arrays.stream(LayerKind.values())
                                .filter(kind -> kind.good().isEmpty())
                                .flatMap(kind -> Offer.byArea(units -> area(kind, units), COVERING.get(kind))))
                .flatMap(offers -> offers);
    }

    @Override
    public Optional<Double> kilograms(PriceItem item) {
        return Arrays.stream(BulkGood.values())
                .flatMap(good -> Arrays.stream(Units.values())
                        .filter(units -> item.equals(bag(good, units)))
                        .map(units -> bagOf(units).cubicMetres() * good.mostDensity()))
                .findFirst();
    }

    private static Stream<Offer> packs(BulkGood good) {
        double cubicMetre = LOOSE.get(good);
        return Arrays.stream(Units.values())
                .flatMap(units -> Stream.of(
                        new Offer(
                                loose(good, units),
                                cubicMetre * looseUnit(units).cubicMetres()),
                        new Offer(
                                bag(good, units),
                                cubicMetre * BAGGED * bagOf(units).cubicMetres())));
    }

    /** Tipped by a lorry, by the cubic yard or the cubic metre. */
    public static PriceItem loose(BulkGood good, Units units) {
        return units == Units.METRIC
                ? new PriceItem(good.key() + "/loose/cubic-metre", good.label() + ", bulk, a cubic metre (by the half)")
                : new PriceItem(good.key() + "/loose/cubic-yard", good.label() + ", bulk, a cubic yard (by the half)");
    }

    /** Of 1.5 cu ft or 50 L. */
    public static PriceItem bag(BulkGood good, Units units) {
        return units == Units.METRIC
                ? new PriceItem(good.key() + "/bag/50l", good.label() + ", bag of 50 L")
                : new PriceItem(good.key() + "/bag/1.5cuft", good.label() + ", bag of 1.5 cu ft");
    }

    /** What covers a square foot or a square metre of a walk. */
    public static PriceItem area(LayerKind kind, Units units) {
        return units == Units.METRIC
                ? new PriceItem("walk/" + kind.key() + "/square-metre", kind.label() + ", a square metre")
                : new PriceItem("walk/" + kind.key() + "/square-foot", kind.label() + ", a square foot");
    }

    /** Litres in a bag: 50, or 1.5 cu ft. */
    public static double bagLitres(Units units) {
        return units == Units.METRIC ? LITRES_PER_BAG : LITRES_PER_BAG_FEET;
    }

    /** Litres of what is tipped as one: a cubic metre or a cubic yard. */
    public static double looseLitres(Units units) {
        return units == Units.METRIC ? LITRES_PER_CUBIC_METRE : LITRES_PER_CUBIC_YARD;
    }

    /** What a bag holds. */
    public static Volume bagOf(Units units) {
        return Volume.litres(bagLitres(units));
    }

    /** What is tipped as one. */
    public static Volume looseUnit(Units units) {
        return Volume.litres(looseLitres(units));
    }
}
