package fairacre.water;

import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * All pipes of a season as they lie: what feeds what, where they join, and which of them are a zone. What hangs on no
 * source of the season is unfed.
 */
final class Piping {

    private final Map<UUID, WaterSource> sources = new LinkedHashMap<>();
    private final Map<UUID, WaterRun> drawn = new LinkedHashMap<>();
    private final Map<UUID, Manifold> fixed = new LinkedHashMap<>();
    private final Map<UUID, LaidRun> runs = new LinkedHashMap<>();
    private final Map<UUID, LaidManifold> manifolds = new LinkedHashMap<>();
    private final List<LaidLines> lines = new ArrayList<>();
    private final List<WaterRun> unfedRuns = new ArrayList<>();
    private final List<Manifold> unfedManifolds = new ArrayList<>();
    private final List<BedLines> unfedLines = new ArrayList<>();
    private final List<BedLines> bedless = new ArrayList<>();
    private final List<BedLines> roomless = new ArrayList<>();
    private final Memo memo;

    static Piping of(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        return new Piping(plan, season, standing, memo);
    }

    private Piping(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.memo = memo;
        WaterKinds.sources(plan, season).forEach(source -> sources.put(source.id(), source));
        WaterKinds.runs(plan, season).forEach(run -> drawn.put(run.id(), run));
        WaterKinds.manifolds(plan, season).forEach(manifold -> fixed.put(manifold.id(), manifold));
        drawn.values().stream()
                .filter(run -> course(run.id(), new HashSet<>()).isEmpty())
                .forEach(unfedRuns::add);
        fixed.values().stream()
                .filter(manifold -> course(manifold.id(), new HashSet<>()).isEmpty())
                .forEach(unfedManifolds::add);
        Map<UUID, StandingBed> beds = new HashMap<>();
        standing.forEach(bed -> beds.put(bed.id(), bed));
        WaterKinds.lines(plan, season)
                .forEach(each -> Optional.ofNullable(beds.get(each.bed()))
                        .ifPresentOrElse(bed -> lay(each, bed), () -> bedless.add(each)));
    }

    /**
     * Of whatever feeds others, if it leads back to a source.
     *
     * @param below what hangs on it, so that nothing feeds itself
     */
    private Optional<Course> course(UUID id, Set<UUID> below) {
        if (sources.containsKey(id)) {
            return Optional.of(new Course(List.of(sources.get(id).place())));
        }
        if (runs.containsKey(id)) {
            return Optional.of(runs.get(id).course());
        }
        if (manifolds.containsKey(id)) {
            return Optional.of(manifolds.get(id).course());
        }
        if (!below.add(id)) {
            return Optional.empty();
        }
        return Optional.ofNullable(drawn.get(id))
                .flatMap(run -> course(run.from(), below).flatMap(feeding -> laid(run, feeding)))
                .or(() -> Optional.ofNullable(fixed.get(id))
                        .flatMap(manifold -> course(manifold.from(), below).map(feeding -> hung(manifold, feeding))));
    }

    /** Empty of a run that is nothing but where it begins. */
    private Optional<Course> laid(WaterRun run, Course feeding) {
        Course.Joint joint = feeding.nearest(run.places().get(0));
        Course course =
                Course.from(joint.place(), run.places().subList(1, run.places().size()));
        if (course.places().size() < 2) {
            return Optional.empty();
        }
        runs.put(run.id(), new LaidRun(run, joint.at(), course, run.valve() || isManifold(run.from())));
        return Optional.of(course);
    }

    private Course hung(Manifold manifold, Course feeding) {
        Course.Joint joint = feeding.nearest(manifold.place());
        LaidManifold hung = new LaidManifold(
                manifold,
                joint.at(),
                Course.from(joint.place(), List.of(manifold.place())),
                pipeOf(manifold.from()).orElse(PipeKind.TUBE_19));
        manifolds.put(manifold.id(), hung);
        return hung.course();
    }

    private boolean isManifold(UUID feeding) {
        return fixed.containsKey(feeding);
    }

    /** Of a run, or of the pipe to a manifold. */
    private Optional<PipeKind> pipeOf(UUID feeding) {
        return Optional.ofNullable(runs.get(feeding))
                .map(run -> run.run().pipe())
                .or(() -> Optional.ofNullable(manifolds.get(feeding)).map(LaidManifold::pipe));
    }

    private void lay(BedLines each, StandingBed bed) {
        Optional<Course> feeding = course(each.from(), new HashSet<>());
        if (feeding.isEmpty()) {
            unfedLines.add(each);
            return;
        }
        layouts(each, bed).stream()
                .filter(layout -> !layout.inlets().isEmpty())
                .map(layout -> joined(each, bed, layout, feeding.get()))
                .min(Comparator.comparingDouble(laid -> laid.stub().length()))
                .ifPresentOrElse(lines::add, () -> roomless.add(each));
    }

    /** The question how lines lie in a bed. */
    private record Layouts(Object bed, BedLines lines) {}

    private List<BedLayout> layouts(BedLines each, StandingBed bed) {
        return memo.recall(new Layouts(bed.revision(), each), () -> each.layouts(bed.revision()));
    }

    private LaidLines joined(BedLines each, StandingBed bed, BedLayout layout, Course feeding) {
        int inlet = layout.inlets().stream()
                .min(Comparator.comparingDouble(
                        node -> distance(feeding, layout.nodes().get(node))))
                .orElseThrow();
        Point place = layout.nodes().get(inlet);
        Course.Joint joint = feeding.nearest(place);
        PipeKind pipe = Optional.ofNullable(runs.get(each.from()))
                .map(run -> run.run().pipe())
                .orElse(each.stub());
        return new LaidLines(
                each,
                bed,
                layout,
                inlet,
                joint.at(),
                new Course(List.of(joint.place(), place)),
                pipe,
                each.valve() || isManifold(each.from()));
    }

    private static double distance(Course feeding, Point place) {
        return feeding.nearest(place).place().distance(place).metres();
    }

    List<LaidLines> lines() {
        return lines;
    }

    List<LaidRun> runs() {
        return List.copyOf(runs.values());
    }

    Optional<LaidRun> run(UUID id) {
        return Optional.ofNullable(runs.get(id));
    }

    List<LaidManifold> manifolds() {
        return List.copyOf(manifolds.values());
    }

    /** What begins at a manifold. */
    int begunAt(Manifold manifold) {
        return (int) (runs.values().stream()
                        .filter(laid -> laid.run().from().equals(manifold.id()))
                        .count()
                + manifolds.values().stream()
                        .filter(laid -> laid.manifold().from().equals(manifold.id()))
                        .count()
                + lines.stream()
                        .filter(laid -> laid.lines().from().equals(manifold.id()))
                        .count());
    }

    List<Manifold> unfedManifolds() {
        return unfedManifolds;
    }

    List<WaterRun> unfedRuns() {
        return unfedRuns;
    }

    List<BedLines> unfedLines() {
        return unfedLines;
    }

    /** Of beds that don't stand in the season. */
    List<BedLines> bedless() {
        return bedless;
    }

    /** In beds whose soil has no room for them. */
    List<BedLines> roomless() {
        return roomless;
    }

    /** The source that something hangs on. */
    WaterSource source(UUID feeding) {
        return path(feeding).reduce((above, last) -> last).map(sources::get).orElseThrow();
    }

    /** From what feeds something up to the source. */
    Stream<UUID> path(UUID feeding) {
        return Stream.iterate(feeding, id -> id != null, this::above);
    }

    /** What feeds a run or manifold; null of a source. */
    private UUID above(UUID id) {
        return runs.containsKey(id)
                ? runs.get(id).run().from()
                : manifolds.containsKey(id) ? manifolds.get(id).manifold().from() : null;
    }

    /** The valve by which lines are opened: their own, the nearest above, or the source itself. */
    UUID valve(LaidLines laid) {
        if (laid.valve()) {
            return laid.lines().id();
        }
        return path(laid.lines().from())
                .filter(id -> sources.containsKey(id)
                        || (runs.containsKey(id) && runs.get(id).valve()))
                .findFirst()
                .orElseThrow();
    }

    /** The lines that run at once, by the valve that opens them, in the order in which they are listed. */
    Map<UUID, List<LaidLines>> zones() {
        Map<UUID, List<LaidLines>> zones = new LinkedHashMap<>();
        lines.forEach(laid ->
                zones.computeIfAbsent(valve(laid), unknown -> new ArrayList<>()).add(laid));
        return zones;
    }
}
