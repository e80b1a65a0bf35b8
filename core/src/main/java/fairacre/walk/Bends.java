package fairacre.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Corners of the ground round which a taut string bends: those where the ground turns inward. */
final class Bends {

    private Bends() {}

    /** The ground with its curves cut to fewer chords, nowhere further from it than a tolerance. */
    static Polygon coarse(Polygon ground, double tolerance) {
        return (Polygon) TopologyPreservingSimplifier.simplify(ground, tolerance);
    }

    static List<Coordinate> of(Polygon ground) {
        List<Coordinate> bends = new ArrayList<>();
        forEachRing(ground, (before, at, after) -> {
            if (Orientation.index(before, at, after) == Orientation.CLOCKWISE) {
                bends.add(at);
            }
        });
        return bends;
    }

    private interface Corner {
        void visit(Coordinate before, Coordinate at, Coordinate after);
    }

    /** Visits every corner with the ground at the left. */
    private static void forEachRing(Polygon ground, Corner corner) {
        visit(ground.getExteriorRing(), true, corner);
        for (int i = 0; i < ground.getNumInteriorRing(); i++) {
            visit(ground.getInteriorRingN(i), false, corner);
        }
    }

    private static void visit(LinearRing ring, boolean counterClockwise, Corner corner) {
        Coordinate[] all = ring.getCoordinates();
        int n = all.length - 1;
        boolean forward = Orientation.isCCW(all) == counterClockwise;
        for (int i = 0; i < n; i++) {
            Coordinate previous = all[(i + n - 1) % n];
            Coordinate next = all[(i + 1) % n];
            corner.visit(forward ? previous : next, all[i], forward ? next : previous);
        }
    }

    /** Which pairs of bends a taut string could join: it leaves a bend so that both its edges lie on one side. */
    static final class Tangents {
        private final Map<Coordinate, Coordinate[]> neighbours = new HashMap<>();

        Tangents(Geometry ground) {
            for (int i = 0; i < ground.getNumGeometries(); i++) {
                forEachRing(
                        (Polygon) ground.getGeometryN(i),
                        (before, at, after) -> neighbours.put(at, new Coordinate[] {before, after}));
            }
        }

        boolean couldJoin(Coordinate a, Coordinate b) {
            return touches(a, b) && touches(b, a);
        }

        private boolean touches(Coordinate at, Coordinate from) {
            Coordinate[] beside = neighbours.get(at);
            return Orientation.index(from, at, beside[0]) * Orientation.index(from, at, beside[1]) >= 0;
        }
    }
}
