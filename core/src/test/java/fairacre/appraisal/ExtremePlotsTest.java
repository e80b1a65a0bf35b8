package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.arrange.ArrangementStudy;
import fairacre.arrange.Conditions;
import fairacre.arrange.LargestRectangle;
import fairacre.arrange.LayoutKind;
import fairacre.arrange.Wish;
import fairacre.bed.BedRule;
import fairacre.ground.SettingOutStudy;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.reach.ReachRule;
import fairacre.walk.CarrierGround;
import fairacre.walk.CarrierStudy;
import fairacre.walk.Route;
import fairacre.walk.RouteStudy;
import fairacre.wheels.WheelRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A plot of one square metre, and one of a hectare. */
class ExtremePlotsTest {

    private static final int SIDE = 100;

    @Test
    void aSquareMetreIsJudgedLikeAnyPlot() {
        Plan plan = plot(1, 1, List.of(gardener("Ada", 0.6, 0.6)), bed("Box", 0.5, 0.5, 0.9, 0.9));
        AppraisalReport report = Appraisal.of(plan, SEASON).report();
        assertThat(report.growing().squareMetres()).isCloseTo(0.81, within(1e-6));
        assertThat(report.snags())
                .extracting(Snag::rule)
                .contains(ReachRule.REACH_NOBODY)
                .doesNotContain(BedRule.BED_OFF_PLOT);
        assertThat(SettingOutStudy.of(plan.site(), plan.standing(SEASON), plan.units())
                        .base())
                .isEqualTo(Length.metres(1));
    }

    @Test
    void whatIsWiderThanASquareMetreFindsNoGroundOnIt() {
        Plan plan =
                with(plot(1, 1, List.of()), Put.of(gate("Gate", 0.5, 0, 0.9)), Put.of(carrier("Loader", 1.5, true, 3)));
        List<StandingBed> standing = plan.standing(SEASON);
        CarrierGround ground = CarrierStudy.of(Appraisal.of(plan, SEASON).walks(), standing)
                .judge(plan.carriers().get(0));
        assertThat(ground.ground()).isEmpty();
        assertThat(ground.turning()).isEmpty();
        assertThat(LargestRectangle.of(plan)).map(Rectangle::length).contains(Length.metres(1));
    }

    private static Plan hectare() {
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < SIDE; i++) {
            beds.add(bed("Bed " + i, 6 + i % 10 * 9.5, 6 + i / 10 * 9.5, 3, 1));
        }
        return with(
                plot(
                        SIDE,
                        SIDE,
                        List.of(gardener("Ada", 0.6, 0.6), seated("Ines", 0.5, 0.92)),
                        beds.toArray(Bed[]::new)),
                Put.of(gate("Gate", 50, 0, 3)),
                Put.of(carrier("Loader", 1.5, true, 4)));
    }

    @Test
    @DisplayName(
            "The opening of a hectare by a disk of 1.5 m less a hundred beds: 10 000 - (4 - pi) r^2 - 300 m2 [closed form]")
    void aHectareIsJudgedToo() {
        Plan plan = hectare();
        AppraisalReport report = Appraisal.of(plan, SEASON).report();
        assertThat(report.plot().squareMetres()).isEqualTo(10_000);
        assertThat(report.snags()).extracting(Snag::rule).containsOnly(ReachRule.HEIGHT_UNFIT, WheelRule.BARE_GROUND);
        CarrierGround ground = CarrierStudy.of(Appraisal.of(plan, SEASON).walks(), plan.standing(SEASON))
                .judge(plan.carriers().get(0));
        assertThat(ground.area().squareMetres()).isCloseTo(10_000 - (4 - Math.PI) * 0.75 * 0.75 - 300, within(2.5));
        assertThat(ground.shutOut()).isEmpty();
        assertThat(ground.unpassable().metres()).isLessThan(1.5);
    }

    @Test
    void theFarBedOfAHectareIsAtLeastAsFarAsTheStraightLine() {
        Plan plan = hectare();
        List<Route> routes = RouteStudy.of(
                        Appraisal.of(plan, SEASON).walks(),
                        plan.standing(SEASON),
                        plan.carriers().get(0))
                .from(Point.metres(50, 1));
        assertThat(routes).hasSize(SIDE);
        assertThat(routes)
                .filteredOn(route -> route.bed().equals(id("Bed 90")))
                .singleElement()
                .satisfies(route ->
                        assertThat(route.length().metres()).isBetween(Math.hypot(50 - 7.5, 91 - 1) - 0.75, 101.0));
    }

    @Test
    void aRectangleOfAHectareIsArrangedAndAllOfItRefusedIfThatTakesTooManyBeds() {
        Plan plan = plot(SIDE, SIDE, List.of(gardener("Ada", 0.6, 0.6)));
        assertThat(ArrangementStudy.of(plan, SEASON, wish(12, 10), UUID::randomUUID)
                        .layouts(LayoutKind.ROWS_ACROSS))
                .isNotEmpty();
        assertThatThrownBy(() -> new Wish(
                        Point.metres(0, 0),
                        Length.metres(2000),
                        Length.metres(10),
                        Length.metres(0.6),
                        Length.metres(1),
                        Length.metres(5),
                        Optional.empty(),
                        Conditions.NONE))
                .isInstanceOf(RefusedException.class);
    }

    private static Wish wish(double length, double width) {
        return new Wish(
                Point.metres(40, 40),
                Length.metres(length),
                Length.metres(width),
                Length.metres(0.6),
                Length.metres(1),
                Length.metres(5),
                Optional.empty(),
                Conditions.NONE);
    }
}
