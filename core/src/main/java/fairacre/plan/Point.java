package fairacre.plan;

import fairacre.measure.Length;

/** A place on the drawing: x to the right, y up, from the plot's origin; within 1 km of it. */
public record Point(Length x, Length y) {

    public Point {
        Limits.between(x, Limits.FURTHEST.times(-1), Limits.FURTHEST, "x");
        Limits.between(y, Limits.FURTHEST.times(-1), Limits.FURTHEST, "y");
    }

    /** A place in metres, rounded to a micrometre. */
    public static Point metres(double x, double y) {
        return new Point(Length.metres(x), Length.metres(y));
    }

    public Point plus(Length dx, Length dy) {
        return new Point(x.plus(dx), y.plus(dy));
    }
}
