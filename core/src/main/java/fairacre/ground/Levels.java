package fairacre.ground;

import fairacre.measure.Length;
import fairacre.plan.Point;
import fairacre.plan.RefusedException;
import fairacre.plan.SpotHeight;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Triangle;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;

/**
 * The lie of the ground from spot heights: plane between each three neighbours (a triangulated irregular network after
 * Delaunay); beyond the outermost of them the ground goes on from the nearest place between them as the plane slopes that fits all best by
 * least squares, so that no step comes up where the heights end.
 *
 * <p>Fewer than three heights, or heights on one line, say nothing of the ground: {@link #of} is then empty.
 */
public final class Levels {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Places on one line within this share of their spread are no plane. */
    private static final double FLAT = 1e-9;

    private final List<Facet> triangles;
    private final double[] plane;

    private Levels(List<Facet> triangles, double[] plane) {
        this.triangles = triangles;
        this.plane = plane;
    }

    public static Optional<Levels> of(List<SpotHeight> heights) {
        return plane(heights).map(plane -> new Levels(triangles(heights), plane));
    }

    /** Height of the ground, metres above the gardener's level line. */
    public double at(double x, double y) {
        Coordinate place = new Coordinate(x, y);
        for (Facet triangle : triangles) {
            if (triangle.covers(place)) {
                return triangle.height(place);
            }
        }
        Facet nearest = triangles.stream().min(Comparator.comparingDouble(triangle -> triangle.distance(place))).orElseThrow();
        Coordinate edge = nearest.closest(place);
        return nearest.height(edge) + plane[1] * (x - edge.x) + plane[2] * (y - edge.y);
    }

    public double at(Point place) {
        return at(place.x().metres(), place.y().metres());
    }

    /** Fall over run of the plane that fits all heights best; 0 for level ground. */
    public double slope() {
        return Math.hypot(plane[1], plane[2]);
    }

    /** Where the ground falls to, degrees clockwise from straight up on the drawing; 0 for level ground. */
    public double fallsTo() {
        return slope() == 0 ? 0 : (Math.toDegrees(Math.atan2(-plane[1], -plane[2])) + 360) % 360;
    }

    /** Fall from one place to another, positive downhill. */
    public Length fall(Point from, Point to) {
        return Length.metres(at(from) - at(to));
    }

    /**
     * Fall over run between two places, without sign.
     *
     * @throws RefusedException if they are one place
     */
    public double slope(Point from, Point to) {
        double run = Math.hypot(to.x().minus(from.x()).metres(), to.y().minus(from.y()).metres());
        if (run == 0) {
            throw new RefusedException("line", "it has no length", "give two places");
        }
        return Math.abs(fall(from, to).metres()) / run;
    }

    /** A triangle between three heights. */
    private record Facet(Envelope bounds, Coordinate[] corners) {
        static Facet of(Geometry triangle) {
            return new Facet(triangle.getEnvelopeInternal(), triangle.getCoordinates());
        }

        double height(Coordinate place) {
            return Triangle.interpolateZ(place, corners[0], corners[1], corners[2]);
        }

        double distance(Coordinate place) {
            return closest(place).distance(place);
        }

        /** The place on its edge that is nearest to one outside of it. */
        Coordinate closest(Coordinate place) {
            Coordinate closest = null;
            for (int side = 0; side < 3; side++) {
                Coordinate on = new LineSegment(corners[side], corners[side + 1]).closestPoint(place);
                closest = closest == null || on.distance(place) < closest.distance(place) ? on : closest;
            }
            return closest;
        }

        boolean covers(Coordinate place) {
            return bounds.covers(place) && PointLocation.isInRing(place, corners);
        }
    }

    private static List<Facet> triangles(List<SpotHeight> heights) {
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(heights.stream().map(h -> new Coordinate(h.place().x().metres(), h.place().y().metres(),
                h.height().metres())).toList());
        var found = builder.getTriangles(GEOMETRY);
        return IntStream.range(0, found.getNumGeometries()).mapToObj(i -> Facet.of(found.getGeometryN(i))).toList();
    }

    /** Height = a + b x + c y by the normal equations about the middle of all places. */
    private static Optional<double[]> plane(List<SpotHeight> heights) {
        if (heights.size() < 3) {
            return Optional.empty();
        }
        double mx = heights.stream().mapToDouble(h -> h.place().x().metres()).average().orElseThrow();
        double my = heights.stream().mapToDouble(h -> h.place().y().metres()).average().orElseThrow();
        double mz = heights.stream().mapToDouble(h -> h.height().metres()).average().orElseThrow();
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double xz = 0;
        double yz = 0;
        for (SpotHeight h : heights) {
            double x = h.place().x().metres() - mx;
            double y = h.place().y().metres() - my;
            double z = h.height().metres() - mz;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            xz += x * z;
            yz += y * z;
        }
        double determinant = xx * yy - xy * xy;
        if (determinant <= FLAT * (xx + yy) * (xx + yy)) {
            return Optional.empty();
        }
        double b = (xz * yy - yz * xy) / determinant;
        double c = (yz * xx - xz * xy) / determinant;
        return Optional.of(new double[] {mz - b * mx - c * my, b, c});
    }
}
