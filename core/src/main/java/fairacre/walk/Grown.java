package fairacre.walk;

import fairacre.shape.Areas;
import fairacre.shape.Curves;
import fairacre.shape.Ring;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * What stands in the way grown by a radius, and ground shrunk by one. Curves are drawn by chords that stay within 1 mm
 * of the true curve, on the side that leaves a carrier more room.
 */
final class Grown {

    private static final double CURVE_TOLERANCE = 0.001;

    private Grown() {}

    /** One ring grown by a radius: a question of its own, since it is asked for every width and every judgement. */
    private record One(Ring ring, double radius) {}

    /** A piece of ground shrunk by a radius. */
    private record Shrunk(Polygon ground, double radius) {}

    static Geometry by(Layout layout, Ring ring, double radius) {
        return layout.memo().recall(new One(ring, radius), () -> {
            double out = radius + ring.lean();
            return ring.polygon()
                    .buffer(out, Curves.quadrantSegments(out, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
        });
    }

    /** Several rings, each grown, as one area; empty for none. */
    static Geometry joined(Layout layout, List<Ring> rings, double radius) {
        List<Geometry> grown =
                rings.stream().map(ring -> by(layout, ring, radius)).toList();
        return Areas.joined(grown);
    }

    /** Where the middle of a disk can be on a piece of ground with nothing on it. */
    static Geometry shrunk(Layout layout, Polygon ground, double radius) {
        return layout.memo()
                .recall(
                        new Shrunk(ground, radius),
                        () -> ground.buffer(
                                -radius, Curves.quadrantSegments(radius, CURVE_TOLERANCE), BufferParameters.CAP_ROUND));
    }

    /**
     * Whether a place on a piece of ground is as near to its edge, or to a fence along the edge, as a disk can come.
     */
    static boolean reachesTheEdge(Geometry place, Polygon ground, List<Ring> fences, double radius) {
        return place.distance(ground.getExteriorRing()) <= radius + CURVE_TOLERANCE
                || fences.stream().anyMatch(fence -> place.distance(fence.polygon()) <= radius + CURVE_TOLERANCE);
    }
}
