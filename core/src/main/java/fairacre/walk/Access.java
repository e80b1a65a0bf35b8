package fairacre.walk;

import fairacre.measure.Length;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.Curves;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Where the middle of a carrier of one width can be on the pieces of ground that have a way in: the piece shrunk by half the
 * width, less all that stands there grown by it, and of what is left the parts that meet a way in wide enough. Grown back by
 * half the width it is the ground the carrier can use: the opening of the free ground by a disk, cut off where no way leads.
 *
 * <p>To ask whether a way leads to one place needs less than to draw all of it: {@link #covers} leaves out what stands in the
 * midst of the ground and is for places that are no pocket.
 *
 * <p>Curves are drawn by chords that stay within 1 mm of the true curve, on the side that leaves the carrier more room.
 */
final class Access {

    private static final double CURVE_TOLERANCE = 0.001;

    private final Layout layout;
    private final double radius;
    private final List<Geometry> thresholds = new ArrayList<>();
    private final List<Polygon> open = new ArrayList<>();
    private final List<Polygon> usable = new ArrayList<>();
    private final List<IndexedPointInAreaLocator> locators = new ArrayList<>();

    private Access(Layout layout, double radius) {
        this.layout = layout;
        this.radius = radius;
    }

    static Access of(Layout layout, Length width) {
        Access access = new Access(layout, width.metres() / 2 - WalkStudy.SLACK);
        Map<Integer, List<WayIn>> ways = byPiece(layout);
        for (int piece = 0; piece < layout.pieces().size(); piece++) {
            Polygon ground = layout.pieces().get(piece);
            if (ways.containsKey(piece)) {
                access.addClosed(ground, ways.get(piece));
            } else {
                access.open.add(ground);
            }
        }
        access.usable.forEach(part -> access.locators.add(new IndexedPointInAreaLocator(part)));
        return access;
    }

    /** Where the middle of the carrier can be on all pieces; onto those without a way in one comes from anywhere at the edge. */
    List<Polygon> centres() {
        List<Polygon> centres = new ArrayList<>();
        for (Polygon ground : layout.pieces()) {
            boolean isOpen = open.contains(ground);
            for (Polygon part : Areas.parts(centres(layout, ground, radius))) {
                boolean comesIn = isOpen ? part.distance(ground.getExteriorRing()) <= radius + CURVE_TOLERANCE
                        : thresholds.stream().anyMatch(part::intersects);
                if (comesIn) {
                    centres.add(part);
                }
            }
        }
        return centres;
    }

    /** Where the middle of the carrier is when it has just come in through a way that is wide enough. */
    List<Geometry> thresholds() {
        return thresholds;
    }

    /** Whether there is free ground behind a way in. */
    boolean leadsIn(Geometry threshold) {
        return usable.stream().anyMatch(threshold::intersects);
    }

    /** Whether the middle of the carrier can be there; on open pieces that is for others to say. */
    boolean covers(double x, double y) {
        Coordinate place = new Coordinate(x, y);
        return open.stream().anyMatch(piece -> piece.getEnvelopeInternal().contains(place)
                        && SimplePointInAreaLocator.isContained(place, piece))
                || locators.stream().anyMatch(l -> l.locate(place) != Location.EXTERIOR);
    }

    private static Map<Integer, List<WayIn>> byPiece(Layout layout) {
        Map<Integer, List<WayIn>> ways = new HashMap<>();
        for (WayIn way : layout.waysIn()) {
            ways.computeIfAbsent(Openings.piece(layout.pieces(), way), p -> new ArrayList<>()).add(way);
        }
        return ways;
    }

    private void addClosed(Polygon ground, List<WayIn> ways) {
        Geometry free = layout.memo().recall(new Free(ground, radius, layout.clusters(radius)), () -> atTheEdge(ground));
        List<Geometry> wideEnough = ways.stream().map(way -> Openings.threshold(ground, way, radius))
                .filter(threshold -> !threshold.isEmpty()).toList();
        thresholds.addAll(wideEnough);
        for (Polygon part : Areas.parts(free)) {
            if (wideEnough.stream().anyMatch(part::intersects)) {
                usable.add(part);
            }
        }
    }

    /** The question where a piece of ground is free. */
    private record Free(Polygon ground, double radius, List<List<Ring>> clusters) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Free free && ground.equalsExact(free.ground) && radius == free.radius && clusters.equals(free.clusters);
        }

        @Override
        public int hashCode() {
            return Objects.hash(ground.getEnvelopeInternal(), radius, clusters);
        }
    }

    /**
     * The shrunk ground, parted by the groups that reach its edge. A group in its midst parts nothing: it shuts in its holes at
     * most, and those are pockets.
     */
    private Geometry atTheEdge(Polygon ground) {
        Geometry shrunk = shrunk(ground, radius);
        if (shrunk.isEmpty()) {
            return shrunk;
        }
        PreparedGeometry midst = PreparedGeometryFactory.prepare(shrunk);
        List<Geometry> parting = new ArrayList<>();
        for (List<Ring> cluster : layout.clusters(radius)) {
            Geometry joined = Clusters.joined(layout, cluster, radius);
            if (!midst.containsProperly(joined) && midst.intersects(joined)) {
                parting.add(joined);
            }
        }
        return parting.isEmpty() ? shrunk : Areas.without(shrunk, UnaryUnionOp.union(parting));
    }

    private static Geometry shrunk(Polygon ground, double radius) {
        return ground.buffer(-radius, Curves.quadrantSegments(radius, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
    }

    /** All places of a piece of ground where the middle of a disk can be, whether or not a way leads there. */
    static Geometry centres(Layout layout, Polygon ground, double radius) {
        Geometry shrunk = shrunk(ground, radius);
        List<Geometry> grown = new ArrayList<>();
        for (List<Ring> cluster : layout.clusters(radius)) {
            Geometry joined = Clusters.joined(layout, cluster, radius);
            if (joined.getEnvelopeInternal().intersects(shrunk.getEnvelopeInternal())) {
                grown.add(joined);
            }
        }
        return grown.isEmpty() || shrunk.isEmpty() ? shrunk : Areas.without(shrunk, UnaryUnionOp.union(grown));
    }
}
