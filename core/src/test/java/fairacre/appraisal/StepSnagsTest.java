package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Gardener;
import fairacre.plan.GroundChange.SetLevels;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.wheels.WheelRule;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Steps for wheels by 2010 ADA Standards 303 (up to 1/2 in is rolled over) and 405.2 (a ramp of 1 in 12). */
class StepSnagsTest {

    private static final Gardener INES = seated("Ines", 0.5, 0.92);

    private static List<Snag> steps(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WheelRule.WALK_STEP)
                .toList();
    }

    private static Plan garden(Gardener gardener) {
        return with(plot(10, 10, List.of(gardener)), Put.of(gate("Gate", 5, 0, 1)));
    }

    /** A walk 1.2 m wide and 4 m long, turned about its middle. */
    private static Walk walk(
            String name,
            double x,
            double y,
            double turn,
            Surfacing surface,
            double height,
            boolean dugIn,
            boolean edged) {
        List<Layer> layers = height == 0 ? List.of() : List.of(new Layer(LayerKind.BASE, Length.metres(height)));
        double cos = Math.cos(Math.toRadians(turn));
        double sin = Math.sin(Math.toRadians(turn));
        List<Point> corners = List.of(
                corner(x, y, cos, sin, -0.6, -2),
                corner(x, y, cos, sin, 0.6, -2),
                corner(x, y, cos, sin, 0.6, 2),
                corner(x, y, cos, sin, -0.6, 2));
        return new Walk(id(name), name, WalkGrade.MAIN, surface, corners, new WalkBuild(layers, dugIn, edged));
    }

    private static Point corner(double x, double y, double cos, double sin, double across, double along) {
        return Point.metres(x + across * cos - along * sin, y + across * sin + along * cos);
    }

    @ParameterizedTest(name = "{0} m high: {1} steps")
    @CsvSource({"0, 0", "0.0125, 0", "0.0127, 0", "0.0128, 1", "0.1524, 1"})
    void wheelsRollOverHalfAnInchAndNoMore(double height, int steps) {
        for (double turn : new double[] {0, 30, 45, 90, 200}) {
            assertThat(steps(with(
                            garden(INES), Put.of(walk("Way", 5, 4, turn, Surfacing.PAVERS, height, false, false)))))
                    .hasSize(steps);
        }
    }

    @Test
    void aStepIsToldWithItsRampAndDugIn() {
        Plan plan = with(
                garden(INES),
                Put.of(carrier("Barrow", 0.7, true, 1)),
                Put.of(walk("Way", 5, 4, 0, Surfacing.STABILISED_GRAVEL, 0.15, false, true)));
        assertThat(steps(plan)).singleElement().satisfies(snag -> {
            assertThat(snag.weight()).isEqualTo(Weight.WARNING);
            assertThat(snag.words())
                    .isEqualTo(
                            "Way lies 0.15 m above the ground it begins at: a step for the wheels of Ines and Barrow, "
                                    + "or a ramp 1.80 m long (1 in 12).");
            assertThat(steps(with(plan, snag.remedies().get(0).change()))).isEmpty();
        });
    }

    @Test
    void aPreviewSaysThatStepsAreLeftOut() {
        AppraisalReport preview = Appraisal.of(
                        with(garden(INES), Put.of(walk("Way", 5, 4, 0, Surfacing.PAVERS, 0.15, false, false))), SEASON)
                .preview();
        assertThat(preview.snags()).extracting(Snag::rule).doesNotContain(WheelRule.WALK_STEP);
        assertThat(preview.notJudged()).contains(WheelRule.WALK_STEP);
    }

    @Test
    void feetClimbItAndABarrowIsOnlyNoted() {
        Walk high = walk("Way", 5, 4, 0, Surfacing.PAVERS, 0.15, false, false);
        Plan onFoot = with(garden(gardener("Ada", 0.6, 0.6)), Put.of(high));
        assertThat(steps(onFoot)).isEmpty();
        assertThat(steps(with(onFoot, Put.of(carrier("Trug", 0.6, false, 0))))).isEmpty();
        assertThat(steps(with(onFoot, Put.of(carrier("Barrow", 0.7, true, 1)))))
                .extracting(Snag::weight)
                .containsExactly(Weight.NOTE);
    }

    @ParameterizedTest(name = "dug in or without an edging: {0}")
    @ValueSource(booleans = {true, false})
    void whatIsDugInOrSlopesDownByItselfIsNoStep(boolean dugIn) {
        Surfacing surface = dugIn ? Surfacing.PAVERS : Surfacing.WOOD_CHIP;
        assertThat(steps(with(garden(INES), Put.of(walk("Way", 5, 4, 0, surface, 0.15, dugIn, false)))))
                .isEmpty();
    }

    @Test
    void whereTheStepIsIsTheGateThatOpensOnTheWalk() {
        Plan atGate = with(garden(INES), Put.of(walk("Way", 5, 2, 0, Surfacing.PAVERS, 0.15, false, false)));
        assertThat(steps(atGate))
                .singleElement()
                .satisfies(snag -> assertThat(snag.place()).contains(Point.metres(5, 0)));
    }

    @Test
    void walksThatNobodyOnWheelsComesToAreLeftOut() {
        Plan shut = with(
                plot(10, 10, List.of(INES)),
                Put.of(gate("Gate", 5, 0, 0.9)),
                Put.of(walk("Way", 5, 4, 0, Surfacing.PAVERS, 0.15, false, false)));
        assertThat(steps(shut)).isEmpty();
    }

    @Test
    void betweenWalksOfOneHeightThereIsNoStep() {
        Plan paved = with(
                plot(3.6, 4, List.of(INES)),
                Put.of(gate("Gate", 0.6, 0, 1)),
                Put.of(walk("First", 0.6, 2, 0, Surfacing.PAVERS, 0.15, false, false)),
                Put.of(walk("Second", 1.8, 2, 0, Surfacing.PAVERS, 0.15, false, false)),
                Put.of(walk("Third", 3, 2, 0, Surfacing.PAVERS, 0.15, false, false)));
        assertThat(steps(paved))
                .extracting(Snag::words)
                .singleElement()
                .asString()
                .startsWith("First lies");
        assertThat(steps(with(paved, Put.of(walk("Third", 3, 2, 0, Surfacing.PAVERS, 0.1, false, false)))))
                .hasSize(3);
    }

    @Test
    void aSteepWalkIsToldForEverybodySeated() {
        Plan plan = with(
                plot(10, 10, List.of(INES, seated("Maren", 0.5, 0.9), gardener("Ada", 0.6, 0.6))),
                new SetLevels(List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 1), height(10, 10, 1))),
                Put.of(walk("Way", 5, 4, 0, Surfacing.PAVERS, 0, false, false)));
        assertThat(Appraisal.of(plan, SEASON).snags())
                .filteredOn(snag -> snag.rule() == WheelRule.WALK_TOO_STEEP)
                .singleElement()
                .satisfies(snag -> assertThat(snag.words())
                        .isEqualTo("Way rises 1 in 10 and lies level across: too steep for Ines and Maren."));
    }

    @ParameterizedTest(name = "a sill of {0}: {1} steps")
    @CsvSource({"0 m, 0", "0.0127 m, 0", "0.0128 m, 1", "0.05 m, 1", "1/2 in, 0", "9/16 in, 1", "7/16 in, 0", "4 in, 1"
    })
    void aSillIsAStepForWhateverWheelsFitThrough(String sill, int steps) {
        Length height = LengthText.parse(sill, Units.METRIC);
        Plan plan =
                with(plot(10, 10, List.of(INES)), Put.of(gate("Gate", 5, 0, 1).withSill(height)));
        assertThat(steps(plan)).hasSize(steps).allSatisfy(snag -> {
            assertThat(snag.weight()).isEqualTo(Weight.WARNING);
            assertThat(steps(with(plan, snag.remedies().get(0).change()))).isEmpty();
        });
        Plan onFoot = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6))),
                Put.of(gate("Gate", 5, 0, 1).withSill(height)));
        assertThat(steps(onFoot)).isEmpty();
        assertThat(steps(with(onFoot, Put.of(carrier("Cart", 1.001, true, 0))))).isEmpty();
        assertThat(steps(with(onFoot, Put.of(carrier("Cart", 1, true, 0)))))
                .hasSize(steps)
                .allSatisfy(snag -> assertThat(snag.words()).endsWith(" long (1 in 12) on either side."));
    }

    @ParameterizedTest(name = "through a gate of {0}: a barrow of {1}, {2} steps")
    @CsvSource({
        "36 in, 36 in, 1",
        "36 in, 36 1/16 in, 0",
        "3 ft 6 in, 42 in, 1",
        "42 in, 3 ft 6 1/16 in, 0",
        "0.9 m, 0.9 m, 1",
        "0.9 m, 0.901 m, 0"
    })
    void aSillStopsOnlyWhatFitsThroughItsGate(String gate, String barrow, int steps) {
        double wide = LengthText.parse(gate, Units.METRIC).metres();
        Plan plan = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6))),
                Put.of(gate("Gate", 5, 0, wide).withSill(Length.inches(2))),
                Put.of(carrier("Barrow", LengthText.parse(barrow, Units.METRIC).metres(), true, 0)));
        assertThat(steps(plan)).hasSize(steps);
    }
}
