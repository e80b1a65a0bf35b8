package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunValveSnagsTest {

    private static final Change PATH = Put.of(new Walk(
            Gardens.id("Path"),
            "Path",
            WalkGrade.MAIN,
            Surfacing.GRASS,
            List.of(Point.metres(4, 0), Point.metres(6, 0), Point.metres(6, 10), Point.metres(4, 10))));

    /** A trunk from the tap along y = 3; a branch with a valve begins at x and leads up to the bed. */
    private static Plan garden(Gardener who, double x, Length handle) {
        return with(
                plot(10, 10, List.of(who), bed("Beans", 7, 7, 2, 1)),
                Put.of(tap("Tap", 1, 3, 40)),
                Put.of(run("Trunk", "Tap", 1, 3, 9, 3)),
                Put.of(run("Branch", "Trunk", x, 3, x, 6.3).withValve(handle)),
                Put.of(dripline("Beans", "Branch")));
    }

    private static Optional<Snag> told(Plan plan, WaterRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .findFirst();
    }

    /** The path goes from 4 to 6 m. */
    @ParameterizedTest
    @CsvSource({"3.9, false", "4.1, false", "4.101, true", "5, true", "5.899, true", "5.9, false", "6.2, false"})
    void aValveStandsBesideTheWalkToAHandsBreadth(double x, boolean inWalk) {
        Plan plan = with(garden(gardener("Ada", 0.6, 0.6), x, Length.ZERO), PATH);
        assertThat(told(plan, WaterRule.VALVE_IN_WALK).isPresent()).isEqualTo(inWalk);
    }

    @Test
    void theRemedyBeginsTheRunAtTheNearestPlaceBesideTheWalk() {
        Plan plan = with(garden(gardener("Ada", 0.6, 0.6), 5.5, Length.ZERO), PATH);
        Snag snag = told(plan, WaterRule.VALVE_IN_WALK).orElseThrow();
        assertThat(snag.words()).isEqualTo("The valve of Branch stands in a walk, 0.50 m from its edge.");
        Remedy first = snag.remedies().get(0);
        assertThat(first.words()).isEqualTo("Begin Branch 0.40 m away");
        Plan after = with(plan, first.change());
        assertThat(WaterKinds.runs(after, SEASON).stream()
                        .filter(run -> run.name().equals("Branch"))
                        .map(run -> run.places().get(0).x().metres()))
                .containsExactly(5.9);
        assertThat(told(after, WaterRule.VALVE_IN_WALK)).isEmpty();
        assertThat(snag.remedies()).last().extracting(Remedy::words).isEqualTo("Take the valve off Branch");
    }

    /** A valve at the tap is where the tap is, and one of a bed is at the bed's side: neither is judged here. */
    @Test
    void valvesAtATapAndAtABedAreNotJudged() {
        Plan plan = with(
                garden(gardener("Ada", 0.6, 0.6), 6.2, Length.ZERO),
                PATH,
                Put.of(tap("Tap", 5, 3, 40)),
                Put.of(run("Trunk", "Tap", 5, 3, 9, 3).withValve(Length.metres(0.1))),
                dripline("Beans", "Branch").valved());
        assertThat(told(plan, WaterRule.VALVE_IN_WALK)).isEmpty();
    }

    /** 15 to 48 in: 2010 ADA Standards, 308.2. */
    @ParameterizedTest
    @CsvSource({
        "0, false",
        "0.3809, true",
        "0.381, false",
        "1.2192, false",
        "1.2193, true",
    })
    void theHandleIsWithinReachFromAChair(double handle, boolean unfit) {
        Plan plan = garden(seated("Ines", 0.6, 0.92), 6.2, Length.metres(handle));
        Optional<Snag> snag = told(plan, WaterRule.VALVE_OUT_OF_REACH);
        assertThat(snag.isPresent()).isEqualTo(unfit);
        snag.ifPresent(each -> assertThat(
                        told(with(plan, each.remedies().get(0).change()), WaterRule.VALVE_OUT_OF_REACH))
                .isEmpty());
        assertThat(told(garden(gardener("Ada", 0.6, 0.6), 6.2, Length.metres(handle)), WaterRule.VALVE_OUT_OF_REACH))
                .isEmpty();
    }

    /** Two beds as long as the plot is wide, with a strip of half a metre between: no chair gets in. */
    @Test
    void aValveBehindABedIsTold() {
        Plan plan = with(
                plot(
                        6,
                        6,
                        List.of(seated("Ines", 0.6, 0.92)),
                        bed("Front", 3, 3.4, 6, 1.2),
                        bed("Back", 3, 5.2, 6, 1.2)),
                Put.of(tap("Tap", 1, 1, 40)),
                Put.of(run("Trunk", "Tap", 1, 1, 1, 2.7)),
                Put.of(run("Middle", "Trunk", 1, 2.7, 1, 4.3, 5, 4.3)),
                Put.of(run("Branch", "Middle", 3, 4.3, 4, 4.3).withValve(Length.metres(0.6))),
                Put.of(dripline("Back", "Branch")));
        Snag snag = told(plan, WaterRule.VALVE_OUT_OF_REACH).orElseThrow();
        assertThat(snag.words()).isEqualTo("Ines can't get to the valve of Branch.");
        assertThat(snag.remedies())
                .isNotEmpty()
                .allSatisfy(remedy -> assertThat(told(with(plan, remedy.change()), WaterRule.VALVE_OUT_OF_REACH))
                        .isEmpty());
    }
}
