package fairacre.walk;

import fairacre.measure.Length;
import fairacre.shape.Areas;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * Free ground on which a carrier of one width could stand but to which no way leads: holes in the union of what stands there grown by
 * half that width, unless the hole comes within half the width of the plot's edge, where one can come in.
 */
final class Pockets {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /** Fewer grown convex shapes than this can't close a ring: two of them have no hole between them. */
    private static final int FEWEST = 3;

    /** One of them, with the upright rectangle round it, which most places are outside of. */
    private record Pocket(Envelope round, PointOnGeometryLocator locator) {}

    private final List<Pocket> pockets;

    private Pockets(List<Pocket> pockets) {
        this.pockets = pockets;
    }

    static Pockets of(Layout layout, Length width) {
        double radius = width.metres() / 2 - WalkStudy.SLACK;
        List<Pocket> pockets = new ArrayList<>();
        for (List<Ring> cluster : layout.clusters(radius)) {
            if (cluster.size() >= FEWEST || !cluster.stream().allMatch(Ring::isConvex)) {
                addHoles(layout, cluster, radius, pockets);
            }
        }
        return new Pockets(pockets);
    }

    boolean cover(double x, double y) {
        for (Pocket pocket : pockets) {
            if (pocket.round.contains(x, y) && pocket.locator.locate(new Coordinate(x, y)) == Location.INTERIOR) {
                return true;
            }
        }
        return false;
    }

    private static void addHoles(Layout layout, List<Ring> cluster, double radius, List<Pocket> into) {
        for (Polygon pocket : holes(Clusters.joined(layout, cluster, radius))) {
            if (pocket.distance(layout.plot().getBoundary()) > radius + CURVE_TOLERANCE) {
                into.add(new Pocket(pocket.getEnvelopeInternal(), new IndexedPointInAreaLocator(pocket)));
            }
        }
    }

    /** Ground that is shut in by what is given. */
    static List<Polygon> holes(Geometry joined) {
        List<Polygon> holes = new ArrayList<>();
        for (Polygon part : Areas.parts(joined)) {
            for (int hole = 0; hole < part.getNumInteriorRing(); hole++) {
                holes.add(GEOMETRY.createPolygon(part.getInteriorRingN(hole).getCoordinates()));
            }
        }
        return holes;
    }
}
