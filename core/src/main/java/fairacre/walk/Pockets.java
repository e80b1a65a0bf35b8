package fairacre.walk;

import fairacre.measure.Length;
import fairacre.shape.Closest;
import fairacre.shape.Ring;
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
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Free ground on which a carrier of one width could stand but to which no way leads: holes in the union of what stands there grown by
 * half that width, unless the hole comes within half the width of the plot's edge, where one can come in.
 */
final class Pockets {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /** Fewer grown convex shapes than this can't close a ring: two of them have no hole between them. */
    private static final int FEWEST = 3;

    private final List<PointOnGeometryLocator> locators;

    private Pockets(List<PointOnGeometryLocator> locators) {
        this.locators = locators;
    }

    static Pockets of(Layout layout, Length width) {
        double radius = width.metres() / 2 - WalkStudy.SLACK;
        List<PointOnGeometryLocator> locators = new ArrayList<>();
        for (List<Integer> cluster : clusters(layout, radius)) {
            boolean allConvex = cluster.stream().allMatch(i -> layout.ring(i).isConvex());
            if (cluster.size() >= FEWEST || !allConvex) {
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
            grown.add(Access.grown(layout.ring(position), radius));
        }
        Geometry union = UnaryUnionOp.union(grown);
        for (int i = 0; i < union.getNumGeometries(); i++) {
            Polygon part = (Polygon) union.getGeometryN(i);
            for (int hole = 0; hole < part.getNumInteriorRing(); hole++) {
                LinearRing ring = part.getInteriorRingN(hole);
                Polygon pocket = GEOMETRY.createPolygon(ring.getCoordinates());
                if (pocket.distance(layout.plot().getBoundary()) > radius + CURVE_TOLERANCE) {
                    into.add(new IndexedPointInAreaLocator(pocket));
                }
            }
        }
    }

    /** Groups of what stands there whose grown outlines hang together. */
    private static Iterable<List<Integer>> clusters(Layout layout, double radius) {
        int[] parent = new int[layout.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < parent.length; i++) {
            for (int other : layout.within(layout.ring(i), 2 * radius)) {
                if (other > i && apart(layout.ring(i), layout.ring(other)) < 2 * radius) {
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

    private static double apart(Ring a, Ring b) {
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
