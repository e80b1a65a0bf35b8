package fairacre.water;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.shape.Areas;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * Takes off water: what comes in a season is bought in it, as it lies then. What comes in none was there before and
 * costs nothing.
 */
final class WaterWants {

    /** From one peg to the next, metres (common practice: 0.6 to 1 m). */
    private static final double PEGS = 0.8;
    /** A sleeve sticks out of a walk by so much on either side, metres: a guess. */
    private static final double BEYOND = 0.1;
    /** Less than this is no bend, radians: a pipe of plastic gives way so far. */
    private static final double BEND = Math.toRadians(30);

    /** So long a hose lies in the sun until it cracks: a rough guess, from memory. */
    private static final int HOSE_YEARS = 8;

    private final Takeoff takeoff;
    private final Plan plan;

    WaterWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    void takeOff() {
        seasons().forEach(this::takeOff);
    }

    private Stream<Integer> seasons() {
        return Stream.of(
                        plan.list(WaterKinds.RUNS).stream().map(WaterRun::lifetime),
                        plan.list(WaterKinds.MANIFOLDS).stream().map(Manifold::lifetime),
                        WaterKinds.lines(plan).map(BedLines::lifetime))
                .flatMap(part -> part)
                .flatMap(lifetime -> lifetime.from().stream())
                .distinct()
                .sorted();
    }

    private void takeOff(int season) {
        Piping piping = Piping.of(plan, season, plan.standing(season), takeoff.memo());
        WaterKinds.sources(plan, season).stream()
                .filter(source -> isFitted(source, season))
                .forEach(source -> gear(season, source));
        List<Geometry> walks = plan.walks(season).stream()
                .map(walk -> (Geometry) Polygons.of(walk.corners()))
                .toList();
        Geometry walked = Areas.joined(walks);
        piping.runs().stream()
                .filter(laid -> laid.run().lifetime().beginsIn(season))
                .forEach(laid -> run(season, laid, walked));
        piping.manifolds().stream()
                .filter(hung -> hung.manifold().lifetime().beginsIn(season))
                .forEach(hung -> manifold(season, hung, walked));
        piping.lines().stream()
                .filter(laid -> laid.lines().lifetime().beginsIn(season))
                .forEach(laid -> lines(season, laid, walked));
    }

    /** What is screwed to a source is bought in the season in which the first pipe hangs on it. */
    private boolean isFitted(WaterSource source, int season) {
        return Stream.of(
                        plan.list(WaterKinds.RUNS).stream()
                                .filter(run -> run.from().equals(source.id()))
                                .map(WaterRun::lifetime),
                        plan.list(WaterKinds.MANIFOLDS).stream()
                                .filter(manifold -> manifold.from().equals(source.id()))
                                .map(Manifold::lifetime),
                        WaterKinds.lines(plan)
                                .filter(lines -> lines.from().equals(source.id()))
                                .map(BedLines::lifetime))
                .flatMap(part -> part)
                .map(lifetime -> lifetime.from().orElse(plan.firstSeason() - 1))
                .min(Integer::compare)
                .filter(first -> first == season)
                .isPresent();
    }

    private void gear(int season, WaterSource source) {
        Served served = Served.place(source.id());
        pieces(season, WaterPrices.ADAPTER, 1, served);
        source.gear()
                .thread()
                .flatMap(thread -> WaterPrices.adapter(thread, plan.units()))
                .ifPresent(adapter -> pieces(season, adapter, 1, served));
        pieces(season, WaterPrices.PREVENTER, source.gear().preventer() ? 1 : 0, served);
        pieces(season, WaterPrices.FILTER, source.gear().filter() ? 1 : 0, served);
        pieces(season, WaterPrices.REDUCER, source.gear().reducer().isPresent() ? 1 : 0, served);
        pieces(season, WaterPrices.TIMER, source.gear().timer() ? 1 : 0, served);
        pieces(season, WaterPrices.DRAIN, source.gear().drain() ? 1 : 0, served);
        pieces(season, WaterPrices.FLOW_METER, source.gear().meter() ? 1 : 0, served);
    }

    private void run(int season, LaidRun laid, Geometry walked) {
        Served served = Served.place(laid.run().id());
        length(
                season,
                units -> WaterPrices.pipe(laid.run().pipe(), units),
                laid.course().length(),
                served);
        sleeves(season, laid.course(), walked, served);
        joint(season, laid.run().from(), served);
        plan.list(WaterKinds.RUNS).stream()
                .filter(feeding -> feeding.id().equals(laid.run().from()))
                .forEach(feeding -> adapter(season, feeding.pipe(), laid.run().pipe(), served));
        valve(season, laid.run().from(), laid.run().valve(), served);
        pieces(
                season,
                WaterPrices.ELBOW,
                laid.run().pipe().hose() ? 0 : (int) elbows(laid.course()).count(),
                served);
        pieces(season, WaterPrices.END, 1, served);
        pegs(season, laid.course().length(), served);
        takeoff.work(season, WaterRates.PIPE, laid.course().length(), served);
        if (laid.run().pipe().hose()) {
            takeoff.wearing(
                    served,
                    laid.run().pipe().label(),
                    laid.run().lifetime(),
                    Lasts.about(HOSE_YEARS),
                    again -> length(
                            again,
                            units -> WaterPrices.pipe(laid.run().pipe(), units),
                            laid.course().length(),
                            served));
        }
    }

    private void lines(int season, LaidLines laid, Geometry walked) {
        Served served = Served.bed(laid.bed().id());
        double inBed = laid.layout().length().metres();
        length(
                season,
                units -> WaterPrices.pipe(laid.pipe(), units),
                laid.stub().length(),
                served);
        sleeves(season, laid.stub(), walked, served);
        joint(season, laid.lines().from(), served);
        valve(season, laid.lines().from(), laid.lines().valve(), served);
        adapter(season, laid.pipe(), laid.lines().stub(), served);
        linesInBed(season, laid);
        pegs(season, inBed, served);
        takeoff.work(season, WaterRates.PIPE, laid.stub().length(), served);
        takeoff.work(season, WaterRates.LINES, inBed, served);
        takeoff.wearing(
                served,
                capital(laid.lines().noun()),
                laid.lines().lifetime(),
                Lasts.about(laid.lines().years()),
                again -> {
                    linesInBed(again, laid);
                    takeoff.work(again, WaterRates.LINES, inBed, served);
                });
    }

    private static String capital(String noun) {
        return noun.substring(0, 1).toUpperCase(Locale.ROOT) + noun.substring(1);
    }

    private void linesInBed(int season, LaidLines laid) {
        Served served = Served.bed(laid.bed().id());
        length(season, laid.lines()::sold, laid.layout().length().metres(), served);
        laid.lines().fittings(laid.layout()).entrySet().stream()
                .sorted(Comparator.comparing(part -> part.getKey().key()))
                .forEach(part -> pieces(season, part.getKey(), part.getValue(), served));
    }

    private void manifold(int season, LaidManifold hung, Geometry walked) {
        Served served = Served.place(hung.manifold().id());
        double stub = hung.stub().length();
        length(season, units -> WaterPrices.pipe(hung.pipe(), units), stub, served);
        sleeves(season, hung.stub(), walked, served);
        joint(season, hung.manifold().from(), served);
        pieces(season, WaterPrices.manifold(hung.manifold().valves()), 1, served);
        takeoff.work(season, WaterRates.PIPE, stub, served);
    }

    /** What begins at a manifold has one of its valves. */
    private void valve(int season, UUID from, boolean own, Served served) {
        boolean atManifold = plan.list(WaterKinds.MANIFOLDS).stream()
                .anyMatch(manifold -> manifold.id().equals(from));
        pieces(season, WaterPrices.VALVE, own && !atManifold ? 1 : 0, served);
    }

    /** Whatever branches off a run needs a tee; what is screwed to a source does not. */
    private void joint(int season, UUID from, Served served) {
        boolean offRun =
                plan.list(WaterKinds.RUNS).stream().anyMatch(run -> run.id().equals(from));
        pieces(season, WaterPrices.BRANCH, offRun ? 1 : 0, served);
    }

    /** Where a pipe of one sort meets another. */
    private void adapter(int season, PipeKind one, PipeKind other, Served served) {
        WaterPrices.adapter(one.sort(), other.sort()).ifPresent(adapter -> pieces(season, adapter, 1, served));
    }

    private void sleeves(int season, Course course, Geometry walked, Served served) {
        if (course.places().size() < 2) {
            return;
        }
        Geometry under = Areas.along(course.line(), walked);
        for (int i = 0; i < under.getNumGeometries(); i++) {
            double length = under.getGeometryN(i).getLength();
            if (length > 0) {
                length(season, WaterPrices::sleeve, length + 2 * BEYOND, served);
                takeoff.work(season, WaterRates.SLEEVE, length + 2 * BEYOND, served);
            }
        }
    }

    /** Where a course bends so much that a pipe needs an elbow, metres along it. */
    static Stream<Double> elbows(Course course) {
        return IntStream.range(1, course.places().size() - 1)
                .filter(i -> turn(course, i) > BEND)
                .mapToObj(i -> new Course(course.places().subList(0, i + 1)).length());
    }

    private static double turn(Course course, int at) {
        double in = angle(course, at - 1);
        double out = angle(course, at);
        double turn = Math.abs(in - out);
        return Math.min(turn, 2 * Math.PI - turn);
    }

    private static double angle(Course course, int from) {
        double dx = course.places().get(from + 1).x().metres()
                - course.places().get(from).x().metres();
        double dy = course.places().get(from + 1).y().metres()
                - course.places().get(from).y().metres();
        return Math.atan2(dy, dx);
    }

    private void pegs(int season, double metres, Served served) {
        takeoff.pieces(season, BillPart.WATER, WaterPrices.PEG, Math.ceil(metres / PEGS), 1, served);
    }

    private void pieces(int season, PriceItem item, int count, Served served) {
        takeoff.pieces(season, BillPart.WATER, item, count, 1, served);
        takeoff.work(season, WaterRates.FITTING, count, served);
    }

    private void length(int season, Function<Units, PriceItem> item, double metres, Served served) {
        takeoff.length(season, BillPart.WATER, item, Length.metres(metres), served);
    }
}
