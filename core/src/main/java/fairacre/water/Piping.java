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
    private final Map<UUID, LaidRun> runs = new LinkedHashMap<>();
    private final List<LaidLines> lines = new ArrayList<>();
    private final List<WaterRun> unfedRuns = new ArrayList<>();
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
        drawn.values().forEach(run -> {
            if (laid(run, new HashSet<>()).isEmpty()) {
                unfedRuns.add(run);
            }
        });
        Map<UUID, StandingBed> beds = new HashMap<>();
        standing.forEach(bed -> beds.put(bed.id(), bed));
        WaterKinds.lines(plan, season)
                .forEach(each -> Optional.ofNullable(beds.get(each.bed()))
                        .ifPresentOrElse(bed -> lay(each, bed), () -> bedless.add(each)));
    }

    /** Of a run that leads back to a source. */
    private Optional<LaidRun> laid(WaterRun run, Set<UUID> below) {
        if (runs.containsKey(run.id())) {
            return Optional.of(runs.get(run.id()));
        }
        if (!below.add(run.id())) {
            return Optional.empty();
        }
        Optional<Course> feeding = Optional.ofNullable(sources.get(run.from()))
                .map(source -> new Course(List.of(source.place())))
                .or(() -> Optional.ofNullable(drawn.get(run.from()))
                        .flatMap(parent -> laid(parent, below))
                        .map(LaidRun::course));
        Optional<LaidRun> laid = feeding.map(course -> {
            Course.Joint joint = course.nearest(run.places().get(0));
            return new LaidRun(
                    run,
                    joint.at(),
                    Course.from(
                            joint.place(), run.places().subList(1, run.places().size())));
        });
        laid.filter(each -> each.course().places().size() > 1).ifPresent(each -> runs.put(run.id(), each));
        return Optional.ofNullable(runs.get(run.id()));
    }

    private void lay(BedLines each, StandingBed bed) {
        Optional<Course> feeding = course(each.from());
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

    /** Of whatever feeds others. */
    private Optional<Course> course(UUID feeding) {
        return Optional.ofNullable(sources.get(feeding))
                .map(source -> new Course(List.of(source.place())))
                .or(() -> Optional.ofNullable(runs.get(feeding)).map(LaidRun::course));
    }

    /** The question how lines lie in a bed. */
    private record Layouts(Object bed, BedLines lines) {}

    private List<BedLayout> layouts(BedLines each, StandingBed bed) {
        return memo.recall(
                new Layouts(bed.revision(), each),
                () -> each instanceof Soaker hose
                        ? List.of(BedLayout.loop(bed.revision(), hose))
                        : List.of(
                                DripLayout.of(bed.revision(), (Dripline) each, false),
                                DripLayout.of(bed.revision(), (Dripline) each, true)));
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
                .orElse(each instanceof Soaker ? PipeKind.HOSE_16 : PipeKind.TUBE_13);
        return new LaidLines(each, bed, layout, inlet, joint.at(), new Course(List.of(joint.place(), place)), pipe);
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
        return Stream.iterate(
                feeding,
                id -> id != null,
                id -> Optional.ofNullable(runs.get(id))
                        .map(run -> run.run().from())
                        .orElse(null));
    }

    /** The valve by which lines are opened: their own, the nearest above, or the source itself. */
    UUID valve(LaidLines laid) {
        if (laid.lines().valve()) {
            return laid.lines().id();
        }
        return path(laid.lines().from())
                .filter(id -> sources.containsKey(id) || runs.get(id).run().valve())
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
