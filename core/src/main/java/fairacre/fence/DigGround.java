package fairacre.fence;

import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Footprint;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/**
 * Where no post may be dug or driven: over a buried line, by a trunk, at a tap, in a bed, in or under whatever is
 * built, and on ground that is kept free. Distances are common practice.
 */
final class DigGround {

    /** The hole of a post keeps so far off a trunk: three times its thickness, at least a foot, metres. */
    private static final double TRUNKS = 3;

    private static final double NEAREST_TRUNK = 0.3048;
    /** Of a tap and its pipe, metres. */
    private static final double TAP = 0.3;

    private static final double TOO_SHORT = 1e-6;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Taken> taken = new ArrayList<>();

    /** Ground of something. */
    private record Taken(String name, Geometry ground) {}

    /**
     * @param fence whose own ground does not count
     * @param width of a post
     * @param hole of a post; as wide as the post where none is dug
     */
    DigGround(UUID fence, Setting setting, List<StandingBed> standing, Length width, Length hole) {
        double post = width.metres() / 2;
        double dug = hole.metres() / 2;
        setting.features().stream()
                .filter(feature -> !feature.id().equals(fence))
                .forEach(feature -> ground(feature, setting, post, dug)
                        .ifPresent(ground -> taken.add(new Taken(feature.name(), ground))));
        standing.forEach(bed -> taken.add(new Taken(bed.name(), Polygons.of(bed.corners()))));
    }

    private static Optional<Geometry> ground(Feature feature, Setting setting, double post, double dug) {
        return switch (feature.kind()) {
            case BURIED_LINE, DRAIN ->
                Optional.of(Polygons.line(feature.places())
                        .buffer(feature.breadth().half().metres()
                                + feature.margin().metres()
                                + dug));
            case TREE ->
                Optional.of(Polygons.line(feature.places())
                        .buffer(Math.max(TRUNKS * feature.breadth().metres(), NEAREST_TRUNK) + dug));
            case TAP -> Optional.of(Polygons.line(feature.places()).buffer(TAP + dug));
            case HOUSE, SHED, COMPOST, BENCH ->
                Optional.of(built(feature, setting).buffer(-TOO_SHORT));
            case SLAB, STEPS -> Optional.of(built(feature, setting).buffer(post));
            case KEEP_OFF ->
                Optional.of(built(feature, setting).buffer(feature.margin().metres() + dug));
            default -> Optional.empty();
        };
    }

    private static Geometry built(Feature feature, Setting setting) {
        return Areas.joined(
                Footprint.of(feature, setting).stream().map(Ring::polygon).toList());
    }

    /** Where along a side no post may stand, metres from its beginning. */
    List<Interval> blocked(LineSegment side) {
        List<Interval> blocked = new ArrayList<>();
        Geometry line = side.toGeometry(GEOMETRY);
        for (Taken each : taken) {
            if (!each.ground.getEnvelopeInternal().intersects(line.getEnvelopeInternal())) {
                continue;
            }
            Geometry within = Areas.along(line, each.ground);
            for (int i = 0; !within.isEmpty() && i < within.getNumGeometries(); i++) {
                Coordinate[] part = within.getGeometryN(i).getCoordinates();
                double from = side.p0.distance(part[0]);
                double to = side.p0.distance(part[part.length - 1]);
                if (Math.abs(to - from) > TOO_SHORT) {
                    blocked.add(new Interval(Math.min(from, to), Math.max(from, to)));
                }
            }
        }
        return blocked;
    }

    /** What lies where a post would stand. */
    Optional<String> blocking(Coordinate place) {
        Geometry spot = GEOMETRY.createPoint(place);
        return taken.stream()
                .filter(each -> each.ground.contains(spot))
                .map(Taken::name)
                .findFirst();
    }
}
