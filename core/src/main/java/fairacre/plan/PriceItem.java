package fairacre.plan;

import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that a shop sells by the piece: a board of one length, a bag, a measure of loose soil, a delivery.
 *
 * @param key stable name in files: {@code cedar/2x10/8ft}, {@code soil/bag/50l}
 * @param label what the gardener reads
 */
public record PriceItem(String key, String label) {

    public static final PriceItem SOIL_CUBIC_YARD = loose(BulkGood.GARDEN_MIX, Units.FEET_AND_INCHES);
    public static final PriceItem SOIL_CUBIC_METRE = loose(BulkGood.GARDEN_MIX, Units.METRIC);
    public static final PriceItem SOIL_BAG_CUBIC_FEET = bag(BulkGood.GARDEN_MIX, Units.FEET_AND_INCHES);
    public static final PriceItem SOIL_BAG_LITRES = bag(BulkGood.GARDEN_MIX, Units.METRIC);
    /** Of whatever a lorry tips. */
    public static final PriceItem SOIL_DELIVERY = new PriceItem("soil/delivery", "Delivery of a loose load");

    /** A bag, ready mixed. */
    public static final PriceItem MORTAR = new PriceItem("wall/mortar", "Mortar mix, bag of 36 kg (80 lb)");

    private static final Map<String, PriceItem> KNOWN = Stream.of(
                    Arrays.stream(BulkGood.values()).flatMap(PriceItem::packs),
                    Stream.of(SOIL_DELIVERY),
                    Arrays.stream(LayerKind.values())
                            .filter(kind -> kind.good().isEmpty())
                            .flatMap(PriceItem::areas),
                    Arrays.stream(Units.values()).flatMap(units -> Stream.of(edging(units), drainPipe(units))),
                    Arrays.stream(Fastener.values()).map(PriceItem::fastener),
                    Arrays.stream(Masonry.values()).map(PriceItem::masonry),
                    Stream.of(MORTAR),
                    Arrays.stream(Units.values())
                            .flatMap(units -> Stream.of(
                                    tie(Fittings.Support.RODS, units),
                                    tie(Fittings.Support.STRAPS, units),
                                    liner(units),
                                    cloth(units))),
                    Material.values().stream().flatMap(PriceItem::boards),
                    Arrays.stream(Kit.values()).map(PriceItem::kit))
            .flatMap(Function.identity())
            .collect(Collectors.toMap(PriceItem::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));

    /** A board of a material in one stock length. */
    public static PriceItem board(Material material, Board board, Length stock) {
        boolean metric = !Board.wholeFeet(stock);
        String size = LengthText.format(stock, metric ? Units.METRIC : Units.FEET_AND_INCHES);
        String suffix = metric ? stock.exactMetres().toPlainString() + "m" : Math.round(stock.inches() / 12) + "ft";
        return new PriceItem(
                material.key() + "/" + board.key() + "/" + suffix,
                material.label() + ", " + board.label() + ", " + size);
    }

    /** Tipped by a lorry, by the cubic yard or the cubic metre. */
    public static PriceItem loose(BulkGood good, Units units) {
        return units == Units.METRIC
                ? new PriceItem(
                        good.key() + "/loose/cubic-metre", good.label() + ", loose, a cubic metre (by the half)")
                : new PriceItem(good.key() + "/loose/cubic-yard", good.label() + ", loose, a cubic yard (by the half)");
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

    /** A foot or a metre of edging along a walk. */
    public static PriceItem edging(Units units) {
        return units == Units.METRIC
                ? new PriceItem("walk/edging/metre", "Edging, a metre")
                : new PriceItem("walk/edging/foot", "Edging, a foot");
    }

    /** A foot or a metre of it. */
    public static PriceItem drainPipe(Units units) {
        return units == Units.METRIC
                ? new PriceItem("ground/drain-pipe/metre", "Perforated drain pipe, a metre")
                : new PriceItem("ground/drain-pipe/foot", "Perforated drain pipe, a foot");
    }

    /** A box of them. */
    public static PriceItem fastener(Fastener fastener) {
        return new PriceItem("fastener/" + fastener.key(), fastener.label() + ", box of " + fastener.box());
    }

    /** A block, a brick, or a tonne of stone. */
    public static PriceItem masonry(Masonry kind) {
        return new PriceItem("wall/" + kind.key(), kind.label() + (kind == Masonry.STONE ? ", a tonne" : ", one"));
    }

    /**
     * A foot or a metre of what ties two sides of a bed together: of rods with their nuts, of straps without screws.
     */
    public static PriceItem tie(Fittings.Support support, Units units) {
        String key = support == Fittings.Support.RODS ? "rod" : "strap";
        String label = support == Fittings.Support.RODS ? "Threaded rod with nuts" : "Galvanised strap";
        return units == Units.METRIC
                ? new PriceItem("tie/" + key + "/metre", label + ", a metre")
                : new PriceItem("tie/" + key + "/foot", label + ", a foot");
    }

    public static PriceItem liner(Units units) {
        return bySurface("liner", "Polythene liner", units);
    }

    public static PriceItem cloth(Units units) {
        return bySurface("cloth", "Hardware cloth", units);
    }

    private static PriceItem bySurface(String key, String label, Units units) {
        return units == Units.METRIC
                ? new PriceItem("bed/" + key + "/square-metre", label + ", a square metre")
                : new PriceItem("bed/" + key + "/square-foot", label + ", a square foot");
    }

    public static PriceItem kit(Kit kit) {
        return new PriceItem("kit/" + kit.key(), "Metal bed, " + kit.key());
    }

    /** What is not in the price book: its price stands with it. */
    public static PriceItem sundry(Sundry sundry) {
        return new PriceItem("sundry/" + sundry.id(), sundry.name());
    }

    /** Every item a plan can call for, in a fixed order. */
    public static Stream<PriceItem> all() {
        return KNOWN.values().stream();
    }

    /** @throws RefusedException if no plan can call for such an item */
    public static PriceItem of(String key) {
        PriceItem item = KNOWN.get(key);
        if (item == null && key != null && key.contains(OwnKey.PREFIX)) {
            item = own(key);
        }
        if (item == null) {
            throw new RefusedException(
                    "",
                    "there is nothing sold as \"" + (key == null ? "" : key) + "\"",
                    "give an item of the price book, for example " + SOIL_BAG_LITRES.key());
        }
        return item;
    }

    /** Boards of a material in all their lengths. */
    public static Stream<PriceItem> boards(Material material, Board board) {
        return board.stock().stream().map(stock -> board(material, board, stock));
    }

    /**
     * A board of which size, material or both are the gardener's own; null if it is none. Only the size may hold a
     * slash.
     */
    private static PriceItem own(String key) {
        int material = key.indexOf('/');
        int stock = key.lastIndexOf('/');
        return material == stock
                ? null
                : boards(Material.of(key.substring(0, material)), Board.of(key.substring(material + 1, stock)))
                        .filter(item -> item.key().equals(key))
                        .findFirst()
                        .orElse(null);
    }

    private static Stream<PriceItem> packs(BulkGood good) {
        return Arrays.stream(Units.values()).flatMap(units -> Stream.of(loose(good, units), bag(good, units)));
    }

    private static Stream<PriceItem> areas(LayerKind kind) {
        return Arrays.stream(Units.values()).map(units -> area(kind, units));
    }

    private static Stream<PriceItem> boards(Material material) {
        return Board.values().stream().flatMap(board -> boards(material, board));
    }
}
