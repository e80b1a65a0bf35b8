package fairacre.water;

import fairacre.judging.Wording;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Whole networks for a source: pipes round beds and whatever stands there, as short as they are found, and dripline in
 * every bed. Two manners are proposed: as few valves as the source allows, and a valve for each bed. For each the
 * smallest tube is taken with which every outlet gets enough, evenly and not too fast.
 */
public final class LayProposals {

    /** From the smallest on. */
    private static final List<PipeKind> TUBES =
            List.of(PipeKind.TUBE_16, PipeKind.TUBE_13, PipeKind.TUBE_19, PipeKind.PVC_25);
    /** A corner that is no corner, metres off the straight line. */
    private static final double STRAIGHT = 0.02;

    private final Plan plan;
    private final int season;
    private final WaterSource source;
    private final List<StandingBed> beds;
    private final Supplier<UUID> ids;

    private LayProposals(Plan plan, int season, WaterSource source, List<StandingBed> beds, Supplier<UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.source = source;
        this.beds = beds;
        this.ids = ids;
    }

    /**
     * A network that could be laid.
     *
     * @param words what it is
     * @param pipe length of its runs
     * @param tube that they are of
     * @param joints where a pipe branches off
     * @param valves that one opens
     * @param enough whether every outlet gets what it needs, evenly and not too fast, and no zone more than the source
     *     gives; if not, the water is judged as any other once it is laid
     * @param change that lays it, and takes up what the beds had before
     */
    public record Proposal(
            String words, Length pipe, PipeKind tube, int joints, int valves, boolean enough, Change change) {}

    /**
     * @param from the source
     * @param wanted beds; all that stand if there are none
     * @throws RefusedException if the source is not there in the season, no bed stands, or nothing leads to one of them
     */
    public static List<Proposal> of(Plan plan, int season, UUID from, List<UUID> wanted, Supplier<UUID> ids) {
        WaterSource source = WaterKinds.sources(plan, season).stream()
                .filter(each -> each.id().equals(from))
                .findFirst()
                .orElseThrow(
                        () -> new RefusedException("from", "it is not there in " + season, "choose a tap or barrel"));
        List<StandingBed> beds = plan.standing(season).stream()
                .filter(bed -> wanted.isEmpty() || wanted.contains(bed.id()))
                .toList();
        if (beds.isEmpty()) {
            throw new RefusedException("beds", "none of them stands in " + season, "draw a bed first");
        }
        return new LayProposals(plan, season, source, beds, ids).proposals();
    }

    private List<Proposal> proposals() {
        PipeGround ground = new PipeGround(source.place(), plan.standing(season), plan.setting(season));
        PipeTree tree = PipeTree.of(
                        ground,
                        beds.stream().map(bed -> ground.corners(bed.id())).toList())
                .orElseThrow(() -> new RefusedException(
                        "beds",
                        "no way for a pipe leads from " + source.name() + " to all of them",
                        "leave more room between them, or choose fewer"));
        List<WaterRun> runs = new ArrayList<>();
        tree.below(0).forEach(first -> lay(tree, ground, 0, first, source.id(), runs));
        Proposal each = smallestTube(runs, Valves.EACH_BED);
        return Stream.of(Valves.NONE, Valves.BRANCHES)
                .map(valves -> smallestTube(runs, valves))
                .filter(Proposal::enough)
                .filter(few -> few.valves() < each.valves())
                .findFirst()
                .map(few -> List.of(few, each))
                .orElse(List.of(each));
    }

    /** A run from a node by way of one below it, as far as the way down is longest; what branches off it follows. */
    private void lay(PipeTree tree, PipeGround ground, int from, int first, UUID feeding, List<WaterRun> runs) {
        List<Integer> way = new ArrayList<>(List.of(from));
        for (int next = first; next >= 0; next = deepest(tree, ground, next)) {
            way.add(next);
        }
        WaterRun run = new WaterRun(
                ids.get(),
                "Pipe " + (plan.list(WaterKinds.RUNS).size() + runs.size() + 1),
                feeding,
                straightened(way.stream().map(ground::place).toList()),
                TUBES.get(0),
                false,
                Lifetime.from(season));
        runs.add(run);
        for (int i = 1; i < way.size(); i++) {
            int node = way.get(i);
            int along = i + 1 < way.size() ? way.get(i + 1) : -1;
            tree.below(node).stream()
                    .filter(other -> other != along)
                    .forEach(other -> lay(tree, ground, node, other, run.id(), runs));
        }
    }

    /** Of what hangs on a node the one from which it is furthest to an end; -1 at an end. */
    private static int deepest(PipeTree tree, PipeGround ground, int node) {
        return tree.below(node).stream()
                .max(Comparator.comparingDouble(below -> depth(tree, ground, node, below)))
                .orElse(-1);
    }

    private static double depth(PipeTree tree, PipeGround ground, int node, int below) {
        return ground.length(node, below)
                + tree.below(below).stream()
                        .mapToDouble(further -> depth(tree, ground, below, further))
                        .max()
                        .orElse(0);
    }

    private static List<Point> straightened(List<Point> way) {
        Geometry line = DouglasPeuckerSimplifier.simplify(Polygons.line(way), STRAIGHT);
        return Arrays.stream(line.getCoordinates())
                .map(place -> Point.metres(place.x, place.y))
                .toList();
    }

    /** The first tube with which all is well; else the largest. */
    private Proposal smallestTube(List<WaterRun> runs, Valves valves) {
        Proposal last = null;
        for (PipeKind tube : TUBES) {
            last = proposal(runs.stream().map(run -> run.of(tube)).toList(), tube, valves);
            if (last.enough()) {
                return last;
            }
        }
        return last;
    }

    private Proposal proposal(List<WaterRun> drawn, PipeKind tube, Valves valves) {
        List<WaterRun> runs = drawn.stream()
                .map(run -> valves == Valves.BRANCHES && !run.from().equals(source.id()) ? run.withValve() : run)
                .toList();
        List<Change> changes = new ArrayList<>(takenUp());
        runs.forEach(run -> changes.add(Put.of(run)));
        NewWater usual = new NewWater(plan, season, ids);
        for (StandingBed bed : beds) {
            Dripline line = usual.dripline(bed, nearest(runs, bed));
            changes.add(valves == Valves.EACH_BED ? line.valved() : Put.of(line));
        }
        Length pipe = Length.metres(runs.stream()
                .mapToDouble(run -> new Course(run.places()).length())
                .sum());
        int count = valves == Valves.EACH_BED
                ? beds.size()
                : (int) runs.stream().filter(WaterRun::valve).count();
        String words = "Lay " + new Wording(plan.units()).length(pipe) + " of " + tube.label() + " to "
                + Wording.named(beds) + ", " + valves.words(count);
        Change change = new Change.Batch(Limits.shortened("Lay pipes to " + Wording.named(beds), ""), changes);
        return new Proposal(words, pipe, tube, runs.size() - 1 + beds.size(), count, isEnough(change), change);
    }

    /** What waters the beds so far, and the runs and manifolds that water nothing then. */
    private List<Change> takenUp() {
        Set<UUID> ours = new HashSet<>();
        beds.forEach(bed -> ours.add(bed.id()));
        List<Change> changes = new ArrayList<>();
        Set<UUID> feeding = new HashSet<>();
        for (BedLines lines : WaterKinds.lines(plan).toList()) {
            if (ours.contains(lines.bed())) {
                changes.add(lines.takenOut());
            } else {
                feeding.add(lines.from());
            }
        }
        List<WaterRun> runs = plan.list(WaterKinds.RUNS);
        List<Manifold> manifolds = plan.list(WaterKinds.MANIFOLDS);
        for (boolean grew = true; grew; ) {
            grew = false;
            for (WaterRun run : runs) {
                grew |= feeding.contains(run.id()) && feeding.add(run.from());
            }
            for (Manifold manifold : manifolds) {
                grew |= feeding.contains(manifold.id()) && feeding.add(manifold.from());
            }
        }
        runs.stream()
                .filter(run -> !feeding.contains(run.id()))
                .forEach(run -> changes.add(new Remove<>(WaterKinds.RUNS, run.id())));
        manifolds.stream()
                .filter(manifold -> !feeding.contains(manifold.id()))
                .forEach(manifold -> changes.add(new Remove<>(WaterKinds.MANIFOLDS, manifold.id())));
        return changes;
    }

    private UUID nearest(List<WaterRun> runs, StandingBed bed) {
        Geometry outline = Polygons.of(bed.corners());
        return runs.stream()
                .min(Comparator.comparingDouble(
                        run -> Polygons.line(run.places()).distance(outline)))
                .map(WaterRun::id)
                .orElse(source.id());
    }

    private boolean isEnough(Change change) {
        return plan.apply(change) instanceof Outcome.Applied applied
                && WaterStudy.of(applied.plan(), season, applied.plan().standing(season), Memo.none()).zones().stream()
                        .allMatch(Zone::runsWell);
    }

    /** Where valves are. */
    private enum Valves {
        NONE,
        BRANCHES,
        EACH_BED;

        String words(int count) {
            return switch (this) {
                case NONE -> "all at once";
                case BRANCHES -> "with " + count + (count == 1 ? " valve" : " valves") + " where it branches";
                case EACH_BED -> "a valve for each bed";
            };
        }
    }
}
