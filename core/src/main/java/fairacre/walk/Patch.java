package fairacre.walk;

import fairacre.outline.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** A piece of ground on the drawing: its outer edge, and the edges of what is cut out of it. */
public record Patch(List<Point> outer, List<List<Point>> holes) {

    public Patch {
        outer = List.copyOf(outer);
        holes = List.copyOf(holes);
    }

    static List<Patch> of(Geometry geometry) {
        List<Patch> patches = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                patches.add(of(part));
            }
        }
        return patches;
    }

    private static Patch of(Polygon part) {
        List<List<Point>> holes = new ArrayList<>();
        for (int i = 0; i < part.getNumInteriorRing(); i++) {
            holes.add(points(part.getInteriorRingN(i)));
        }
        return new Patch(points(part.getExteriorRing()), holes);
    }

    private static List<Point> points(LinearRing ring) {
        List<Point> points = new ArrayList<>();
        Coordinate[] all = ring.getCoordinates();
        for (int i = 0; i + 1 < all.length; i++) {
            points.add(Point.metres(all[i].x, all[i].y));
        }
        return points;
    }
}
