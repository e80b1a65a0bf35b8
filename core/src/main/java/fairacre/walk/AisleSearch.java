package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.StandingBed;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** Pairs of edges of one bed that face each other over ground outside of it. */
final class AisleSearch {

    /** Edges face each other if their outward normals are opposite to within about 25 degrees. */
    private static final double OPPOSITE = -0.9;
    /** Edges that face each other over less than this have a corner between them, metres. */
    private static final double SHORTEST = 0.01;

    private final Layout layout;

    AisleSearch(Layout layout) {
        this.layout = layout;
    }

    List<Aisle> all() {
        List<Aisle> aisles = new ArrayList<>();
        for (int bed = 0; bed < layout.beds(); bed++) {
            if (!layout.ring(bed).isConvex()) {
                add(layout.bed(bed), layout.ring(bed), aisles);
            }
        }
        return aisles;
    }

    private static void add(StandingBed bed, Ring ring, List<Aisle> aisles) {
        Set<Integer> notches = notches(bed.revision());
        for (int first = 0; first < ring.edges(); first++) {
            for (int second = first + 1; second < ring.edges(); second++) {
                double facing = ring.normalX(first) * ring.normalX(second) + ring.normalY(first) * ring.normalY(second);
                if (facing < OPPOSITE) {
                    addIfOpen(bed, ring, first, second, notches.contains(first) && notches.contains(second), aisles);
                }
            }
        }
    }

    /** Edges of the outline that are walls of keyholes. */
    private static Set<Integer> notches(BedRevision revision) {
        Set<Integer> notches = new HashSet<>();
        revision.keyholeWalls().forEach(wall -> {
            notches.add(wall);
            notches.add(wall + 2);
        });
        return notches;
    }

    private static void addIfOpen(
            StandingBed bed, Ring ring, int first, int second, boolean keyhole, List<Aisle> aisles) {
        LineSegment one = edge(ring, first);
        LineSegment other = edge(ring, second);
        Coordinate[] shared = facing(one, other);
        if (shared == null) {
            return;
        }
        Coordinate from = new LineSegment(shared[0], shared[1]).midPoint();
        Coordinate to = other.closestPoint(from);
        boolean outward = (to.x - from.x) * ring.normalX(first) + (to.y - from.y) * ring.normalY(first) > 0;
        Coordinate middle = new LineSegment(from, to).midPoint();
        if (outward && !ring.covers(middle.x, middle.y) && isFree(ring, first, second, from, to)) {
            double width = Math.max(0, from.distance(to) - 2 * ring.lean());
            aisles.add(new Aisle(
                    bed.id(), Point.metres(from.x, from.y), Point.metres(to.x, to.y), Length.metres(width), keyhole));
        }
    }

    /** The part of an edge that another one faces; null if none worth the name. */
    private static Coordinate[] facing(LineSegment one, LineSegment other) {
        double from = Math.max(0, Math.min(one.projectionFactor(other.p0), one.projectionFactor(other.p1)));
        double to = Math.min(1, Math.max(one.projectionFactor(other.p0), one.projectionFactor(other.p1)));
        return (to - from) * one.getLength() < SHORTEST
                ? null
                : new Coordinate[] {one.pointAlong(from), one.pointAlong(to)};
    }

    private static boolean isFree(Ring ring, int first, int second, Coordinate from, Coordinate to) {
        LineSegment across = new LineSegment(from, to);
        for (int edge = 0; edge < ring.edges(); edge++) {
            if (edge != first && edge != second && across.distance(edge(ring, edge)) < SHORTEST / 2) {
                return false;
            }
        }
        return true;
    }

    private static LineSegment edge(Ring ring, int edge) {
        return new LineSegment(ring.cornerX(edge), ring.cornerY(edge), ring.cornerX(edge + 1), ring.cornerY(edge + 1));
    }
}
