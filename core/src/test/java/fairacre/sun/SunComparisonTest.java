package fairacre.sun;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.shape.Memo;
import fairacre.trellis.TrellisKind;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SunComparisonTest {

    private static Plan garden() {
        Plan plan = plot(14, 14, List.of(), bed("Beans", 7, 7, 4, 1));
        return with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), 0, 50)));
    }

    private static double growing(Plan plan) {
        return SunStudy.of(plan, SEASON).growing().beds().get(0).growing();
    }

    private static List<SunComparison.OtherWay> ways(Plan plan, String thing) {
        return SunComparison.of(plan, SEASON, id(thing), Memo.none());
    }

    /** What is told before and after is what the study tells of the plan before and after. */
    private static void holds(Plan plan, SunComparison.OtherWay way) {
        double after = growing(plan.apply(way.change()).orThrow());
        assertThat(way.total()).isCloseTo(after - growing(plan), within(0.06));
        way.beds().forEach(bed -> {
            assertThat(bed.before()).isEqualTo(growing(plan));
            assertThat(bed.after()).isEqualTo(after);
        });
    }

    @Test
    void aTrellisOnTheOtherSide() {
        Plan plan = with(garden(), Put.of(trellis("Net", 5, 6.6, 9, 6.6)));
        List<SunComparison.OtherWay> ways = ways(plan, "Net");
        assertThat(ways)
                .extracting(SunComparison.OtherWay::words)
                .containsExactly("Move it to the other side of Beans", "Take it away");
        assertThat(ways.get(0).total()).isGreaterThan(1);
        ways.forEach(way -> holds(plan, way));
    }

    @Test
    void aTreeThinnedAndGone() {
        Plan plan = with(
                garden(), Put.of(feature("Pear", FeatureKind.TREE, 0.2, 2, 7, 4).withHeight(Length.metres(5))));
        List<SunComparison.OtherWay> ways = ways(plan, "Pear");
        assertThat(ways)
                .extracting(SunComparison.OtherWay::words)
                .containsExactly("Cut a third of its crown back (high up that is an arborist's work)", "Take it away");
        double left = crown(plan.apply(ways.get(0).change()).orThrow()) / crown(plan);
        assertThat(left * left).isCloseTo(2.0 / 3, within(1e-5));
        assertThat(ways.get(0).total()).isPositive().isLessThan(ways.get(1).total());
        ways.forEach(way -> holds(plan, way));
    }

    private static double crown(Plan plan) {
        return plan.features().get(0).margin().metres();
    }

    @Test
    void aBedTurned() {
        Plan plan = with(
                garden(),
                Put.of(feature("Wall", FeatureKind.WALL, 0.1, 0, 2, 6, 12, 6).withHeight(Length.metres(2))));
        SunComparison.OtherWay way = ways(plan, "Beans").get(0);
        Plan turned = plan.apply(way.change()).orThrow();
        assertThat(turned.standing(SEASON).get(0).outline().turn()).isEqualTo(90);
        holds(plan, way);
    }

    @Test
    void whatDoesNotStandHasNoOtherWay() {
        assertThat(ways(garden(), "Nothing")).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(TrellisKind.class)
    @DisplayName(
            "in leaf a trellis takes half of what a wall of its footprint and height does or less, bare a fifth of that")
    void whatATrellisTakes(TrellisKind kind) {
        Plan open = garden();
        Plan hung = with(open, Put.of(trellis("Net", kind, 2, 5, 6, 9, 6)));
        double breadth = kind.leans() ? 0.9 : 0.05;
        Plan walled = with(
                open,
                Put.of(feature("Wall", FeatureKind.WALL, breadth, 0, 5, 6, 9, 6).withHeight(Length.metres(2))));
        double all = growing(open) - growing(walled);
        double taken = growing(open) - growing(hung);
        if (kind.leans()) {
            assertThat(taken).isBetween(0.15 * all, 0.55 * all);
        } else {
            assertThat(taken).isCloseTo(0.5 * all, within(0.01));
        }
        int december = 23;
        double winter = hours(open, december) - hours(hung, december);
        assertThat(winter).isLessThan(0.15 * (hours(open, december) - hours(walled, december)) + 0.01);
    }

    private static double hours(Plan plan, int day) {
        return SunStudy.of(plan, SEASON).hours().beds().get(0).hours().get(day);
    }

    @Test
    void anEditThatIsTriedTellsTheBedsThatItChanges() {
        Plan plan = garden();
        Change net = Put.of(trellis("Net", 5, 6.4, 9, 6.4));
        List<SunComparison.Other> tried = SunComparison.tried(plan, SEASON, net, Memo.none());
        assertThat(tried)
                .containsExactly(new SunComparison.Other(id("Beans"), growing(plan), growing(with(plan, net))));
        Change far = Put.of(trellis("Net", 5, 13.4, 9, 13.4));
        assertThat(SunComparison.tried(plan, SEASON, far, Memo.none())).isEmpty();
        assertThatThrownBy(() -> SunComparison.tried(plan, SEASON, plan.without(id("Net")), Memo.none()))
                .isInstanceOf(RefusedException.class);
    }
}
