package fairacre.appraisal;

import fairacre.measure.Length;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Point;
import fairacre.plan.Polygons;
import fairacre.plan.Posture;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Walks whose edge is a step for wheels. Loose layers without an edging slope down by themselves and are none. */
final class StepSnags {

    /** The highest change of level that wheels roll over, bevelled: 2010 ADA Standards 303.3. */
    private static final Length ROLLED_OVER = Length.inches(0.5);
    /** Steepest ramp, length for one of height: 2010 ADA Standards 405.2. */
    private static final int RAMP = 12;
    /** As near as this two pieces of ground meet, metres. */
    private static final double MEETS = 0.01;

    private final SnagContext context;

    StepSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        List<Walk> built = context.plan().walks(context.season());
        List<Walk> raised = built.stream().filter(walk -> step(walk).compareTo(ROLLED_OVER) > 0).toList();
        // Working out the ground for wheels takes as long as all else of a preview.
        if (raised.isEmpty() || !context.withRemedies()) {
            return List.of();
        }
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        List<Rolling> rolling = rolling(study);
        List<Snag> snags = new ArrayList<>();
        for (Walk walk : raised) {
            Polygon area = Polygons.of(walk.corners());
            Geometry level = levelWith(walk, built);
            List<Rolling> stopped = rolling.stream().filter(wheels -> foot(area, level, wheels).isPresent()).toList();
            if (!stopped.isEmpty()) {
                snags.add(step(walk, stopped, foot(area, level, stopped.get(0)).orElseThrow()));
            }
        }
        return snags;
    }

    /** Somebody or something on wheels, and the ground they can use. */
    private record Rolling(String name, Optional<Gardener> gardener, Geometry ground) {}

    private List<Rolling> rolling(CarrierStudy study) {
        List<Rolling> rolling = new ArrayList<>();
        context.plan().gardeners().stream().filter(gardener -> gardener.posture() == Posture.SEATED).forEach(gardener -> rolling.add(
                new Rolling(gardener.name(), Optional.of(gardener),
                        study.ground(gardener.asCarrier(Length.ZERO)))));
        context.plan().carriers().stream().filter(Carrier::wheels)
                .forEach(carrier -> rolling.add(new Rolling(carrier.name(), Optional.empty(), study.ground(carrier))));
        return rolling;
    }

    private static Length step(Walk walk) {
        return walk.surface().firm() || walk.build().edged() ? walk.build().rises() : Length.ZERO;
    }

    /** The walks that are as high as one, itself among them. */
    private static Geometry levelWith(Walk walk, List<Walk> built) {
        return Areas.joined(built.stream().filter(other -> step(other).minus(step(walk)).abs().compareTo(ROLLED_OVER) <= 0)
                .map(other -> Polygons.of(other.corners())).toList());
    }

    /** Where wheels come upon a walk from lower or higher ground: at a gate, or beside it. */
    private Optional<Point> foot(Polygon walk, Geometry level, Rolling wheels) {
        if (wheels.ground().isEmpty() || wheels.ground().distance(walk) > MEETS) {
            return Optional.empty();
        }
        for (WayIn way : context.setting().waysIn()) {
            if (Polygons.line(List.of(way.place())).distance(walk) <= way.width().metres() / 2) {
                return Optional.of(way.place());
            }
        }
        Geometry other = Areas.without(wheels.ground(), level.buffer(MEETS));
        if (other.isEmpty() || other.distance(walk) > 2 * MEETS) {
            return Optional.empty();
        }
        Coordinate at = DistanceOp.nearestPoints(walk, other)[0];
        return Optional.of(Point.metres(at.x, at.y));
    }

    private Snag step(Walk walk, List<Rolling> stopped, Point place) {
        Wording wording = context.wording();
        Length rises = step(walk);
        String words = walk.name() + " lies " + wording.length(rises) + " above the ground it begins at: a step for the wheels of "
                + Wording.names(stopped.stream().map(Rolling::name).toList()) + ", or a ramp "
                + wording.length(rises.times(RAMP)) + " long (1 in " + RAMP + ").";
        List<Gardener> seated = stopped.stream().flatMap(wheels -> wheels.gardener().stream()).toList();
        return Snag.of(SnagRule.WALK_STEP, seated.isEmpty() ? Weight.NOTE : Weight.WARNING, words, Optional.of(place), List.of(),
                seated.stream().map(Gardener::id).toList(), context.remedies(() -> List.of(new SurfaceSnags(context).dugIn(walk))));
    }
}
