package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.List;

/**
 * The outside of a bed with square corners.
 *
 * @param centre where its diagonals cross, within 1 km of the origin along either axis
 * @param length its size along x before it is turned, 0.1 to 100 m; need not be the longer one
 * @param width its size along y before it is turned, 0.1 to 100 m
 * @param turn degrees clockwise about the centre; kept in [0, 360) to 0.0001 degrees
 */
public record Rectangle(Point centre, Length length, Length width, double turn) {

    public Rectangle {
        Limits.between(length, Limits.SHORTEST_SIDE, Limits.LONGEST_SIDE, "length");
        Limits.between(width, Limits.SHORTEST_SIDE, Limits.LONGEST_SIDE, "width");
        Point.near(centre, "centre");
        turn = Angles.normal(turn, "turn");
    }

    public Rectangle movedTo(Point newCentre, double newTurn) {
        return new Rectangle(newCentre, length, width, newTurn);
    }

    /** Moved by a distance in metres along the drawing's axes. */
    public Rectangle shifted(double dx, double dy) {
        return movedTo(centre.plus(Length.metres(dx), Length.metres(dy)), turn);
    }

    public Rectangle resized(Length newLength, Length newWidth) {
        return new Rectangle(centre, newLength, newWidth, turn);
    }

    public Length shorterSide() {
        return Length.min(length, width);
    }

    public Length longerSide() {
        return Length.max(length, width);
    }

    /** The corners counter-clockwise, beginning at the one that was lower left before the turn. */
    public List<Point> corners() {
        double halfLength = length.metres() / 2;
        double halfWidth = width.metres() / 2;
        return List.of(
                at(-halfLength, -halfWidth),
                at(halfLength, -halfWidth),
                at(halfLength, halfWidth),
                at(-halfLength, halfWidth));
    }

    /** The place on the drawing of a place given in metres along the bed's own length and width, from its centre. */
    public Point at(double along, double across) {
        return Point.metres(
                centre.x().metres() + along * alongX() - across * alongY(),
                centre.y().metres() + along * alongY() + across * alongX());
    }

    /** Direction of the bed's length on the drawing, x; a quarter turn is exact. */
    public double alongX() {
        return quarterExact(Math.cos(Math.toRadians(turn)));
    }

    /** Direction of the bed's length on the drawing, y: clockwise turns lead down. */
    public double alongY() {
        return quarterExact(-Math.sin(Math.toRadians(turn)));
    }

    /** Cos 90 degrees is 0 and not 6e-17. */
    private static double quarterExact(double value) {
        double nearest = Math.rint(value);
        return Math.abs(value - nearest) < 1e-12 ? nearest : value;
    }

    /** With another shorter side (the width of two equal ones), shifted across by so many metres. */
    public Rectangle slimmed(Length shorter, double across) {
        boolean alongX = width.compareTo(length) <= 0;
        Rectangle moved = movedTo(alongX ? at(0, across) : at(across, 0), turn);
        return alongX ? moved.resized(length, shorter) : moved.resized(shorter, width);
    }

    /** Asked for at every step of a judgement: what tells most rectangles apart. */
    @Override
    public int hashCode() {
        return 31 * (31 * centre.hashCode() + length.hashCode()) + width.hashCode();
    }
}
