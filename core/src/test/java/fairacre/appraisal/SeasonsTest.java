package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bed.BedRule;
import fairacre.build.Board;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.reach.ReachRule;
import fairacre.surface.BuildUps;
import fairacre.surface.SurfaceRule;
import fairacre.walk.WalkRule;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Everything is judged in its season. */
class SeasonsTest {

    private static List<Rule> rules(Plan plan, int season) {
        return Appraisal.of(plan, season).preview().snags().stream()
                .map(Snag::rule)
                .toList();
    }

    @Test
    void aWalkThatIsMadeLaterBuriesNoBedBefore() {
        WalkBuild build = new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), false, false);
        Plan plan = with(
                plot(
                        10,
                        10,
                        List.of(gardener("Ada", 0.6, 0.6)),
                        bed("Beans", 5, 3, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1)))),
                Put.of(new Walk(
                        id("Way"),
                        "Way",
                        WalkGrade.MAIN,
                        Surfacing.LOOSE_GRAVEL,
                        Site.rectangle(10, 2.5),
                        build,
                        Lifetime.from(SEASON + 2))));
        assertThat(rules(plan, SEASON)).doesNotContain(SurfaceRule.WALK_RAISES_GROUND);
        assertThat(rules(plan, SEASON + 1)).doesNotContain(SurfaceRule.WALK_RAISES_GROUND);
        assertThat(rules(plan, SEASON + 2)).contains(SurfaceRule.WALK_RAISES_GROUND);
    }

    @Test
    void aLooseWalkThatIsMadeLaterHindersNoWheelsBefore() {
        Plan plan = with(
                plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                Put.of(new Walk(
                        id("Way"),
                        "Way",
                        WalkGrade.MAIN,
                        Surfacing.WOOD_CHIP,
                        Site.rectangle(10, 2),
                        WalkBuild.NONE,
                        Lifetime.from(SEASON + 1))));
        assertThat(rules(plan, SEASON)).doesNotContain(WalkRule.SURFACE_UNFIT);
        assertThat(rules(plan, SEASON + 1)).contains(WalkRule.SURFACE_UNFIT);
    }

    @ParameterizedTest(name = "season + {0}: blocked {1}")
    @CsvSource({"0, false", "1, false", "2, true", "3, true"})
    void aWayStaysOpenUntilAFenceClosesIt(int years, boolean narrow) {
        WayIn wide = new WayIn(
                id("Gap"),
                "Gap",
                Point.metres(5, 0),
                Length.metres(3),
                Swing.OPEN,
                Lifetime.until(SEASON + 2),
                Length.ZERO);
        WayIn gate = new WayIn(id("Gate"), "Gate", Point.metres(0, 5), Length.metres(0.7), Swing.INWARD);
        Plan plan = with(
                plot(10, 10, List.of(gardener("Bo", 0.6, 0.9)), bed("Beans", 5, 5, 2, 1)), Put.of(wide), Put.of(gate));
        assertThat(rules(plan, SEASON + years).contains(ReachRule.REACH_NOBODY)).isEqualTo(narrow);
        assertThat(plan.seasonsOfChange()).contains(SEASON + 2);
    }

    @Test
    void aWayIsNotClosedBeforeItIsThere() {
        assertThatThrownBy(() -> new WayIn(
                        id("Gap"),
                        "Gap",
                        Point.metres(5, 0),
                        Length.metres(3),
                        Swing.OPEN,
                        new Lifetime(Optional.of(SEASON), Optional.of(SEASON)),
                        Length.ZERO))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("gone before it is there");
    }

    @ParameterizedTest(name = "from {0} until {1}")
    @CsvSource({"0, 1", "0, 3", "1, 2", "1, 4"})
    void whatStandsThereIsJudgedInItsSeasonsOnly(int from, int until) {
        // A shed on the bed's ground, a walk of chip that wheels can't use.
        Lifetime lifetime = new Lifetime(Optional.of(SEASON + from), Optional.of(SEASON + until));
        Plan plan = with(
                plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 5, 5, 8, 5, 8, 8, 5, 8)
                        .withLifetime(lifetime)),
                Put.of(new Walk(
                        id("Way"),
                        "Way",
                        WalkGrade.MAIN,
                        Surfacing.WOOD_CHIP,
                        Site.rectangle(10, 2),
                        WalkBuild.NONE,
                        lifetime)));
        for (int year = 0; year < 5; year++) {
            boolean there = from <= year && year < until;
            assertThat(rules(plan, SEASON + year).contains(BedRule.BED_ON_FEATURE))
                    .as("shed after %s", year)
                    .isEqualTo(there);
            assertThat(rules(plan, SEASON + year).contains(WalkRule.SURFACE_UNFIT))
                    .as("walk after %s", year)
                    .isEqualTo(there);
        }
        assertThat(plan.seasonsOfChange()).contains(SEASON + from, SEASON + until);
    }
}
