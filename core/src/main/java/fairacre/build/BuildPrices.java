package fairacre.build;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList;
import fairacre.build.Fittings.Support;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What beds are built of: boards by the volume of their wood, kits by their sheet metal, walls by the piece. */
public final class BuildPrices implements PriceList {

    /** A bag, ready mixed. */
    public static final PriceItem MORTAR = new PriceItem("wall/mortar", "Mortar mix, bag of 36 kg (80 lb)");

    private static final Map<Material, Double> WOOD_PER_CUBIC_METRE = Map.of(
            Material.SOFTWOOD, 650.0, Material.CEDAR, 1900.0, Material.TREATED, 900.0, Material.HARDWOOD, 2600.0);
    private static final double METAL_PER_SQUARE_METRE = 45;
    private static final Map<Fastener, Double> BOX = Map.of(
            Fastener.SHORT_SCREW, 9.0, Fastener.LONG_SCREW, 14.0, Fastener.COACH_SCREW, 12.0, Fastener.PIN, 25.0);
    private static final Map<Masonry, Double> MASONRY =
            Map.of(Masonry.BLOCK, 2.5, Masonry.BRICK, 0.8, Masonry.STONE, 180.0);
    private static final double BAG_OF_MORTAR = 8;
    private static final double MORTAR_KILOGRAMS = 36;
    private static final double ROD_PER_METRE = 6;
    private static final double STRAP_PER_METRE = 2;
    private static final double LINER_PER_SQUARE_METRE = 1.2;
    private static final double CLOTH_PER_SQUARE_METRE = 8;

    @Override
    public Stream<Offer> offers() {
        return Stream.of(
                        Arrays.stream(Fastener.values()).map(box -> new Offer(fastener(box), BOX.get(box))),
                        Arrays.stream(Masonry.values()).map(kind -> new Offer(masonry(kind), MASONRY.get(kind))),
                        Stream.of(new Offer(MORTAR, BAG_OF_MORTAR)),
                        Offer.byLength(units -> tie(Support.RODS, units), ROD_PER_METRE),
                        Offer.byLength(units -> tie(Support.STRAPS, units), STRAP_PER_METRE),
                        Offer.byArea(BuildPrices::liner, LINER_PER_SQUARE_METRE),
                        Offer.byArea(BuildPrices::cloth, CLOTH_PER_SQUARE_METRE),
                        Material.values().stream()
                                .flatMap(material -> Board.values().stream().flatMap(board -> offers(material, board))),
                        Arrays.stream(Kit.values()).map(BuildPrices::offer))
                .flatMap(offers -> offers);
    }

    @Override
    public Optional<Double> kilograms(PriceItem item) {
        return item.equals(MORTAR)
                ? Optional.of(MORTAR_KILOGRAMS)
                : Arrays.stream(Masonry.values())
                        .filter(kind -> item.equals(masonry(kind)))
                        .map(kind -> (double) kind.mostKilograms())
                        .findFirst();
    }

    private static Stream<Offer> offers(Material material, Board board) {
        double section = board.thickness().metres() * board.width().metres();
        return board.stock().stream()
                .map(stock -> new Offer(
                        board(material, board, stock), section * stock.metres() * WOOD_PER_CUBIC_METRE.get(material)));
    }

    private static Offer offer(Kit kit) {
        double sheet =
                2 * kit.length().plus(kit.width()).metres() * kit.height().metres();
        return new Offer(kit(kit), sheet * METAL_PER_SQUARE_METRE);
    }

    /** A board of which size, material or both are the gardener's own. Only the size may hold a slash. */
    @Override
    public Optional<PriceItem> own(String key) {
        int material = key.indexOf('/');
        int stock = key.lastIndexOf('/');
        if (!key.contains(OwnKey.PREFIX) || material == stock) {
            return Optional.empty();
        }
        return boards(Material.of(key.substring(0, material)), Board.of(key.substring(material + 1, stock)))
                .filter(item -> item.key().equals(key))
                .findFirst();
    }

    /** Boards of a material in all their lengths. */
    public static Stream<PriceItem> boards(Material material, Board board) {
        return board.stock().stream().map(stock -> board(material, board, stock));
    }

    /** A board of a material in one stock length. */
    public static PriceItem board(Material material, Board board, Length stock) {
        boolean metric = !Board.wholeFeet(stock);
        String size = LengthText.format(stock, metric ? Units.METRIC : Units.FEET_AND_INCHES);
        String suffix = metric ? stock.exactMetres().toPlainString() + "m" : Math.round(stock.inches() / 12) + "ft";
        return new PriceItem(
                material.key() + "/" + board.key() + "/" + suffix,
                material.label() + ", " + board.label() + ", " + size);
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
    public static PriceItem tie(Support support, Units units) {
        String key = support == Support.RODS ? "rod" : "strap";
        String label = support == Support.RODS ? "Threaded rod with nuts" : "Galvanised strap";
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
}
