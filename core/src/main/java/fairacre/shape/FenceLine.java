package fairacre.shape;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * What stands of a line of fence, wall or hedge: it is open where a way in leads through it, as wide as the gate.
 *
 * @param parts what is left of the line, in its order; none where ways in take all of it
 * @param length of all parts
 */
public record FenceLine(UUID feature, List<List<Point>> parts, Length length) {

    /**
     * A line so near to a way in, beyond half its own thickness, is the one that the way in leads through: a foot,
     * metres.
     */
    private static final double NEAR = 0.3048;
    /** Beds so near to each other are built against each other: a fence in them goes through, metres. */
    public static final double JOINT = 0.005;
    /** Parts shorter than this nobody builds, metres. */
    private static final double SHORTEST = 0.001;

    private static final Set<FeatureKind> OPENED =
            EnumSet.of(FeatureKind.FENCE, FeatureKind.WALL, FeatureKind.RETAINING_WALL, FeatureKind.HEDGE);

    public FenceLine {
        parts = parts.stream().map(List::copyOf).toList();
    }

    /** Every line of fence, wall and hedge of a setting, in its order. */
    public static List<FenceLine> all(Setting setting) {
        return setting.features().stream()
                .filter(FenceLine::isOpened)
                .map(feature -> of(feature, setting))
                .toList();
    }

    /** Whether a fence takes no ground of its own, since it stands in the soil of beds. */
    public static boolean standsInBeds(Feature line) {
        return line.kind() == FeatureKind.FENCE && !line.breadth().isPositive();
    }

    /** Whether ways in lead through features of this kind. */
    public static boolean isOpened(Feature feature) {
        return OPENED.contains(feature.kind());
    }

    /** A line of any kind: one that is not opened stands as it was drawn. */
    public static FenceLine of(Feature line, Setting setting) {
        List<Opening> openings = openings(line, setting);
        List<List<Point>> parts = new ArrayList<>();
        List<Point> current = new ArrayList<>();
        double length = 0;
        for (int i = 0; i + 1 < line.places().size(); i++) {
            LineSegment side =
                    new LineSegment(at(line.places().get(i)), at(line.places().get(i + 1)));
            Intervals left = Intervals.whole(side.getLength());
            for (Opening opening : openings) {
                left = opening.takenFrom(left, side);
            }
            for (Intervals.Interval part : left.parts()) {
                if (part.length() < SHORTEST) {
                    continue;
                }
                length += part.length();
                Point from = part.start() == 0 ? line.places().get(i) : along(side, part.start());
                if (current.isEmpty() || !current.get(current.size() - 1).equals(from)) {
                    close(current, parts);
                    current.add(from);
                }
                current.add(part.end() == side.getLength() ? line.places().get(i + 1) : along(side, part.end()));
            }
        }
        close(current, parts);
        return new FenceLine(line.id(), parts, Length.metres(length));
    }

    private static List<Opening> openings(Feature line, Setting setting) {
        return isOpened(line)
                ? setting.gates().stream()
                        .filter(gate ->
                                gate.fence().isEmpty() || gate.fence().get().equals(line.id()))
                        .map(gate -> Opening.of(gate, line, setting))
                        .toList()
                : List.of();
    }

    /** The ways in that lead through a line. */
    public static List<WayIn> gates(Feature line, Setting setting) {
        List<LineSegment> sides = IntStream.range(0, line.places().size() - 1)
                .mapToObj(i -> new LineSegment(
                        at(line.places().get(i)), at(line.places().get(i + 1))))
                .toList();
        return openings(line, setting).stream()
                .filter(opening -> sides.stream().anyMatch(opening::opens))
                .map(Opening::gate)
                .toList();
    }

    /** Whether the line runs so near to the edge of the ground that it is the plot's own fence. */
    public static boolean runsAlongTheEdge(Feature line, Setting setting) {
        double near = NEAR + line.breadth().metres() / 2;
        return isOpened(line)
                && setting.site().pieces().stream()
                        .map(Polygons::of)
                        .anyMatch(piece -> line.places().stream()
                                .allMatch(place ->
                                        piece.getExteriorRing().distance(Polygons.line(List.of(place))) <= near));
    }

    private static void close(List<Point> current, List<List<Point>> parts) {
        if (current.size() > 1) {
            parts.add(List.copyOf(current));
        }
        current.clear();
    }

    /**
     * The upright box of an opening in its own axes: along the plot's edge, or its fence, as wide as the gate, across
     * it as far as a line is near.
     */
    private record Opening(WayIn gate, Coordinate middle, double dx, double dy, double half, double deep) {

        static Opening of(WayIn gate, Feature line, Setting setting) {
            LineSegment side = PlotSides.of(gate, setting);
            double dx = (side.p1.x - side.p0.x) / side.getLength();
            double dy = (side.p1.y - side.p0.y) / side.getLength();
            return new Opening(
                    gate,
                    side.closestPoint(at(gate.place())),
                    dx,
                    dy,
                    gate.width().metres() / 2,
                    NEAR + line.breadth().metres() / 2);
        }

        Intervals takenFrom(Intervals left, LineSegment side) {
            double length = side.getLength();
            double[] within = {0, length};
            boolean meets = narrow(within, along(side.p0), along(side.p1), half, length)
                    && narrow(within, across(side.p0), across(side.p1), deep, length);
            return meets ? left.without(within[0], within[1]) : left;
        }

        boolean opens(LineSegment side) {
            Intervals whole = Intervals.whole(side.getLength());
            return !takenFrom(whole, side).equals(whole);
        }

        private double along(Coordinate place) {
            return (place.x - middle.x) * dx + (place.y - middle.y) * dy;
        }

        private double across(Coordinate place) {
            return (place.y - middle.y) * dx - (place.x - middle.x) * dy;
        }

        /**
         * Narrows a stretch of a side to where a coordinate that runs evenly from one value to another lies within a
         * bound of zero.
         */
        private static boolean narrow(double[] within, double from, double to, double bound, double length) {
            if (Math.abs(to - from) < 1e-12) {
                return Math.abs(from) < bound;
            }
            double first = (-bound - from) / (to - from) * length;
            double second = (bound - from) / (to - from) * length;
            within[0] = Math.max(within[0], Math.min(first, second));
            within[1] = Math.min(within[1], Math.max(first, second));
            return within[0] < within[1];
        }
    }

    private static Point along(LineSegment side, double metres) {
        Coordinate place = side.pointAlong(metres / side.getLength());
        return Point.metres(place.x, place.y);
    }

    private static Coordinate at(Point place) {
        return new Coordinate(place.x().metres(), place.y().metres());
    }
}
