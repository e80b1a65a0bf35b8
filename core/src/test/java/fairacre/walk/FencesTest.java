package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Carrier;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines along the plot open where a way in leads through; things are worked from where one can stand. */
class FencesTest {

    private static final Carrier FOOT = carrier("Foot", 0.6, false, 0);

    private static CarrierStudy study(Plan plan) {
        List<StandingBed> standing = plan.standing(SEASON);
        return CarrierStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing);
    }

    private static List<Route> routes(Plan plan, Carrier carrier, double x, double y) {
        List<StandingBed> standing = plan.standing(SEASON);
        return RouteStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing, carrier)
                .from(Point.metres(x, y));
    }

    /**
     * A fence round a plot of 8 x 6 m, so far inside of its edge, turned about the origin, with a gate in the first
     * side.
     */
    private static Plan fenced(FeatureKind kind, double inset, double breadth, double gate, double degrees) {
        double angle = Math.toRadians(degrees);
        List<Point> edge = turned(angle, 0, 0, 8, 0, 8, 6, 0, 6);
        List<Point> line =
                new ArrayList<>(turned(angle, inset, inset, 8 - inset, inset, 8 - inset, 6 - inset, inset, 6 - inset));
        line.add(line.get(0));
        Feature fence = Feature.of(id("Fence"), "Fence", kind, line, Length.metres(breadth), Length.ZERO);
        Point middle = turned(angle, 4, 3).get(0);
        Bed beans = bed("Beans", middle.x().metres(), middle.y().metres(), 2, 1, -degrees, Optional.empty());
        Plan plan = with(on(edge, List.of(), beans), Put.of(fence));
        return gate == 0
                ? plan
                : with(
                        plan,
                        Put.of(new WayIn(
                                id("Gate"), "Gate", turned(angle, 3, 0).get(0), Length.metres(gate), Swing.INWARD)));
    }

    private static List<Point> turned(double angle, double... places) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            points.add(Point.metres(
                    places[i] * Math.cos(angle) - places[i + 1] * Math.sin(angle),
                    places[i] * Math.sin(angle) + places[i + 1] * Math.cos(angle)));
        }
        return points;
    }

    @ParameterizedTest(name = "{0}, {1} m inside, {2} m thick, turned {4}")
    @CsvSource({
        "FENCE, 0, 0.05, 1, 0",
        "FENCE, 0.1, 0.05, 0.9144, 12.5",
        "WALL, 0.15, 0.3, 1, 45",
        "HEDGE, 0.3, 0.6, 1.2, 0",
        "HEDGE, 0.3, 0.6, 1.2, 77.7",
        "RETAINING_WALL, 0, 0.25, 0.6, 0",
        "FENCE, 0, 0.05, 0.6, 31"
    })
    @DisplayName("A ring of fence is as long as it was drawn, less its gate [perimeter]")
    void aRingOpensAtItsGate(FeatureKind kind, double inset, double breadth, double gate, double degrees) {
        Plan plan = fenced(kind, inset, breadth, gate, degrees);
        FenceLine line = FenceLine.all(plan.setting(SEASON)).get(0);
        assertThat(line.length().metres()).isCloseTo(2 * (8 - 2 * inset + 6 - 2 * inset) - gate, within(1e-5));
        assertThat(line.parts()).hasSize(2);
        Carrier asWideAsTheGate = carrier("Carrier", gate, true, 0);
        assertThat(study(plan).reaches(asWideAsTheGate, id("Beans"))).isTrue();
        assertThat(study(plan).reaches(carrier("Wider", gate + 0.001, true, 0), id("Beans")))
                .isFalse();
        assertThat(routes(
                        plan,
                        asWideAsTheGate,
                        plan.waysIn().get(0).place().x().metres(),
                        plan.waysIn().get(0).place().y().metres()))
                .hasSize(1);
    }

    @ParameterizedTest
    @EnumSource(
            value = FeatureKind.class,
            names = {"FENCE", "WALL", "HEDGE"})
    void aRingWithoutAGateDoesNotShutTheGarden(FeatureKind kind) {
        for (double inset : new double[] {0, 0.1, 0.3}) {
            Plan plan = fenced(kind, inset, 0.1, 0, 20);
            assertThat(study(plan).reaches(FOOT, id("Beans"))).isTrue();
            assertThat(FenceLine.all(plan.setting(SEASON)).get(0).parts()).hasSize(1);
        }
    }

    @Test
    void aFenceAcrossThePlotIsNotOpened() {
        Plan plan = with(
                plot(10, 4, List.of(), bed("Beans", 8, 2, 1, 1)),
                Put.of(gate("Gate", 0, 2, 1)),
                Put.of(feature("Fence", FeatureKind.FENCE, 0.1, 0, 5, 0, 5, 4)));
        assertThat(study(plan).reaches(FOOT, id("Beans"))).isFalse();
        assertThat(FenceLine.all(plan.setting(SEASON)).get(0).length()).isEqualTo(Length.metres(4));
    }

    @Test
    @DisplayName(
            "Along a bed of 10 m the nearest part of its edge counts: 0.1 m from where somebody stands [closed form]")
    void aRouteEndsAtTheNearestPartOfAnEdge() {
        Plan plan = plot(14, 6, List.of(), bed("Long", 7, 3, 10, 1));
        for (double x = 2.1; x < 12; x += 0.37) {
            assertThat(routes(plan, FOOT, x, 2.5 - 0.3 - 0.1).get(0).length().metres())
                    .isCloseTo(0.1, within(0.001));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    @DisplayName(
            "Over open ground the way to a turned bed is the distance to its outline less half the width [JTS distance]")
    void aRouteIsTheDistanceOverOpenGround(long seed) {
        Random random = new Random(seed);
        Plan plan = plot(
                20,
                16,
                List.of(),
                bed("Turned", 10, 8, 5 + random.nextDouble() * 3, 1, random.nextDouble() * 180, Optional.empty()));
        double x = 1 + random.nextDouble() * 18;
        double distance = fairacre.outline.Polygons.of(
                        plan.standing(SEASON).get(0).corners())
                .distance(fairacre.outline.Polygons.line(List.of(Point.metres(x, 1))));
        assertThat(routes(plan, FOOT, x, 1).get(0).length().metres()).isCloseTo(distance - 0.3, within(0.02));
    }

    @Test
    void aRouteBeginsWhereOneCanStandAndNotAcrossTheHedge() {
        // The tap stands 0.3 m behind a hedge that ends at x = 6: from its free side one comes round the end.
        Plan plan = with(
                plot(10, 8, List.of(), bed("Beans", 3, 2, 2, 1)),
                Put.of(feature("Hedge", FeatureKind.HEDGE, 0.4, 0, 0, 4, 6, 4)),
                Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 3, 4.5)));
        double length = routes(plan, FOOT, 3, 4.5).get(0).length().metres();
        assertThat(length).isGreaterThan(6);
        Plan walled = with(plan, Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 0, 4.6, 10, 4.6, 10, 8, 0, 8)));
        assertThat(routes(walled, FOOT, 3, 4.5)).isEmpty();
    }

    @Test
    void whatIsFixedToAWallIsWorkedFromItsSide() {
        Plan plan = with(
                plot(10, 8, List.of(), bed("Beans", 3, 2, 2, 1)),
                Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 0, 6, 10, 6, 10, 8, 0, 8)),
                Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 3, 6.02)));
        assertThat(routes(plan, FOOT, 3, 6.02).get(0).length().metres()).isCloseTo(6.02 - 2.5 - 0.3, within(0.02));
    }

    @ParameterizedTest(name = "an arm of {0} m: {1}")
    @CsvSource({"0.5, true", "0.499, false", "0.501, true"})
    void aThingIsAtHandAsFarAsTheArmReaches(double arm, boolean reached) {
        // A bed keeps off: the tap stands 0.5 m behind the edge of the ground that is free, in a corner of the plot cut
        // off by a trellis.
        Plan plan = with(
                plot(6, 6, List.of()),
                Put.of(feature("Pond", FeatureKind.SHED, 0, 0, 0, 0, 6, 0, 6, 1, 0, 1)),
                Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 3, 1)),
                Put.of(feature("Rail", FeatureKind.SHED, 0, 0, 0, 1.02, 2.9, 1.02, 2.9, 1.5, 0, 1.5)),
                Put.of(feature("Rail 2", FeatureKind.SHED, 0, 0, 3.1, 1.02, 6, 1.02, 6, 1.5, 3.1, 1.5)));
        Feature tap = plan.features().stream()
                .filter(f -> f.kind() == FeatureKind.TAP)
                .findFirst()
                .orElseThrow();
        // Between the rails of 0.2 m nobody of 0.6 m gets: their edge bulges in between by 0.3 - sqrt(0.3^2 - 0.1^2).
        double bulge = 0.3 - Math.sqrt(0.09 - 0.01);
        assertThat(study(plan).comesTo(FOOT, tap, Length.metres(arm - bulge))).isEqualTo(reached);
    }
}
