package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
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

    /**
     * A place in a garden.
     *
     * @param x metres to the right
     * @param y metres up
     * @throws RefusedException if it is no number, or lies too far off
     */
    public static Point place(double x, double y, String field) {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new RefusedException(field, "it is no place in a garden", "give metres");
        }
        return near(Point.metres(x, y), field);
    }

    /** A place within {@link Limits#FURTHEST} of the origin along either axis. */
    public static Point near(Point place, String field) {
        Limits.between(Limits.present(place, field).x(), Limits.FURTHEST.times(-1), Limits.FURTHEST, field + "/x");
        Limits.between(place.y(), Limits.FURTHEST.times(-1), Limits.FURTHEST, field + "/y");
        return place;
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
