package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.manifold;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.reach.ReachRule;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ManifoldTest {

    private static final Change PATH = Put.of(new Walk(
            Gardens.id("Path"),
            "Path",
            WalkGrade.MAIN,
            Surfacing.GRASS,
            List.of(Point.metres(4, 0), Point.metres(6, 0), Point.metres(6, 10), Point.metres(4, 10)),
            WalkBuild.NONE,
            Lifetime.ALWAYS));

    /** Two beds beside a path, each fed by a valve of the cocks. */
    private static Plan garden(double x, double y) {
        return with(
                plot(
                        10,
                        10,
                        List.of(Gardens.gardener("Ada", 0.6, 0.6)),
                        bed("Beans", 3, 5, 2, 1),
                        bed("Kale", 7, 5, 2, 1)),
                PATH,
                Put.of(tap("Tap", 1, 3, 40)),
                Put.of(run("Trunk", "Tap", 1, 3, 9, 3)),
                Put.of(manifold("Cocks", "Trunk", x, y)),
                Put.of(dripline("Beans", "Cocks")),
                Put.of(dripline("Kale", "Cocks")));
    }

    private static WaterStudy study(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none());
    }

    private static Optional<Snag> told(Plan plan, Rule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .findFirst();
    }

    @Test
    void whatBeginsAtAManifoldIsAZoneOfItsOwn() {
        assertThat(study(garden(3.9, 3.5)).zones()).extracting(Zone::name).containsExactly("Beans", "Kale");
        Plan without = with(garden(3.9, 3.5), Put.of(dripline("Beans", "Trunk")), Put.of(dripline("Kale", "Trunk")));
        assertThat(study(without).zones()).extracting(Zone::name).containsExactly("Beans, Kale");
    }

    @Test
    @DisplayName("handles 1 m up and a bed at the ground: what is lost on the way up comes back on the way down")
    void itsHeightCostsNothingInTheEnd() {
        double low = least(garden(3.9, 3.5));
        double high = least(with(
                garden(3.9, 3.5),
                Put.of(new Manifold(
                        Gardens.id("Cocks"),
                        "Cocks",
                        Gardens.id("Trunk"),
                        Point.metres(3.9, 3.5),
                        2,
                        Length.metres(1.6),
                        Lifetime.ALWAYS))));
        assertThat(high).isCloseTo(low, within(0.01));
    }

    private static double least(Plan plan) {
        return study(plan).zones().get(0).beds().get(0).least().kilopascals();
    }

    /** Between the beds goes a path from 4 to 6 m; a bed ends at 4 m. */
    @ParameterizedTest
    @CsvSource({
        // x, y, in the walk
        "4.0, 3.5, false",
        "4.1, 3.5, false",
        "4.101, 3.5, true",
        "5.0, 3.5, true",
        "5.899, 3.5, true",
        "5.9, 3.5, false",
        // at the side of a bed that juts into the walk
        "5.0, 6.6, false",
        "5.0, 6.601, true",
        "5.0, 7.0, true"
    })
    void aManifoldStandsBesideTheWalkToAHandsBreadth(double x, double y, boolean inWalk) {
        Plan plan = with(garden(x, y), new Change.PlaceBed(bed("Island", 5, 6, 1, 1)));
        assertThat(told(plan, WaterRule.VALVE_IN_WALK).isPresent()).isEqualTo(inWalk);
    }

    @Test
    void theRemedyFixesItToTheNearestBed() {
        Plan plan = garden(4.4, 5.2);
        Snag snag = told(plan, WaterRule.VALVE_IN_WALK).orElseThrow();
        assertThat(snag.words()).startsWith("Cocks stands in a walk, ");
        Remedy first = snag.remedies().get(0);
        assertThat(first.words()).isEqualTo("Fix Cocks to the side of Beans");
        Plan after = plan.apply(first.change()).orThrow();
        assertThat(after.list(WaterKinds.MANIFOLDS).get(0).place()).isEqualTo(Point.metres(4, 5.2));
        assertThat(told(after, WaterRule.VALVE_IN_WALK)).isEmpty();
    }

    /** The tap at the plot's corner: a straight pipe to the middle of that side would cross the bed. */
    @Test
    void theRemedyTakesTheCornerWhereThePipeToTheSideWouldCrossTheBed() {
        Plan plan =
                with(garden(4.9, 5.2), Put.of(tap("Spring", 0, 0, 40)), Put.of(manifold("Cocks", "Spring", 4.9, 5.2)));
        Remedy first =
                told(plan, WaterRule.VALVE_IN_WALK).orElseThrow().remedies().get(0);
        assertThat(first.words()).isEqualTo("Fix Cocks to the side of Beans");
        Plan after = plan.apply(first.change()).orThrow();
        assertThat(after.list(WaterKinds.MANIFOLDS).get(0).place()).isEqualTo(Point.metres(4, 4.5));
        assertThat(told(after, WaterRule.VALVE_IN_WALK)).isEmpty();
        assertThat(told(after, WaterRule.PIPE_THROUGH_BED)).isEmpty();
    }

    /** 380 to 1220 mm are in reach from a chair: 15 and 48 in, 2010 ADA Standards, 308.2. */
    @ParameterizedTest
    @CsvSource({"0.380, true", "0.381, false", "1.2192, false", "1.2193, true"})
    void theSeatedReachItsHandles(double height, boolean told) {
        Plan plan = with(
                garden(4, 3.5),
                Put.of(seated("Ines", 0.5, 0.92)),
                Put.of(new Manifold(
                        Gardens.id("Cocks"),
                        "Cocks",
                        Gardens.id("Trunk"),
                        Point.metres(4, 3.5),
                        2,
                        Length.metres(height),
                        Lifetime.ALWAYS)));
        assertThat(told(plan, ReachRule.FITTING_UNFIT).isPresent()).isEqualTo(told);
    }

    @Test
    void nothingMoreBeginsAtItThanItHasValves() {
        Plan full = garden(3.9, 3.5);
        assertThat(told(full, WaterRule.MANIFOLD_FULL)).isEmpty();
        Plan over = with(full, Put.of(run("Branch", "Cocks", 3.9, 3.5, 3.9, 8)));
        Snag snag = told(over, WaterRule.MANIFOLD_FULL).orElseThrow();
        assertThat(snag.words()).isEqualTo("3 pipes begin at Cocks, which has 2 valves.");
        assertThat(snag.remedies().get(0).words()).isEqualTo("Take a manifold with 3 valves for Cocks");
    }

    @Test
    void aClickFeedsBedsFromItWhileItHasValvesLeft() {
        Plan bare = with(
                plot(
                        10,
                        10,
                        List.of(Gardens.gardener("Ada", 0.6, 0.6)),
                        bed("Beans", 3, 5, 2, 1),
                        bed("Kale", 7, 5, 2, 1),
                        bed("Leeks", 5, 7, 2, 1)),
                Put.of(tap("Tap", 1, 1, 40)),
                Put.of(manifold("Cocks", "Tap", 4, 3.5)));
        List<UUID> all = bare.beds().stream().map(each -> each.id()).toList();
        Change change = new NewWater(bare, SEASON, UUID::randomUUID).lines(all, NewWater.Way.DRIPLINE);
        Plan after = bare.apply(change).orThrow();
        assertThat(after.list(WaterKinds.DRIPLINES))
                .extracting(Dripline::from)
                .containsExactlyInAnyOrder(Gardens.id("Cocks"), Gardens.id("Cocks"), Gardens.id("Tap"));
        assertThat(told(after, WaterRule.MANIFOLD_FULL)).isEmpty();
    }

    @Test
    void whatNothingFeedsIsTold() {
        Plan plan = with(garden(3.9, 3.5), Put.of(manifold("Cocks", "Cistern", 3.9, 3.5)));
        assertThat(study(plan).zones()).isEmpty();
        assertThat(told(plan, WaterRule.PIPE_UNFED).orElseThrow().words()).contains("gets no water in " + SEASON);
    }

    @Test
    void twoThatFeedEachOtherAreFedByNothing() {
        Plan plan = with(
                garden(3.9, 3.5),
                Put.of(manifold("Cocks", "Levers", 3.9, 3.5)),
                Put.of(manifold("Levers", "Cocks", 3.9, 6)));
        assertThat(study(plan).zones()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1", "5"})
    void itHasTwoToFourValves(int valves) {
        assertThatThrownBy(() -> manifold("Cocks", "Trunk", 1, 1).withValves(valves))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("between 2 and 4");
    }
}
