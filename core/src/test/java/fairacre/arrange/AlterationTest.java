package fairacre.arrange;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.arrange.Alteration.Kind;
import fairacre.build.Board;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.reach.ReachRule;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AlterationTest {

    private static Plan garden(double width, boolean existing) {
        Plan plan = plot(
                12,
                12,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Old", 6, 6, 2.4, width, 0, Optional.of(cedar(Board.B2X6, 2))));
        return existing ? with(plan, new Change.MarkExisting(id("Old"), SEASON, true)) : plan;
    }

    private static Plan altered(Plan plan, Kind kind, int season) {
        return with(plan, new Alteration(kind, id("Old")).change(plan, season, () -> id("second")));
    }

    @ParameterizedTest
    @EnumSource
    void laterTheEarlierStateIsKept(Kind kind) {
        Plan plan = garden(2.4, false);
        Plan after = altered(plan, kind, SEASON + 3);
        assertThat(after.standing(SEASON + 2)).isEqualTo(plan.standing(SEASON + 2));
        assertThat(after.standing(SEASON + 3)).isNotEqualTo(plan.standing(SEASON + 3));
    }

    @ParameterizedTest
    @EnumSource
    void aBedThatStoodAlreadyIsAlteredFromThisSeasonAndStoodBefore(Kind kind) {
        Plan plan = garden(2.4, true);
        Plan after = altered(plan, kind, SEASON);
        assertThat(after.standing(SEASON - 1)).singleElement().satisfies(bed -> {
            assertThat(bed.outline()).isEqualTo(plan.standing(SEASON).get(0).outline());
            assertThat(bed.revision().existing()).isTrue();
        });
        assertThat(after.standing(SEASON))
                .allSatisfy(bed -> assertThat(bed.revision().existing()).isFalse());
    }

    @ParameterizedTest
    @EnumSource
    void whatIsOnlyPlannedIsPlannedOtherwise(Kind kind) {
        Plan after = altered(garden(2.4, false), kind, SEASON);
        assertThat(after.bed(id("Old")).revisions()).hasSize(1);
    }

    @Test
    void slimmedAndSplitBedsAreWithinReach() {
        for (Kind kind : List.of(Kind.SLIM, Kind.SPLIT)) {
            Plan after = altered(garden(2.4, false), kind, SEASON);
            assertThat(Appraisal.of(after, SEASON).snags())
                    .extracting(Snag::rule)
                    .doesNotContain(ReachRule.REACH_NOBODY);
        }
        List<StandingBed> halves =
                altered(garden(2.4, false), Kind.SPLIT, SEASON).standing(SEASON);
        assertThat(halves).extracting(StandingBed::name).containsExactlyInAnyOrder("Old", "Old B");
        assertThat(halves).extracting(b -> b.outline().width()).containsOnly(Length.metres(0.9));
    }

    @Test
    void coursesComeAndGo() {
        BedRevision raised = altered(garden(1, false), Kind.RAISE, SEASON)
                .standing(SEASON)
                .get(0)
                .revision();
        assertThat(raised.frame().orElseThrow().courses()).isEqualTo(3);
        assertThat(altered(altered(garden(1, false), Kind.RAISE, SEASON), Kind.LOWER, SEASON))
                .isEqualTo(garden(1, false));
    }

    @Test
    void whatCantBeDoneIsRefused() {
        assertThatThrownBy(() -> altered(garden(1.2, false), Kind.SLIM, SEASON))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("reaches over it already");
        assertThatThrownBy(() -> altered(garden(0.7, false), Kind.SPLIT, SEASON))
                .hasMessageContaining("too little");
        Plan ground = with(garden(1, false), new Change.ReframeBed(id("Old"), SEASON, Optional.empty()));
        assertThatThrownBy(() -> altered(ground, Kind.RAISE, SEASON)).hasMessageContaining("no courses");
        Plan notched = altered(garden(2.4, false), Kind.KEYHOLE, SEASON);
        assertThatThrownBy(() -> altered(notched, Kind.SPLIT, SEASON)).hasMessageContaining("no plain rectangle");
        assertThatThrownBy(() -> altered(garden(1, false), Kind.RAISE, SEASON - 1))
                .hasMessageContaining("no such bed");
    }
}
