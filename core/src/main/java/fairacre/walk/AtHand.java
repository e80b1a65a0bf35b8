package fairacre.walk;

import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Where somebody stands to work something: as near as they come with nothing in between. Nobody works a tap through a
 * hedge or over a bed, but what the thing itself is, or is fixed to, is not in the way.
 */
final class AtHand {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** A thing that lies so near to an outline is fixed to it, metres. */
    private static final double FIXED = 0.1;

    private final Layout layout;
    private final List<Polygon> centres;

    /** @param centres where the middle of the carrier can be, at least about the things that are asked for */
    AtHand(Layout layout, List<Polygon> centres) {
        this.layout = layout;
        this.centres = centres;
    }

    /**
     * Where the middle of the carrier is when it stands as near to a place as it can.
     *
     * @param furthest from the place, metres
     */
    Optional<Coordinate> nearest(Point place, double furthest) {
        Coordinate at = new Coordinate(place.x().metres(), place.y().metres());
        return nearest(List.of(at), furthest);
    }

    /** The same for a thing that stands on the plot, to any part of which one may come. */
    Optional<Coordinate> nearest(Feature thing, double furthest) {
        if (thing.kind().extent() == FeatureKind.Extent.SPOT) {
            return nearest(thing.places().get(0), furthest);
        }
        Ring outline = Ring.of(thing.places());
        List<Coordinate> round = new ArrayList<>();
        for (int edge = 0; edge < outline.edges(); edge++) {
            LineSegment side = new LineSegment(
                    outline.cornerX(edge), outline.cornerY(edge), outline.cornerX(edge + 1), outline.cornerY(edge + 1));
            for (double share : new double[] {0, 0.25, 0.5, 0.75}) {
                round.add(side.pointAlong(share));
            }
        }
        return nearest(round, furthest);
    }

    /** @param far from one to the other, metres: kept, since stands are sorted by it */
    private record Stand(Coordinate from, Coordinate to, double far) {
        private static Stand of(Coordinate from, Coordinate to) {
            double dx = to.x - from.x;
            double dy = to.y - from.y;
            return new Stand(from, to, Math.sqrt(dx * dx + dy * dy));
        }
    }

    private Optional<Coordinate> nearest(List<Coordinate> places, double furthest) {
        return places.stream()
                .flatMap(place -> stands(place, furthest))
                .sorted(Comparator.comparingDouble(Stand::far))
                .filter(this::isFree)
                .map(Stand::from)
                .findFirst();
    }

    /** The place itself, and of each side of the ground round about the nearest place and both ends. */
    private Stream<Stand> stands(Coordinate place, double furthest) {
        List<Coordinate> found = new ArrayList<>();
        Envelope near = new Envelope(place);
        near.expandBy(furthest);
        for (Polygon part : centres) {
            if (part.getEnvelopeInternal().intersects(near)) {
                if (part.covers(GEOMETRY.createPoint(place))) {
                    found.add(place);
                }
                lines(part).forEach(line -> addSides(line, place, near, found));
            }
        }
        return found.stream().map(from -> Stand.of(from, place)).filter(stand -> stand.far() <= furthest);
    }

    private static void addSides(LineString line, Coordinate place, Envelope near, List<Coordinate> found) {
        Coordinate[] all = line.getCoordinates();
        for (int i = 0; i + 1 < all.length; i++) {
            if (near.intersects(new Envelope(all[i], all[i + 1]))) {
                found.addAll(
                        Arrays.asList(new LineSegment(all[i], all[i + 1]).closestPoint(place), all[i], all[i + 1]));
            }
        }
    }

    private static Stream<LineString> lines(Polygon part) {
        return Stream.concat(
                Stream.of(part.getExteriorRing()),
                Stream.iterate(0, i -> i < part.getNumInteriorRing(), i -> i + 1)
                        .map(part::getInteriorRingN));
    }

    private boolean isFree(Stand stand) {
        LineString between = GEOMETRY.createLineString(new Coordinate[] {stand.from(), stand.to()});
        return layout.near(new Envelope(stand.from(), stand.to()), FIXED).stream()
                .filter(ring -> !ring.isWithin(stand.to().x, stand.to().y, FIXED))
                .noneMatch(ring -> ring.polygon().intersects(between));
    }
}
