package fairacre.fence;

import fairacre.fence.FenceFlaw.Reason;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Two low rings, one in the other, 4 to 5 ft apart: deer jump high or far, and not both at once (common practice). */
final class FencePair {

    /** How high each of the two is at least, above the snow. */
    private static final Length LOW = Length.feet(4);

    private static final Length LOW_IN_METRES = Length.metres(1.2);
    private static final Length NEAREST = Length.feet(4);
    private static final Length FURTHEST = Length.feet(5);
    /** Half way between the two bounds. */
    static final Length APART = Length.feet(4.5);
    /** What jumps so high is a deer. */
    private static final Length JUMPS = Length.feet(6);

    private static final Length JUMPS_IN_METRES = Length.metres(1.8);
    /** Lengths are whole micrometres, metres. */
    private static final double HAIR = 1e-5;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private FencePair() {}

    /** How high each of the two is. */
    static Length height(Units units) {
        return units == Units.METRIC ? LOW_IN_METRES : LOW;
    }

    /** Whether one of the fences of a season makes a pair with a fence: high enough, and with a gate in each way in. */
    static boolean has(Fence fence, Plan plan, int season) {
        Setting setting = plan.setting(season);
        Length least = height(plan.units()).plus(FenceKinds.snow(plan));
        return FenceKinds.fences(plan, season).stream()
                .filter(other -> is(fence, other) || is(other, fence))
                .anyMatch(other -> other.kind() != FenceKind.STRINGS
                        && other.height().compareTo(least) >= 0
                        && FenceLine.gates(other.standing(), setting).stream().allMatch(gate -> closes(gate, least)));
    }

    private static boolean closes(WayIn gate, Length least) {
        return gate.swing() != Swing.OPEN
                && gate.leaf()
                        .filter(leaf -> leaf.height().compareTo(least) < 0)
                        .isEmpty();
    }

    /** Whether the first stands within the second, everywhere as far off as it should be. */
    private static boolean is(Fence inner, Fence outer) {
        if (inner == outer || !inner.closed() || !outer.closed()) {
            return false;
        }
        Geometry line = Polygons.line(outer.places());
        Polygon within = GEOMETRY.createPolygon(line.getCoordinates());
        return within.contains(Polygons.line(inner.places()))
                && Arrays.stream(Polygons.line(inner.places()).getCoordinates()).allMatch(place -> near(place, line))
                && line.distance(Polygons.line(inner.places())) >= NEAREST.metres() - HAIR;
    }

    private static boolean near(Coordinate place, Geometry line) {
        return line.distance(GEOMETRY.createPoint(place)) <= FURTHEST.metres() + HAIR;
    }

    /** What is left of the flaws of one of a pair: of what jumps it need not stop all by itself. */
    static List<FenceFlaw> flaws(List<FenceFlaw> alone, Length height, Needs needs, Length snow, Units units) {
        boolean jumps = needs.height().compareTo(units == Units.METRIC ? JUMPS_IN_METRES : JUMPS) >= 0
                && !needs.meshed().isPositive()
                && !needs.digs();
        return jumps && height.minus(snow).compareTo(height(units)) >= 0
                ? alone.stream().filter(flaw -> flaw.reason() != Reason.TOO_LOW).toList()
                : alone;
    }
}
