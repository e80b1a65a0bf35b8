package fairacre.ground;

import fairacre.judging.SnagContext;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.SpotHeight;
import fairacre.shape.Areas;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
 * Delaunay); beyond the outermost of them the ground goes on from the nearest place between them as the plane slopes
 * that fits all best by least squares, so that no step comes up where the heights end.
 *
 * <p>Two heights, or several on one line, say how the ground falls along that line; across it the ground is taken to be
 * level. Heights within a hand's breadth of a line lie on it, since what they say of the ground beside it is lost in
 * the measuring. One height says nothing: {@link #of} is then empty.
 */
public final class Levels {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /**
     * Places whose mean distance from a line (root of the mean square) is no more than half a hand lie on it, metres.
     */
    private static final double ON_A_LINE = 0.05;
    /** What is exactly as steep as may be is not steeper by rounding. */
    private static final double HAIR = 1e-6;

    private final List<Facet> triangles;
    private final List<LineSegment> creases;
    private final double steepest;
    private final double[] plane;
    private final boolean onALine;

    private Levels(List<Coordinate> heights, boolean onALine) {
        this.triangles = triangles(heights);
        this.creases = triangles.stream().flatMap(Facet::sides).distinct().toList();
        this.steepest = triangles.stream().mapToDouble(Facet::slope).max().orElse(0);
        this.plane = Spread.of(heights).plane();
        this.onALine = onALine;
    }

    /** Whether a slope is steeper than it may be, by more than rounding; both are rise over run. */
    public static boolean isSteeper(double slope, double most) {
        return slope > most + HAIR;
    }

    /** The question how the ground lies. */
    private record LieOfTheLand(List<SpotHeight> heights) {}

    /** How the ground of a plan lies, where enough heights are known. */
    public static Optional<Levels> of(SnagContext context) {
        return of(context.plan().site().levels(), context.memo());
    }

    /** @param memo of what was worked out before */
    public static Optional<Levels> of(List<SpotHeight> heights, Memo memo) {
        return memo.recall(new LieOfTheLand(heights), () -> of(heights));
    }

    public static Optional<Levels> of(List<SpotHeight> heights) {
        List<Coordinate> places = heights.stream()
                .map(h -> new Coordinate(
                        h.place().x().metres(),
                        h.place().y().metres(),
                        h.height().metres()))
                .toList();
        if (places.stream()
                        .map(place -> new Coordinate(place.x, place.y))
                        .distinct()
                        .count()
                < 2) {
            return Optional.empty();
        }
        Spread spread = Spread.of(places);
        return Optional.of(
                spread.across() <= ON_A_LINE ? new Levels(spread.widened(places), true) : new Levels(places, false));
    }

    /** Whether the heights lie on one line, so that the ground across it is taken to be level. */
    public boolean onALine() {
        return onALine;
    }

    /** Height of the ground, metres above the gardener's level line. */
    public double at(double x, double y) {
        Coordinate place = new Coordinate(x, y);
        for (Facet triangle : triangles) {
            if (triangle.covers(place)) {
                return triangle.height(place);
            }
        }
        Facet nearest = triangles.stream()
                .min(Comparator.comparingDouble(triangle -> triangle.distance(place)))
                .orElseThrow();
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

    /**
     * Whether the ground, as far as its heights are known, rises above a straight line that climbs from a place.
     * Between two edges of its planes ground and line run straight, so it is enough to look at the edges.
     *
     * @param place with its height as z, on the ground or above it
     * @param dx along the ground, of length 1 with {@code dy}
     * @param slope how much the line climbs in a metre
     */
    public boolean risesAbove(Coordinate place, double dx, double dy, double slope) {
        return slope < steepest && creases.stream().anyMatch(crease -> risesAbove(crease, place, dx, dy, slope));
    }

    private static boolean risesAbove(LineSegment crease, Coordinate place, double dx, double dy, double slope) {
        double sideX = crease.p1.x - crease.p0.x;
        double sideY = crease.p1.y - crease.p0.y;
        double across = dx * sideY - dy * sideX;
        double far = ((crease.p0.x - place.x) * sideY - (crease.p0.y - place.y) * sideX) / across;
        double share = ((crease.p0.x - place.x) * dy - (crease.p0.y - place.y) * dx) / across;
        double height = crease.p0.getZ() + share * (crease.p1.getZ() - crease.p0.getZ());
        return far > 0 && share >= 0 && share <= 1 && height > place.getZ() + far * slope + HAIR;
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
        double run = Math.hypot(
                to.x().minus(from.x()).metres(), to.y().minus(from.y()).metres());
        if (run == 0) {
            throw new RefusedException("line", "it has no length", "give two places");
        }
        return Math.abs(fall(from, to).metres()) / run;
    }

    /**
     * The part of an area whose ground is steeper than a slope, whichever way it falls; ground that is exactly as steep
     * is not.
     *
     * @param slope rise over run
     */
    public Geometry steeperThan(double slope, Geometry area) {
        double most = slope + HAIR;
        List<Geometry> steep = new ArrayList<>(triangles.stream()
                .filter(triangle -> triangle.slope() > most)
                .map(Facet::area)
                .toList());
        Geometry known = Areas.joined(triangles.stream().map(Facet::area).toList());
        Geometry beyond = Areas.without(area, known);
        if (!beyond.isEmpty()) {
            steep.addAll(steeperBeyond(most, beyond));
        }
        return Areas.shared(Areas.joined(steep), area);
    }

    /**
     * Beside an outer edge the ground slopes along it as the edge does and away from it as the plane does; round the
     * corners as the plane.
     */
    private List<Geometry> steeperBeyond(double most, Geometry beyond) {
        Envelope all = new Envelope(beyond.getEnvelopeInternal());
        triangles.forEach(triangle -> all.expandToInclude(triangle.bounds()));
        List<Geometry> steep = new ArrayList<>();
        Geometry corners = beyond;
        for (Rim rim : rims()) {
            Geometry strip = Areas.shared(rim.strip(all.getDiameter()), beyond);
            corners = Areas.without(corners, strip);
            if (Math.hypot(rim.alongSlope(), plane[1] * rim.outX() + plane[2] * rim.outY()) > most) {
                steep.add(strip);
            }
        }
        if (slope() > most) {
            steep.add(corners);
        }
        return steep;
    }

    /** The edges that only one triangle has. */
    private List<Rim> rims() {
        Map<Set<Coordinate>, Rim> once = new LinkedHashMap<>();
        for (Facet triangle : triangles) {
            for (Rim rim : triangle.rims()) {
                Set<Coordinate> ends = Set.of(rim.from(), rim.to());
                if (once.remove(ends) == null) {
                    once.put(ends, rim);
                }
            }
        }
        return List.copyOf(once.values());
    }

    /** An outer edge of the triangles and the direction away from them. */
    private record Rim(Coordinate from, Coordinate to, double outX, double outY) {

        double alongSlope() {
            return (to.getZ() - from.getZ()) / from.distance(to);
        }

        Geometry strip(double far) {
            return GEOMETRY.createPolygon(new Coordinate[] {
                from,
                to,
                new Coordinate(to.x + far * outX, to.y + far * outY),
                new Coordinate(from.x + far * outX, from.y + far * outY),
                from
            });
        }
    }

    /** A triangle between three heights. */
    private record Facet(Envelope bounds, Coordinate[] corners) {
        static Facet of(Geometry triangle) {
            return new Facet(triangle.getEnvelopeInternal(), triangle.getCoordinates());
        }

        Geometry area() {
            return GEOMETRY.createPolygon(corners);
        }

        /** Fall over run where it is steepest. */
        double slope() {
            Coordinate u = side(1);
            Coordinate v = side(2);
            return Math.hypot(u.z * v.y - v.z * u.y, u.x * v.z - v.x * u.z) / Math.abs(cross(u, v));
        }

        /** From the first corner to another. */
        private Coordinate side(int corner) {
            Coordinate from = corners[0];
            Coordinate to = corners[corner];
            return new Coordinate(to.x - from.x, to.y - from.y, to.getZ() - from.getZ());
        }

        /** Twice the area, positive counter-clockwise. */
        private static double cross(Coordinate u, Coordinate v) {
            return u.x * v.y - u.y * v.x;
        }

        List<Rim> rims() {
            double turn = Math.signum(cross(side(1), side(2)));
            return IntStream.range(0, 3)
                    .mapToObj(side -> {
                        Coordinate from = corners[side];
                        Coordinate to = corners[side + 1];
                        double length = from.distance(to);
                        return new Rim(from, to, turn * (to.y - from.y) / length, turn * (from.x - to.x) / length);
                    })
                    .toList();
        }

        /** Each from its lower to its higher end in x, then y, so that neighbours have the same one. */
        Stream<LineSegment> sides() {
            return IntStream.range(0, 3)
                    .mapToObj(side -> new LineSegment(corners[side], corners[side + 1]))
                    .peek(LineSegment::normalize);
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

    private static List<Facet> triangles(List<Coordinate> heights) {
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(heights);
        var found = builder.getTriangles(GEOMETRY);
        return IntStream.range(0, found.getNumGeometries())
                .mapToObj(i -> Facet.of(found.getGeometryN(i)))
                .toList();
    }

    /** Sums about the middle of some heights: how far they spread, and the plane that fits them best. */
    private record Spread(int count, Coordinate middle, double xx, double xy, double yy, double xz, double yz) {

        static Spread of(List<Coordinate> heights) {
            Coordinate middle = new Coordinate(
                    heights.stream().mapToDouble(h -> h.x).average().orElseThrow(),
                    heights.stream().mapToDouble(h -> h.y).average().orElseThrow(),
                    heights.stream().mapToDouble(h -> h.getZ()).average().orElseThrow());
            double xx = 0;
            double xy = 0;
            double yy = 0;
            double xz = 0;
            double yz = 0;
            for (Coordinate h : heights) {
                double x = h.x - middle.x;
                double y = h.y - middle.y;
                double z = h.getZ() - middle.getZ();
                xx += x * x;
                xy += x * y;
                yy += y * y;
                xz += x * z;
                yz += y * z;
            }
            return new Spread(heights.size(), middle, xx, xy, yy, xz, yz);
        }

        /**
         * Direction in which they spread most, counter-clockwise from the right, radians: the main axis of the sums.
         */
        private double along() {
            return Math.atan2(2 * xy, xx - yy) / 2;
        }

        /** Root of the mean square of their distances from the line along which they spread most, metres. */
        double across() {
            double sin = Math.sin(along());
            double cos = Math.cos(along());
            return Math.sqrt(Math.max(0, sin * sin * xx - 2 * sin * cos * xy + cos * cos * yy) / count);
        }

        /** Each height twice, as far to either side of the line as they all reach along it. */
        List<Coordinate> widened(List<Coordinate> heights) {
            double dx = Math.cos(along());
            double dy = Math.sin(along());
            double far = Math.sqrt(xx + yy);
            List<Coordinate> wide = new ArrayList<>();
            for (Coordinate h : heights) {
                double on = (h.x - middle.x) * dx + (h.y - middle.y) * dy;
                for (int side = -1; side <= 1; side += 2) {
                    wide.add(new Coordinate(
                            middle.x + on * dx - side * far * dy, middle.y + on * dy + side * far * dx, h.getZ()));
                }
            }
            return wide;
        }

        /** Height = a + b x + c y, by the normal equations. */
        double[] plane() {
            double determinant = xx * yy - xy * xy;
            double b = (xz * yy - yz * xy) / determinant;
            double c = (yz * xx - xz * xy) / determinant;
            return new double[] {middle.getZ() - b * middle.x - c * middle.y, b, c};
        }
    }
}
