package fairacre.ground;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;

/**
 * A four-sided plot as it is measured with a tape: its sides in the order in which one walks round it
 * counter-clockwise, and the diagonal from the first corner to the third. The first corner is the origin and the first
 * side lies along x.
 *
 * <p>The corners follow from two triangles by the law of cosines. Triangles that can't close are refused with the side
 * that can't be right.
 */
public record Quadrilateral(Length first, Length second, Length third, Length fourth, Length diagonal) {

    /** @throws RefusedException if a length is missing, not positive or a triangle doesn't close */
    public List<Point> corners() {
        double a = positive(first, "first");
        double b = positive(second, "second");
        double c = positive(third, "third");
        double d = positive(fourth, "fourth");
        double e = positive(diagonal, "diagonal");
        checkTriangle(a, b, e, "first and second side");
        checkTriangle(c, d, e, "third and fourth side");
        double towardsThird = angle(a, e, b);
        double towardsFourth = towardsThird + angle(d, e, c);
        return List.of(
                Point.metres(0, 0),
                Point.metres(a, 0),
                Point.metres(e * Math.cos(towardsThird), e * Math.sin(towardsThird)),
                Point.metres(d * Math.cos(towardsFourth), d * Math.sin(towardsFourth)));
    }

    /**
     * How far the first corner is from square, in degrees; positive if it is wider than a right angle.
     *
     * @throws RefusedException as {@link #corners}
     */
    public double outOfSquare() {
        Point last = corners().get(3);
        return Math.toDegrees(Math.atan2(last.y().metres(), last.x().metres())) - 90;
    }

    /** What the diagonal would have measured if the second corner, between the first two sides, were square. */
    public Length squareDiagonal() {
        return Length.metres(Math.hypot(positive(first, "first"), positive(second, "second")));
    }

    /**
     * What the other diagonal, from the second corner to the fourth, has to measure if all five measures are right.
     *
     * @throws RefusedException as {@link #corners}
     */
    public Length otherDiagonal() {
        List<Point> corners = corners();
        return corners.get(1).distance(corners.get(3));
    }

    private static double angle(double adjacent, double diagonal, double opposite) {
        double cos = (adjacent * adjacent + diagonal * diagonal - opposite * opposite) / (2 * adjacent * diagonal);
        return Math.acos(Math.max(-1, Math.min(1, cos)));
    }

    private static double positive(Length length, String field) {
        if (length == null || !length.isPositive()) {
            throw new RefusedException(field, "the length is missing or not more than zero", "measure it again");
        }
        return length.metres();
    }

    private static void checkTriangle(double p, double q, double diagonal, String sides) {
        if (diagonal >= p + q || diagonal <= Math.abs(p - q)) {
            throw new RefusedException(
                    "diagonal",
                    "with this diagonal the " + sides + " can't meet",
                    "measure it from the first corner to the third, or check both sides");
        }
    }
}
