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

    public static final PriceItem SOIL_CUBIC_YARD = new PriceItem("soil/loose/cubic-yard", "Garden mix, loose, a cubic yard");
    public static final PriceItem SOIL_CUBIC_METRE = new PriceItem("soil/loose/cubic-metre", "Garden mix, loose, a cubic metre");
    public static final PriceItem SOIL_BAG_CUBIC_FEET = new PriceItem("soil/bag/1.5cuft", "Garden mix, bag of 1.5 cu ft");
    public static final PriceItem SOIL_BAG_LITRES = new PriceItem("soil/bag/50l", "Garden mix, bag of 50 L");
    public static final PriceItem SOIL_DELIVERY = new PriceItem("soil/delivery", "Delivery of loose garden mix, a load");

    private static final Map<String, PriceItem> KNOWN = Stream.concat(
                    Stream.of(SOIL_CUBIC_YARD, SOIL_CUBIC_METRE, SOIL_BAG_CUBIC_FEET, SOIL_BAG_LITRES, SOIL_DELIVERY),
                    Stream.concat(Arrays.stream(Material.values()).flatMap(PriceItem::boards), Arrays.stream(Kit.values()).map(PriceItem::kit)))
            .collect(Collectors.toMap(PriceItem::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));

    /** A board of a material in one stock length. */
    public static PriceItem board(Material material, Board board, Length stock) {
        boolean metric = stock.micrometres() % Length.feet(1).micrometres() != 0;
        String size = LengthText.format(stock, metric ? Units.METRIC : Units.FEET_AND_INCHES);
        String suffix = metric ? stock.exactMetres().toPlainString() + "m" : Math.round(stock.inches() / 12) + "ft";
        return new PriceItem(material.key() + "/" + board.key() + "/" + suffix,
                material.label() + ", " + board.key() + ", " + size);
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
        if (item == null) {
            throw new RefusedException("", "there is nothing sold as \"" + (key == null ? "" : key) + "\"",
                    "give an item of the price book, for example " + SOIL_BAG_LITRES.key());
        }
        return item;
    }

    private static Stream<PriceItem> boards(Material material) {
        return Arrays.stream(Board.values())
                .flatMap(board -> board.stock().stream().map(stock -> board(material, board, stock)));
    }
}
