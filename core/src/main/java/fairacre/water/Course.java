package fairacre.water;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.linearref.LengthIndexedLine;

/** The places through which a pipe leads; one place is a source. */
record Course(List<Point> places) {

    Course {
        places = List.copyOf(places);
    }

    /** Nearer than this two places are one, metres. */
    private static final double SAME = 1e-3;

    /** A place on a course. */
    record Joint(double at, Point place) {}

    double length() {
        return places.size() < 2 ? 0 : Polygons.line(places).getLength();
    }

    /** The place that is nearest to another. */
    Joint nearest(Point other) {
        if (places.size() < 2) {
            return new Joint(0, places.get(0));
        }
        LengthIndexedLine line = new LengthIndexedLine(Polygons.line(places));
        double at = line.project(new Coordinate(other.x().metres(), other.y().metres()));
        Coordinate place = line.extractPoint(at);
        return new Joint(at, Point.metres(place.x, place.y));
    }

    /** The place so many metres along. */
    Point at(double distance) {
        if (places.size() < 2) {
            return places.get(0);
        }
        Coordinate place = new LengthIndexedLine(Polygons.line(places)).extractPoint(distance);
        return Point.metres(place.x, place.y);
    }

    /** Places from a beginning on, without those that come twice in a row. */
    static Course from(Point beginning, List<Point> further) {
        List<Point> places = new ArrayList<>(List.of(beginning));
        further.stream()
                .filter(place -> place.distance(places.get(places.size() - 1)).metres() > SAME)
                .forEach(places::add);
        return new Course(places);
    }

    Geometry line() {
        return Polygons.line(places);
    }
}
