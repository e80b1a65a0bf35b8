package fairacre.shape;

import fairacre.outline.Rectangle;

/**
 * A rectangle of the plane with its own axes, in metres.
 *
 * <p>Edges are numbered counter-clockwise: 0 along the bottom before the turn, 1 at the right, 2 on top, 3 at the left.
 * Each runs from the corner of the same number to the next.
 */
public final class Box {

    public static final int EDGES = 4;
    private static final int[] SIGN_ALONG = {-1, 1, 1, -1};
    private static final int[] SIGN_ACROSS = {-1, -1, 1, 1};

    private final double centreX;
    private final double centreY;
    private final double alongX;
    private final double alongY;
    private final double halfAlong;
    private final double halfAcross;

    private Box(double centreX, double centreY, double alongX, double alongY, double halfAlong, double halfAcross) {
        this.centreX = centreX;
        this.centreY = centreY;
        this.alongX = alongX;
        this.alongY = alongY;
        this.halfAlong = halfAlong;
        this.halfAcross = halfAcross;
    }

    public static Box of(Rectangle outline) {
        return new Box(
                outline.centre().x().metres(),
                outline.centre().y().metres(),
                outline.alongX(),
                outline.alongY(),
                outline.length().metres() / 2,
                outline.width().metres() / 2);
    }

    public double halfAlong() {
        return halfAlong;
    }

    public double halfAcross() {
        return halfAcross;
    }

    public double x(double along, double across) {
        return centreX + along * alongX - across * alongY;
    }

    public double y(double along, double across) {
        return centreY + along * alongY + across * alongX;
    }

    public double cornerAlong(int corner) {
        return SIGN_ALONG[corner % EDGES] * halfAlong;
    }

    public double cornerAcross(int corner) {
        return SIGN_ACROSS[corner % EDGES] * halfAcross;
    }

    public double cornerX(int corner) {
        return x(cornerAlong(corner), cornerAcross(corner));
    }

    public double cornerY(int corner) {
        return y(cornerAlong(corner), cornerAcross(corner));
    }

    public double edgeLength(int edge) {
        return 2 * (edge % 2 == 0 ? halfAlong : halfAcross);
    }

    /** Unit vector out of the box across an edge, x. */
    public double normalX(int edge) {
        return switch (edge) {
            case 0 -> alongY;
            case 1 -> alongX;
            case 2 -> -alongY;
            default -> -alongX;
        };
    }

    public double normalY(int edge) {
        return switch (edge) {
            case 0 -> -alongX;
            case 1 -> alongY;
            case 2 -> alongX;
            default -> -alongY;
        };
    }

    /** Half the size of the upright rectangle round the box. */
    public double reachX() {
        return Math.abs(alongX) * halfAlong + Math.abs(alongY) * halfAcross;
    }

    public double reachY() {
        return Math.abs(alongY) * halfAlong + Math.abs(alongX) * halfAcross;
    }

    public double centreX() {
        return centreX;
    }

    public double centreY() {
        return centreY;
    }
}
