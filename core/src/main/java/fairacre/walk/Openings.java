package fairacre.walk;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.WayIn;
import fairacre.shape.PlotSides;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** Where the ways in lie in the edge of the ground. */
final class Openings {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Openings() {}

    /** Number of the piece of ground whose edge is nearest to a way in. */
    static int piece(List<Polygon> pieces, WayIn gate) {
        Geometry place = Polygons.line(List.of(gate.place()));
        int nearest = 0;
        for (int i = 1; i < pieces.size(); i++) {
            if (pieces.get(i).getExteriorRing().distance(place)
                    < pieces.get(nearest).getExteriorRing().distance(place)) {
                nearest = i;
            }
        }
        return nearest;
    }

    /**
     * Where the middle of a disk first lies within the ground when it has come in square to the edge; empty if the way
     * is too narrow for it. It stands off the edge by half its whole width: the middle of a walk along the edge that is
     * exactly as wide.
     */
    static Geometry threshold(Polygon ground, WayIn gate, double radius) {
        double play = gate.width().metres() / 2 - radius;
        if (play < 0) {
            return GEOMETRY.createLineString();
        }
        LineSegment side = PlotSides.nearest(ground, gate.place());
        Coordinate middle = side.closestPoint(coordinate(gate.place()));
        double dx = (side.p1.x - side.p0.x) / side.getLength();
        double dy = (side.p1.y - side.p0.y) / side.getLength();
        double x = middle.x - dy * (radius + WalkStudy.SLACK);
        double y = middle.y + dx * (radius + WalkStudy.SLACK);
        return GEOMETRY.createLineString(new Coordinate[] {
            new Coordinate(x - dx * play, y - dy * play), new Coordinate(x + dx * play, y + dy * play)
        });
    }

    /** A place moved along its side of the ground, but not so far that an opening would leave the side. */
    static Point along(List<Polygon> pieces, Point place, double by, double width) {
        Geometry at = Polygons.line(List.of(place));
        Polygon ground = pieces.stream()
                .min(Comparator.comparingDouble(piece -> piece.getExteriorRing().distance(at)))
                .orElseThrow();
        LineSegment side = PlotSides.nearest(ground, place);
        double half = Math.min(width / 2, side.getLength() / 2);
        double now = side.projectionFactor(coordinate(place)) * side.getLength();
        double then = Math.max(half, Math.min(side.getLength() - half, now + by));
        Coordinate moved = side.pointAlong(then / side.getLength());
        return Point.metres(moved.x, moved.y);
    }

    private static Coordinate coordinate(Point place) {
        return new Coordinate(place.x().metres(), place.y().metres());
    }
}
