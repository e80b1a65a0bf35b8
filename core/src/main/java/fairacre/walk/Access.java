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
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Where the middle of a carrier of one width can be on the pieces of ground that have a way in: the piece shrunk by half the
 * width, less all that stands there grown by it, and of what is left the parts that meet a way in wide enough. Grown back by
 * half the width it is the ground the carrier can use: the opening of the free ground by a disk, cut off where no way leads.
 *
 * <p>Curves are drawn by chords that stay within 1 mm of the true curve, on the side that leaves the carrier more room.
 */
final class Access {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
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
        List<Polygon> centres = new ArrayList<>(usable);
        for (Polygon ground : open) {
            Geometry free = centres(layout, ground, radius);
            for (int i = 0; i < free.getNumGeometries(); i++) {
                if (free.getGeometryN(i) instanceof Polygon part
                        && part.distance(ground.getExteriorRing()) <= radius + CURVE_TOLERANCE) {
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
        Geometry free = centres(layout, ground, radius);
        List<Geometry> wideEnough = ways.stream().map(way -> Openings.threshold(ground, way, radius))
                .filter(threshold -> !threshold.isEmpty()).toList();
        thresholds.addAll(wideEnough);
        for (int i = 0; i < free.getNumGeometries(); i++) {
            if (free.getGeometryN(i) instanceof Polygon part && wideEnough.stream().anyMatch(part::intersects)) {
                usable.add(part);
            }
        }
    }

    /** All places of a piece of ground where the middle of a disk can be, whether or not a way leads there. */
    static Geometry centres(Layout layout, Polygon ground, double radius) {
        int segments = Curves.quadrantSegments(radius, CURVE_TOLERANCE);
        Geometry shrunk = ground.buffer(-radius, segments, BufferParameters.CAP_ROUND);
        if (shrunk.isEmpty()) {
            return shrunk;
        }
        Envelope around = shrunk.getEnvelopeInternal();
        List<Geometry> grown = new ArrayList<>();
        for (int i = 0; i < layout.size(); i++) {
            if (layout.ring(i).within(radius).intersects(around)) {
                grown.add(grown(layout.ring(i), radius));
            }
        }
        if (grown.isEmpty()) {
            return shrunk;
        }
        return Areas.without(shrunk, UnaryUnionOp.union(grown));
    }

    static Geometry grown(Ring ring, double radius) {
        int segments = Curves.quadrantSegments(radius, CURVE_TOLERANCE);
        return ring.polygon().buffer(radius, segments, BufferParameters.CAP_ROUND);
    }
}
