package fairacre.plan;

import fairacre.measure.Length;

/**
 * A place on the drawing: x to the right, y up, from the plot's origin. What has a place checks how far off it may lie.
 */
public record Point(Length x, Length y) {

    public Point {
        Limits.present(x, "x");
        Limits.present(y, "y");
    }

    /** A place in metres, rounded to a micrometre. */
    public static Point metres(double x, double y) {
        return new Point(Length.metres(x), Length.metres(y));
    }

    public Point plus(Length dx, Length dy) {
        return new Point(x.plus(dx), y.plus(dy));
    }

    /** Rounded to a micrometre. */
    public Length distance(Point other) {
        return Length.metres(
                Math.hypot(other.x.minus(x).metres(), other.y.minus(y).metres()));
    }

    /** Asked for at every step of a judgement: plain arithmetic. */
    @Override
    public int hashCode() {
        return 31 * Long.hashCode(x.micrometres()) + Long.hashCode(y.micrometres());
    }
}
