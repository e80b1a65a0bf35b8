package fairacre.shape;

import java.util.Arrays;

/**
 * Where two separate boxes come closest: from a place on the first to a place on the second. Where edges are parallel and
 * face each other the places lie at the middle of the facing part.
 */
public record Closest(double x1, double y1, double x2, double y2) {

    private static final double SAME = 1e-6;

    public double distance() {
        return Math.hypot(x2 - x1, y2 - y1);
    }

    /** Closest places of two boxes that do not overlap: a corner of one faces the other. */
    public static Closest between(Box a, Box b) {
        Search search = new Search();
        for (int corner = 0; corner < Box.EDGES; corner++) {
            search.corner(a, corner, b, false);
            search.corner(b, corner, a, true);
        }
        return search.result();
    }

    private static final class Search {
        private double least = Double.POSITIVE_INFINITY;
        private final double[] sum = new double[4];
        private int count;

        void corner(Box from, int corner, Box to, boolean swapped) {
            double x = from.cornerX(corner);
            double y = from.cornerY(corner);
            double along = clamp(to.along(x, y), to.halfAlong());
            double across = clamp(to.across(x, y), to.halfAcross());
            double fx = to.x(along, across);
            double fy = to.y(along, across);
            double distance = Math.hypot(fx - x, fy - y);
            if (distance < least - SAME) {
                least = distance;
                Arrays.fill(sum, 0);
                count = 0;
            }
            if (distance < least + SAME) {
                add(swapped ? new double[] {fx, fy, x, y} : new double[] {x, y, fx, fy});
            }
        }

        private void add(double[] places) {
            for (int i = 0; i < sum.length; i++) {
                sum[i] += places[i];
            }
            count++;
        }

        Closest result() {
            return new Closest(sum[0] / count, sum[1] / count, sum[2] / count, sum[3] / count);
        }

        private static double clamp(double value, double half) {
            return Math.max(-half, Math.min(half, value));
        }
    }
}
