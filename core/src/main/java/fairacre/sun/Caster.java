package fairacre.sun;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * An upright prism that casts a shadow. Lengths are in metres, heights above the datum of the plot's levels.
 *
 * @param thing that it is or is a part of
 * @param ring of its footprint, the first corner again at the end
 * @param base of the ground that it stands on
 * @param low where it begins
 * @param high where it ends
 * @param shade share of the light that it takes, 0 to 1
 */
record Caster(UUID thing, Coordinate[] ring, Envelope around, double base, double low, double high, double shade) {

    static Caster of(UUID thing, Coordinate[] ring, double base, double low, double high, double shade) {
        Envelope around = new Envelope();
        Arrays.stream(ring).forEach(around::expandToInclude);
        return new Caster(thing, ring, around, base, low, high, shade);
    }

    /** All of it, to be compared. */
    Value value() {
        return new Value(thing, List.of(ring), low, high, shade);
    }

    record Value(UUID thing, List<Coordinate> ring, double low, double high, double shade) {}

    /**
     * Whether it stands between a place and the sun: the line to the sun passes over its footprint while it is between
     * its lower and its upper edge. What the place itself stands in does not count.
     *
     * @param dx along the ground towards the sun, of length 1 with {@code dy}
     * @param slope how much the line to the sun climbs in a metre
     */
    boolean hides(double x, double y, double z, double dx, double dy, double slope) {
        double furthest = (high - z) / slope;
        if (furthest <= 0 || isOff(x, y, dx, dy, furthest)) {
            return false;
        }
        double[] crossed = new double[ring.length];
        int count = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            double t = crossing(x, y, dx, dy, ring[i], ring[i + 1]);
            if (!Double.isNaN(t)) {
                crossed[count++] = t;
            }
        }
        Arrays.sort(crossed, 0, count);
        boolean inside = count % 2 == 1;
        for (int i = inside ? 1 : 0; i + 1 < count; i += 2) {
            if (z + crossed[i] * slope < high && z + crossed[i + 1] * slope > low) {
                return true;
            }
        }
        return inside && low > z && z + crossed[0] * slope > low;
    }

    private boolean isOff(double x, double y, double dx, double dy, double furthest) {
        double toX = x + dx * furthest;
        double toY = y + dy * furthest;
        return Math.max(x, toX) < around.getMinX()
                || Math.min(x, toX) > around.getMaxX()
                || Math.max(y, toY) < around.getMinY()
                || Math.min(y, toY) > around.getMaxY();
    }

    /** How far along a ray it crosses a side; not a number where it doesn't. */
    private static double crossing(double x, double y, double dx, double dy, Coordinate from, Coordinate to) {
        double sideX = to.x - from.x;
        double sideY = to.y - from.y;
        double across = dx * sideY - dy * sideX;
        if (across == 0) {
            return Double.NaN;
        }
        double along = ((from.x - x) * sideY - (from.y - y) * sideX) / across;
        double at = ((from.x - x) * dy - (from.y - y) * dx) / across;
        return along > 0 && at >= 0 && at < 1 ? along : Double.NaN;
    }
}
