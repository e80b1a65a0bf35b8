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
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bed.BedRule;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Walk;
import fairacre.reach.ReachRule;
import fairacre.sun.SunHours;
import fairacre.sun.SunStudy;
import fairacre.testing.Gardens;
import fairacre.walk.WalkRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
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
        return wish(x, y, length, width, walk, Optional.empty(), Conditions.NONE);
    }

    private static Wish wish(
            double x,
            double y,
            double length,
            double width,
            double walk,
            Optional<Frame> frame,
            Conditions conditions) {
        return new Wish(
                Point.metres(x, y),
                Length.metres(length),
                Length.metres(width),
                Length.metres(walk),
                Length.metres(1),
                Length.metres(20),
                frame,
                conditions);
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

    /** A wish with conditions on a plot of 9 x 8 m. */
    private static List<Arrangement> under(Plan plan, Conditions conditions) {
        return all(plan, wish(0, 0, 9, 8, 0.5, Optional.empty(), conditions));
    }

    private static List<Arrangement> framed(Plan plan, Conditions conditions) {
        return all(plan, wish(0, 0, 9, 8, 0.5, Optional.of(Gardens.cedar(Board.M38X150, 1)), conditions));
    }

    private static Plan plotWithABed() {
        return plot(9, 8, List.of(gardener("Ada", 0.65, 0.5)), bed("Old", 2, 2, 2, 1));
    }

    private static Conditions conditions(Money budget, Integer least, Integer most, Double widest) {
        return new Conditions(
                Optional.ofNullable(budget),
                Optional.ofNullable(least),
                Optional.ofNullable(most),
                Optional.ofNullable(widest).map(Length::metres),
                List.of(),
                List.of());
    }

    @Test
    void layoutsCostNoMoreThanTheyMay() {
        Plan plan = plotWithABed();
        List<Arrangement> free = framed(plan, Conditions.NONE);
        Money middle = free.stream().map(Arrangement::cost).sorted().toList().get(free.size() / 2);
        Money less = middle.minus(Money.of(middle.getCurrencyUnit(), 0.01));
        List<Arrangement> at = framed(plan, conditions(middle, null, null, null));
        assertThat(at).extracting(Arrangement::cost).contains(middle).allMatch(cost -> !cost.isGreaterThan(middle));
        assertThat(framed(plan, conditions(less, null, null, null)))
                .extracting(Arrangement::cost)
                .allMatch(cost -> cost.isLessThan(middle));
    }

    @Test
    void layoutsHaveAsManyBedsAsTheyMayAndNoneIsWider() {
        assertThat(under(plotWithABed(), conditions(null, 4, 6, null)))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.beds()).hasSizeBetween(4, 6));
        List<Arrangement> narrow = under(plotWithABed(), conditions(null, null, null, 0.75));
        assertThat(narrow).isNotEmpty();
        for (Arrangement one : narrow) {
            assertThat(plotWithABed().apply(one.change()).orThrow().beds())
                    .filteredOn(bed -> bed.revisions().get(0).shape().plain())
                    .extracting(bed -> slim(bed.revisions().get(0).outline()))
                    .allSatisfy(width -> assertThat(width).isLessThanOrEqualTo(0.75 + 1e-9));
        }
    }

    private static double slim(Rectangle outline) {
        return Math.min(outline.length().metres(), outline.width().metres());
    }

    @Test
    void whatIsToStayStaysWithAWalkRoundIt() {
        Plan plan = plotWithABed();
        Conditions keep = new Conditions(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of(id("Old")), List.of());
        List<Arrangement> all = under(plan, keep);
        assertThat(all).isNotEmpty();
        Polygon old = Polygons.of(plan.beds().get(0).revisions().get(0).corners());
        for (Arrangement one : all) {
            assertThat(plan.apply(one.change()).orThrow().beds())
                    .extracting(b -> b.name())
                    .contains("Old");
            assertThat(one.beds())
                    .allSatisfy(
                            bed -> assertThat(Polygons.of(bed).distance(old)).isGreaterThanOrEqualTo(0.5 - 1e-6));
        }
    }

    @Test
    void mannersThatAreLeftOutAreNotTried() {
        Conditions rows = new Conditions(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(LayoutKind.RIM, LayoutKind.COMB, LayoutKind.U_ROUND, LayoutKind.BLOCKS));
        assertThat(ArrangementStudy.of(
                                plotWithABed(), SEASON, wish(0, 0, 9, 8, 0.5, Optional.empty(), rows), () -> id("x"))
                        .manners())
                .containsExactly(LayoutKind.ROWS_ACROSS, LayoutKind.ROWS_UP);
    }

    /** A little less garden for a little less edge: nobody is the wiser for seeing both. */
    @Test
    void ofNearTwinsOneIsOffered() {
        Arrangement one = all(plot(9, 8, List.of(gardener("Ada", 0.65, 0.5))), wish(0, 0, 9, 8, 0.5))
                .get(0);
        assertThat(ArrangementStudy.front(List.of(smaller(one, 0.985), one))).containsExactly(one);
        Arrangement other = smaller(one, 0.97);
        assertThat(ArrangementStudy.front(List.of(other, one))).containsExactly(one, other);
    }

    @Test
    @DisplayName("the sun of a layout is what the beds have once it is taken over, the mean over their ground")
    void theSunOfALayout() {
        Plan open = plot(9, 8, List.of(gardener("Ada", 0.65, 0.5)));
        Plan north = with(open, new GroundChange.SetSite(new Site(open.site().corners(), 0, 50)));
        Plan walled = with(
                north,
                Put.of(Gardens.feature("Wall", FeatureKind.WALL, 0.1, 0, 0, -0.2, 9, -0.2)
                        .withHeight(Length.metres(3))));
        double brightest = all(north, wish(0, 0, 9, 8, 0.95)).get(0).sun();
        List<Arrangement> all = all(walled, wish(0, 0, 9, 8, 0.95));
        all.forEach(one -> {
            Plan taken = walled.apply(one.change()).orThrow();
            double light = 0;
            double ground = 0;
            for (SunHours.BedSun bed : SunStudy.of(taken, SEASON).growing().beds()) {
                double area = Polygons.of(taken.standing(SEASON).stream()
                                .filter(each -> each.id().equals(bed.bed()))
                                .findFirst()
                                .orElseThrow()
                                .corners())
                        .getArea();
                light += bed.growing() * area;
                ground += area;
            }
            assertThat(one.sun()).isCloseTo(light / ground, within(0.3));
            assertThat(one.sun()).isLessThan(brightest - 0.5);
        });
    }

    private static Arrangement smaller(Arrangement one, double share) {
        return new Arrangement(
                one.manner(),
                one.beds(),
                Area.squareMetres(one.growing().squareMetres() * share),
                one.walks(),
                Length.metres(one.edge().metres() * share),
                one.cost(),
                one.unpriced(),
                one.detour(),
                one.sun(),
                one.change());
    }

    @Test
    void conditionsThatNothingMeetsAreRefused() {
        assertThatThrownBy(() -> conditions(null, 6, 5, null)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> conditions(null, 0, null, null)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> conditions(null, null, null, 0.29)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> conditions(null, null, null, 4.01)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> conditions(Money.of(CurrencyUnit.EUR, -1), null, null, null))
                .isInstanceOf(RefusedException.class);
        assertThat(conditions(Money.zero(CurrencyUnit.EUR), 6, 6, 0.3).widest()).isPresent();
    }
}
