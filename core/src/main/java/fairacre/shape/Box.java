package fairacre.shape;

import fairacre.plan.Rectangle;

/**
 * A rectangle of the plane with its own axes, in metres; with a width of zero it is a segment.
 *
 * <p>Edges are numbered counter-clockwise: 0 along the bottom before the turn, 1 at the right, 2 on top, 3 at the left. Each
 * runs from the corner of the same number to the next.
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
        return new Box(outline.centre().x().metres(), outline.centre().y().metres(), outline.alongX(), outline.alongY(),
                outline.length().metres() / 2, outline.width().metres() / 2);
    }

    /** A segment; its ends must differ. */
    public static Box segment(double x1, double y1, double x2, double y2) {
        double length = Math.hypot(x2 - x1, y2 - y1);
        return new Box((x1 + x2) / 2, (y1 + y2) / 2, (x2 - x1) / length, (y2 - y1) / length, length / 2, 0);
    }

    public double halfAlong() {
        return halfAlong;
    }

    public double halfAcross() {
        return halfAcross;
    }

    /** Coordinate of a place along the box's own axis, from its centre. */
    public double along(double x, double y) {
        return (x - centreX) * alongX + (y - centreY) * alongY;
    }

    public double across(double x, double y) {
        return (y - centreY) * alongX - (x - centreX) * alongY;
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

    /** The line on which the middle of a disk of this radius lies while it touches the edge from outside. */
    public Line besideEdge(int edge, double radius) {
        double nx = normalX(edge);
        double ny = normalY(edge);
        return new Line(cornerX(edge) + nx * radius, cornerY(edge) + ny * radius, -ny, nx, edgeLength(edge));
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

    /** Distance of a place from the box; 0 inside. */
    public double distance(double x, double y) {
        return Math.hypot(excess(along(x, y), halfAlong), excess(across(x, y), halfAcross));
    }

    public boolean covers(double x, double y, double within) {
        return Math.abs(along(x, y)) <= halfAlong - within && Math.abs(across(x, y)) <= halfAcross - within;
    }

    /**
     * The stretch of a line that lies inside this box grown by a radius (the box with rounded corners), as {start, end} in
     * metres along the line; null if it misses. The grown box is convex, so there is at most one.
     */
    public double[] stretchInside(Line line, double radius) {
        double pa = along(line.x(), line.y());
        double pc = across(line.x(), line.y());
        double da = line.dx() * alongX + line.dy() * alongY;
        double dc = line.dy() * alongX - line.dx() * alongY;
        double[] range = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
        slab(pa, pc, da, dc, halfAlong + radius, halfAcross, range);
        slab(pa, pc, da, dc, halfAlong, halfAcross + radius, range);
        for (int corner = 0; corner < EDGES; corner++) {
            disk(pa - cornerAlong(corner), pc - cornerAcross(corner), da, dc, radius, range);
        }
        return range[0] < range[1] ? range : null;
    }

    private static void slab(double pa, double pc, double da, double dc, double a, double c, double[] range) {
        double start = Double.NEGATIVE_INFINITY;
        double end = Double.POSITIVE_INFINITY;
        double[] position = {pa, pc};
        double[] direction = {da, dc};
        double[] half = {a, c};
        for (int axis = 0; axis < 2; axis++) {
            if (Math.abs(direction[axis]) < 1e-12) {
                if (Math.abs(position[axis]) >= half[axis]) {
                    return;
                }
                continue;
            }
            double s1 = (-half[axis] - position[axis]) / direction[axis];
            double s2 = (half[axis] - position[axis]) / direction[axis];
            start = Math.max(start, Math.min(s1, s2));
            end = Math.min(end, Math.max(s1, s2));
        }
        widen(range, start, end);
    }

    private static void disk(double pa, double pc, double da, double dc, double radius, double[] range) {
        double b = pa * da + pc * dc;
        double c = pa * pa + pc * pc - radius * radius;
        double root = b * b - c;
        if (root > 0) {
            widen(range, -b - Math.sqrt(root), -b + Math.sqrt(root));
        }
    }

    private static void widen(double[] range, double start, double end) {
        if (start < end) {
            range[0] = Math.min(range[0], start);
            range[1] = Math.max(range[1], end);
        }
    }

    private static double excess(double coordinate, double half) {
        return Math.max(0, Math.abs(coordinate) - half);
    }
}
