package fairacre.fence;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** What is sold for fences: mesh by the roll, posts by their length, and small parts. */
public final class FencePrices {

    /** Invented, US dollars for a square metre. */
    private static final Map<FenceKind, Double> MESH = Map.of(
            FenceKind.WELDED_MESH, 3.2,
            FenceKind.RABBIT_NETTING, 2.0,
            FenceKind.WOVEN_WIRE, 3.6,
            FenceKind.FIELD_FENCE, 1.5,
            FenceKind.DEER_NET, 1.2);

    private static final Map<FenceFoot.Mesh, Double> FOOT = Map.of(
            FenceFoot.Mesh.NETTING, 2.0,
            FenceFoot.Mesh.CLOTH, 6.5);
    private static final double WOOD_PER_METRE = 5.5;
    private static final double STRONG_WOOD_PER_METRE = 13;
    /** Of what the same treated costs. */
    private static final double UNTREATED = 0.6;

    private static final double STEEL_PER_METRE = 4.2;
    private static final double STRONG_STEEL_PER_METRE = 9;
    private static final double CANE_PER_METRE = 0.7;
    private static final double RAIL_PER_METRE = 4;
    /** Kilograms. */
    private static final double EIGHTY_POUNDS = 80 * Wording.KILOGRAMS_PER_POUND;

    private static final double CABLE_PER_METRE = 1.2;
    private static final double STRING_PER_METRE = 0.1;

    static final int STAPLES_A_BOX = 250;
    static final int TIES_A_BAG = 100;
    static final PriceItem STAPLES = new PriceItem("fence/staples", "Fence staples, box of " + STAPLES_A_BOX);
    static final PriceItem TIES = new PriceItem("fence/ties", "Wire ties, bag of " + TIES_A_BAG);
    static final PriceItem TENSIONER = new PriceItem("fence/tensioner", "Wire tensioner");
    static final PriceItem HINGE = new PriceItem("gate/hinge", "Gate hinge");
    static final PriceItem LATCH = new PriceItem("gate/latch", "Gate latch");
    static final PriceItem DROP_BOLT = new PriceItem("gate/drop-bolt", "Drop bolt for a gate");
    static final PriceItem BOLT = new PriceItem("gate/bolt", "Carriage bolt with wing nut");
    static final PriceItem TRACK = new PriceItem("gate/track", "Track and rollers for a sliding gate");
    static final PriceItem WHEEL = new PriceItem("gate/wheel", "Gate wheel");
    static final PriceItem PEG = new PriceItem("fence/peg", "Ground staple");

    private FencePrices() {}

    static Stream<Offer> offers() {
        Stream<Offer> meshes = Arrays.stream(FenceKind.values())
                .filter(FenceKind::meshed)
                .flatMap(kind -> rolls(
                        units -> kind.rollHeights(units),
                        units -> kind.rollLength(units),
                        (height, units) -> mesh(kind, height, units),
                        MESH.get(kind)));
        Stream<Offer> feet = Arrays.stream(FenceFoot.Mesh.values())
                .flatMap(mesh -> rolls(
                        units -> mesh.rollHeights(units),
                        units -> mesh.rollLength(units),
                        (height, units) -> foot(mesh, height, units),
                        FOOT.get(mesh)));
        Stream<Offer> posts = Stream.of(
                        PostKind.WOOD_IN_CONCRETE, PostKind.UNTREATED_WOOD, PostKind.DRIVEN_STEEL, PostKind.CANES)
                .flatMap(kind -> Stream.of(false, true)
                        .filter(strong -> !strong || kind != PostKind.CANES)
                        .flatMap(strong -> Arrays.stream(Units.values())
                                .flatMap(units -> kind.lengths(units).stream()
                                        .map(length -> new Offer(
                                                post(kind, strong, length, units),
                                                perMetre(kind, strong) * length.metres())))));
        Stream<Offer> pieces = Stream.of(
                new Offer(mix(Units.FEET_AND_INCHES), 7),
                new Offer(mix(Units.METRIC), 5),
                new Offer(STAPLES, 9),
                new Offer(TIES, 8),
                new Offer(TENSIONER, 5),
                new Offer(PEG, 0.2),
                new Offer(HINGE, 9),
                new Offer(LATCH, 15),
                new Offer(DROP_BOLT, 12),
                new Offer(BOLT, 2),
                new Offer(TRACK, 90),
                new Offer(WHEEL, 25));
        Stream<Offer> lengths = Stream.of(
                        Offer.byLength(FencePrices::rail, RAIL_PER_METRE),
                        Offer.byLength(FencePrices::cable, CABLE_PER_METRE),
                        Offer.byLength(FencePrices::string, STRING_PER_METRE))
                .flatMap(part -> part);
        return Stream.of(meshes, feet, posts, pieces, lengths).flatMap(part -> part);
    }

    private interface Roll {
        PriceItem of(Length height, Units units);
    }

    private static Stream<Offer> rolls(
            Function<Units, List<Length>> heights, Function<Units, Length> length, Roll roll, double perSquareMetre) {
        return Arrays.stream(Units.values())
                .flatMap(units -> heights.apply(units).stream()
                        .map(height -> new Offer(
                                roll.of(height, units),
                                perSquareMetre
                                        * height.metres()
                                        * length.apply(units).metres())));
    }

    static PriceItem mesh(FenceKind kind, Length height, Units units) {
        return roll(key(kind), kind.label(), height, kind.rollLength(units), units);
    }

    static PriceItem foot(FenceFoot.Mesh mesh, Length height, Units units) {
        return roll("foot-" + key(mesh), mesh.label(), height, mesh.rollLength(units), units);
    }

    /** Invented, US dollars: to tell which mesh is likely to be cheaper. */
    static double perSquareMetre(FenceKind kind) {
        return MESH.get(kind);
    }

    private static PriceItem roll(String key, String label, Length height, Length length, Units units) {
        return new PriceItem(
                "fence/" + key + "/" + size(height, units) + "/" + size(length, units),
                label + ", " + written(height, units) + " high, roll of " + written(length, units));
    }

    /** Wood is the same whatever its hole is filled with. */
    public static PriceItem post(PostKind kind, boolean strong, Length length, Units units) {
        String sort = switch (kind) {
            case WOOD_IN_CONCRETE, WOOD_IN_GRAVEL -> strong ? "Stout wooden post" : "Wooden post";
            case UNTREATED_WOOD -> strong ? "Stout untreated post" : "Untreated post";
            case EXISTING -> throw new IllegalArgumentException("nothing is bought for what stands there");
            case DRIVEN_STEEL -> strong ? "Stout steel post" : "Steel post";
            case CANES -> "Cane";
        };
        return new PriceItem(
                "fence/" + sort.toLowerCase(Locale.ROOT).replace(' ', '-') + "/" + size(length, units),
                sort + ", " + written(length, units));
    }

    private static double perMetre(PostKind kind, boolean strong) {
        return switch (kind) {
            case WOOD_IN_CONCRETE, WOOD_IN_GRAVEL -> strong ? STRONG_WOOD_PER_METRE : WOOD_PER_METRE;
            case UNTREATED_WOOD -> UNTREATED * (strong ? STRONG_WOOD_PER_METRE : WOOD_PER_METRE);
            case EXISTING -> 0;
            case DRIVEN_STEEL -> strong ? STRONG_STEEL_PER_METRE : STEEL_PER_METRE;
            case CANES -> CANE_PER_METRE;
        };
    }

    static PriceItem mix(Units units) {
        return units == Units.METRIC
                ? new PriceItem("fence/post-mix/20kg", "Post mix, bag of 20 kg")
                : new PriceItem("fence/post-mix/80lb", "Post mix, bag of 80 lb");
    }

    /** What a bag of post mix weighs; empty for anything else. */
    static Optional<Double> kilograms(PriceItem item) {
        if (item.equals(mix(Units.METRIC))) {
            return Optional.of(20.0);
        }
        return item.equals(mix(Units.FEET_AND_INCHES)) ? Optional.of(EIGHTY_POUNDS) : Optional.empty();
    }

    static PriceItem rail(Units units) {
        return byLength("fence/brace-rail", "Rail for bracing", units);
    }

    static PriceItem cable(Units units) {
        return byLength("fence/cable", "Cable for bracing", units);
    }

    static PriceItem string(Units units) {
        return byLength("fence/string", "Fence string", units);
    }

    private static PriceItem byLength(String key, String label, Units units) {
        return units == Units.METRIC
                ? new PriceItem(key + "/metre", label + ", a metre")
                : new PriceItem(key + "/foot", label + ", a foot");
    }

    private static String key(Enum<?> kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String size(Length length, Units units) {
        return units == Units.METRIC ? Math.round(length.millimetres()) + "mm" : Math.round(length.inches()) + "in";
    }

    private static String written(Length length, Units units) {
        return LengthText.format(length, units);
    }
}
