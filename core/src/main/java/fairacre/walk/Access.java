package fairacre.walk;

import fairacre.measure.Length;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Where the middle of a carrier of one width can be: each piece of ground shrunk by half the width, less all that
 * stands there grown by it, and of what is left the parts that meet a way in wide enough. Onto a piece without a way in
 * one comes from anywhere at its edge. Grown back by half the width it is the ground the carrier can use: the opening
 * of the free ground by a disk, without what is not connected with a way in.
 *
 * <p>{@link #covers} asks about one place without building all of it: it goes by tiles of the ground, of which only
 * those are computed again in which something has moved.
 */
final class Access {

    /**
     * So much more room than the radius asks, lest a place exactly as near as may be falls outside by rounding, metres.
     */
    private static final double HAIR = 1e-6;

    private final Layout layout;
    private final double radius;
    private final Map<Integer, List<Geometry>> thresholds = new HashMap<>();
    private final List<Tiles> tiles = new ArrayList<>();

    private Access(Layout layout, double radius) {
        this.layout = layout;
        this.radius = radius;
    }

    static Access of(Layout layout, Length width) {
        Access access = new Access(layout, width.metres() / 2 - WalkStudy.SLACK);
        for (WayIn gate : layout.waysIn()) {
            int piece = Openings.piece(layout.pieces(), gate);
            List<Geometry> into = access.thresholds.computeIfAbsent(piece, p -> new ArrayList<>());
            Geometry threshold = Openings.threshold(layout.pieces().get(piece), gate, access.radius);
            if (!threshold.isEmpty()) {
                into.add(threshold);
            }
        }
        for (int piece = 0; piece < layout.pieces().size(); piece++) {
            access.tiles.add(new Tiles(
                    layout,
                    layout.pieces().get(piece),
                    access.radius - HAIR,
                    access.isOpen(piece),
                    access.thresholds.getOrDefault(piece, List.of())));
        }
        return access;
    }

    /** Whether one comes onto a piece of ground from anywhere at its edge. */
    private boolean isOpen(int piece) {
        return !thresholds.containsKey(piece);
    }

    /** Where the middle of the carrier can be on all pieces. */
    List<Polygon> centres() {
        List<Polygon> centres = new ArrayList<>();
        for (int piece = 0; piece < layout.pieces().size(); piece++) {
            Polygon ground = layout.pieces().get(piece);
            for (Polygon part : Areas.parts(centres(layout, ground, radius))) {
                boolean comesIn = isOpen(piece)
                        ? Grown.reachesTheEdge(
                                part, ground, layout.fences(ground.getEnvelopeInternal(), radius), radius)
                        : thresholds.get(piece).stream().anyMatch(part::intersects);
                if (comesIn) {
                    centres.add(part);
                }
            }
        }
        return centres;
    }

    /**
     * Where the middle of the carrier can be if it keeps to a part of the ground, and comes onto that through a way in
     * where the ground has one.
     *
     * @param kept where the middle may be, as far as only that part is asked
     */
    List<Polygon> keepingTo(Geometry kept) {
        List<Polygon> centres = new ArrayList<>();
        for (int piece = 0; piece < layout.pieces().size(); piece++) {
            Geometry free = Areas.shared(centres(layout, layout.pieces().get(piece), radius), kept);
            List<Geometry> into = thresholds.getOrDefault(piece, List.of());
            Areas.parts(free).stream()
                    .filter(part -> into.isEmpty() || into.stream().anyMatch(part::intersects))
                    .forEach(centres::add);
        }
        return centres;
    }

    /** Where the middle of the carrier is when it has just come in through a way in that is wide enough. */
    List<Geometry> thresholds() {
        return thresholds.values().stream().flatMap(List::stream).toList();
    }

    /** Whether there is free ground behind a way in. */
    boolean leadsIn(Geometry threshold) {
        return tiles.stream().anyMatch(piece -> piece.meets(threshold));
    }

    /** Whether the middle of the carrier can be there. */
    boolean covers(double x, double y) {
        Coordinate place = new Coordinate(x, y);
        for (Tiles piece : tiles) {
            if (piece.isOn(place) && piece.covers(place)) {
                return true;
            }
        }
        return false;
    }

    /** What is free about a place, piece of ground by piece: all that {@link #covers} says there depends on. */
    List<Tiles.Around> around(Envelope place) {
        List<Tiles.Around> around = new ArrayList<>(tiles.size());
        for (Tiles piece : tiles) {
            around.add(piece.around(place));
        }
        return around;
    }

    /** Where the middle of the carrier can be about an upright rectangle, in pieces. */
    List<Polygon> near(Envelope place) {
        return tiles.stream().flatMap(piece -> piece.near(place).stream()).toList();
    }

    /** The question what of a piece of ground these rings leave to the middle of a disk. */
    private record Left(Polygon ground, double radius, List<Ring> rings) {}

    /**
     * All places of a piece of ground where the middle of a disk can be, whether or not it is connected with a way in.
     */
    static Geometry centres(Layout layout, Polygon ground, double radius) {
        List<Ring> near = layout.near(ground.getEnvelopeInternal(), radius);
        return layout.memo().recall(new Left(ground, radius, near), () -> {
            // While remedies move one bed about, the others leave the same again and again: it is taken off last.
            Map<Boolean, List<Ring>> fresh = near.stream().collect(Collectors.partitioningBy(layout::isFresh));
            Geometry settled = layout.memo()
                    .recall(
                            new Left(ground, radius, fresh.get(false)),
                            () -> without(layout, Grown.shrunk(layout, ground, radius), fresh.get(false), radius));
            return without(layout, settled, fresh.get(true), radius);
        });
    }

    private static Geometry without(Layout layout, Geometry area, List<Ring> rings, double radius) {
        return rings.isEmpty() || area.isEmpty() ? area : Areas.without(area, Grown.joined(layout, rings, radius));
    }
}
