package fairacre.shape;

import java.util.Arrays;

/**
 * Where two separate rings come closest: from a place on the first to a place on the second. Where edges are parallel
 * and face each other the places lie at the middle of the facing part.
 */
public record Closest(double x1, double y1, double x2, double y2) {

    private static final double SAME = 1e-6;

    public double distance() {
        return Math.hypot(x2 - x1, y2 - y1);
    }

    /** Closest places of two rings that do not overlap: a corner of one faces an edge of the other. */
    public static Closest between(Ring a, Ring b) {
        Search search = new Search();
        for (int corner = 0; corner < a.edges(); corner++) {
            search.corner(a, corner, b, false);
        }
        for (int corner = 0; corner < b.edges(); corner++) {
            search.corner(b, corner, a, true);
        }
        return search.result();
    }

    private static final class Search {
        private double least = Double.POSITIVE_INFINITY;
        private final double[] sum = new double[4];
        private int count;

        void corner(Ring from, int corner, Ring to, boolean swapped) {
            double x = from.cornerX(corner);
            double y = from.cornerY(corner);
            if (to.covers(x, y)) {
                take(0, x, y, x, y);
                return;
            }
            double nearest = Double.POSITIVE_INFINITY;
            double nearX = 0;
            double nearY = 0;
            for (int edge = 0; edge < to.edges(); edge++) {
                double share = to.share(edge, x, y);
                double fx = to.onX(edge, share);
                double fy = to.onY(edge, share);
                double distance = Math.sqrt((fx - x) * (fx - x) + (fy - y) * (fy - y));
                if (distance < nearest) {
                    nearest = distance;
                    nearX = fx;
                    nearY = fy;
                }
            }
            if (swapped) {
                take(nearest, nearX, nearY, x, y);
            } else {
                take(nearest, x, y, nearX, nearY);
            }
        }

        private void take(double distance, double x1, double y1, double x2, double y2) {
            if (distance < least - SAME) {
                least = distance;
                Arrays.fill(sum, 0);
                count = 0;
            }
            if (distance < least + SAME) {
                sum[0] += x1;
                sum[1] += y1;
                sum[2] += x2;
                sum[3] += y2;
                count++;
            }
        }

        Closest result() {
            return new Closest(sum[0] / count, sum[1] / count, sum[2] / count, sum[3] / count);
        }
    }
}
