package fairacre.plan;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Corners as a polygon of the geometry library, in metres, for the studies. */
public final class Polygons {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Polygons() {}

    /** The polygon with these corners, in their order, closed. */
    public static Polygon of(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point corner = corners.get(i % corners.size());
            ring[i] = new Coordinate(corner.x().metres(), corner.y().metres());
        }
        return GEOMETRY.createPolygon(ring);
    }
}
