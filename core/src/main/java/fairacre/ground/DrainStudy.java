package fairacre.ground;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;

/**
 * Whether water gets away from behind retaining walls: nearly along the whole of each a drain has to run close behind
 * it, on the side that it holds back; one in front of it doesn't help (common practice).
 */
public final class DrainStudy {

    /** Nearer than this to the wall a drain catches what comes to it. */
    private static final double CLOSE = Length.inches(24).metres();

    private static final double NEARLY_WHOLE = 0.9;
    /** Walls are looked at in pieces of this length, metres. */
    private static final double PIECE = 0.25;
    /** How far to both sides of a wall the ground is compared, metres. */
    private static final double ASIDE = 1;
    /** By less than this, metres, no side is the higher one. */
    private static final double HIGHER = 0.02;

    private static final double SHARPEST_CORNER = 20;

    private DrainStudy() {}

    /** A side of a line, looking along it as it is drawn. */
    public enum Side {
        LEFT(1),
        RIGHT(-1);

        private final int sign;

        Side(int sign) {
            this.sign = sign;
        }
    }

    /**
     * A wall without a drain.
     *
     * @param behind the side that it holds back, or both where heights don't tell
     * @param inFront whether a drain runs along its other side
     */
    public record Undrained(Feature wall, List<Side> behind, boolean inFront) {}

    /** @param levels asked only if there is a wall to be judged */
    public static List<Undrained> of(List<Feature> features, Supplier<Optional<Levels>> levels) {
        List<Feature> drains = features.stream()
                .filter(feature -> feature.kind() == FeatureKind.DRAIN)
                .toList();
        List<Undrained> undrained = new ArrayList<>();
        for (Feature wall : features) {
            if (wall.kind() == FeatureKind.RETAINING_WALL) {
                List<Side> behind = behind(wall, levels.get());
                if (behind.stream().noneMatch(side -> drained(wall, side, drains))) {
                    undrained.add(new Undrained(
                            wall, behind, Arrays.stream(Side.values()).anyMatch(side -> drained(wall, side, drains))));
                }
            }
        }
        return undrained;
    }

    /** Where a drain of a breadth runs if it lies along the wall. */
    public static List<Point> along(Feature wall, Side side, Length breadth) {
        double off = side.sign * (wall.breadth().metres() + breadth.metres()) / 2;
        Coordinate[] beside = OffsetCurve.getCurve(
                        Polygons.line(wall.places()), off, 1, BufferParameters.JOIN_MITRE, SHARPEST_CORNER)
                .getCoordinates();
        List<Point> places = new ArrayList<>();
        for (Coordinate corner : beside) {
            Point place = Point.metres(corner.x, corner.y);
            if (places.isEmpty() || !places.get(places.size() - 1).equals(place)) {
                places.add(place);
            }
        }
        return places;
    }

    /** Where the ground in front of a retaining wall lies, beside its middle, by heights that are known. */
    public static double foot(Feature wall, Side behind, Levels levels) {
        List<Piece> pieces = pieces(wall);
        double aside = wall.breadth().metres() / 2 + ASIDE;
        return height(levels, pieces.get(pieces.size() / 2).aside(-behind.sign * aside));
    }

    /** The middle of a piece of a wall, and the way to its left. */
    private record Piece(Coordinate middle, double dx, double dy, double length) {

        Coordinate aside(double metres) {
            return new Coordinate(middle.x + dx * metres, middle.y + dy * metres);
        }

        /** Whether a line comes close on a side of the piece. */
        boolean near(Feature line, Side side, double within) {
            for (LineSegment part : parts(line)) {
                Coordinate closest = part.closestPoint(middle);
                double across = (closest.x - middle.x) * dx + (closest.y - middle.y) * dy;
                if (across * side.sign > 0 && closest.distance(middle) <= within) {
                    return true;
                }
            }
            return false;
        }
    }

    private static List<Piece> pieces(Feature wall) {
        List<Piece> pieces = new ArrayList<>();
        for (LineSegment part : parts(wall)) {
            double length = part.getLength();
            int count = (int) Math.max(1, Math.ceil(length / PIECE));
            for (int i = 0; i < count; i++) {
                pieces.add(new Piece(
                        part.pointAlong((i + 0.5) / count),
                        -(part.p1.y - part.p0.y) / length,
                        (part.p1.x - part.p0.x) / length,
                        length / count));
            }
        }
        return pieces;
    }

    private static List<LineSegment> parts(Feature line) {
        List<LineSegment> parts = new ArrayList<>();
        for (int i = 1; i < line.places().size(); i++) {
            parts.add(new LineSegment(
                    coordinate(line.places().get(i - 1)),
                    coordinate(line.places().get(i))));
        }
        return parts;
    }

    private static boolean drained(Feature wall, Side side, List<Feature> drains) {
        double whole = 0;
        double drained = 0;
        for (Piece piece : pieces(wall)) {
            whole += piece.length();
            if (drains.stream()
                    .anyMatch(drain -> piece.near(
                            drain,
                            side,
                            CLOSE + (wall.breadth().metres() + drain.breadth().metres()) / 2))) {
                drained += piece.length();
            }
        }
        return drained >= NEARLY_WHOLE * whole;
    }

    /** The side that a retaining wall holds back, or both where heights don't tell. */
    public static List<Side> behind(Feature wall, Optional<Levels> levels) {
        double whole = 0;
        double sum = 0;
        for (Piece piece : pieces(wall)) {
            double aside = wall.breadth().metres() / 2 + ASIDE;
            whole += piece.length();
            sum += levels.map(ground -> height(ground, piece.aside(aside)) - height(ground, piece.aside(-aside)))
                            .orElse(0.0)
                    * piece.length();
        }
        double higher = sum / whole;
        if (Math.abs(higher) < HIGHER) {
            return List.of(Side.values());
        }
        return List.of(higher > 0 ? Side.LEFT : Side.RIGHT);
    }

    private static double height(Levels ground, Coordinate place) {
        return ground.at(place.x, place.y);
    }

    private static Coordinate coordinate(Point place) {
        return new Coordinate(place.x().metres(), place.y().metres());
    }
}
