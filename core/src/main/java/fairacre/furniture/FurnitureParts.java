package fairacre.furniture;

import fairacre.build.Board;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.furniture.Furniture.SheetRow;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What furniture is cut from. What stands on legs has four, rails between them under the top, and joists across below
 * boards that lie along it with gaps; a potting bench has a shelf of the same and a board behind its top. A tool rack
 * hangs on posts that go into the ground. A leaf bin is a ring of mesh round stakes. All of it is common practice.
 */
final class FurnitureParts {

    /** Between boards of a top, so that water runs off: 5 mm. */
    private static final double GAP = 0.005;
    /** Joists under a top, and under barrels, lie no further apart: 2 ft and 1 ft. */
    private static final Length JOISTS = Length.feet(2);

    private static final Length UNDER_BARRELS = Length.feet(1);
    /** Posts of a rack stand no further apart: 4 ft, and so deep in the ground: 2 ft. */
    private static final Length POSTS = Length.feet(4);

    private static final Length IN_THE_GROUND = Length.feet(2);
    private static final int RAILS_OF_A_RACK = 2;
    /** A barrel of 55 gal (208 l) is so wide: 24 in; full it weighs 220 kg. */
    private static final Length BARREL = Length.inches(24);

    static final double BARREL_KILOGRAMS = 220;
    /** Paving slabs: 12 in or 300 mm square. */
    private static final Length SLAB_IN_INCHES = Length.inches(12);

    private static final Length SLAB_IN_METRES = Length.metres(0.3);

    static final int LEGS = 4;
    static final int STAKES = 4;
    private static final double GRAVITY = 9.81;
    private static final double LITRES = 1000;
    private static final double HAIR = 1e-6;

    private final Furniture furniture;
    private final Units units;
    private final Board top;
    private final Board rail;
    private final Board leg;
    private final double length;
    private final double width;

    FurnitureParts(Plan plan, Furniture furniture) {
        this.furniture = furniture;
        this.units = plan.units();
        boolean metric = units == Units.METRIC;
        this.top = metric ? Board.M22X150 : Board.B5_4X6;
        this.rail = metric ? Board.M47X100 : Board.B2X4;
        boolean stout = furniture.kind() == FurnitureKind.BARREL_STAND || furniture.kind() == FurnitureKind.TOOL_RACK;
        this.leg = stout ? rail.stoutPost() : rail;
        this.length = furniture.place().longerSide().metres();
        this.width = furniture.place().shorterSide().metres();
    }

    /** As many lines as there are kinds of pieces. */
    List<BoardPart> boards() {
        return switch (furniture.kind()) {
            case OWN -> furniture.boards();
            case POTTING_BENCH, TABLE, BENCH, BARREL_STAND -> onLegs();
            case TOOL_RACK -> rack();
            case LEAF_BIN -> List.of();
        };
    }

    private List<BoardPart> onLegs() {
        List<BoardPart> parts = new ArrayList<>();
        double across = width - 2 * rail.thickness().metres();
        Length apart = furniture.kind() == FurnitureKind.BARREL_STAND ? UNDER_BARRELS : JOISTS;
        int joists = between(length, apart);
        add(parts, leg, furniture.height().minus(top.thickness()).metres(), LEGS);
        add(parts, rail, length, 2);
        add(parts, rail, across, 2 + joists);
        add(parts, top, length, courses());
        if (furniture.kind() == FurnitureKind.POTTING_BENCH) {
            add(parts, rail, across, 2 + joists);
            add(parts, top, length, courses() + 1);
        }
        return merged(parts);
    }

    private List<BoardPart> rack() {
        List<BoardPart> parts = new ArrayList<>();
        add(parts, leg, furniture.height().plus(IN_THE_GROUND).metres(), between(length, POSTS) + 2);
        add(parts, top, length, RAILS_OF_A_RACK);
        return merged(parts);
    }

    /** How many more stand or lie between the two at the ends. */
    private static int between(double length, Length apart) {
        return (int) Math.max(0, Math.ceil(length / apart.metres() - HAIR) - 1);
    }

    /** Boards beside each other on a top, at least one. */
    private int courses() {
        return (int) Math.max(1, Math.floor((width + GAP) / (top.width().metres() + GAP) + HAIR));
    }

    private void add(List<BoardPart> parts, Board board, double metres, int count) {
        if (metres > GAP && count > 0) {
            int pieces = Sawn.parts(metres, board);
            parts.add(new BoardPart(board, Sawn.length(metres / pieces, units), count * pieces));
        }
    }

    private static List<BoardPart> merged(List<BoardPart> parts) {
        List<BoardPart> merged = new ArrayList<>();
        for (BoardPart part : parts) {
            Optional<BoardPart> same = merged.stream()
                    .filter(other ->
                            other.board().equals(part.board()) && other.length().equals(part.length()))
                    .findFirst();
            same.ifPresent(merged::remove);
            merged.add(new BoardPart(
                    part.board(),
                    part.length(),
                    part.count() + same.map(BoardPart::count).orElse(0)));
        }
        return merged;
    }

    List<SheetRow> sheets() {
        return furniture.kind() == FurnitureKind.OWN ? furniture.sheets() : List.of();
    }

    /** Of a leaf bin: the ring. */
    Area mesh() {
        return furniture.kind() == FurnitureKind.LEAF_BIN
                ? Area.squareMetres(Math.PI * width * furniture.height().metres())
                : Area.ZERO;
    }

    /** What a leaf bin holds. */
    Optional<Volume> holds() {
        return furniture.kind() == FurnitureKind.LEAF_BIN
                ? Optional.of(Volume.litres(
                        Math.PI / 4 * width * width * furniture.height().metres() * LITRES))
                : Optional.empty();
    }

    /** Barrels that have room on a stand, at least one; none on others. */
    int barrels() {
        return furniture.kind() == FurnitureKind.BARREL_STAND
                ? Math.max(1, times(length)) * Math.max(1, times(width))
                : 0;
    }

    private static int times(double side) {
        return (int) Math.floor(side / BARREL.metres() + HAIR);
    }

    /** Without what stands on it. */
    double kilograms() {
        double boards = boards().stream()
                .mapToDouble(part -> part.count()
                        * part.length().metres()
                        * part.board().thickness().metres()
                        * part.board().width().metres()
                        * density())
                .sum();
        double sheets = sheets().stream()
                .mapToDouble(row -> row.count()
                        * row.length().metres()
                        * row.width().metres()
                        * row.good().kilogramsPerSquareMetre())
                .sum();
        return boards + sheets;
    }

    /** Kilograms to the cubic metre: in the middle between dry and wet. */
    private double density() {
        return (furniture.material().leastDensity() + furniture.material().mostDensity()) / 2.0;
    }

    /** What full barrels and the stand press with on the ground below its feet, pascals; 0 for what bears none. */
    double pressure() {
        return barrels() == 0 ? 0 : (barrels() * BARREL_KILOGRAMS + kilograms()) * GRAVITY / (LEGS * foot());
    }

    /** Square metres of one. */
    private double foot() {
        double slab = (units == Units.METRIC ? SLAB_IN_METRES : SLAB_IN_INCHES).metres();
        return furniture.slabs()
                ? slab * slab
                : leg.thickness().metres() * leg.width().metres();
    }
}
