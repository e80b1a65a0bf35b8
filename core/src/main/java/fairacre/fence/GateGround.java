package fairacre.fence;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.PlotSides;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * A gate on the ground: where its leaves swing, and where somebody stands who pulls it open.
 *
 * <p>Inward is towards the ground of the plot, into the ring that its fence makes, or to the left of an open line.
 */
final class GateGround {

    /** A leaf is drawn by chords; each stays within 1/500 of its length of the arc. */
    private static final int CHORDS = 12;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final WayIn gate;
    private final Coordinate middle;
    private final double dx;
    private final double dy;
    private final double inX;
    private final double inY;
    /** To the left of whoever looks out, along the side or against it. */
    private final int left;

    private GateGround(WayIn gate, Coordinate middle, double dx, double dy, boolean leftIsIn) {
        this.gate = gate;
        this.middle = middle;
        this.dx = dx;
        this.dy = dy;
        this.inX = leftIsIn ? -dy : dy;
        this.inY = leftIsIn ? dx : -dx;
        this.left = leftIsIn ? 1 : -1;
    }

    static GateGround of(WayIn gate, Setting setting) {
        LineSegment side = PlotSides.of(gate, setting);
        double length = side.getLength();
        boolean leftIsIn = setting.features().stream()
                .filter(line -> gate.fence().filter(line.id()::equals).isPresent())
                .findFirst()
                .map(GateGround::leftIsIn)
                .orElse(true);
        return new GateGround(
                gate,
                side.closestPoint(new Coordinate(
                        gate.place().x().metres(), gate.place().y().metres())),
                (side.p1.x - side.p0.x) / length,
                (side.p1.y - side.p0.y) / length,
                leftIsIn);
    }

    private static boolean leftIsIn(Feature line) {
        List<Point> places = line.places();
        return !Fence.isRing(places) || Orientation.isCCW(Polygons.line(places).getCoordinates());
    }

    Point middle() {
        return Point.metres(middle.x, middle.y);
    }

    /** A place so far along the gate from its middle, to the left of whoever looks out, and so far inward, metres. */
    Coordinate at(double along, double inward) {
        return new Coordinate(middle.x + left * along * dx + inward * inX, middle.y + left * along * dy + inward * inY);
    }

    private boolean swings() {
        return gate.swing() == Swing.INWARD || gate.swing() == Swing.OUTWARD;
    }

    /** The ground over which each leaf swings; none of a gate that slides, of a panel, or of which nobody told more. */
    List<Polygon> swept() {
        List<Polygon> swept = new ArrayList<>();
        Optional<WayIn.Leaf> leaf =
                gate.leaf().filter(each -> swings() && each.kind().leaves() > 0);
        leaf.ifPresent(each -> {
            double half = gate.width().metres() / 2;
            boolean both = each.kind() == WayIn.Leaf.Kind.DOUBLE;
            double length = both ? half : 2 * half;
            if (both || each.hinges() == WayIn.Leaf.Hand.LEFT) {
                swept.add(sector(half, -1, length));
            }
            if (both || each.hinges() == WayIn.Leaf.Hand.RIGHT) {
                swept.add(sector(-half, 1, length));
            }
        });
        return swept;
    }

    /** @param towards 1 if the closed leaf lies to the left of its hinge, else -1 */
    private Polygon sector(double hinge, int towards, double length) {
        int open = gate.swing() == Swing.INWARD ? 1 : -1;
        List<Coordinate> ring = new ArrayList<>(List.of(at(hinge, 0)));
        for (int i = 0; i <= CHORDS; i++) {
            double angle = Math.PI / 2 * i / CHORDS;
            ring.add(at(hinge + towards * length * Math.cos(angle), open * length * Math.sin(angle)));
        }
        ring.add(at(hinge, 0));
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    /**
     * Where somebody in a chair is who pulls a single leaf open.
     *
     * @param deep from the gate, metres
     * @param beside the latch, metres
     * @return empty for a gate that isn't pulled by its latch
     */
    Optional<Polygon> pulled(double deep, double beside) {
        return gate.leaf()
                .filter(leaf -> swings() && leaf.kind() == WayIn.Leaf.Kind.SINGLE)
                .map(leaf -> {
                    double half = gate.width().metres() / 2;
                    int latch = leaf.hinges() == WayIn.Leaf.Hand.LEFT ? -1 : 1;
                    int open = gate.swing() == Swing.INWARD ? 1 : -1;
                    return box(-latch * half, latch * (half + beside), open * deep);
                });
    }

    private Polygon box(double from, double to, double deep) {
        return GEOMETRY.createPolygon(
                new Coordinate[] {at(from, 0), at(to, 0), at(to, deep), at(from, deep), at(from, 0)});
    }

    /** A line across the ground behind the gate, so far inward and so far to either side, metres. */
    LineSegment behind(double inward, double far) {
        return new LineSegment(at(-far, inward), at(far, inward));
    }
}
