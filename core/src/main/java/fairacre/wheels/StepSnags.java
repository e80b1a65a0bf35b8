package fairacre.wheels;

import fairacre.ground.LevelStudy;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.surface.DugIn;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * Walks whose edge is a step for wheels, and ways in with a sill. Loose layers without an edging slope down by
 * themselves and are no step.
 */
final class StepSnags {

    /** The highest change of level that wheels roll over, bevelled: 2010 ADA Standards 303.3. */
    private static final Length ROLLED_OVER = Length.inches(0.5);
    /** Steepest ramp, length for one of height. */
    private static final long RAMP = Math.round(1 / LevelStudy.RAMP);
    /** As near as this two pieces of ground meet, metres. */
    private static final double MEETS = 0.01;

    private final SnagContext context;

    StepSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        List<Snag> snags = new ArrayList<>();
        context.setting().gates().stream()
                .filter(gate -> gate.sill().compareTo(ROLLED_OVER) > 0)
                .forEach(gate -> sill(gate).ifPresent(snags::add));
        addRaised(walks, snags);
        return snags;
    }

    private Optional<Snag> sill(WayIn gate) {
        Length width = gate.width().plus(Length.metres(2 * WalkStudy.SLACK));
        List<Rolling> stopped = Rolling.all(context.plan()).stream()
                .filter(wheels -> wheels.carrier().width().compareTo(width) <= 0)
                .toList();
        if (stopped.isEmpty()) {
            return Optional.empty();
        }
        String words = gate.name() + " has a sill of " + context.wording().length(gate.sill())
                + ": a step for the wheels of " + Rolling.names(stopped) + ramp(gate.sill()) + " on either side.";
        return Optional.of(Snag.of(
                        WheelRule.WALK_STEP,
                        Rolling.weight(stopped),
                        words,
                        Optional.of(gate.place()),
                        List.of(),
                        Rolling.seated(stopped),
                        context.remedies(() -> List.of(new Remedy(
                                "Take the sill of " + gate.name() + " out", Put.of(gate.withSill(Length.ZERO))))))
                .about(context.ref(gate.id()))
                .by(gate.sill().metres()));
    }

    private String ramp(Length rises) {
        return ", or a ramp " + context.wording().length(rises.times(RAMP)) + " long (1 in " + RAMP + ")";
    }

    private void addRaised(WalkStudy walks, List<Snag> snags) {
        List<Walk> built = context.plan().walks(context.season());
        List<Walk> raised = built.stream()
                .filter(walk -> step(walk).compareTo(ROLLED_OVER) > 0)
                .toList();
        if (raised.isEmpty()) {
            return;
        }
        CarrierStudy study = CarrierStudy.of(walks, context.standing());
        List<On> rolling = Rolling.all(context.plan()).stream()
                .map(wheels -> new On(wheels, study.ground(wheels.carrier())))
                .toList();
        for (Walk walk : raised) {
            Polygon area = Polygons.of(walk.corners());
            Geometry level = levelWith(walk, built);
            List<On> stopped = rolling.stream()
                    .filter(on -> foot(area, level, on.ground()).isPresent())
                    .toList();
            if (!stopped.isEmpty()) {
                snags.add(step(
                        walk,
                        stopped.stream().map(On::wheels).toList(),
                        foot(area, level, stopped.get(0).ground()).orElseThrow()));
            }
        }
    }

    /** Somebody or something on wheels, and the ground they can use. */
    private record On(Rolling wheels, Geometry ground) {}

    private static Length step(Walk walk) {
        return walk.surface().firm() || walk.build().edged() ? walk.build().rises() : Length.ZERO;
    }

    /** The walks that are as high as one, itself among them. */
    private static Geometry levelWith(Walk walk, List<Walk> built) {
        return Areas.joined(built.stream()
                .filter(other -> step(other).minus(step(walk)).abs().compareTo(ROLLED_OVER) <= 0)
                .map(other -> Polygons.of(other.corners()))
                .toList());
    }

    /** Where wheels come upon a walk from lower or higher ground: at a gate, or beside it. */
    private Optional<Point> foot(Polygon walk, Geometry level, Geometry ground) {
        if (ground.isEmpty() || ground.distance(walk) > MEETS) {
            return Optional.empty();
        }
        for (WayIn gate : context.setting().waysIn()) {
            if (Polygons.line(List.of(gate.place())).distance(walk)
                    <= gate.width().metres() / 2) {
                return Optional.of(gate.place());
            }
        }
        Geometry other = Areas.without(ground, level.buffer(MEETS));
        if (other.isEmpty() || other.distance(walk) > 2 * MEETS) {
            return Optional.empty();
        }
        Coordinate at = DistanceOp.nearestPoints(walk, other)[0];
        return Optional.of(Point.metres(at.x, at.y));
    }

    private Snag step(Walk walk, List<Rolling> stopped, Point place) {
        Wording wording = context.wording();
        Length rises = step(walk);
        String words = walk.name() + " lies " + wording.length(rises)
                + " above the ground it begins at: a step for the wheels of " + Rolling.names(stopped) + ramp(rises)
                + ".";
        return Snag.of(
                        WheelRule.WALK_STEP,
                        Rolling.weight(stopped),
                        words,
                        Optional.of(place),
                        List.of(),
                        Rolling.seated(stopped),
                        context.remedies(() -> List.of(DugIn.remedy(context, walk))))
                .about(context.ref(walk.id()))
                .by(rises.metres());
    }
}
