package fairacre.walk;

import java.util.List;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.index.strtree.STRtree;

/** Whether the straight line between two places stays on a piece of ground: it begins there and crosses no edge. */
final class Sight {

    private final IndexedPointInAreaLocator inside;
    private final STRtree edges = new STRtree();
    private final LineIntersector crossing = new RobustLineIntersector();

    Sight(Geometry ground) {
        this.inside = new IndexedPointInAreaLocator(ground);
        for (Object line : LinearComponentExtracter.getLines(ground)) {
            Coordinate[] ring = ((Geometry) line).getCoordinates();
            for (int i = 0; i + 1 < ring.length; i++) {
                edges.insert(new Envelope(ring[i], ring[i + 1]), new LineSegment(ring[i], ring[i + 1]));
            }
        }
        edges.build();
    }

    boolean isOn(Coordinate place) {
        return inside.locate(place) != Location.EXTERIOR;
    }

    /** Of places that both lie on the ground. */
    @SuppressWarnings("unchecked")
    boolean isClear(Coordinate from, Coordinate to) {
        for (LineSegment edge : (List<LineSegment>) edges.query(new Envelope(from, to))) {
            crossing.computeIntersection(from, to, edge.p0, edge.p1);
            if (crossing.hasIntersection()) {
                return false;
            }
        }
        return true;
    }
}
