package fairacre.shape;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Setting;
import fairacre.plan.Site;
import fairacre.plan.WayIn;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** The sides of the ground, each with the ground at its left, and of fences on it. */
public final class PlotSides {

    private PlotSides() {}

    /** The side of all pieces of ground that is nearest to a place; of equally near ones the first. */
    public static LineSegment nearest(Site site, Point place) {
        return nearest(site.pieces().stream().map(Polygons::of).flatMap(PlotSides::of), place);
    }

    /** The side of one piece of ground that is nearest to a place. */
    public static LineSegment nearest(Polygon ground, Point place) {
        return nearest(of(ground), place);
    }

    /** The side in which a gate is: of its fence within the plot where that is there, else of the ground. */
    public static LineSegment of(WayIn gate, Setting setting) {
        return setting.features().stream()
                .filter(line -> gate.fence().filter(line.id()::equals).isPresent())
                .findFirst()
                .map(line -> nearest(line.places(), gate.place()))
                .orElseGet(() -> nearest(setting.site(), gate.place()));
    }

    /** From one end of the opening of a gate to the other, along its side. */
    public static LineSegment opening(WayIn gate, Setting setting) {
        LineSegment side = of(gate, setting);
        double half = gate.width().metres() / 2 / side.getLength();
        double dx = (side.p1.x - side.p0.x) * half;
        double dy = (side.p1.y - side.p0.y) * half;
        double x = gate.place().x().metres();
        double y = gate.place().y().metres();
        return new LineSegment(x - dx, y - dy, x + dx, y + dy);
    }

    private static LineSegment nearest(List<Point> line, Point place) {
        Coordinate[] places = Polygons.line(line).getCoordinates();
        return nearest(
                Stream.iterate(0, i -> i + 1 < places.length, i -> i + 1)
                        .map(i -> new LineSegment(places[i], places[i + 1])),
                place);
    }

    private static LineSegment nearest(Stream<LineSegment> sides, Point place) {
        Coordinate at = new Coordinate(place.x().metres(), place.y().metres());
        return sides.min(Comparator.comparingDouble(side -> side.distance(at))).orElseThrow();
    }

    private static Stream<LineSegment> of(Polygon ground) {
        Coordinate[] ring = ground.getExteriorRing().getCoordinates();
        boolean counterClockwise = Orientation.isCCW(ring);
        return Stream.iterate(0, i -> i + 1 < ring.length, i -> i + 1)
                .map(i -> counterClockwise
                        ? new LineSegment(ring[i], ring[i + 1])
                        : new LineSegment(ring[i + 1], ring[i]));
    }
}
