package fairacre.ground;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Corners measured from a line stretched between two pegs. The first peg is the origin and the line lies along x; what
 * lies to the left of somebody who walks from the first peg to the second is up on the drawing.
 */
public final class BaseLine {

    /** Tapes that miss each other by less than this were meant to meet, metres: a tape sags by as much. */
    private static final double SAG = 0.02;

    private BaseLine() {}

    /**
     * A corner by an offset.
     *
     * @param along from the first peg along the line; less than zero before it
     * @param off square off the line, to the left; less than zero to the right
     */
    public record Offset(Length along, Length off) {}

    /**
     * A corner by two tapes.
     *
     * @param left whether it lies to the left of the line
     */
    public record Tapes(Length fromFirst, Length fromSecond, boolean left) {}

    /** @throws RefusedException if there are fewer than three corners, or a measure is missing */
    public static List<Point> offsets(List<Offset> corners) {
        enough(corners);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Offset corner = corners.get(i);
            places.add(new Point(present(corner.along(), i, "along"), present(corner.off(), i, "off")));
        }
        return places;
    }

    /**
     * By the law of cosines in the triangle of the two pegs and the corner. Two tapes that only just fail to meet, as
     * one that sagged may, are taken to meet on the line.
     *
     * @param length between the pegs
     * @throws RefusedException if there are fewer than three corners, a measure is missing, or two tapes can't meet
     */
    public static List<Point> tapes(Length length, List<Tapes> corners) {
        if (length == null || !length.isPositive()) {
            throw new RefusedException("length", "the line has no length", "measure from peg to peg");
        }
        enough(corners);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            places.add(met(length.metres(), corners.get(i), i));
        }
        return places;
    }

    private static Point met(double base, Tapes tapes, int index) {
        double first = present(tapes.fromFirst(), index, "fromFirst").metres();
        double second = present(tapes.fromSecond(), index, "fromSecond").metres();
        if (first + second < base - SAG || Math.abs(first - second) > base + SAG) {
            throw new RefusedException(
                    "corners/" + index,
                    "the two tapes of corner " + (index + 1) + " can't meet",
                    "measure both again, and the line between the pegs");
        }
        double along = (first * first - second * second + base * base) / (2 * base);
        double off = Math.sqrt(Math.max(0, first * first - along * along));
        return Point.metres(along, tapes.left() ? off : -off);
    }

    private static void enough(List<?> corners) {
        if (corners == null || corners.size() < 3) {
            throw new RefusedException("corners", "a plot has at least three corners", "measure another corner");
        }
        if (corners.size() > Limits.MOST_CORNERS) {
            throw new RefusedException(
                    "corners", corners.size() + " are too many", "have at most " + Limits.MOST_CORNERS);
        }
    }

    private static Length present(Length measure, int index, String field) {
        if (measure == null) {
            throw new RefusedException("corners/" + index + "/" + field, "it is missing", "measure it");
        }
        return measure;
    }
}
