package fairacre.water;

import fairacre.judging.Wording;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Whole networks for a source: pipes round beds and whatever stands there, as short as they are found, and dripline in
 * every bed. Four manners are proposed: as few valves as the source allows; where that waters beds of unlike need
 * together, pipes and a valve of their own for beds of like need; a valve for each bed; and such valves side by side at
 * manifolds. For each the smallest tube is taken with which every outlet gets enough, evenly and not too fast.
 */
public final class LayProposals {

    /** From the smallest on. */
    static final List<PipeKind> TUBES = List.of(PipeKind.TUBE_16, PipeKind.TUBE_13, PipeKind.TUBE_19, PipeKind.PVC_25);

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
     * @param joints where something branches off a run
     * @param valves that one opens
     * @param tooMuch the bed that gets most more than it wants, since it is watered together with a thirstier one
     * @param enough whether every outlet gets what it needs, evenly and not too fast, and no zone more than the source
     *     gives; if not, the water is judged as any other once it is laid
     * @param change that lays it, and takes up what the beds had before
     */
    public record Proposal(
            String words,
            Length pipe,
            PipeKind tube,
            int joints,
            int valves,
            Optional<ZoneMinutes.TooMuch> tooMuch,
            boolean enough,
            Change change) {}

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
        DrawnPipes pipes = new DrawnPipes(plan, season, source, beds, ids);
        DrawnPipes.Drawn toBeds = pipes.toBeds();
        Proposal each = smallestTube(toBeds, Valves.EACH_BED);
        Valves branches = Valves.onBranches(run -> !run.from().equals(source.id()));
        Optional<Proposal> few = Stream.of(Valves.NONE, branches)
                .map(valves -> smallestTube(toBeds, valves))
                .filter(Proposal::enough)
                .filter(fewer -> fewer.valves() < each.valves())
                .findFirst();
        boolean alike = few.filter(fewer -> fewer.tooMuch().isEmpty()).isPresent();
        return Stream.of(
                        few.stream(),
                        alike ? Stream.<Proposal>empty() : likeNeed(pipes, each).stream(),
                        Stream.of(each),
                        pipes
                                .atManifolds()
                                .map(drawn -> smallestTube(drawn, Valves.MANIFOLDS))
                                .filter(Proposal::enough)
                                .stream())
                .flatMap(part -> part)
                .toList();
    }

    private Optional<Proposal> likeNeed(DrawnPipes pipes, Proposal each) {
        if (!(plan.apply(each.change()) instanceof Outcome.Applied valved)) {
            return Optional.empty();
        }
        DrawnPipes.Drawn drawn = pipes.toBeds(new LikeNeed(valved.plan(), season).groups(beds));
        return Optional.of(
                        smallestTube(drawn, Valves.forLikeNeed(run -> run.from().equals(source.id()))))
                .filter(Proposal::enough)
                .filter(fewer -> fewer.valves() < each.valves());
    }

    /** The first tube with which all is well; else the largest. */
    private Proposal smallestTube(DrawnPipes.Drawn drawn, Valves valves) {
        Proposal last = null;
        for (PipeKind tube : TUBES) {
            last = proposal(drawn, valves, tube);
            if (last.enough()) {
                return last;
            }
        }
        return last;
    }

    private Proposal proposal(DrawnPipes.Drawn drawn, Valves valves, PipeKind tube) {
        List<WaterRun> runs = drawn.runs().stream()
                .map(run -> run.of(tube))
                .map(run -> valves.onRun().test(run) ? run.withValve(NewWater.handles(plan.units())) : run)
                .toList();
        List<Change> changes = new ArrayList<>(takenUp());
        runs.forEach(run -> changes.add(Put.of(run)));
        drawn.manifolds().forEach(manifold -> changes.add(Put.of(manifold)));
        NewWater usual = new NewWater(plan, season, ids);
        for (StandingBed bed : beds) {
            Dripline line = usual.dripline(bed, drawn.feeding().get(bed.id()));
            changes.add(valves.onLines().test(bed.id()) ? line.valved() : Put.of(line));
        }
        Length pipe = Length.metres(runs.stream()
                .mapToDouble(run -> new Course(run.places()).length())
                .sum());
        int manifolds = drawn.manifolds().size();
        int count = manifolds > 0
                ? beds.size()
                : (int) (runs.stream().filter(WaterRun::valve).count()
                        + beds.stream()
                                .filter(bed -> valves.onLines().test(bed.id()))
                                .count());
        String words = "Lay " + new Wording(plan.units()).length(pipe) + " of " + tube.label() + " to "
                + Wording.named(beds) + ", " + valves.words().apply(manifolds > 0 ? manifolds : count);
        Change change = new Change.Batch(Limits.shortened("Lay pipes to " + Wording.named(beds), ""), changes);
        Optional<WaterStudy> laid = laid(change);
        return new Proposal(
                words,
                pipe,
                tube,
                joints(drawn),
                count,
                laid.flatMap(LayProposals::tooMuch),
                laid.filter(study -> study.zones().stream().allMatch(Zone::runsWell))
                        .isPresent(),
                change);
    }

    private static Optional<ZoneMinutes.TooMuch> tooMuch(WaterStudy laid) {
        return laid.water().programme().zones().stream()
                .flatMap(zone -> zone.tooMuch().stream())
                .max(Comparator.comparingDouble(ZoneMinutes.TooMuch::times));
    }

    private static int joints(DrawnPipes.Drawn drawn) {
        Set<UUID> runs = new HashSet<>();
        drawn.runs().forEach(run -> runs.add(run.id()));
        return (int) Stream.of(
                        drawn.runs().stream().map(WaterRun::from),
                        drawn.manifolds().stream().map(Manifold::from),
                        drawn.feeding().values().stream())
                .flatMap(part -> part)
                .filter(runs::contains)
                .count();
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

    private Optional<WaterStudy> laid(Change change) {
        return plan.apply(change) instanceof Outcome.Applied applied
                ? Optional.of(
                        WaterStudy.of(applied.plan(), season, applied.plan().standing(season), Memo.none()))
                : Optional.empty();
    }

    /**
     * Where valves are.
     *
     * @param onRun which runs have one
     * @param onLines of which beds the lines have one
     * @param words for so many valves, or manifolds
     */
    private record Valves(Predicate<WaterRun> onRun, Predicate<UUID> onLines, IntFunction<String> words) {

        static final Valves NONE = new Valves(run -> false, bed -> false, count -> "all at once");
        static final Valves EACH_BED = new Valves(run -> false, bed -> true, count -> "a valve for each bed");
        static final Valves MANIFOLDS = new Valves(
                run -> false,
                bed -> false,
                count -> "a valve for each bed at " + count + (count == 1 ? " manifold" : " manifolds"));

        static Valves onBranches(Predicate<WaterRun> branches) {
            return new Valves(branches, bed -> false, count -> "with " + valves(count) + " where it branches");
        }

        static Valves forLikeNeed(Predicate<WaterRun> firsts) {
            return new Valves(
                    firsts,
                    bed -> false,
                    count -> "with " + valves(count) + ", each for beds that want about as much water");
        }

        private static String valves(int count) {
            return count + (count == 1 ? " valve" : " valves");
        }
    }
}
