package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.measure.Length;
import fairacre.plan.Board;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.Put;
import fairacre.plan.RefusedException;
import fairacre.plan.Site;
import fairacre.plan.Surfacing;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WalkBuild;
import fairacre.plan.WalkGrade;
import fairacre.plan.WayIn;
import fairacre.surface.BuildUps;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Everything is judged in its season. */
class SeasonsTest {

    private static List<SnagRule> rules(Plan plan, int season) {
        return Appraisal.of(plan, season).preview().snags().stream()
                .map(Snag::rule)
                .toList();
    }

    @Test
    void aWalkThatIsMadeLaterBuriesNoBedBefore() {
        WalkBuild later = new WalkBuild(Optional.of(SEASON + 2), BuildUps.usual(Surfacing.LOOSE_GRAVEL), false, false);
        Plan plan = with(
                plot(
                        10,
                        10,
                        List.of(gardener("Ada", 0.6, 0.6)),
                        bed("Beans", 5, 3, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1)))),
                Put.of(new Walk(
                        id("Way"), "Way", WalkGrade.MAIN, Surfacing.LOOSE_GRAVEL, Site.rectangle(10, 2.5), later)));
        assertThat(rules(plan, SEASON)).doesNotContain(SnagRule.WALK_RAISES_GROUND);
        assertThat(rules(plan, SEASON + 1)).doesNotContain(SnagRule.WALK_RAISES_GROUND);
        assertThat(rules(plan, SEASON + 2)).contains(SnagRule.WALK_RAISES_GROUND);
    }

    @Test
    void aLooseWalkThatIsMadeLaterHindersNoWheelsBefore() {
        WalkBuild later = new WalkBuild(Optional.of(SEASON + 1), List.of(), false, false);
        Plan plan = with(
                plot(10, 10, List.of(seated("Ines", 0.5, 0.92)), bed("Beans", 5, 5, 2, 0.9)),
                Put.of(new Walk(id("Way"), "Way", WalkGrade.MAIN, Surfacing.WOOD_CHIP, Site.rectangle(10, 2), later)));
        assertThat(rules(plan, SEASON)).doesNotContain(SnagRule.SURFACE_UNFIT);
        assertThat(rules(plan, SEASON + 1)).contains(SnagRule.SURFACE_UNFIT);
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
                Optional.empty(),
                Optional.of(SEASON + 2),
                Length.ZERO);
        WayIn gate =
                new WayIn(id("Gate"), "Gate", Point.metres(0, 5), Length.metres(0.7), Swing.INWARD, Optional.empty());
        Plan plan = with(
                plot(10, 10, List.of(gardener("Bo", 0.6, 0.9)), bed("Beans", 5, 5, 2, 1)), Put.of(wide), Put.of(gate));
        assertThat(rules(plan, SEASON + years).contains(SnagRule.REACH_NOBODY)).isEqualTo(narrow);
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
                        Optional.of(SEASON),
                        Optional.of(SEASON),
                        Length.ZERO))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("closed before it is there");
    }
}
