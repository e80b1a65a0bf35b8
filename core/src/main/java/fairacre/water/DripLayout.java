package fairacre.water;

import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.shape.BedSoil;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Lays dripline in a bed: lines along its longer side, as many as keep them no further apart than is wanted, the
 * outermost half as far from the edge. Each begins at one end of the bed, the nearest emitter half a spacing from the
 * edge, and ends at its last emitter. A feed along that end joins them, line by line; where the bed has arms, each line
 * of an arm is joined to the next one beside it.
 */
final class DripLayout {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** From the edge of the soil to where a line begins, metres: about two fingers. */
    private static final double END = 0.04;

    /** Of a spacing: a bed that is turned has its corners rounded to micrometres. */
    static final double ROUNDING = 1e-4;

    /** Joins between lines may touch the edge, metres. */
    private static final double HAIR = 1e-4;

    /** A line in the bed's own frame, from its beginning on: its nodes along it, the first its beginning. */
    private record Lateral(double y, double[] xs, int first) {}

    private final AffineTransformation toPlot;
    private final PreparedGeometry within;
    private final Polygon soil;
    private final double spacing;
    private final double apart;
    private final List<Point> nodes = new ArrayList<>();
    private final List<BedLayout.Pipe> pipes = new ArrayList<>();
    private final List<Integer> outlets = new ArrayList<>();
    private final List<List<Point>> drawn = new ArrayList<>();

    /** @param far whether it is fed at the other end of the bed */
    static BedLayout of(BedRevision bed, Dripline line, boolean far) {
        return new DripLayout(bed, line, far).lay();
    }

    private DripLayout(BedRevision bed, Dripline line, boolean far) {
        Rectangle outline = bed.outline();
        boolean upright = outline.width().compareTo(outline.length()) > 0;
        double cos = upright ? -outline.alongY() : outline.alongX();
        double sin = upright ? outline.alongX() : outline.alongY();
        double end = far ? -1 : 1;
        double x = outline.centre().x().metres();
        double y = outline.centre().y().metres();
        this.toPlot = new AffineTransformation(end * cos, -end * sin, x, end * sin, end * cos, y);
        AffineTransformation toBed = new AffineTransformation(
                end * cos, end * sin, -end * (cos * x + sin * y), -end * sin, end * cos, end * (sin * x - cos * y));
        this.soil = (Polygon) toBed.transform(BedSoil.of(bed));
        this.within = PreparedGeometryFactory.prepare(soil.buffer(HAIR));
        this.spacing = line.emitters().metres();
        this.apart = line.lines().metres();
    }

    private BedLayout lay() {
        List<List<Lateral>> rows = new ArrayList<>();
        double bottom = soil.getEnvelopeInternal().getMinY();
        double height = soil.getEnvelopeInternal().getHeight();
        int count = Math.max(1, (int) Math.ceil(height / apart - ROUNDING));
        for (int row = 0; row < count; row++) {
            rows.add(laterals(bottom + (row + 0.5) * height / count));
        }
        List<Lateral> all = rows.stream().flatMap(List::stream).toList();
        if (all.isEmpty()) {
            return BedLayout.NONE;
        }
        join(rows, all);
        return new BedLayout(
                nodes, pipes, outlets, all.stream().map(Lateral::first).toList(), drawn);
    }

    /** The lines at a height: one for each stretch of soil that has room for an emitter. */
    private List<Lateral> laterals(double y) {
        Geometry across = GEOMETRY.createLineString(new Coordinate[] {
            new Coordinate(soil.getEnvelopeInternal().getMinX() - 1, y),
            new Coordinate(soil.getEnvelopeInternal().getMaxX() + 1, y)
        });
        Geometry stretches = across.intersection(soil);
        List<Lateral> found = new ArrayList<>();
        for (int i = 0; i < stretches.getNumGeometries(); i++) {
            double from = stretches.getGeometryN(i).getEnvelopeInternal().getMinX();
            double to = stretches.getGeometryN(i).getEnvelopeInternal().getMaxX();
            int emitters = (int) Math.floor((to - from - spacing / 2) / spacing + ROUNDING) + 1;
            if (to - from >= spacing / 2 - HAIR && emitters > 0) {
                found.add(lateral(y, from, emitters));
            }
        }
        return found;
    }

    private Lateral lateral(double y, double from, int emitters) {
        double[] xs = new double[emitters + 1];
        xs[0] = from + Math.min(END, spacing / 4);
        int first = node(xs[0], y);
        for (int i = 1; i <= emitters; i++) {
            xs[i] = from + (i - 0.5) * spacing;
            int emitter = node(xs[i], y);
            pipes.add(new BedLayout.Pipe(emitter - 1, emitter, xs[i] - xs[i - 1]));
            outlets.add(emitter);
        }
        drawn.add(List.of(nodes.get(first), nodes.get(first + emitters)));
        return new Lateral(y, xs, first);
    }

    private int node(double x, double y) {
        Coordinate place = new Coordinate();
        toPlot.transform(new Coordinate(x, y), place);
        nodes.add(Point.metres(place.x, place.y));
        return nodes.size() - 1;
    }

    /**
     * Each line to one beside it, from the first on; what nothing leads to within the soil is joined across its edge.
     */
    private void join(List<List<Lateral>> rows, List<Lateral> all) {
        boolean[] joined = new boolean[nodes.size()];
        Deque<Lateral> waiting = new ArrayDeque<>();
        int next = 0;
        while (next < all.size()) {
            Lateral start = all.get(next++);
            if (joined[start.first()]) {
                continue;
            }
            if (start != all.get(0)) {
                feed(all.get(0), 0, start, 0);
            }
            joined[start.first()] = true;
            waiting.add(start);
            while (!waiting.isEmpty()) {
                Lateral line = waiting.remove();
                for (Lateral other : beside(rows, line)) {
                    if (!joined[other.first()] && feedWithin(line, other)) {
                        joined[other.first()] = true;
                        waiting.add(other);
                    }
                }
            }
        }
    }

    private static List<Lateral> beside(List<List<Lateral>> rows, Lateral line) {
        List<Lateral> beside = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            if (rows.get(row).contains(line)) {
                if (row > 0) {
                    beside.addAll(rows.get(row - 1));
                }
                if (row + 1 < rows.size()) {
                    beside.addAll(rows.get(row + 1));
                }
            }
        }
        return beside;
    }

    /** From beginning to beginning, or else where the later one begins. */
    private boolean feedWithin(Lateral line, Lateral other) {
        if (feedIfWithin(line, 0, other, 0)) {
            return true;
        }
        double later = Math.max(line.xs()[0], other.xs()[0]);
        return feedIfWithin(line, nearest(line, later), other, nearest(other, later));
    }

    private static int nearest(Lateral line, double x) {
        int found = Arrays.binarySearch(line.xs(), x);
        return Math.min(line.xs().length - 1, found >= 0 ? found : -found - 1);
    }

    private boolean feedIfWithin(Lateral line, int at, Lateral other, int otherAt) {
        Geometry piece = GEOMETRY.createLineString(new Coordinate[] {
            new Coordinate(line.xs()[at], line.y()), new Coordinate(other.xs()[otherAt], other.y())
        });
        boolean isWithin = within.covers(piece);
        if (isWithin) {
            feed(line, at, other, otherAt);
        }
        return isWithin;
    }

    private void feed(Lateral line, int at, Lateral other, int otherAt) {
        int from = line.first() + at;
        int to = other.first() + otherAt;
        double length = Math.hypot(line.xs()[at] - other.xs()[otherAt], line.y() - other.y());
        pipes.add(new BedLayout.Pipe(from, to, length));
        drawn.add(List.of(nodes.get(from), nodes.get(to)));
    }
}
