package fairacre.walk;

import fairacre.measure.Length;
import fairacre.shape.Box;
import fairacre.shape.Closest;
import fairacre.shape.Curves;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Free ground on which a carrier of one width could stand but to which no way leads: holes in the union of the beds grown by
 * half that width, unless the hole comes within half the width of the plot's edge, where one can come in.
 */
final class Pockets {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /** Fewer grown beds than this can't close a ring: two convex shapes have no hole between them. */
    private static final int FEWEST = 3;

    private final List<PointOnGeometryLocator> locators;

    private Pockets(List<PointOnGeometryLocator> locators) {
        this.locators = locators;
    }

    static Pockets of(Layout layout, Length width) {
        double radius = width.metres() / 2 - WalkStudy.SLACK;
        List<PointOnGeometryLocator> locators = new ArrayList<>();
        for (List<Integer> cluster : clusters(layout, radius)) {
            if (cluster.size() >= FEWEST) {
                addHoles(layout, cluster, radius, locators);
            }
        }
        return new Pockets(locators);
    }

    boolean cover(double x, double y) {
        return locators.stream().anyMatch(l -> l.locate(new Coordinate(x, y)) == Location.INTERIOR);
    }

    private static void addHoles(Layout layout, List<Integer> cluster, double radius, List<PointOnGeometryLocator> into) {
        List<Geometry> grown = new ArrayList<>();
        for (int position : cluster) {
            grown.add(grown(layout.box(position), radius));
        }
        Geometry union = UnaryUnionOp.union(grown);
        for (int i = 0; i < union.getNumGeometries(); i++) {
            Polygon part = (Polygon) union.getGeometryN(i);
            for (int hole = 0; hole < part.getNumInteriorRing(); hole++) {
                LinearRing ring = part.getInteriorRingN(hole);
                Polygon pocket = GEOMETRY.createPolygon(ring.getCoordinates());
                if (pocket.distance(layout.plot().getExteriorRing()) > radius + CURVE_TOLERANCE) {
                    into.add(new IndexedPointInAreaLocator(pocket));
                }
            }
        }
    }

    private static Geometry grown(Box box, double radius) {
        Coordinate[] ring = new Coordinate[Box.EDGES + 1];
        for (int corner = 0; corner <= Box.EDGES; corner++) {
            ring[corner] = new Coordinate(box.cornerX(corner), box.cornerY(corner));
        }
        int segments = Curves.quadrantSegments(radius, CURVE_TOLERANCE);
        return GEOMETRY.createPolygon(ring).buffer(radius, segments, BufferParameters.CAP_ROUND);
    }

    /** Groups of beds whose grown outlines hang together. */
    private static Iterable<List<Integer>> clusters(Layout layout, double radius) {
        int[] parent = new int[layout.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < parent.length; i++) {
            for (int other : layout.within(layout.box(i), 2 * radius)) {
                if (other > i && apart(layout.box(i), layout.box(other)) < 2 * radius) {
                    parent[root(parent, other)] = root(parent, i);
                }
            }
        }
        Map<Integer, List<Integer>> groups = new HashMap<>();
        for (int i = 0; i < parent.length; i++) {
            groups.computeIfAbsent(root(parent, i), r -> new ArrayList<>()).add(i);
        }
        return groups.values();
    }

    private static double apart(Box a, Box b) {
        return Closest.between(a, b).distance();
    }

    private static int root(int[] parent, int i) {
        int root = i;
        while (parent[root] != root) {
            root = parent[root];
        }
        parent[i] = root;
        return root;
    }
}
