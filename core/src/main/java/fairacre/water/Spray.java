package fairacre.water;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * What a sprinkler wets.
 *
 * @param radius as far as it throws
 * @param from where its arc begins, radians counter-clockwise from east, 0 up to a full turn
 * @param sweep of its arc, radians counter-clockwise; a full turn where it throws all round
 */
public record Spray(Point place, Length radius, double from, double sweep) {

    private static final double FULL = 2 * Math.PI;
    /** An arc is drawn with a corner at every so many radians: it lies within 0.1 % of the radius. */
    private static final double CORNERS = Math.PI / 36;

    /** Of what one gives that throws all round. */
    double share() {
        return sweep / FULL;
    }

    /** The arc, and the place itself unless it throws all round. */
    List<Point> outline() {
        boolean round = sweep > FULL - CORNERS / 2;
        int steps = (int) Math.ceil(sweep / CORNERS);
        List<Point> corners = new ArrayList<>();
        if (!round) {
            corners.add(place);
        }
        for (int i = 0; i < steps + (round ? 0 : 1); i++) {
            double angle = from + sweep * i / steps;
            corners.add(place.plus(
                    Length.metres(radius.metres() * Math.cos(angle)),
                    Length.metres(radius.metres() * Math.sin(angle))));
        }
        return corners;
    }

    Geometry wets() {
        return Polygons.of(outline());
    }
}
