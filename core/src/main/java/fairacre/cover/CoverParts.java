package fairacre.cover;

import fairacre.build.Board;
import fairacre.limits.Limits;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a cover is cut from.
 *
 * <p>A cold frame has in each section a front, a back and two sides of plywood with a batten in each corner, and a lid:
 * a pane on a frame of battens, hinged at the back. Both sides come out of one rectangle by a cut aslant. A cloche has
 * in each section two panes that lean on a ridge, and at each end of the row a triangle; both come out of one rectangle
 * of one and a half times its width. A cage is a frame of battens with a net on all sides and on top.
 */
final class CoverParts {

    /** A lid hangs over the front by so much, so that water drips off before it (common practice): 1 in. */
    private static final Length DRIP = Length.inches(1);
    /** A lid is propped open by so many degrees at most (common practice). */
    static final double OPEN = 30;
    /** Posts of a cage stand no further apart (common practice): 4 ft. */
    private static final Length BETWEEN_POSTS = Length.feet(4);
    /** Of softwood, dry, to the cubic metre (Wood Handbook, spruce and pine, from memory). */
    private static final double SOFTWOOD = 450;
    /** Of net, to the square metre (from memory). */
    private static final double NET = 0.06;

    private final BedCover cover;
    private final Units units;
    private final Length kerf;
    private final Board batten;

    CoverParts(Plan plan, BedCover cover) {
        this.cover = cover;
        this.units = plan.units();
        this.kerf = plan.workshop().kerf();
        this.batten = units == Units.METRIC ? Board.M50X50 : Board.B2X2;
    }

    Board batten() {
        return batten;
    }

    /** From the front to the back of a lid, or from the ground to the ridge of a cloche; nothing of a cage. */
    Length slope() {
        return switch (cover.kind()) {
            case COLD_FRAME ->
                Length.metres(Math.hypot(
                                cover.width().metres(),
                                cover.high().minus(cover.low()).metres()))
                        .plus(DRIP);
            case CLOCHE ->
                Length.metres(
                        Math.hypot(cover.width().metres() / 2, cover.high().metres()));
            case NET_CAGE -> Length.ZERO;
        };
    }

    /** How steeply the clear side leans, degrees above level; 0 for a cage. */
    double tilt() {
        return switch (cover.kind()) {
            case COLD_FRAME ->
                Math.toDegrees(Math.atan2(
                        cover.high().minus(cover.low()).metres(), cover.width().metres()));
            case CLOCHE ->
                Math.toDegrees(Math.atan2(cover.high().metres(), cover.width().metres() / 2));
            case NET_CAGE -> 0;
        };
    }

    /** The prop that holds a lid open by 30 degrees: the chord of its front edge. */
    Length prop() {
        return cover.kind() == CoverKind.COLD_FRAME
                ? sawn(2 * slope().metres() * Math.sin(Math.toRadians(OPEN) / 2))
                : Length.ZERO;
    }

    /** How high a side of a cold frame is at its front end and at its back end, between both walls. */
    List<Length> sideEnds() {
        if (cover.kind() != CoverKind.COLD_FRAME) {
            return List.of();
        }
        double rise = cover.high().minus(cover.low()).metres()
                * cover.walls().thickness(units).metres()
                / cover.width().metres();
        return List.of(
                Length.metres(cover.low().metres() + rise),
                Length.metres(cover.high().metres() - rise));
    }

    /** Parts of plywood, of the whole cover. */
    List<SheetPart> walls() {
        if (cover.kind() != CoverKind.COLD_FRAME) {
            return List.of();
        }
        Length deep = cover.width().minus(cover.walls().thickness(units).times(2));
        int count = cover.sections();
        return List.of(
                part("Front", cover.sectionLength(), cover.low(), count, true),
                part("Back", cover.sectionLength(), cover.high(), count, true),
                part("Two sides", deep, cover.low().plus(cover.high()).plus(kerf), count, true));
    }

    /** Clear parts, of the whole cover; flutes run down the slope. */
    List<SheetPart> panes() {
        boolean turns = !cover.pane().fluted();
        int count = cover.sections();
        return switch (cover.kind()) {
            case COLD_FRAME -> List.of(part("Pane", slope(), cover.sectionLength(), count, turns));
            case CLOCHE ->
                List.of(
                        part("Pane", slope(), cover.sectionLength(), 2 * count, turns),
                        part(
                                "Two ends",
                                Length.metres(1.5 * cover.width().metres()).plus(kerf),
                                cover.high(),
                                1,
                                true));
            case NET_CAGE -> List.of();
        };
    }

    private SheetPart part(String what, Length length, Length width, int count, boolean turns) {
        return new SheetPart(
                Limits.shortened(cover.name(), ": " + what), sawn(length.metres()), sawn(width.metres()), count, turns);
    }

    /** Pieces of batten, of the whole cover. */
    List<Length> battens() {
        List<Length> battens = new ArrayList<>();
        double section = cover.sectionLength().metres();
        double thick = batten.thickness().metres();
        double across = cover.width().metres() - 2 * thick;
        int count = cover.sections();
        switch (cover.kind()) {
            case COLD_FRAME -> {
                add(battens, cover.low().metres(), 2 * count);
                add(battens, cover.high().metres(), 2 * count);
                add(battens, section, 2 * count);
                add(battens, slope().metres() - 2 * thick, 2 * count);
                add(battens, prop().metres(), count);
            }
            case CLOCHE -> {
                add(battens, section, 3 * count);
                add(battens, slope().metres(), 4 * count);
                add(battens, across, 2 * count);
            }
            case NET_CAGE -> {
                int bays = (int) Math.max(1, Math.ceil(section / BETWEEN_POSTS.metres() - 1e-6));
                add(battens, section, 4 * count);
                add(battens, across, 4 * count);
                add(battens, cover.high().metres() - 2 * thick, 2 * (bays + 1) * count);
            }
        }
        return battens;
    }

    private void add(List<Length> battens, double metres, int count) {
        if (metres > 0) {
            battens.addAll(Sawn.pieces(metres, count, batten, units));
        }
    }

    private Length sawn(double metres) {
        return Sawn.length(metres, units);
    }

    /** All pieces of batten, by their length, the longest first. */
    Map<Length, Integer> battensByLength() {
        Map<Length, Integer> lengths = new TreeMap<Length, Integer>().descendingMap();
        battens().forEach(length -> lengths.merge(length, 1, Integer::sum));
        return lengths;
    }

    /** Net round a cage and on top of it; none on others. */
    Area net() {
        if (cover.kind() != CoverKind.NET_CAGE) {
            return Area.ZERO;
        }
        double length = cover.length().metres();
        double width = cover.width().metres();
        return Area.squareMetres(2 * (length + width) * cover.high().metres() + length * width);
    }

    /** Of one lid; 0 for what has none. */
    double lidKilograms() {
        if (cover.kind() != CoverKind.COLD_FRAME) {
            return 0;
        }
        double pane = slope().metres() * cover.sectionLength().metres();
        double frame = 2 * cover.sectionLength().metres()
                + 2 * (slope().metres() - 2 * batten.thickness().metres());
        return pane * cover.pane().kilogramsPerSquareMetre() + frame * battenKilograms();
    }

    /** Of the whole cover, lids and all. */
    double kilograms() {
        double walls = switch (cover.kind()) {
            case COLD_FRAME -> {
                double deep = cover.width().metres()
                        - 2 * cover.walls().thickness(units).metres();
                double high = cover.low().plus(cover.high()).metres();
                yield high * (cover.length().metres() + cover.sections() * deep);
            }
            case CLOCHE, NET_CAGE -> 0.0;
        };
        double panes = switch (cover.kind()) {
            case COLD_FRAME -> slope().metres() * cover.length().metres();
            case CLOCHE ->
                2 * slope().metres() * cover.length().metres()
                        + cover.width().metres() * cover.high().metres();
            case NET_CAGE -> 0.0;
        };
        double battens = battens().stream().mapToDouble(Length::metres).sum() - cover.sections() * prop().metres();
        return walls * cover.walls().kilogramsPerSquareMetre()
                + panes * cover.pane().kilogramsPerSquareMetre()
                + battens * battenKilograms()
                + net().squareMetres() * NET;
    }

    private double battenKilograms() {
        return batten.thickness().metres() * batten.width().metres() * SOFTWOOD;
    }

    /** Of one section, as one lifts it; the triangles at the ends of a cloche are shared out. */
    double sectionKilograms() {
        return kilograms() / cover.sections();
    }

    /** The parts that no sheet on sale holds, walls first. */
    List<SheetPart> tooLarge() {
        List<SheetPart> large = new ArrayList<>();
        addLarge(walls(), cover.walls(), large);
        addLarge(panes(), cover.pane(), large);
        return large;
    }

    private void addLarge(List<SheetPart> parts, SheetGood good, List<SheetPart> large) {
        parts.stream().filter(part -> !good.holds(part, units)).forEach(large::add);
    }
}
