package fairacre.water;

import fairacre.ground.Levels;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How a garden is watered in a season: every zone as it runs, alone, with its source wide open. A garden without
 * sources has none.
 */
public final class WaterStudy {

    private final Plan plan;
    private final List<StandingBed> standing;
    private final List<SpotHeight> heights;
    private final Piping piping;
    private final Memo memo;

    /** @param memo of what was worked out before, for this plan or one like it */
    public static WaterStudy of(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        return new WaterStudy(plan, season, standing, memo);
    }

    private WaterStudy(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.plan = plan;
        this.standing = standing;
        this.heights = plan.site().levels();
        this.piping = Piping.of(plan, season, standing, memo);
        this.memo = memo;
    }

    /**
     * What is told of the water of a season.
     *
     * @param runs as they are laid
     * @param programme how long each zone is to run
     */
    public record Water(List<Zone> zones, List<RunCourse> runs, Programme programme) {

        public static final Water NONE = new Water(List.of(), List.of(), new Programme(List.of(), List.of()));

        public Water {
            zones = List.copyOf(zones);
            runs = List.copyOf(runs);
        }
    }

    /** The places through which a run leads, and its length. */
    public record RunCourse(UUID run, List<Point> places, Length length) {}

    Piping piping() {
        return piping;
    }

    public Water water() {
        List<Zone> zones = zones();
        Map<UUID, BedLines> lines =
                piping.lines().stream().map(LaidLines::lines).collect(Collectors.toMap(BedLines::id, each -> each));
        return new Water(zones, runs(), Programme.of(plan, standing, zones, lines, memo));
    }

    /** As they are laid, without those that nothing feeds. */
    public List<RunCourse> runs() {
        return piping.runs().stream()
                .map(laid -> new RunCourse(
                        laid.run().id(),
                        laid.course().places(),
                        Length.metres(laid.course().length())))
                .toList();
    }

    /** Everything that lies in beds or leads from a run to one, as lines. */
    public List<List<Point>> linesToBeds() {
        return piping.lines().stream()
                .flatMap(laid -> Stream.concat(Stream.of(laid.stub().places()), laid.layout().drawn().stream()))
                .filter(places -> places.size() > 1)
                .toList();
    }

    /** Numbered in the order in which their first lines were laid down. */
    List<Zone> zones() {
        List<Zone> zones = new ArrayList<>();
        piping.zones().forEach((valve, open) -> zones.add(zone(zones.size() + 1, valve, open)));
        return zones;
    }

    /** The question how a zone runs: all that its pipes follow from. */
    private record ZoneOf(
            WaterSource source,
            List<WaterRun> runs,
            List<BedLines> lines,
            List<BedRevision> beds,
            List<SpotHeight> heights) {}

    /** The question what the outlets of a drilled hose are made for. */
    private record WorkingOf(Soaker hose, BedRevision bed) {}

    private Zone zone(int number, UUID valve, List<LaidLines> open) {
        WaterSource source = piping.source(open.get(0).lines().from());
        List<LaidRun> runs = leadingTo(open);
        List<WorkingPoint> working = open.stream().map(this::working).toList();
        ZoneSolver.Solved solved = memo.recall(
                new ZoneOf(
                        source,
                        runs.stream().map(LaidRun::run).toList(),
                        open.stream().map(LaidLines::lines).toList(),
                        open.stream().map(laid -> laid.bed().revision()).toList(),
                        heights),
                () -> new ZoneSolver(source, runs, open, working, Levels.of(heights)).solve());
        double[] shares = IntStream.range(0, open.size())
                .boxed()
                .flatMapToDouble(i -> Arrays.stream(solved.flows().get(i))
                        .map(flow -> flow / working.get(i).flow()))
                .toArray();
        Optional<Map.Entry<UUID, Double>> fastest =
                solved.velocities().entrySet().stream().max(Map.Entry.comparingByValue());
        return new Zone(
                valve,
                number,
                open.stream().map(laid -> laid.bed().name()).distinct().collect(Collectors.joining(", ")),
                source.id(),
                IntStream.range(0, open.size())
                        .mapToObj(i -> bed(
                                open.get(i),
                                solved.heads().get(i),
                                solved.flows().get(i)))
                        .toList(),
                Flow.cubicMetresASecond(solved.wants()),
                Optional.of(solved.gives())
                        .filter(gives -> source instanceof Tap)
                        .map(Flow::cubicMetresASecond),
                Flow.cubicMetresASecond(
                        solved.flows().stream().flatMapToDouble(Arrays::stream).sum()),
                Evenness.of(shares),
                open.stream().mapToDouble(laid -> laid.lines().evenness()).min().orElse(0),
                fastest.map(Map.Entry::getValue).orElse(0.0),
                fastest.map(Map.Entry::getKey));
    }

    /** The runs through which water comes to some lines. */
    private List<LaidRun> leadingTo(List<LaidLines> open) {
        List<UUID> ids = open.stream()
                .flatMap(laid -> piping.path(laid.lines().from()))
                .distinct()
                .toList();
        return piping.runs().stream()
                .filter(laid -> ids.contains(laid.run().id()))
                .toList();
    }

    WorkingPoint working(LaidLines laid) {
        return laid.lines() instanceof Soaker hose
                ? memo.recall(new WorkingOf(hose, laid.bed().revision()), () -> WorkingPoint.of(hose, laid.layout()))
                : WorkingPoint.of((Dripline) laid.lines());
    }

    private static BedWater bed(LaidLines laid, double[] heads, double[] flows) {
        int weakest = IntStream.range(0, heads.length)
                .boxed()
                .min(Comparator.comparingDouble(i -> heads[i]))
                .orElseThrow();
        return new BedWater(
                laid.lines().id(),
                laid.bed().id(),
                laid.layout().drawn(),
                laid.layout().length(),
                laid.stub().places(),
                laid.layout().outlets().stream()
                        .map(node -> laid.layout().nodes().get(node))
                        .toList(),
                Flow.cubicMetresASecond(Arrays.stream(flows).sum()),
                Pressure.head(heads[weakest]),
                Pressure.head(Arrays.stream(heads).max().orElse(0)),
                laid.lines().least(),
                weakest,
                Evenness.of(flows));
    }
}
