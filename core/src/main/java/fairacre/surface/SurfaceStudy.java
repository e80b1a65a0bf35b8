package fairacre.surface;

import fairacre.fill.Loads;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.ground.Earthwork;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.SoilNotes;
import fairacre.plan.Walk;
import fairacre.shape.Areas;
import fairacre.shape.Footprint;
import fairacre.shape.Intervals;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Line;
import fairacre.shape.Memo;
import fairacre.shape.Ring;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Takes off what the walks of a plan are made of. Ground that two walks share counts for one of them: a main walk goes
 * before a work walk. No layer is laid where a bed stands in the walk's season or will stand later.
 *
 * <p>A walk that is wholly covered has no ground and takes nothing.
 */
public final class SurfaceStudy {

    /** What lies nearer than this touches, metres. */
    private static final double TOUCHING = 0.02;

    private static final Comparator<Walk> ORDER = Comparator.comparing(
                    (Walk walk) -> walk.grade() == WalkGrade.MAIN ? 0 : 1)
            .thenComparing(Walk::id);

    private SurfaceStudy() {}

    /** All walks, main ones first. */
    public static List<WalkTakeoff> of(Plan plan) {
        return of(plan, Memo.none());
    }

    /** Those of a takeoff, worked out once. */
    public static List<WalkTakeoff> in(Takeoff takeoff) {
        return takeoff.once(WalkTakeoff.class, () -> of(takeoff.plan(), takeoff.memo()));
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static List<WalkTakeoff> of(Plan plan, Memo memo) {
        List<Walk> before = new ArrayList<>();
        List<WalkTakeoff> takeoffs = new ArrayList<>();
        for (Walk walk : plan.walks().stream().sorted(ORDER).toList()) {
            Surroundings around = Surroundings.of(plan, walk, before);
            takeoffs.add(memo.recall(around, around::takeoff));
            before.add(walk);
        }
        return takeoffs;
    }

    /** A walk with all that its ground depends on: also the question that is remembered. */
    private record Surroundings(
            Walk walk,
            int season,
            SoilNotes soil,
            List<List<Point>> pieces,
            List<BedRevision> beds,
            List<Ring> built,
            List<Walk> before) {

        static Surroundings of(Plan plan, Walk walk, List<Walk> before) {
            Envelope place = grown(walk.corners());
            int season = plan.season(walk);
            Setting setting = plan.setting(season);
            return new Surroundings(
                    walk,
                    season,
                    plan.site().soil(),
                    plan.site().pieces(),
                    plan.beds().stream()
                            .flatMap(bed -> from(bed, season))
                            .filter(bed -> !walk.lifetime().isOver(bed.from()))
                            .filter(bed -> place.intersects(round(bed)))
                            .toList(),
                    setting.features().stream()
                            .filter(SurfaceStudy::takesGround)
                            .flatMap(feature -> Footprint.of(feature, setting).stream())
                            .filter(ring -> place.intersects(ring.bounds()))
                            .toList(),
                    before.stream()
                            .filter(other -> other.lifetime().meets(walk.lifetime()))
                            .filter(other -> place.intersects(
                                    Polygons.of(other.corners()).getEnvelopeInternal()))
                            .toList());
        }

        WalkTakeoff takeoff() {
            List<Ring> taken = taken();
            Geometry ground = ground(taken);
            WalkBuild build = walk.build();
            Area area = Area.squareMetres(ground.getArea());
            Length edging = build.edged() ? Length.metres(openEdge(ground, taken)) : Length.ZERO;
            Volume spoil = build.dugIn()
                    ? Volume.litres(
                            Volume.prism(area, build.thickness()).litres() * (1 + Earthwork.swell(soil.squeeze())))
                    : Volume.ZERO;
            return new WalkTakeoff(
                    walk.id(),
                    season,
                    area,
                    edging,
                    build.layers().stream()
                            .map(layer -> LayerTakeoff.of(layer, area))
                            .toList(),
                    build.thickness(),
                    build.rises(),
                    spoil,
                    Loads.of(spoil));
        }

        private List<Ring> taken() {
            List<Ring> taken = new ArrayList<>();
            beds.forEach(bed -> taken.add(Ring.of(bed.corners())));
            taken.addAll(built);
            before.forEach(other -> taken.add(Ring.of(other.corners())));
            return taken;
        }

        private Geometry ground(List<Ring> taken) {
            Polygon drawn = Polygons.of(walk.corners());
            Geometry left = Areas.shared(
                    drawn, Areas.joined(pieces.stream().map(Polygons::of).toList()));
            for (Ring ring : taken) {
                if (left.getEnvelopeInternal().intersects(ring.bounds())) {
                    left = Areas.without(left, ring.polygon());
                }
            }
            return left;
        }

        /**
         * Metres of the ground's edge with neither a bed, nor what stands there, nor another walk, nor the end of the
         * plot beside it.
         */
        private double openEdge(Geometry ground, List<Ring> taken) {
            List<Ring> beside = new ArrayList<>(taken);
            pieces.forEach(piece -> beside.addAll(Ring.sides(piece)));
            return Areas.parts(ground).stream()
                    .flatMap(part -> Ring.edgesOf(part).stream())
                    .mapToDouble(edge -> open(edge, beside))
                    .sum();
        }

        private static double open(Ring edge, List<Ring> beside) {
            double open = 0;
            for (int side = 0; side < edge.edges(); side++) {
                Line line = edge.besideEdge(side, 0);
                Intervals left = Intervals.whole(line.length());
                for (Ring ring : beside) {
                    left = ring.without(left, line, TOUCHING);
                }
                open += left.parts().stream().mapToDouble(Interval::length).sum();
            }
            return open;
        }
    }

    private static Stream<BedRevision> from(Bed bed, int season) {
        boolean gone = bed.retired().filter(retired -> retired <= season).isPresent();
        return gone
                ? Stream.empty()
                : Stream.concat(
                        bed.in(season).stream(), bed.revisions().stream().filter(revision -> revision.from() > season));
    }

    private static boolean takesGround(Feature feature) {
        return feature.kind().inTheWay() || feature.kind() == FeatureKind.SLAB || feature.kind() == FeatureKind.STEPS;
    }

    private static Envelope grown(List<Point> corners) {
        Envelope place = Polygons.of(corners).getEnvelopeInternal();
        place.expandBy(TOUCHING);
        return place;
    }

    /** The upright rectangle round a bed as it is turned. */
    private static Envelope round(BedRevision bed) {
        double turn = Math.toRadians(bed.outline().turn());
        double length = bed.outline().length().metres() / 2;
        double width = bed.outline().width().metres() / 2;
        Envelope place = new Envelope(
                bed.outline().centre().x().metres(),
                bed.outline().centre().x().metres(),
                bed.outline().centre().y().metres(),
                bed.outline().centre().y().metres());
        place.expandBy(
                length * Math.abs(Math.cos(turn)) + width * Math.abs(Math.sin(turn)),
                length * Math.abs(Math.sin(turn)) + width * Math.abs(Math.cos(turn)));
        return place;
    }
}
