package fairacre.trellis;

import fairacre.arch.Soil;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** The sides of beds along which a trellis could stand: in the soil, a hand from the boards. */
final class TrellisSides {

    /** So far in from the edge of the soil: 2 in. */
    private static final double IN = Length.inches(2).metres();
    /** Shorter ones hold no trellis, metres. */
    private static final double SHORTEST = 0.6;
    /** Of a bed with many corners the longest. */
    private static final int MOST = 8;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private TrellisSides() {}

    /**
     * A side of a bed.
     *
     * @param outX which way it faces, as a vector of length 1 on the drawing
     */
    record Side(StandingBed bed, Point from, Point to, double outX, double outY) {

        List<Point> places() {
            return List.of(from, to);
        }
    }

    /** Longest first. */
    static List<Side> of(Soil.Patch patch) {
        if (!(patch.soil() instanceof Polygon soil) || soil.isEmpty()) {
            return List.of();
        }
        Coordinate[] ring = soil.getExteriorRing().getCoordinates();
        double inwards = Orientation.isCCW(ring) ? 1 : -1;
        List<Side> sides = new ArrayList<>();
        for (int i = 1; i < ring.length; i++) {
            double length = ring[i].distance(ring[i - 1]);
            if (length - 2 * IN < SHORTEST) {
                continue;
            }
            double x = (ring[i].x - ring[i - 1].x) / length;
            double y = (ring[i].y - ring[i - 1].y) / length;
            Coordinate from =
                    new Coordinate(ring[i - 1].x + IN * (x - inwards * y), ring[i - 1].y + IN * (y + inwards * x));
            Coordinate to = new Coordinate(ring[i].x - IN * (x + inwards * y), ring[i].y - IN * (y - inwards * x));
            if (soil.covers(FACTORY.createLineString(new Coordinate[] {from, to}))) {
                sides.add(new Side(
                        patch.bed(),
                        Point.metres(from.x, from.y),
                        Point.metres(to.x, to.y),
                        inwards * y,
                        -inwards * x));
            }
        }
        return sides.stream()
                .sorted(Comparator.comparingDouble(
                        side -> -side.from().distance(side.to()).metres()))
                .limit(MOST)
                .toList();
    }
}
