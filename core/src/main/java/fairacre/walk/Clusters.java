package fairacre.walk;

import fairacre.shape.Closest;
import fairacre.shape.Curves;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** What stands in the way, grown by a radius, in groups that hang together. */
final class Clusters {

    private static final double CURVE_TOLERANCE = 0.001;
    /** So many rings are joined at once. */
    private static final int PART = 16;
    /** Sides of the squares by which large groups are parted, metres. */
    private static final double LARGEST_TILE = 2048;
    private static final double SMALLEST_TILE = 2;

    private Clusters() {}

    /** One ring grown by a radius: a question of its own, since it is asked for every width and every judgement. */
    private record Grown(Ring ring, double radius) {}

    /** Several rings grown and joined. */
    private record Joined(List<Ring> rings, double radius) {}

    /** Groups of rings whose grown outlines hang together. */
    static List<List<Ring>> of(Layout layout, double radius) {
        int[] parent = new int[layout.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < parent.length; i++) {
            for (int other : layout.within(layout.ring(i), 2 * radius)) {
                if (other > i && root(parent, i) != root(parent, other)
                        && Closest.between(layout.ring(i), layout.ring(other)).distance()
                                < 2 * radius + layout.ring(i).lean() + layout.ring(other).lean()) {
                    parent[root(parent, other)] = root(parent, i);
                }
            }
        }
        Map<Integer, List<Ring>> groups = new HashMap<>();
        for (int i = 0; i < parent.length; i++) {
            groups.computeIfAbsent(root(parent, i), r -> new ArrayList<>()).add(layout.ring(i));
        }
        return List.copyOf(groups.values());
    }

    static Geometry grown(Layout layout, Ring ring, double radius) {
        return layout.memo().recall(new Grown(ring, radius), () -> {
            double out = radius + ring.lean();
            return ring.polygon().buffer(out, Curves.quadrantSegments(out, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
        });
    }

    /**
     * All of a group grown and joined. A large group is joined from parts that are remembered, quarter by quarter of the ground,
     * so that one move costs little.
     */
    static Geometry joined(Layout layout, List<Ring> rings, double radius) {
        return layout.memo().recall(new Joined(rings, radius), () -> {
            List<Geometry> parts = new ArrayList<>();
            List<List<Ring>> quarters = rings.size() <= PART ? List.of() : quarters(rings);
            if (quarters.isEmpty()) {
                rings.forEach(ring -> parts.add(grown(layout, ring, radius)));
            } else {
                quarters.forEach(quarter -> parts.add(joined(layout, quarter, radius)));
            }
            return UnaryUnionOp.union(parts);
        });
    }

    /** Rings by the square of a grid in which their middle lies, of the largest squares that part them; none if small ones don't. */
    private static List<List<Ring>> quarters(List<Ring> rings) {
        for (double side = LARGEST_TILE; side >= SMALLEST_TILE; side /= 2) {
            Map<List<Long>, List<Ring>> tiles = new LinkedHashMap<>();
            for (Ring ring : rings) {
                List<Long> tile = List.of((long) Math.floor(ring.bounds().centre().x / side), (long) Math.floor(ring.bounds().centre().y / side));
                tiles.computeIfAbsent(tile, t -> new ArrayList<>()).add(ring);
            }
            if (tiles.size() > 1) {
                return List.copyOf(tiles.values());
            }
        }
        return List.of();
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
