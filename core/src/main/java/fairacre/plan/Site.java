package fairacre.plan;

import fairacre.measure.Area;
import java.util.List;
import java.util.Locale;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;

/**
 * The ground before anything is built on it: a simple polygon of 3 to 200 corners with an area of at least a quarter of a
 * square metre.
 *
 * @param corners within 1 km of the origin along either axis, in either sense of rotation, the first not repeated at the end
 * @param north direction of north on the drawing, degrees clockwise from straight up
 * @param latitude degrees, north positive, -90 to 90
 */
public record Site(List<Point> corners, double north, double latitude) {

    private static final double SMALLEST_AREA = 0.25;

    public Site {
        Limits.atMost(Limits.MOST_CORNERS, corners, "corners");
        corners = List.copyOf(corners);
        for (int i = 0; i < corners.size(); i++) {
            Limits.near(corners.get(i), "corners/" + i);
        }
        if (corners.size() < 3) {
            throw new RefusedException("corners", "a plot of " + corners.size() + " corners has no ground",
                    "give at least three corners");
        }
        checkSimple(corners);
        north = Angles.normal(north, "north");
        Limits.between(latitude, -90, 90, "latitude");
    }

    /** A plot with square corners whose lower left corner is the origin. */
    public static List<Point> rectangle(double lengthMetres, double widthMetres) {
        return List.of(Point.metres(0, 0), Point.metres(lengthMetres, 0), Point.metres(lengthMetres, widthMetres),
                Point.metres(0, widthMetres));
    }

    public Area area() {
        return Area.squareMetres(Polygons.of(corners).getArea());
    }

    private static void checkSimple(List<Point> corners) {
        for (int i = 0; i < corners.size(); i++) {
            if (corners.get(i).equals(corners.get((i + 1) % corners.size()))) {
                throw new RefusedException("corners/" + i, "corner " + (i + 1) + " and the next are the same place",
                        "leave one of them out");
            }
        }
        Polygon polygon = Polygons.of(corners);
        IsValidOp validity = new IsValidOp(polygon);
        if (!validity.isValid()) {
            Coordinate at = validity.getValidationError().getCoordinate();
            throw new RefusedException("corners", String.format(Locale.ROOT,
                    "the plot's edge crosses or touches itself near x %.2f m, y %.2f m", at.x, at.y),
                    "give the corners in the order in which you walk round the plot");
        }
        if (polygon.getArea() < SMALLEST_AREA) {
            throw new RefusedException("corners", "the plot has less than a quarter of a square metre",
                    "check the corners and their units");
        }
    }
}
