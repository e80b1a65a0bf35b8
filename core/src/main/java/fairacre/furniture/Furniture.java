package fairacre.furniture;

import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.sheet.SheetGood;
import java.util.List;
import java.util.UUID;

/**
 * Something built of boards, sheets or mesh that stands on the plot.
 *
 * @param place its outside on the ground, 0.1 to 10 m either way; a leaf bin is round within it
 * @param height of its top, 0.1 to 3 m
 * @param material of its boards
 * @param slabs whether a paving slab lies under each foot; of no matter for what has no legs
 * @param boards of what is one's own, at most 60 lines; of no matter for others
 * @param sheets of what is one's own, at most 60 lines; of no matter for others
 * @param lifetime begins in the season in which it is built; what comes in none was there before
 */
public record Furniture(
        UUID id,
        String name,
        FurnitureKind kind,
        Rectangle place,
        Length height,
        Material material,
        boolean slabs,
        List<BoardPart> boards,
        List<SheetRow> sheets,
        Lifetime lifetime) {

    static final Length SMALLEST = Length.metres(0.1);
    static final Length LARGEST = Length.metres(10);
    private static final Length HIGHEST = Length.metres(3);
    private static final int MOST_LINES = 60;
    private static final int MOST_ALIKE = 200;
    private static final Length SHORTEST_PIECE = Length.millimetres(10);
    private static final Length LONGEST_PIECE = Length.metres(12);

    public Furniture {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(kind, "kind");
        Limits.present(place, "place");
        Limits.between(place.length(), SMALLEST, LARGEST, "place/length");
        Limits.between(place.width(), SMALLEST, LARGEST, "place/width");
        Limits.between(height, SMALLEST, HIGHEST, "height");
        material = material == null ? Material.SOFTWOOD : material;
        boards = boards == null ? List.of() : List.copyOf(boards);
        Limits.atMost(MOST_LINES, boards, "boards");
        sheets = sheets == null ? List.of() : List.copyOf(sheets);
        Limits.atMost(MOST_LINES, sheets, "sheets");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /**
     * Pieces that are cut alike from boards.
     *
     * @param length 0.01 to 12 m
     * @param count 1 to 200
     */
    public record BoardPart(Board board, Length length, int count) {

        public BoardPart {
            Limits.present(board, "board");
            Limits.between(length, SHORTEST_PIECE, LONGEST_PIECE, "length");
            Limits.between(count, 1, MOST_ALIKE, "count");
        }
    }

    /**
     * Pieces that are cut alike from sheets; they may be turned unless the sheet has flutes.
     *
     * @param length along the flutes, 0.01 to 10 m
     * @param width 0.01 to 10 m
     * @param count 1 to 100
     */
    public record SheetRow(SheetGood good, Length length, Length width, int count) {

        static final int MOST = 100;

        public SheetRow {
            Limits.present(good, "good");
            Limits.between(length, SHORTEST_PIECE, LARGEST, "length");
            Limits.between(width, SHORTEST_PIECE, LARGEST, "width");
            Limits.between(count, 1, MOST, "count");
        }
    }

    Furniture shifted(Length dx, Length dy) {
        return new Furniture(
                id,
                name,
                kind,
                place.shifted(dx.metres(), dy.metres()),
                height,
                material,
                slabs,
                boards,
                sheets,
                lifetime);
    }

    Furniture onSlabs() {
        return new Furniture(id, name, kind, place, height, material, true, boards, sheets, lifetime);
    }

    Furniture cutFrom(List<SheetRow> newSheets) {
        return new Furniture(id, name, kind, place, height, material, slabs, boards, newSheets, lifetime);
    }

    /** As it stands on the plot. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.BENCH, place.corners(), Length.ZERO, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
