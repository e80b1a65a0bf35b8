package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FenceLieTest {

    private static final int SEASON = Gardens.SEASON;

    /** 12 m along ground that rises evenly. */
    private static FenceTold told(FenceKind kind, double rise) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                new GroundChange.SetLevels(List.of(height(0, 2, 0), height(20, 2, rise * 20), height(0, 20, 0))),
                Put.of(fence("Fence", kind, 1.2, 2, 2, 14, 2)));
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .fences()
                .get(0);
    }

    private static boolean steps(FenceTold told) {
        return told.steps().stream().anyMatch(step -> step.words().contains("hangs level"));
    }

    @ParameterizedTest
    @CsvSource({"0, false", "0.1, false", "0.101, true", "0.25, true"})
    @DisplayName("stiff mesh follows ground of 1 in 10 and is stepped where it is steeper (common practice)")
    void stiffMesh(double rise, boolean stepped) {
        assertThat(steps(told(FenceKind.WELDED_MESH, rise))).isEqualTo(stepped);
        assertThat(steps(told(FenceKind.WELDED_MESH, -rise))).isEqualTo(stepped);
    }

    @ParameterizedTest
    @EnumSource(value = FenceKind.class, names = "WELDED_MESH", mode = EnumSource.Mode.EXCLUDE)
    void whatBendsAndBoardsFollowTheGround(FenceKind kind) {
        assertThat(steps(told(kind, 0.3))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0, 2.1", "0.2, 2.4"})
    @DisplayName(
            "a stepped fence's posts are as much longer as its steps: 1.2 + 0.61 m, and spans of 2.4 m at 1 in 5, by hand")
    void postsAreLonger(double rise, double bought) {
        assertThat(told(FenceKind.WELDED_MESH, rise).posts())
                .allSatisfy(post -> assertThat(post.bought().metres()).isCloseTo(bought, within(1e-6)));
    }
}
