package fairacre.water;

import fairacre.bill.Amounts;
import fairacre.limits.Limits;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;

/** Sources, runs, what waters a bed, and the weather, as kinds of things of the plan. */
public final class WaterKinds {

    private static final int MOST_SOURCES = 12;

    public static final Things<Tap> TAPS = new Things<Tap>(
                    Tap.class,
                    "tap",
                    "taps",
                    MOST_SOURCES,
                    Tap::id,
                    Tap::name,
                    (terms, tap) -> begun(terms, tap.lifetime(), tap.name()),
                    new Things.Words("Measured %s", "Took %s out", "a tap"),
                    during(Tap::lifetime, "tap"))
            .standingAs(Tap::standing, Tap::shifted);

    public static final Things<Barrel> BARRELS = new Things<Barrel>(
                    Barrel.class,
                    "barrel",
                    "barrels",
                    MOST_SOURCES,
                    Barrel::id,
                    Barrel::name,
                    WaterKinds::check,
                    new Things.Words("Set up %s", "Took %s away", "a barrel"),
                    during(Barrel::lifetime, "barrel"))
            .standingAs(Barrel::standing, Barrel::shifted);

    public static final Things<WaterRun> RUNS = new Things<>(
            WaterRun.class,
            "waterRun",
            "waterRuns",
            Limits.MOST_FEATURES,
            WaterRun::id,
            WaterRun::name,
            (terms, run) -> begun(terms, run.lifetime(), run.name()),
            new Things.Words("Laid %s", "Took up %s", "a pipe"),
            during(WaterRun::lifetime, "pipe"));

    public static final Things<Manifold> MANIFOLDS = new Things<Manifold>(
                    Manifold.class,
                    "manifold",
                    "manifolds",
                    Limits.MOST_FEATURES,
                    Manifold::id,
                    Manifold::name,
                    (terms, manifold) -> begun(terms, manifold.lifetime(), manifold.name()),
                    new Things.Words("Fixed %s", "Took %s off", "a manifold"),
                    during(Manifold::lifetime, "manifold"))
            .standingAs(Manifold::standing, Manifold::shifted);

    public static final Things<Dripline> DRIPLINES = new Things<>(
            Dripline.class,
            "dripline",
            "driplines",
            Limits.MOST_BEDS,
            Dripline::id,
            Dripline::noun,
            (terms, line) -> begun(terms, line.lifetime(), line.noun()),
            new Things.Words("Laid %s", "Took out %s", "dripline"),
            during(Dripline::lifetime, "dripline"));

    public static final Things<Soaker> SOAKERS = new Things<>(
            Soaker.class,
            "soaker",
            "soakers",
            Limits.MOST_BEDS,
            Soaker::id,
            Soaker::noun,
            (terms, hose) -> begun(terms, hose.lifetime(), hose.noun()),
            new Things.Words("Laid %s", "Took out %s", "drilled hose"),
            during(Soaker::lifetime, "drilled hose"));

    public static final Things<Sprinklers> SPRINKLERS = new Things<>(
            Sprinklers.class,
            "sprinklers",
            "sprinklers",
            Limits.MOST_BEDS,
            Sprinklers::id,
            Sprinklers::noun,
            (terms, heads) -> begun(terms, heads.lifetime(), heads.noun()),
            new Things.Words("Set %s", "Took out %s", "sprinklers"),
            during(Sprinklers::lifetime, "sprinklers"));

    /** One at most. */
    public static final Things<Climate> CLIMATES = new Things<>(
            Climate.class,
            "climate",
            "climates",
            1,
            Climate::id,
            Climate::name,
            (terms, climate) -> {},
            new Things.Words("Noted the weather of %s", "Forgot the weather of %s", "some place"),
            Things.Seasons.all());

    /** One at most. */
    public static final Things<WateringWindow> WINDOWS = new Things<>(
            WateringWindow.class,
            "wateringWindow",
            "wateringWindows",
            1,
            WateringWindow::id,
            WateringWindow::name,
            (terms, window) -> {},
            new Things.Words("Set %s", "Took %s back", "watering hours"),
            Things.Seasons.all());

    private WaterKinds() {}

    static List<Things<?>> all() {
        return List.of(TAPS, BARRELS, RUNS, MANIFOLDS, DRIPLINES, SOAKERS, SPRINKLERS, CLIMATES, WINDOWS);
    }

    private static <T> Things.Seasons<T> during(Function<T, Lifetime> lifetime, String noun) {
        return new Things.Seasons<>((plan, thing) -> lifetime.apply(thing), thing -> noun);
    }

    private static void begun(Things.Terms terms, Lifetime lifetime, String name) {
        lifetime.from().ifPresent(season -> terms.begin(season, "lifetime/from", name, "laid"));
    }

    private static void check(Things.Terms terms, Barrel barrel) {
        barrel.haul().ifPresent(haul -> Amounts.sameCurrency(terms.currency(), haul.price(), "haul/price"));
        begun(terms, barrel.lifetime(), barrel.name());
    }

    /** Of a season. */
    public static List<WaterSource> sources(Plan plan, int season) {
        return Stream.concat(plan.list(TAPS).stream(), plan.list(BARRELS).stream())
                .filter(source -> source.lifetime().includes(season))
                .map(WaterSource.class::cast)
                .toList();
    }

    /** Of a season. */
    public static List<WaterRun> runs(Plan plan, int season) {
        return plan.list(RUNS).stream()
                .filter(run -> run.lifetime().includes(season))
                .toList();
    }

    /** Of a season. */
    public static List<Manifold> manifolds(Plan plan, int season) {
        return plan.list(MANIFOLDS).stream()
                .filter(manifold -> manifold.lifetime().includes(season))
                .toList();
    }

    /** Whatever the season, driplines first. */
    static Stream<BedLines> lines(Plan plan) {
        return Stream.of(plan.list(DRIPLINES), plan.list(SOAKERS), plan.list(SPRINKLERS))
                .flatMap(List::stream);
    }

    /** What lies in some beds in a season. */
    public static List<BedLines> linesOf(Plan plan, int season, Collection<UUID> beds) {
        return lines(plan, season).stream()
                .filter(each -> beds.contains(each.bed()))
                .toList();
    }

    /** Of a season, driplines first. */
    static List<BedLines> lines(Plan plan, int season) {
        return lines(plan).filter(lines -> lines.lifetime().includes(season)).toList();
    }

    /** Whatever has an id and feeds others: its name. */
    static Optional<String> name(Plan plan, UUID feeding) {
        return Stream.of(
                        plan.list(TAPS).stream()
                                .filter(tap -> tap.id().equals(feeding))
                                .map(Tap::name),
                        plan.list(BARRELS).stream()
                                .filter(barrel -> barrel.id().equals(feeding))
                                .map(Barrel::name),
                        plan.list(RUNS).stream()
                                .filter(run -> run.id().equals(feeding))
                                .map(WaterRun::name),
                        plan.list(MANIFOLDS).stream()
                                .filter(manifold -> manifold.id().equals(feeding))
                                .map(Manifold::name))
                .flatMap(Function.identity())
                .findFirst();
    }
}
