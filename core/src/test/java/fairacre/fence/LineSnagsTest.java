package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineSnagsTest {

    private static final int SEASON = Gardens.SEASON;
    private static final Fence RING = fence("Ring", FenceKind.WELDED_MESH, 1.2, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5);

    private static Plan garden(Change... changes) {
        return with(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)), changes);
    }

    private static List<Snag> of(Plan plan, FenceRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    @Test
    void aFenceMayEndInAWallButNotLeadThroughIt() {
        Change house = Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 12, 8, 18, 8, 18, 12, 12, 12));
        Fence into = fence("Side", FenceKind.WELDED_MESH, 1.2, 5, 10, 12.1, 10);
        assertThat(of(garden(house, Put.of(into)), FenceRule.FENCE_THROUGH)).isEmpty();
        Plan through = garden(house, Put.of(into.along(List.of(Point.metres(5, 10), Point.metres(12.101, 10)))));
        assertThat(of(through, FenceRule.FENCE_THROUGH)).singleElement().satisfies(snag -> {
            assertThat(snag.words()).isEqualTo("Side leads through House for 0.101 m.");
            Plan after = through.apply(snag.remedies().get(0).change()).orThrow();
            assertThat(after.list(FenceKinds.FENCES).get(0).places())
                    .containsExactly(Point.metres(5, 10), Point.metres(12, 10));
        });
    }

    @Test
    void aRingThroughAHouseBecomesALineFromWallToWall() {
        Plan plan =
                garden(Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 13, 8, 18, 8, 18, 12, 13, 12)), Put.of(RING));
        Change remedy =
                of(plan, FenceRule.FENCE_THROUGH).get(0).remedies().get(0).change();
        Fence after = plan.apply(remedy).orThrow().list(FenceKinds.FENCES).get(0);
        assertThat(after.closed()).isFalse();
        assertThat(after.places().get(0)).isEqualTo(Point.metres(15, 12));
        assertThat(after.places().get(after.places().size() - 1)).isEqualTo(Point.metres(15, 8));
    }

    @ParameterizedTest
    @CsvSource({"14.5, false", "14.499, false", "14.501, true", "5.5, false", "5.4, true"})
    void aGateHasRoomUpToTheVeryEndOfItsSide(double x, boolean told) {
        Plan plan = garden(Put.of(RING), Put.of(gate("Gate", x, 5, 1).in(id("Ring"))));
        assertThat(of(plan, FenceRule.GATE_WIDER_THAN_SIDE)).hasSize(told ? 1 : 0);
    }

    @Test
    void aGateWhoseFenceIsGoneSaysSo() {
        Plan plan = garden(Put.of(gate("Gate", 10, 5, 1).in(id("Ring"))));
        assertThat(of(plan, FenceRule.GATE_WITHOUT_FENCE)).hasSize(1);
        assertThat(of(with(plan, Put.of(RING)), FenceRule.GATE_WITHOUT_FENCE)).isEmpty();
    }

    @Test
    void aGateInAFenceWithinThePlotIsNoWayOntoIt() {
        Plan plan = garden(Put.of(RING), Put.of(gate("Gate", 10, 5, 1).in(id("Ring"))));
        assertThat(plan.setting(SEASON).waysIn()).isEmpty();
        assertThat(plan.setting(SEASON).gates()).hasSize(1);
        assertThat(of(plan, FenceRule.FENCE_THROUGH)).isEmpty();
    }

    @Test
    void whatIsNoFenceIsRefusedWithTheReason() {
        assertRefused("crosses or touches itself", 0, 0, 4, 4, 4, 0, 0, 4);
        assertRefused("1200 m long", -600, 0, 600, 0);
        assertRefused("does not go on", 1, 1, 1, 1);
        assertRefused("a fence of one place", 1, 1);
    }

    private static void assertRefused(String why, double... places) {
        assertThatThrownBy(() -> fence("Fence", FenceKind.WELDED_MESH, 1.2, places))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(why);
    }
}
