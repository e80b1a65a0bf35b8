package fairacre.water;

import fairacre.ground.Levels;
import fairacre.limits.RefusedException;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * How a garden is watered in a season: every zone as it runs, alone, with its source wide open. A garden without
 * sources has none.
 */
public final class WaterStudy {

    /** So that 12 trips are not 13 by rounding. */
    private static final double ROUNDING = 1e-9;

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final List<SpotHeight> heights;
    private final Piping piping;
    private final BedNeeds needs;
    private final Memo memo;

    /** @param memo of what was worked out before, for this plan or one like it */
    public static WaterStudy of(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        return new WaterStudy(plan, season, standing, memo);
    }

    private WaterStudy(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.standing = standing;
        this.heights = plan.site().levels();
        this.piping = Piping.of(plan, season, standing, memo);
        this.needs = BedNeeds.of(plan, season);
        this.memo = memo;
    }

    /**
     * What is told of the water of a season.
     *
     * @param runs as they are laid
     * @param programme how long each zone is to run
     * @param barrels under roofs, over the year; none without normals of the weather
     * @param season what each source gives in a year; none without normals
     */
    public record Water(
            List<Zone> zones,
            List<RunCourse> runs,
            Programme programme,
            List<BarrelYear> barrels,
            List<SeasonWater> season) {

        public static final Water NONE = new Water(List.of(), List.of(), Programme.NONE, List.of(), List.of());

        public Water {
            zones = List.copyOf(zones);
            runs = List.copyOf(runs);
            barrels = List.copyOf(barrels);
            season = List.copyOf(season);
        }
    }

    /**
     * The places through which a run or the pipe to a manifold leads, and its length.
     *
     * @param run its id, or that of the manifold
     * @param toManifold whether it ends at a manifold and belongs to it
     */
    public record RunCourse(UUID run, List<Point> places, Length length, boolean toManifold) {}

    Piping piping() {
        return piping;
    }

    public Water water() {
        List<Zone> zones = zones();
        Programme programme = programme(zones, Programme.window(plan));
        return new Water(zones, runs(), programme, barrels(), season(zones, programme));
    }

    private List<SeasonWater> season(List<Zone> zones, Programme programme) {
        if (programme.months().isEmpty()) {
            return List.of();
        }
        Map<UUID, Double> litres = new LinkedHashMap<>();
        for (int i = 0; i < zones.size(); i++) {
            litres.merge(zones.get(i).source(), programme.zones().get(i).year(), Double::sum);
        }
        return litres.entrySet().stream()
                .map(each -> season(piping.source(each.getKey()), each.getValue()))
                .toList();
    }

    private SeasonWater season(WaterSource source, double litres) {
        Optional<Haul> haul = source instanceof Barrel barrel ? barrel.haul() : Optional.empty();
        Optional<Integer> trips =
                haul.map(each -> (int) Math.ceil(litres / each.trip().litres() - ROUNDING));
        Optional<Money> price = source instanceof Tap
                ? WaterPrices.metered(plan, Volume.litres(litres))
                : haul.map(each -> each.price().multipliedBy(trips.orElseThrow()));
        return new SeasonWater(source.id(), Volume.litres(litres), trips, price);
    }

    /** @param window in which it is to fit */
    Programme programme(List<Zone> zones, WateringWindow window) {
        Map<UUID, BedLines> lines =
                piping.lines().stream().map(LaidLines::lines).collect(Collectors.toMap(BedLines::id, each -> each));
        return Programme.of(plan, standing, zones, lines, window, needs, memo);
    }

    /** The question what days of weather are like, and what is used on them. */
    private record DaysOf(Climate climate, List<MonthNeed> needs) {}

    /** The question how a barrel fares. */
    private record YearOf(UUID barrel, Roof roof, Volume holds, BarrelDays.Demand demand, DaysOf days) {}

    /** Of barrels under a roof, where the usual weather is known. */
    List<BarrelYear> barrels() {
        return plan.list(WaterKinds.BARRELS).stream()
                .filter(barrel -> barrel.lifetime().includes(season))
                .flatMap(barrel -> year(barrel).stream())
                .toList();
    }

    /** How a barrel under a roof would fare if it held more or less. */
    Optional<BarrelYear> year(Barrel barrel) {
        return barrel.roof().filter(roof -> !needs.mixed().isEmpty()).map(roof -> year(barrel, roof));
    }

    private BarrelYear year(Barrel barrel, Roof roof) {
        Climate climate = plan.list(WaterKinds.CLIMATES).get(0);
        List<LaidLines> fed = piping.lines().stream()
                .filter(laid -> piping.source(laid.lines().from()).id().equals(barrel.id()))
                .toList();
        Map<UUID, Double> shares = new LinkedHashMap<>();
        fed.forEach(laid -> shares.merge(laid.bed().id(), litresAMillimetre(laid), Double::sum));
        YearOf of =
                new YearOf(barrel.id(), roof, barrel.holds(), demand(fed), new DaysOf(climate, needs.together(shares)));
        return memo.recall(
                of,
                () -> BarrelDays.follow(
                        of.barrel(),
                        roof,
                        of.holds(),
                        of.demand(),
                        climate.months(),
                        memo.recall(
                                of.days(),
                                () -> DailyWeather.years(climate, of.days().needs(), DailyWeather.YEARS))));
    }

    private BarrelDays.Demand demand(List<LaidLines> fed) {
        double litres = fed.stream().mapToDouble(this::litresAMillimetre).sum();
        double open = fed.stream()
                .mapToDouble(
                        laid -> litresAMillimetre(laid) * needs.open(laid.bed().id()))
                .sum();
        return new BarrelDays.Demand(
                litres,
                RootSoil.least(fed.stream()
                        .map(laid -> RootSoil.of(
                                laid.bed().revision(), plan.site().soil().squeeze()))
                        .toList()),
                litres > 0 ? open / litres : 1);
    }

    private double litresAMillimetre(LaidLines laid) {
        return Programme.soil(laid.bed().revision(), memo) / laid.lines().efficiency();
    }

    /** As they are laid, and the pipes to manifolds; without those that nothing feeds. */
    public List<RunCourse> runs() {
        Stream<RunCourse> runs =
                piping.runs().stream().map(laid -> course(laid.run().id(), laid.course(), false));
        Stream<RunCourse> toManifolds = piping.manifolds().stream()
                .filter(hung -> hung.stub().places().size() > 1)
                .map(hung -> course(hung.manifold().id(), hung.stub(), true));
        return Stream.concat(runs, toManifolds).toList();
    }

    private static RunCourse course(UUID id, Course course, boolean toManifold) {
        return new RunCourse(id, course.places(), Length.metres(course.length()), toManifold);
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
            List<Manifold> manifolds,
            List<BedLines> lines,
            List<BedRevision> beds,
            List<SpotHeight> heights) {}

    /** The question what outlets are made for. */
    private record WorkingOf(BedLines lines, BedRevision bed) {}

    private Zone zone(int number, UUID valve, List<LaidLines> open) {
        WaterSource source = piping.source(open.get(0).lines().from());
        ZoneSolver.Solved solved = memo.recall(
                new ZoneOf(
                        source,
                        runsTo(open).stream().map(LaidRun::run).toList(),
                        manifoldsTo(open).stream().map(LaidManifold::manifold).toList(),
                        open.stream().map(LaidLines::lines).toList(),
                        open.stream().map(laid -> laid.bed().revision()).toList(),
                        heights),
                () -> solver(open, source.curve(), source.gear().loss()).solve());
        return zone(number, valve, open, solved);
    }

    private Zone zone(int number, UUID valve, List<LaidLines> open, ZoneSolver.Solved solved) {
        WaterSource source = piping.source(open.get(0).lines().from());
        List<WorkingPoint> working = open.stream().map(this::working).toList();
        double[] shares = IntStream.range(0, open.size())
                .boxed()
                .flatMapToDouble(
                        i -> Arrays.stream(open.get(i).shares(solved.flows().get(i)))
                                .map(flow -> flow / working.get(i).flow()))
                .toArray();
        Optional<Map.Entry<UUID, Double>> fastest =
                solved.velocities().entrySet().stream().max(Map.Entry.comparingByValue());
        return new Zone(
                valve,
                number,
                open.stream().map(laid -> laid.bed().name()).distinct().sorted().collect(Collectors.joining(", ")),
                source.id(),
                IntStream.range(0, open.size())
                        .mapToObj(i -> bed(
                                open.get(i),
                                solved.heads().get(i),
                                solved.flows().get(i)))
                        .toList(),
                Flow.cubicMetresASecond(solved.wants()),
                Optional.of(solved.gives())
                        .filter(gives -> source.curve().open().isPresent())
                        .map(Flow::cubicMetresASecond),
                Flow.cubicMetresASecond(
                        solved.flows().stream().flatMapToDouble(Arrays::stream).sum()),
                Evenness.of(shares),
                open.stream().mapToDouble(laid -> laid.lines().evenness()).min().orElse(0),
                fastest.map(Map.Entry::getValue).orElse(0.0),
                fastest.map(Map.Entry::getKey),
                solved.losses());
    }

    /** The zones with their lines, in their order. */
    private List<Map.Entry<UUID, List<LaidLines>>> opened() {
        return List.copyOf(piping.zones().entrySet());
    }

    /** @throws RefusedException if there is no such zone */
    private List<LaidLines> opened(int number) {
        if (number < 1 || number > opened().size()) {
            throw new RefusedException("zone", "there is no zone " + number, "look at the newest plan");
        }
        return opened().get(number - 1).getValue();
    }

    /**
     * How a zone runs on a bad day: each other zone of its source open too, the filter clogged, the pressure as it is
     * in the evening, as far as each can happen.
     *
     * @param number of the zone, from 1 on
     * @throws RefusedException if there is no such zone
     */
    public List<BadDay> badDays(int number) {
        List<LaidLines> open = opened(number);
        UUID valve = opened().get(number - 1).getKey();
        WaterSource source = piping.source(open.get(0).lines().from());
        double loss = source.gear().loss();
        List<BadDay> days = new ArrayList<>();
        for (int other = 1; other <= opened().size(); other++) {
            List<LaidLines> too = opened(other);
            if (other != number && piping.source(too.get(0).lines().from()).equals(source)) {
                List<LaidLines> both =
                        Stream.concat(open.stream(), too.stream()).toList();
                Zone zone = zone(
                        number, valve, both, solver(both, source.curve(), loss).solve());
                days.add(BadDay.of(BadDay.Kind.ANOTHER_ZONE_OPEN, Optional.of(other), zone));
            }
        }
        if (source.gear().filter()) {
            days.add(BadDay.of(
                    BadDay.Kind.FILTER_CLOGGED,
                    Optional.empty(),
                    zone(
                            number,
                            valve,
                            open,
                            solver(open, source.curve(), source.gear().lossWhenClogged())
                                    .solve())));
        }
        Optional.of(source)
                .filter(Tap.class::isInstance)
                .flatMap(tap -> ((Tap) tap).eveningCurve())
                .ifPresent(evening -> days.add(BadDay.of(
                        BadDay.Kind.EVENING,
                        Optional.empty(),
                        zone(number, valve, open, solver(open, evening, loss).solve()))));
        return days;
    }

    /**
     * A zone as EPANET reads it.
     *
     * @param number of the zone, from 1 on
     * @throws RefusedException if there is no such zone
     */
    public String epanet(int number) {
        List<LaidLines> open = opened(number);
        WaterSource source = piping.source(open.get(0).lines().from());
        return InpText.of(solver(open, source.curve(), source.gear().loss()).network());
    }

    private ZoneSolver solver(List<LaidLines> open, SourceCurve curve, double gearLoss) {
        return new ZoneSolver(
                piping.source(open.get(0).lines().from()),
                curve,
                gearLoss,
                runsTo(open),
                manifoldsTo(open),
                open,
                open.stream().map(this::working).toList(),
                Levels.of(heights));
    }

    /** The runs through which water comes to some lines. */
    private List<LaidRun> runsTo(List<LaidLines> open) {
        Set<UUID> path = pathTo(open);
        return piping.runs().stream()
                .filter(laid -> path.contains(laid.run().id()))
                .toList();
    }

    private List<LaidManifold> manifoldsTo(List<LaidLines> open) {
        Set<UUID> path = pathTo(open);
        return piping.manifolds().stream()
                .filter(hung -> path.contains(hung.manifold().id()))
                .toList();
    }

    private Set<UUID> pathTo(List<LaidLines> open) {
        return open.stream().flatMap(laid -> piping.path(laid.lines().from())).collect(Collectors.toSet());
    }

    WorkingPoint working(LaidLines laid) {
        return memo.recall(
                new WorkingOf(laid.lines(), laid.bed().revision()),
                () -> laid.lines().working(laid.layout()));
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
                Evenness.of(laid.shares(flows)),
                laid.layout().sprays());
    }
}
