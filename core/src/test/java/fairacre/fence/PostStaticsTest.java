package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PostStaticsTest {

    private static final double POUND = 4.4482216152605;
    private static final double FOOT = 0.3048;

    /** In pounds, feet and psf, as the code has it, solved by Brent's method. */
    private static double depthInFeet(double pounds, double feetAbove, double feetBroad) {
        return new BrentSolver(1e-10)
                .solve(
                        200,
                        depth -> {
                            double s1 = 2 * 100 * depth / 3;
                            double a = 2.34 * pounds / (s1 * feetBroad);
                            return a / 2 * (1 + Math.sqrt(1 + 4.36 * feetAbove / a)) - depth;
                        },
                        0.05,
                        50);
    }

    @ParameterizedTest
    @CsvSource({"50, 4, 1", "200, 6, 1.375", "480, 3, 0.875", "20, 8, 0.3"})
    @DisplayName(
            "depth of an unconstrained post: International Building Code 1807.3.2.1 (from memory), by Brent's method")
    void embedment(double pounds, double above, double broad) {
        assertThat(PostStatics.embedment(pounds * POUND, above * FOOT, broad * FOOT)
                                .inches()
                        / 12)
                .isCloseTo(depthInFeet(pounds, above, broad), within(1e-4));
    }

    @Test
    @DisplayName(
            "a post that the wind pushes at mid height leans on ground three times as broad as it is, by Brent's method")
    void pushedPost() {
        Plan plan = plot(20, 20, java.util.List.of());
        PushedPost post = PushedPost.of(PostKind.WOOD_IN_GRAVEL, Length.feet(6), 100 * POUND, plan);
        assertThat(post.wanted().inches() / 12)
                .isBetween(depthInFeet(100, 3, 3 * 3.5 / 12), depthInFeet(100, 3, 3 * 3.5 / 12) + 0.05);
        assertThat(post.depth()).isEqualTo(Length.feet(3));
        assertThat(post.bought()).isGreaterThanOrEqualTo(post.whole());
        PushedPost hard = PushedPost.of(PostKind.DRIVEN_STEEL, Length.feet(6), 300 * POUND, plan);
        assertThat(hard.depth()).isEqualTo(hard.wanted()).isGreaterThan(hard.usual());
        assertThat(hard.bends()).isTrue();
    }

    @Test
    void noForceTakesNoDepthAndMoreTakesMore() {
        assertThat(PostStatics.embedment(0, 1, 0.3).metres()).isCloseTo(0, within(1e-5));
        assertThat(PostStatics.embedment(400, 1, 0.3)).isGreaterThan(PostStatics.embedment(300, 1, 0.3));
        assertThat(PostStatics.embedment(300, 1, 0.4)).isLessThan(PostStatics.embedment(300, 1, 0.3));
    }

    @Test
    @DisplayName(
            "section modulus of a 6 x 6: 27.73 in3 (National Design Specification, supplement table 1B, from memory)")
    void woodenPost() {
        double modulus = 27.73 * Math.pow(0.0254, 3);
        assertThat(PostStatics.stress(PostKind.WOOD_IN_CONCRETE, true, 1000))
                .isCloseTo(1000 / modulus / 1e6, within(0.001));
    }

    @Test
    @DisplayName("section modulus of a tube of 60.3 x 2.9 mm: 7.16 cm3 (EN 10219-2 tables, from memory)")
    void steelPost() {
        assertThat(PostStatics.stress(PostKind.DRIVEN_STEEL, true, 1000)).isCloseTo(1000 / 7.16, within(2.0));
    }

    @Test
    @DisplayName("uplift: moments about the far foot of the braced pair, by hand")
    void uplift() {
        Fence fence = Gardens.fence("Fence", FenceKind.WOVEN_WIRE, 2, 0, 0, 10, 0);
        FenceTold.Uplift uplift = PostStatics.uplift(fence, Length.metres(2.5), Volume.litres(100));
        // 5 kN pull at 1 m; the foot of the end is 2.5 m off.
        assertThat(uplift.force()).isCloseTo(5000 * 1 / 2.5, within(1e-6));
        assertThat(uplift.weight()).isCloseTo(230 * 9.80665, within(1e-6));
    }

    @Test
    void onlyAStretchedFenceLiftsItsEnds() {
        for (FenceKind kind : FenceKind.values()) {
            FenceTold told = FenceStudy.of(
                            Gardens.with(
                                    plot(20, 20, java.util.List.of(), bed("Beans", 10, 10, 2, 1)),
                                    fairacre.plan.Put.of(Gardens.fence("Fence", kind, 1.5, 2, 2, 18, 2))),
                            Gardens.SEASON,
                            java.util.List.of(),
                            fairacre.shape.Memo.none())
                    .fences()
                    .get(0);
            assertThat(told.uplift().isPresent()).isEqualTo(kind.tensioned());
        }
    }
}
