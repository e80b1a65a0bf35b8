package fairacre.water;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntPredicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Draws pipes from a source to beds, round whatever stands in the way. */
final class DrawnPipes {

    /** A corner that is no corner, metres off the straight line. */
    private static final double STRAIGHT = 0.02;

    private final Plan plan;
    private final int season;
    private final WaterSource source;
    private final List<StandingBed> beds;
    private final Supplier<UUID> ids;
    private final PipeGround ground;

    /** @param ids of what is new */
    DrawnPipes(Plan plan, int season, WaterSource source, List<StandingBed> beds, Supplier<UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.source = source;
        this.beds = beds;
        this.ids = ids;
        this.ground = new PipeGround(source.place(), plan.standing(season), plan.setting(season));
    }

    /**
     * Pipes as they lead, of whichever tube.
     *
     * @param feeding what each bed is fed by
     */
    record Drawn(List<WaterRun> runs, List<Manifold> manifolds, Map<UUID, UUID> feeding) {}

    /**
     * A tree of runs to all beds, as short as one is found.
     *
     * @throws RefusedException if nothing leads to one of them
     */
    Drawn toBeds() {
        return toBeds(List.of(beds));
    }

    /**
     * A tree of its own for each group of beds.
     *
     * @throws RefusedException if nothing leads to one of them
     */
    Drawn toBeds(List<List<StandingBed>> groups) {
        List<WaterRun> runs = new ArrayList<>();
        Map<UUID, UUID> feeding = new HashMap<>();
        for (List<StandingBed> group : groups) {
            int others = runs.size();
            addTrunk(group.stream().map(bed -> ground.corners(bed.id())).toList(), runs);
            List<WaterRun> tree = runs.subList(others, runs.size());
            group.forEach(bed -> feeding.put(bed.id(), nearest(tree, Polygons.of(bed.corners()))));
        }
        return new Drawn(runs, List.of(), feeding);
    }

    /**
     * @param groups of nodes, of each of which one is led to
     * @param runs to which it is added
     */
    private void addTrunk(List<List<Integer>> groups, List<WaterRun> runs) {
        PipeTree tree = PipeTree.of(ground, groups)
                .orElseThrow(() -> new RefusedException(
                        "beds",
                        "no way for a pipe leads from " + source.name() + " to all of them",
                        "leave more room between them, or choose fewer"));
        tree.below(0).forEach(first -> lay(tree, 0, first, source.id(), runs));
    }

    /**
     * Runs to manifolds, and from them to the beds.
     *
     * @return empty for a single bed, or where no manifold could stand that everybody comes to
     */
    Optional<Drawn> atManifolds() {
        List<List<Integer>> corners =
                beds.stream().map(bed -> ground.corners(bed.id())).toList();
        return ManifoldSites.of(ground, corners, everybodyComesTo()).map(this::atManifolds);
    }

    private Drawn atManifolds(List<ManifoldSites.Site> sites) {
        List<WaterRun> runs = new ArrayList<>();
        addTrunk(sites.stream().map(site -> List.of(site.node())).toList(), runs);
        List<WaterRun> trunk = List.copyOf(runs);
        List<Manifold> manifolds = new ArrayList<>();
        Map<UUID, UUID> feeding = new HashMap<>();
        for (ManifoldSites.Site site : sites) {
            Manifold manifold = new Manifold(
                    ids.get(),
                    "Manifold " + (plan.list(WaterKinds.MANIFOLDS).size() + manifolds.size() + 1),
                    nearest(trunk, ValveGround.at(ground.place(site.node()))),
                    beside(site.node()),
                    Math.max(Manifold.FEWEST, site.ways().size()),
                    NewWater.handles(plan.units()),
                    Lifetime.from(season));
            manifolds.add(manifold);
            site.ways().forEach(way -> feeding.put(beds.get(way.bed()).id(), fed(manifold, way, runs)));
        }
        return new Drawn(runs, manifolds, feeding);
    }

    /** The manifold itself where the bed is at hand, or a run from it to the bed, which is added. */
    private UUID fed(Manifold manifold, ManifoldSites.Way way, List<WaterRun> runs) {
        if (way.nodes().size() == 1) {
            return manifold.id();
        }
        List<Point> places = Stream.concat(
                        Stream.of(manifold.place()), way.nodes().stream().map(ground::place))
                .toList();
        WaterRun run = run(manifold.id(), places, runs);
        runs.add(run);
        return run.id();
    }

    /** At the side of the bed of which a node is a corner. */
    private Point beside(int node) {
        StandingBed owner = beds.stream()
                .filter(bed -> ground.corners(bed.id()).contains(node))
                .findFirst()
                .orElseThrow();
        Coordinate side = DistanceOp.nearestPoints(Polygons.of(owner.corners()), ValveGround.at(ground.place(node)))[0];
        return Point.metres(side.x, side.y);
    }

    private IntPredicate everybodyComesTo() {
        List<StandingBed> standing = plan.standing(season);
        WalkStudy walks =
                WalkStudy.of(plan.setting(season), standing, Memo.none().remembering());
        ValveGround valves = new ValveGround(plan, season, standing, walks);
        return node -> valves.shutOut(beside(node)).isEmpty();
    }

    /** A run from a node by way of one below it, as far as the way down is longest; what branches off it follows. */
    private void lay(PipeTree tree, int from, int first, UUID feeding, List<WaterRun> runs) {
        List<Integer> way = new ArrayList<>(List.of(from));
        for (int next = first; next >= 0; next = deepest(tree, next)) {
            way.add(next);
        }
        WaterRun run = run(feeding, way.stream().map(ground::place).toList(), runs);
        runs.add(run);
        for (int i = 1; i < way.size(); i++) {
            int node = way.get(i);
            int along = i + 1 < way.size() ? way.get(i + 1) : -1;
            tree.below(node).stream()
                    .filter(other -> other != along)
                    .forEach(other -> lay(tree, node, other, run.id(), runs));
        }
    }

    /** @param others that there are already */
    private WaterRun run(UUID feeding, List<Point> places, List<WaterRun> others) {
        return new WaterRun(
                ids.get(),
                "Pipe " + (plan.list(WaterKinds.RUNS).size() + others.size() + 1),
                feeding,
                straightened(places),
                LayProposals.TUBES.get(0),
                false,
                Length.ZERO,
                Lifetime.from(season));
    }

    /** Of what hangs on a node the one from which it is furthest to an end; -1 at an end. */
    private int deepest(PipeTree tree, int node) {
        return tree.below(node).stream()
                .max(Comparator.comparingDouble(below -> depth(tree, node, below)))
                .orElse(-1);
    }

    private double depth(PipeTree tree, int node, int below) {
        return ground.length(node, below)
                + tree.below(below).stream()
                        .mapToDouble(further -> depth(tree, below, further))
                        .max()
                        .orElse(0);
    }

    private static List<Point> straightened(List<Point> way) {
        Geometry line = DouglasPeuckerSimplifier.simplify(Polygons.line(way), STRAIGHT);
        return Arrays.stream(line.getCoordinates())
                .map(place -> Point.metres(place.x, place.y))
                .toList();
    }

    private UUID nearest(List<WaterRun> runs, Geometry to) {
        return runs.stream()
                .min(Comparator.comparingDouble(
                        run -> Polygons.line(run.places()).distance(to)))
                .map(WaterRun::id)
                .orElse(source.id());
    }
}
