package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Manifolds that stand in a walk, that nothing feeds, or that have too few valves. */
final class ManifoldSnags {

    /** A manifold is moved beside one of so many beds, the nearest first. */
    private static final int NEAREST = 6;

    private final SnagContext context;
    private final Piping piping;

    ManifoldSnags(SnagContext context) {
        this.context = context;
        this.piping = context.study(WaterStudy.class).piping();
    }

    List<Snag> find() {
        if (piping.manifolds().isEmpty() && piping.unfedManifolds().isEmpty()) {
            return List.of();
        }
        ValveGround ground =
                new ValveGround(context.plan(), context.season(), context.standing(), context.study(WalkStudy.class));
        return Stream.of(
                        piping.unfedManifolds().stream().map(this::unfed),
                        piping.manifolds().stream().flatMap(hung -> full(hung.manifold()).stream()),
                        piping.manifolds().stream().flatMap(hung -> inWalk(hung.manifold(), ground).stream()))
                .flatMap(part -> part)
                .toList();
    }

    private Snag unfed(Manifold manifold) {
        return Snag.of(
                        WaterRule.PIPE_UNFED,
                        Weight.WARNING,
                        manifold.name() + " gets no water in " + context.season()
                                + ": what feeds it is gone, not there yet or not fed itself.",
                        Optional.of(manifold.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> new WaterRemedies(context, piping).feeding(manifold)))
                .about(context.ref(manifold.id()));
    }

    private Optional<Snag> full(Manifold manifold) {
        int begun = piping.begunAt(manifold);
        if (begun <= manifold.valves()) {
            return Optional.empty();
        }
        return Optional.of(Snag.of(
                        WaterRule.MANIFOLD_FULL,
                        Weight.WARNING,
                        begun + " pipes begin at " + manifold.name() + ", which has " + manifold.valves() + " valves.",
                        Optional.of(manifold.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> withRoom(manifold, begun)))
                .about(context.ref(manifold.id()))
                .by(begun - manifold.valves()));
    }

    /** A larger one; or a pipe less, the one to the bed furthest off. */
    private List<Remedy> withRoom(Manifold manifold, int begun) {
        List<Remedy> ways = new ArrayList<>();
        if (begun <= Manifold.MOST) {
            ways.add(new Remedy(
                    "Take a manifold with " + begun + " valves for " + manifold.name(),
                    Put.of(manifold.withValves(begun))));
        }
        piping.lines().stream()
                .filter(laid -> laid.lines().from().equals(manifold.id()))
                .max(Comparator.comparingDouble(laid -> laid.stub().length()))
                .ifPresent(laid -> ways.addAll(new WaterRemedies(context, piping).elsewhere(laid)));
        piping.runs().stream()
                .filter(laid -> laid.run().from().equals(manifold.id()))
                .forEach(laid -> ways.add(new Remedy(
                        "Feed " + laid.run().name() + " from what feeds " + manifold.name(),
                        Put.of(laid.run().fedBy(manifold.from())))));
        return ways;
    }

    private Optional<Snag> inWalk(Manifold manifold, ValveGround ground) {
        if (!ground.isInWalk(manifold.place())) {
            return Optional.empty();
        }
        return Optional.of(Snag.of(
                        WaterRule.VALVE_IN_WALK,
                        Weight.WARNING,
                        manifold.name() + " stands in a walk, "
                                + context.wording().length(ground.fromEdge(manifold.place()))
                                + " from its edge.",
                        Optional.of(manifold.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> beside(manifold, ground)))
                .about(context.ref(manifold.id())));
    }

    /** At the side of the nearest beds; or at the nearest edge of the walk; or it goes. */
    private List<Remedy> beside(Manifold manifold, ValveGround ground) {
        List<Remedy> ways = new ArrayList<>();
        context.standing().stream()
                .sorted(Comparator.comparingDouble(bed -> sideOf(bed).distance(ValveGround.at(manifold.place()))))
                .limit(NEAREST)
                .flatMap(bed -> placesBeside(bed, manifold)
                        .map(place -> new Remedy(
                                "Fix " + manifold.name() + " to the side of " + bed.name(),
                                Put.of(manifold.at(place)))))
                .filter(way -> context.isSound(way.change()))
                .findFirst()
                .ifPresent(ways::add);
        ground.around(manifold.place())
                .map(part -> new Remedy(
                        "Move " + manifold.name() + " to the nearest side of the walk",
                        Put.of(manifold.at(nearest(part.getBoundary(), manifold.place())))))
                .forEach(ways::add);
        ways.add(new Remedy("Take " + manifold.name() + " off", new Remove<>(WaterKinds.MANIFOLDS, manifold.id())));
        return ways;
    }

    /** The nearest, then the corners of the bed: the pipe to the nearest may cross the bed. */
    private static Stream<Point> placesBeside(StandingBed bed, Manifold manifold) {
        return Stream.concat(
                Stream.of(nearest(sideOf(bed), manifold.place())),
                bed.corners().stream().sorted(Comparator.comparing(corner -> corner.distance(manifold.place()))));
    }

    private static Geometry sideOf(StandingBed bed) {
        return Polygons.of(bed.corners()).getExteriorRing();
    }

    private static Point nearest(Geometry line, Point place) {
        Coordinate found = DistanceOp.nearestPoints(line, ValveGround.at(place))[0];
        return Point.metres(found.x, found.y);
    }
}
