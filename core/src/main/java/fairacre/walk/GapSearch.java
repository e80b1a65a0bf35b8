package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;

/**
 * Clear distances square to the edges; an edge that faces another edge of its own bed has none. What faces an edge is
 * cut to the strip in front of it; the part nearest to the edge gives the distance and the middle of that part the
 * place of the dimension line.
 */
final class GapSearch {

    /** Neighbours are looked for so far off, and further only if nothing faces the edge there, metres. */
    private static final double[] FAR = {2, 8, 3000};
    /** Shorter than this nothing can be written, metres. */
    private static final double SHORTEST = 0.005;
    /** Strips are trimmed at their ends so that beds in line with an edge don't face it, metres. */
    private static final double TRIM = 0.002;

    private static final double LEVEL = 1e-6;

    private final Layout layout;

    GapSearch(Layout layout) {
        this.layout = layout;
    }

    List<Gap> all() {
        List<Gap> gaps = new ArrayList<>();
        Set<Set<Object>> squarely = new HashSet<>();
        List<List<Facing>> facings =
                IntStream.range(0, layout.beds()).mapToObj(this::facings).toList();
        for (int bed = 0; bed < layout.beds(); bed++) {
            gaps.addAll(of(bed, facings.get(bed), squarely));
        }
        return gaps;
    }

    /** The gaps of one bed; those between two beds that are in {@code squarely} already are left out. */
    private List<Gap> of(int bed, List<Facing> facings, Set<Set<Object>> squarely) {
        List<Gap> gaps = new ArrayList<>();
        for (int edge = 0; edge < facings.size(); edge++) {
            Facing facing = facings.get(edge);
            if (facing == null || facing.distance < SHORTEST || layout.id(bed).equals(facing.other)) {
                continue;
            }
            UUID id = layout.id(bed);
            boolean first =
                    facing.other == null || squarely.add(Set.of(id, facing.other, Math.round(facing.distance / 0.001)));
            if (first) {
                gaps.add(new Strip(layout.ring(bed), edge).gap(id, facing));
            }
        }
        return gaps;
    }

    /** The question what the edges of a bed face among what lies near it. */
    private record Round(UUID bed, Ring ring, List<UUID> ids, List<Ring> near, List<Ring> plotSides) {}

    /**
     * What each edge faces; null where nothing does.
     *
     * @param settled whether nothing further off could be nearer to an edge
     */
    private record Faced(List<Facing> facings, boolean settled) {}

    private List<Facing> facings(int bed) {
        Faced faced = null;
        for (double far : FAR) {
            int[] near = layout.within(layout.ring(bed), far);
            faced = layout.memo().recall(question(bed, near), () -> faced(bed, near, far));
            if (faced.settled) {
                break;
            }
        }
        return faced.facings;
    }

    private Round question(int bed, int[] near) {
        List<UUID> ids = new ArrayList<>(near.length);
        List<Ring> rings = new ArrayList<>(near.length);
        for (int other : near) {
            ids.add(layout.id(other));
            rings.add(layout.ring(other));
        }
        return new Round(layout.id(bed), layout.ring(bed), ids, rings, layout.plotSides());
    }

    private Faced faced(int bed, int[] near, double far) {
        Ring ring = layout.ring(bed);
        List<Facing> facings = new ArrayList<>(ring.edges());
        boolean settled = true;
        for (int edge = 0; edge < ring.edges(); edge++) {
            Strip strip = new Strip(ring, edge);
            Facing nearest = ring.isConvex() ? null : strip.facing(ring, layout.id(bed));
            for (Ring side : layout.plotSides()) {
                if (strip.mayMeet(side, nearest)) {
                    nearest = nearer(nearest, strip.facing(side, null));
                }
            }
            for (int other : near) {
                if (other != bed && strip.mayMeet(layout.ring(other), nearest)) {
                    nearest = nearer(nearest, strip.facing(layout.ring(other), layout.id(other)));
                }
            }
            facings.add(nearest);
            settled &= nearest != null && nearest.distance <= far;
        }
        return new Faced(facings, settled);
    }

    /** The nearer of two; a bed before the plot's edge where both are as near. */
    private static Facing nearer(Facing one, Facing other) {
        if (one == null || other == null) {
            return one == null ? other : one;
        }
        double slack = one.other == null && other.other != null ? LEVEL : 0;
        return other.distance < one.distance + slack ? other : one;
    }

    /** What faces an edge: how far off, where along the edge, and what it is; null for the plot's edge. */
    private record Facing(double distance, double along, UUID other) {}

    /** The ground in front of an edge; s runs along the edge, t away from it. */
    private static final class Strip {
        private final Ring ring;
        private final int edge;
        private final double length;

        Strip(Ring ring, int edge) {
            this.ring = ring;
            this.edge = edge;
            this.length = ring.edgeLength(edge);
        }

        /**
         * Whether a ring's upright rectangle comes into the strip, no further off than what faces the edge so far; null
         * for nothing.
         */
        boolean mayMeet(Ring other, Facing nearest) {
            Envelope bounds = other.bounds();
            double x = (bounds.getMinX() + bounds.getMaxX()) / 2 - ring.cornerX(edge);
            double y = (bounds.getMinY() + bounds.getMaxY()) / 2 - ring.cornerY(edge);
            double nx = ring.normalX(edge);
            double ny = ring.normalY(edge);
            double s = y * nx - x * ny;
            double t = x * nx + y * ny;
            double reachS = (Math.abs(ny) * bounds.getWidth() + Math.abs(nx) * bounds.getHeight()) / 2;
            double reachT = (Math.abs(nx) * bounds.getWidth() + Math.abs(ny) * bounds.getHeight()) / 2;
            return s + reachS > 0
                    && s - reachS < length
                    && t + reachT > -2 * LEVEL
                    && (nearest == null || t - reachT < nearest.distance + 2 * LEVEL);
        }

        Facing facing(Ring other, UUID id) {
            Nearest nearest = new Nearest(length);
            for (int corner = 0; corner < other.edges(); corner++) {
                if (other == ring && corner == edge) {
                    continue;
                }
                nearest.segment(s(other, corner), t(other, corner), s(other, corner + 1), t(other, corner + 1));
            }
            return nearest.result(id);
        }

        Gap gap(UUID bed, Facing facing) {
            Point start = place(facing.along, 0);
            Point end = place(facing.along, facing.distance);
            return new Gap(bed, Optional.ofNullable(facing.other), start, end, Length.metres(facing.distance));
        }

        private Point place(double s, double t) {
            return Point.metres(
                    ring.cornerX(edge) - ring.normalY(edge) * s + ring.normalX(edge) * t,
                    ring.cornerY(edge) + ring.normalX(edge) * s + ring.normalY(edge) * t);
        }

        private double s(Ring other, int corner) {
            return (other.cornerX(corner) - ring.cornerX(edge)) * -ring.normalY(edge)
                    + (other.cornerY(corner) - ring.cornerY(edge)) * ring.normalX(edge);
        }

        private double t(Ring other, int corner) {
            return (other.cornerX(corner) - ring.cornerX(edge)) * ring.normalX(edge)
                    + (other.cornerY(corner) - ring.cornerY(edge)) * ring.normalY(edge);
        }
    }

    /** The part nearest to the edge among segments cut to the strip. */
    private static final class Nearest {
        private final double from;
        private final double to;
        private double distance = Double.POSITIVE_INFINITY;
        private double least;
        private double most;

        Nearest(double length) {
            this.from = TRIM;
            this.to = length - TRIM;
        }

        void segment(double s1, double t1, double s2, double t2) {
            double low = Math.max(from, Math.min(s1, s2));
            double high = Math.min(to, Math.max(s1, s2));
            if (low > high) {
                return;
            }
            take(low, tAt(low, s1, t1, s2, t2));
            take(high, tAt(high, s1, t1, s2, t2));
        }

        private static double tAt(double s, double s1, double t1, double s2, double t2) {
            return Math.abs(s2 - s1) < LEVEL ? Math.min(t1, t2) : t1 + (t2 - t1) * (s - s1) / (s2 - s1);
        }

        private void take(double s, double t) {
            if (t < -LEVEL) {
                return;
            }
            if (t < distance - LEVEL) {
                distance = t;
                least = s;
                most = s;
            } else if (t < distance + LEVEL) {
                least = Math.min(least, s);
                most = Math.max(most, s);
            }
        }

        Facing result(UUID other) {
            return distance == Double.POSITIVE_INFINITY
                    ? null
                    : new Facing(Math.max(0, distance), (least + most) / 2, other);
        }
    }
}
