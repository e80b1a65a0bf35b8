package fairacre.shape;

/** A directed stretch of a straight line: start, unit direction, length; metres. */
public record Line(double x, double y, double dx, double dy, double length) {

    public double xAt(double distance) {
        return x + distance * dx;
    }

    public double yAt(double distance) {
        return y + distance * dy;
    }
}
