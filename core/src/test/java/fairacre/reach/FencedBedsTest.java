package fairacre.reach;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.walk.Stretch;
import fairacre.walk.WalkStudy;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A bed of 4 x 0.6 m in the middle of 10 x 10 m, with a fence in its soil along its upper side. */
class FencedBedsTest {

    private static final double REACH = 0.4;
    private static final double WIDTH = 0.6;
    private static final double HAND = 0.1;

    private static Plan fenced(double turn, double inset, double left, double right) {
        double y = WIDTH / 2 - inset;
        double cos = Math.cos(Math.toRadians(turn));
        double sin = -Math.sin(Math.toRadians(turn));
        return with(
                plot(
                        10,
                        10,
                        List.of(gardener("Ada", REACH, 0.6)),
                        bed("Beans", 5, 5, 4, WIDTH, turn, Optional.empty())),
                Put.of(feature(
                        "Fence",
                        FeatureKind.FENCE,
                        0,
                        0,
                        5 + left * cos - y * sin,
                        5 + left * sin + y * cos,
                        5 + right * cos - y * sin,
                        5 + right * sin + y * cos)));
    }

    private static WalkStudy walks(Plan plan) {
        return WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON));
    }

    private static StandingBed beans(Plan plan) {
        return plan.standing(SEASON).get(0);
    }

    private static double free(Plan plan, int edge) {
        return ReachStudy.of(walks(plan), plan.gardeners()).edges(beans(plan)).stream()
                .filter(access -> access.edge() == edge)
                .mapToDouble(access -> access.free().metres())
                .sum();
    }

    private static double unreached(Plan plan) {
        return ReachStudy.of(walks(plan), plan.gardeners())
                .reach(beans(plan))
                .byNobody()
                .area()
                .squareMetres();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 30, 90, 180, 211.5})
    @DisplayName(
            "a hand's breadth within the edge nobody reaches through it, a hair more and they do, however it is turned")
    void theEdgeIsClosed(double turn) {
        Plan closed = fenced(turn, HAND, -2, 2);
        assertThat(free(closed, 2)).isZero();
        assertThat(free(closed, 0)).isCloseTo(4, within(1e-3));
        assertThat(unreached(closed)).isGreaterThan(0.2 * 2);
        assertThat(unreached(fenced(turn, HAND + 0.0001, -2, 2))).isZero();
    }

    @Test
    void onlyThePartAlongWhichItStandsIsClosed() {
        assertThat(free(fenced(0, 0.05, -2, 0), 2)).isCloseTo(2 - 0.1, within(1e-3));
    }

    @Test
    @DisplayName("where it leaves the bed it is in the way as any fence, and in the bed only the bed is")
    void besideTheBedItIsInTheWay() {
        // It goes on to the plot's edge on the right: nobody stands at the right end of the bed where it passes.
        List<Stretch> within = walks(fenced(0, 0.3, -2, 2))
                .stretches(beans(fenced(0, 0.3, -2, 2)).id(), ada());
        List<Stretch> beyond = walks(fenced(0, 0.3, -2, 5))
                .stretches(beans(fenced(0, 0.3, -2, 5)).id(), ada());
        assertThat(alongRightEnd(within)).isCloseTo(WIDTH, within(0.21));
        assertThat(alongRightEnd(beyond)).isZero();
    }

    private static double alongRightEnd(List<Stretch> stretches) {
        return stretches.stream()
                .filter(stretch -> stretch.edge() == 1)
                .mapToDouble(stretch -> stretch.end() - stretch.start())
                .sum();
    }

    private static Length ada() {
        return Length.metres(0.6);
    }
}
