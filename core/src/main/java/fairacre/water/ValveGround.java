package fairacre.water;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Where valves are in nobody's way, and where everybody comes to them. */
final class ValveGround {

    /** So near to a bed or to the edge of a walk, metres, one is fixed there and out of the way: a hand's breadth. */
    static final double FIXED = 0.1;
    /** What is exactly so near is not further by rounding, metres. */
    private static final double HAIR = 1e-6;

    private static final double SHARPEST_CORNER = 2;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Gardener> gardeners;
    private final CarrierStudy carriers;
    /** Walks without what is so near to a bed or to their own edge that nobody walks there. */
    private final Geometry walked;

    ValveGround(Plan plan, int season, List<StandingBed> standing, WalkStudy walks) {
        this.gardeners = plan.gardeners();
        this.carriers = CarrierStudy.of(walks, standing);
        Geometry ground = Areas.joined(plan.walks(season).stream()
                .map(walk -> Polygons.of(walk.corners()))
                .toList());
        Geometry beds = Areas.joined(standing.stream()
                .map(bed -> BufferOp.bufferOp(
                        Polygons.of(bed.corners()),
                        FIXED + HAIR,
                        new BufferParameters(
                                1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, SHARPEST_CORNER)))
                .toList());
        this.walked = Areas.without(ground.buffer(-FIXED - HAIR), beds);
    }

    boolean isInWalk(Point place) {
        return walked.contains(at(place));
    }

    /** Of a valve in a walk: how far it is from the edge of the walk or a bed. */
    Length fromEdge(Point place) {
        return Length.metres(FIXED + walked.getBoundary().distance(at(place)));
    }

    /** The walk in which a valve stands, less its edges. */
    Stream<Polygon> around(Point place) {
        return Areas.parts(walked).stream().filter(part -> part.contains(at(place)));
    }

    /** Those who don't come to a valve. */
    List<Gardener> shutOut(Point place) {
        Feature valve =
                Feature.of(new UUID(0, 0), "Valve", FeatureKind.VALVE, List.of(place), Length.ZERO, Length.ZERO);
        return gardeners.stream()
                .filter(gardener -> !carriers.comesTo(gardener.asCarrier(Length.ZERO), valve, gardener.reach()))
                .toList();
    }

    static Geometry at(Point place) {
        return GEOMETRY.createPoint(new Coordinate(place.x().metres(), place.y().metres()));
    }
}
