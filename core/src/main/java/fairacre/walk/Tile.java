package fairacre.walk;

import fairacre.shape.Areas;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Where the middle of a disk can be within one tile of a piece of ground, in connected parts. A move of a bed touches a
 * tile or two; all others are cached.
 */
final class Tile {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** A border's coordinate and a corner on it differ by rounding at most, metres. */
    private static final double ON_THE_BORDER = 1e-8;
    /** Parts of two tiles that share less of a border only touch, metres. */
    private static final double SHARED = 1e-9;

    /** The sides of a tile across which it is connected with the next one. */
    enum Border {
        WEST,
        EAST,
        SOUTH,
        NORTH
    }

    /** A connected part of a tile. One part is another only if it is the same object. */
    static final class Part {

        private final Polygon polygon;
        private final PreparedGeometry prepared;
        private final IndexedPointInAreaLocator locator;
        private final List<List<Interval>> borders;
        private final boolean atTheEdge;

        /**
         * @param borders for each of {@link Border} the stretches of it that the part comes up to, as coordinates along
         *     it
         */
        private Part(Polygon polygon, List<List<Interval>> borders, boolean atTheEdge) {
            this.polygon = polygon;
            this.prepared = PreparedGeometryFactory.prepare(polygon);
            this.locator = new IndexedPointInAreaLocator(polygon);
            this.borders = borders;
            this.atTheEdge = atTheEdge;
        }

        Polygon polygon() {
            return polygon;
        }

        /** Whether it comes to the edge of the ground. */
        boolean isAtTheEdge() {
            return atTheEdge;
        }

        boolean meets(Geometry line) {
            return polygon.getEnvelopeInternal().intersects(line.getEnvelopeInternal()) && prepared.intersects(line);
        }

        boolean covers(Coordinate place) {
            return polygon.getEnvelopeInternal().covers(place) && locator.locate(place) != Location.EXTERIOR;
        }

        /** Whether the part beyond a border of this one goes on from it. */
        boolean goesOnIn(Part next, Border border, Border itsBorder) {
            for (Interval here : borders.get(border.ordinal())) {
                for (Interval there : next.borders.get(itsBorder.ordinal())) {
                    if (Math.min(here.end(), there.end()) - Math.max(here.start(), there.start()) > SHARED) {
                        return true;
                    }
                }
            }
            return false;
        }
    }

    /** The question what of a tile is free. */
    private record Question(
            Layout.Vicinity vicinity, Envelope tile, Polygon ground, List<Ring> fences, double radius) {}

    /** The question what of a tile is ground, with nothing on it. */
    private record Bare(Envelope tile, Polygon ground, double radius) {}

    /** The question what of a tile these rings leave. */
    private record Left(Envelope tile, Polygon ground, double radius, List<Ring> rings) {}

    private Tile() {}

    static List<Part> parts(Layout layout, Envelope tile, Polygon ground, double radius) {
        List<Ring> fences = layout.fences(tile, radius);
        return layout.memo()
                .recall(
                        new Question(layout.vicinity(tile, radius), tile, ground, fences, radius),
                        () -> work(layout, tile, ground, fences, radius));
    }

    private static List<Part> work(Layout layout, Envelope tile, Polygon ground, List<Ring> fences, double radius) {
        Geometry bare = layout.memo()
                .recall(
                        new Bare(tile, ground, radius),
                        () -> Areas.shared(Grown.shrunk(layout, ground, radius), GEOMETRY.toGeometry(tile)));
        boolean inTheMidst = bare.getArea() > tile.getArea() - ON_THE_BORDER;
        Map<Boolean, List<Ring>> near =
                layout.near(tile, radius).stream().collect(Collectors.partitioningBy(layout::isFresh));
        // While a bed is dragged the others leave the same again and again: it is taken off last.
        Geometry settled = layout.memo()
                .recall(
                        new Left(tile, ground, radius, near.get(false)),
                        () -> without(layout, bare, near.get(false), radius));
        Geometry free = without(layout, settled, near.get(true), radius);
        List<Part> parts = new ArrayList<>();
        for (Polygon polygon : Areas.parts(free)) {
            List<List<Interval>> borders = List.of(
                    along(polygon, true, tile.getMinX()),
                    along(polygon, true, tile.getMaxX()),
                    along(polygon, false, tile.getMinY()),
                    along(polygon, false, tile.getMaxY()));
            parts.add(new Part(
                    polygon,
                    borders,
                    !(inTheMidst && fences.isEmpty()) && Grown.reachesTheEdge(polygon, ground, fences, radius)));
        }
        return List.copyOf(parts);
    }

    private static Geometry without(Layout layout, Geometry area, List<Ring> rings, double radius) {
        Geometry left = area;
        for (Ring ring : rings) {
            Geometry grown = Grown.by(layout, ring, radius);
            if (left.getEnvelopeInternal().intersects(grown.getEnvelopeInternal())) {
                left = Areas.without(left, grown);
            }
        }
        return left;
    }

    /** Stretches of a polygon's edge that lie on an upright or a level line. */
    private static List<Interval> along(Polygon polygon, boolean upright, double line) {
        List<Interval> stretches = new ArrayList<>();
        LinearRing shell = polygon.getExteriorRing();
        for (int i = 0; i + 1 < shell.getNumPoints(); i++) {
            Coordinate from = shell.getCoordinateN(i);
            Coordinate to = shell.getCoordinateN(i + 1);
            double off =
                    Math.max(Math.abs((upright ? from.x : from.y) - line), Math.abs((upright ? to.x : to.y) - line));
            if (off < ON_THE_BORDER) {
                double one = upright ? from.y : from.x;
                double other = upright ? to.y : to.x;
                stretches.add(new Interval(Math.min(one, other), Math.max(one, other)));
            }
        }
        return List.copyOf(stretches);
    }
}
