package fairacre.outline;

import fairacre.limits.RefusedException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;

/** Corners as shapes of the geometry library, in metres, for the studies. */
public final class Polygons {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Polygons() {}

    /** The polygon with these corners, in their order, closed. */
    public static Polygon of(List<Point> corners) {
        return GEOMETRY.createPolygon(ring(corners));
    }

    /** A line through places; of one place it has no length. */
    public static Geometry line(List<Point> places) {
        Coordinate[] all = places.stream().map(Polygons::at).toArray(Coordinate[]::new);
        return all.length == 1 ? GEOMETRY.createPoint(all[0]) : line(all);
    }

    static LineString line(Coordinate[] places) {
        return GEOMETRY.createLineString(places);
    }

    /** The corners as coordinates in metres, counter-clockwise, the first not repeated. */
    public static List<Coordinate> counterClockwise(List<Point> corners) {
        List<Coordinate> all =
                new ArrayList<>(corners.stream().map(Polygons::at).toList());
        if (!Orientation.isCCW(ring(corners))) {
            Collections.reverse(all);
        }
        return all;
    }

    /**
     * @param what the thing with these corners, for the message
     * @throws RefusedException if two corners in a row are the same place or the edge crosses or touches itself
     */
    public static void checkSimple(List<Point> corners, String field, String what) {
        for (int i = 0; i < corners.size(); i++) {
            if (corners.get(i).equals(corners.get((i + 1) % corners.size()))) {
                throw new RefusedException(
                        field + "/" + i,
                        "corner " + (i + 1) + " and the next are the same place",
                        "leave one of them out");
            }
        }
        IsValidOp validity = new IsValidOp(of(corners));
        if (!validity.isValid()) {
            Coordinate at = validity.getValidationError().getCoordinate();
            throw new RefusedException(
                    field,
                    String.format(
                            Locale.ROOT,
                            "the %s's edge crosses or touches itself near x %.2f m, y %.2f m",
                            what,
                            at.x,
                            at.y),
                    "give the corners in the order in which you walk round the " + what);
        }
    }

    private static Coordinate[] ring(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = at(corners.get(i % corners.size()));
        }
        return ring;
    }

    private static Coordinate at(Point place) {
        return new Coordinate(place.x().metres(), place.y().metres());
    }
}
