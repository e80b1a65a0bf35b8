package fairacre.shape;

import fairacre.outline.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A simple polygon of the plane, in metres; with two corners it is a segment.
 *
 * <p>Corners run counter-clockwise and edges are numbered with them: each runs from the corner of the same number to
 * the next. A segment has two edges, there and back.
 *
 * <p>It may lean out: whatever has to keep off it keeps off so much further, as from a bed whose crops hang over the
 * walk. Its corners, edges and bounds stay where they are.
 */
public final class Ring {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Turns less than this are straight on, square metres of the corner's triangle. */
    private static final double STRAIGHT = 1e-9;

    private final double[] x;
    private final double[] y;
    private final double lean;
    private final boolean convex;
    private final int hash;
    private final double[] lengths;
    private final Envelope bounds = new Envelope();

    private Ring(double[] x, double[] y, double lean) {
        this.x = x;
        this.y = y;
        this.lean = lean;
        for (int i = 0; i < x.length; i++) {
            bounds.expandToInclude(x[i], y[i]);
        }
        boolean allLeft = true;
        for (int i = 0; i < x.length; i++) {
            allLeft &= turn(i) >= -STRAIGHT;
        }
        this.convex = allLeft;
        this.hash = 31 * (31 * Arrays.hashCode(x) + Arrays.hashCode(y)) + Double.hashCode(lean);
        this.lengths = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            lengths[i] = Math.hypot(cornerX(i + 1) - x[i], cornerY(i + 1) - y[i]);
        }
    }

    /** A polygon of at least three corners, given either way round. */
    public static Ring of(List<Point> corners) {
        return of(corners.stream()
                .map(p -> new Coordinate(p.x().metres(), p.y().metres()))
                .toArray(Coordinate[]::new));
    }

    /** The outer edge of a polygon. */
    public static Ring of(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        return of(Arrays.copyOf(ring, ring.length - 1));
    }

    /** All edges of a polygon: the outer one and those of its holes. */
    public static List<Ring> edgesOf(Polygon polygon) {
        List<Ring> rings = new ArrayList<>(List.of(of(polygon)));
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
            Coordinate[] ring = polygon.getInteriorRingN(hole).getCoordinates();
            rings.add(of(Arrays.copyOf(ring, ring.length - 1)));
        }
        return rings;
    }

    /** The sides of an outline, each for itself. */
    public static List<Ring> sides(List<Point> corners) {
        List<Ring> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            sides.add(segment(
                    from.x().metres(),
                    from.y().metres(),
                    to.x().metres(),
                    to.y().metres()));
        }
        return sides;
    }

    private static Ring of(Coordinate[] corners) {
        int n = corners.length;
        Coordinate[] closed = Arrays.copyOf(corners, n + 1);
        closed[n] = corners[0];
        boolean counterClockwise = Orientation.isCCW(closed);
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            Coordinate corner = corners[counterClockwise ? i : n - 1 - i];
            x[i] = corner.x;
            y[i] = corner.y;
        }
        return new Ring(x, y, 0);
    }

    /** A segment; its ends must differ. */
    public static Ring segment(double x1, double y1, double x2, double y2) {
        return new Ring(new double[] {x1, x2}, new double[] {y1, y2}, 0);
    }

    /** The same outline, leaning out by so many metres. */
    public Ring leaning(double metres) {
        return metres == lean ? this : new Ring(x, y, metres);
    }

    /** How far it leans out, metres. */
    public double lean() {
        return lean;
    }

    public int edges() {
        return x.length;
    }

    public boolean isConvex() {
        return convex;
    }

    public double cornerX(int corner) {
        return x[around(corner)];
    }

    /** A division for nearly every corner would take longer than all else that is asked of it. */
    private int around(int corner) {
        return corner < x.length ? corner : corner % x.length;
    }

    public double cornerY(int corner) {
        return y[around(corner)];
    }

    public double edgeLength(int edge) {
        return lengths[edge];
    }

    /** Unit vector out of the polygon across an edge, x. */
    public double normalX(int edge) {
        return (cornerY(edge + 1) - y[edge]) / edgeLength(edge);
    }

    public double normalY(int edge) {
        return (x[edge] - cornerX(edge + 1)) / edgeLength(edge);
    }

    /** Whether the polygon turns inward at a corner, so that nothing can stand against the corner alone. */
    public boolean isReflex(int corner) {
        return turn(corner) < -STRAIGHT;
    }

    private double turn(int corner) {
        int before = (corner + x.length - 1) % x.length;
        int after = (corner + 1) % x.length;
        return (x[corner] - x[before]) * (y[after] - y[corner]) - (y[corner] - y[before]) * (x[after] - x[corner]);
    }

    /**
     * The line on which the middle of a disk of this radius lies while it touches the edge, or what leans out over it.
     */
    public Line besideEdge(int edge, double radius) {
        double nx = normalX(edge);
        double ny = normalY(edge);
        double off = radius + lean;
        return new Line(x[edge] + nx * off, y[edge] + ny * off, -ny, nx, edgeLength(edge));
    }

    public Envelope bounds() {
        return bounds;
    }

    /** The upright rectangle round it and what leans out, grown on all sides. */
    public Envelope within(double distance) {
        Envelope grown = new Envelope(bounds);
        grown.expandBy(distance + lean);
        return grown;
    }

    /** Distance of a place; 0 inside. */
    public double distance(double px, double py) {
        if (covers(px, py)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int edge = 0; edge < x.length; edge++) {
            least = Math.min(least, squared(edge, px, py));
        }
        return Math.sqrt(least);
    }

    /** Whether a place is nearer than a distance to it, or to what leans out, or inside. */
    public boolean isWithin(double px, double py, double clear) {
        double distance = clear + lean;
        if (px < bounds.getMinX() - distance
                || px > bounds.getMaxX() + distance
                || py < bounds.getMinY() - distance
                || py > bounds.getMaxY() + distance) {
            return false;
        }
        for (int edge = 0; edge < x.length; edge++) {
            if (squared(edge, px, py) < distance * distance) {
                return true;
            }
        }
        return covers(px, py);
    }

    private double squared(int edge, double px, double py) {
        double share = share(edge, px, py);
        double dx = px - onX(edge, share);
        double dy = py - onY(edge, share);
        return dx * dx + dy * dy;
    }

    /** Whether a place lies in the polygon, by counting crossings (the even-odd rule); never for a segment. */
    public boolean covers(double px, double py) {
        if (!bounds.contains(px, py)) {
            return false;
        }
        boolean inside = false;
        for (int i = 0, before = x.length - 1; i < x.length; before = i++) {
            if ((y[i] > py) != (y[before] > py) && px < (x[before] - x[i]) * (py - y[i]) / (y[before] - y[i]) + x[i]) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** Where on an edge, as a share of it, a place comes closest. */
    double share(int edge, double px, double py) {
        double dx = cornerX(edge + 1) - x[edge];
        double dy = cornerY(edge + 1) - y[edge];
        double share = ((px - x[edge]) * dx + (py - y[edge]) * dy) / (dx * dx + dy * dy);
        return Math.max(0, Math.min(1, share));
    }

    double onX(int edge, double share) {
        return x[edge] + share * (cornerX(edge + 1) - x[edge]);
    }

    double onY(int edge, double share) {
        return y[edge] + share * (cornerY(edge + 1) - y[edge]);
    }

    /** What is left of free places on a line for the middle of a disk that must keep off this polygon. */
    public Intervals without(Intervals free, Line line, double radius) {
        Intervals left = free;
        if (convex) {
            double[] range = nothing();
            for (int edge = 0; edge < x.length; edge++) {
                stadium(edge, line, radius + lean, range);
            }
            return range[0] < range[1] ? left.without(range[0], range[1]) : left;
        }
        for (int edge = 0; edge < x.length; edge++) {
            left = withoutEdge(left, edge, line, radius);
        }
        double[] crossings = crossings(line);
        for (int i = 0; i + 1 < crossings.length; i += 2) {
            left = left.without(crossings[i], crossings[i + 1]);
        }
        return left;
    }

    /** The same for a disk that touches one edge of this polygon itself: all other edges are in its way. */
    public Intervals withoutOthers(Intervals free, int own, Line line, double radius) {
        Intervals left = free;
        for (int edge = 0; edge < x.length && !convex; edge++) {
            if (edge != own) {
                left = withoutEdge(left, edge, line, radius);
            }
        }
        return left;
    }

    private Intervals withoutEdge(Intervals free, int edge, Line line, double radius) {
        double[] range = nothing();
        stadium(edge, line, radius + lean, range);
        return range[0] < range[1] ? free.without(range[0], range[1]) : free;
    }

    private static double[] nothing() {
        return new double[] {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
    }

    /** Widens a range by the part of a line that is nearer to an edge than a radius: two disks and the slab between. */
    private void stadium(int edge, Line line, double radius, double[] range) {
        disk(x[edge] - line.x(), y[edge] - line.y(), line, radius, range);
        disk(cornerX(edge + 1) - line.x(), cornerY(edge + 1) - line.y(), line, radius, range);
        double length = edgeLength(edge);
        double ax = (cornerX(edge + 1) - x[edge]) / length;
        double ay = (cornerY(edge + 1) - y[edge]) / length;
        double pa = (line.x() - x[edge]) * ax + (line.y() - y[edge]) * ay;
        double pc = (line.y() - y[edge]) * ax - (line.x() - x[edge]) * ay;
        double da = line.dx() * ax + line.dy() * ay;
        double dc = line.dy() * ax - line.dx() * ay;
        double[] slab = {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY};
        if (narrow(slab, pa, da, 0, length) && narrow(slab, pc, dc, -radius, radius)) {
            widen(range, slab[0], slab[1]);
        }
    }

    private static boolean narrow(double[] slab, double position, double direction, double low, double high) {
        if (Math.abs(direction) < 1e-12) {
            return position > low && position < high;
        }
        double first = (low - position) / direction;
        double second = (high - position) / direction;
        slab[0] = Math.max(slab[0], Math.min(first, second));
        slab[1] = Math.min(slab[1], Math.max(first, second));
        return slab[0] < slab[1];
    }

    private static void disk(double px, double py, Line line, double radius, double[] range) {
        double along = px * line.dx() + py * line.dy();
        double root = radius * radius - (px * px + py * py - along * along);
        if (root > 0) {
            widen(range, along - Math.sqrt(root), along + Math.sqrt(root));
        }
    }

    private static void widen(double[] range, double start, double end) {
        range[0] = Math.min(range[0], start);
        range[1] = Math.max(range[1], end);
    }

    /** Where an endless line crosses the polygon, in order along the line. */
    private double[] crossings(Line line) {
        double[] found = new double[x.length];
        int count = 0;
        for (int edge = 0; edge < x.length; edge++) {
            double from = (y[edge] - line.y()) * line.dx() - (x[edge] - line.x()) * line.dy();
            double to = (cornerY(edge + 1) - line.y()) * line.dx() - (cornerX(edge + 1) - line.x()) * line.dy();
            if ((from > 0) != (to > 0)) {
                double share = from / (from - to);
                found[count++] = (onX(edge, share) - line.x()) * line.dx() + (onY(edge, share) - line.y()) * line.dy();
            }
        }
        double[] crossings = Arrays.copyOf(found, count);
        Arrays.sort(crossings);
        return crossings;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Ring ring && Arrays.equals(x, ring.x) && Arrays.equals(y, ring.y) && lean == ring.lean;
    }

    @Override
    public int hashCode() {
        return hash;
    }

    /** The polygon in the geometry library; a segment becomes a thin polygon without area. */
    public Polygon polygon() {
        List<Coordinate> ring = new ArrayList<>();
        for (int corner = 0; corner <= x.length; corner++) {
            ring.add(new Coordinate(cornerX(corner), cornerY(corner)));
        }
        while (ring.size() < 4) {
            ring.add(ring.get(0));
        }
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
