package fairacre.arrange;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.bed.BedRule;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.reach.ReachRule;
import fairacre.testing.Gardens;
import fairacre.walk.WalkRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Polygon;

class ArrangementStudyTest {

    private static List<Arrangement> all(Plan plan, Wish wish) {
        AtomicInteger next = new AtomicInteger();
        ArrangementStudy study =
                ArrangementStudy.of(plan, SEASON, wish, () -> id("arranged " + next.incrementAndGet()));
        List<Arrangement> all = new ArrayList<>();
        for (LayoutKind manner : LayoutKind.values()) {
            all.addAll(study.layouts(manner));
        }
        return all;
    }

    private static Wish wish(double x, double y, double length, double width, double walk) {
        return new Wish(
                Point.metres(x, y),
                Length.metres(length),
                Length.metres(width),
                Length.metres(walk),
                Length.metres(1),
                Length.metres(20),
                Optional.empty());
    }

    @Test
    @DisplayName(
            "14 x 50 ft, free all round: 500 sq ft in three long beds with two 2 ft walks [common practice, worked example]")
    void theBestMadeByHandIsFound() {
        double ft = Length.feet(1).metres();
        Plan plan = plot(60 * ft, 24 * ft, List.of(gardener("Ada", 0.6096, 0.6096)))
                .apply(new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES))
                .orThrow();
        List<Arrangement> all = all(plan, wish(5 * ft, 5 * ft, 50 * ft, 14 * ft, 2 * ft));
        assertThat(all).anySatisfy(one -> {
            assertThat(one.beds()).hasSize(3);
            assertThat(one.growing().squareFeet()).isGreaterThanOrEqualTo(500 - 0.1);
        });
    }

    @ParameterizedTest
    @EnumSource
    void whateverIsOfferedIsJudgedSoundAndTakenOverAsOneChange(LayoutKind manner) {
        Plan plan = with(
                plot(9, 8, List.of(gardener("Ada", 0.65, 0.5), seated("Ines", 0.6, 0.92))),
                Put.of(gate("Gate", 4.5, 0, 1.2)),
                Put.of(carrier("Barrow", 0.8, true, 0)));
        AtomicInteger next = new AtomicInteger();
        List<Arrangement> found = ArrangementStudy.of(
                        plan, SEASON, wish(0, 0, 9, 8, 0.95), () -> id("bed " + next.incrementAndGet()))
                .layouts(manner);
        for (Arrangement one : found) {
            Plan taken = plan.apply(one.change()).orThrow();
            assertThat(Appraisal.of(taken, SEASON).preview().snags())
                    .as(one.manner() + " " + one.beds())
                    .allSatisfy(snag -> assertThat(snag.rule()).isIn(WalkRule.EDGE_STRIP, ReachRule.HEIGHT_UNFIT));
            assertThat(Appraisal.of(taken, SEASON).preview().growing()).isEqualTo(one.growing());
        }
        assertThat(all(plan, wish(0, 0, 9, 8, 0.95))).isNotEmpty();
    }

    @Test
    void noneOfWhatIsOfferedIsBeatenByAnother() {
        List<Arrangement> front =
                ArrangementStudy.front(all(plot(9, 8, List.of(gardener("Ada", 0.65, 0.5))), wish(0, 0, 9, 8, 0.5)));
        assertThat(front).hasSizeGreaterThan(1);
        for (Arrangement one : front) {
            assertThat(front).noneMatch(other -> other.dominates(one));
        }
    }

    @Test
    void bedsInTheRectangleGiveWayAndOthersStay() {
        Plan plan = plot(20, 10, List.of(gardener("Ada", 0.6, 0.5)), bed("In", 4, 4, 2, 1), bed("Out", 17, 5, 2, 1));
        Arrangement one = all(plan, wish(1, 1, 10, 8, 0.5)).get(0);
        assertThat(plan.apply(one.change()).orThrow().beds())
                .extracting(b -> b.name())
                .contains("Out")
                .doesNotContain("In");
    }

    @Test
    void bedsThatComeLaterMainWalksAndWaysInAreLeftAsTheyAre() {
        Plan plan = Gardens.with(
                plot(14, 12, List.of(gardener("Ada", 0.6, 0.6)), bed("Later", 9, 6, 2, 1)),
                new Change.RescheduleRevision(id("Later"), SEASON, SEASON + 2),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.GRASS,
                        List.of(Point.metres(5, 1), Point.metres(6, 1), Point.metres(6, 11), Point.metres(5, 11)))),
                Put.of(Gardens.gate("Gate", 2, 0, 1)));
        List<Arrangement> all = all(plan, wish(0.5, 0.5, 13, 11, 0.6));
        assertThat(all).isNotEmpty();
        Polygon walk = Polygons.of(plan.walks().get(0).corners());
        Polygon later = Polygons.of(plan.beds().get(0).revisions().get(0).corners());
        for (Arrangement arrangement : all) {
            Plan after = plan.apply(arrangement.change()).orThrow();
            assertThat(after.standing(SEASON))
                    .noneMatch(
                            bed -> Polygons.of(bed.corners()).intersection(walk).getArea() > 1e-3)
                    .noneMatch(bed -> Polygons.of(bed.corners()).distance(later) < 0.59);
            assertThat(Appraisal.of(after, SEASON + 2).preview().snags())
                    .extracting(Snag::rule)
                    .doesNotContain(BedRule.BED_OVERLAP, WalkRule.WAY_IN_BLOCKED);
        }
    }

    @Test
    void withoutGardenersThereIsNothingToGoBy() {
        assertThatThrownBy(() -> all(plot(9, 8, List.of()), wish(0, 0, 9, 8, 0.5)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nobody gardens");
    }

    @Test
    void aPlotOfOneSquareMetreIsAnswered() {
        assertThat(all(plot(1, 1, List.of(gardener("Ada", 0.6, 0.5))), wish(0, 0, 1, 1, 0.5)))
                .isEmpty();
    }

    @Test
    void theLargestFreeRectangleOfAnEllIsItsLargerArm() {
        Plan ell = on(
                List.of(
                        Point.metres(0, 0),
                        Point.metres(12, 0),
                        Point.metres(12, 4),
                        Point.metres(3, 4),
                        Point.metres(3, 9),
                        Point.metres(0, 9)),
                List.of());
        var found = LargestRectangle.of(ell).orElseThrow();
        assertThat(found.length().metres()).isBetween(11.8, 12.0);
        assertThat(found.width().metres()).isBetween(3.8, 4.0);
        assertThat(LargestRectangle.of(plot(7, 5, List.of())).orElseThrow().length())
                .isEqualTo(Length.metres(7));
    }
}
