package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.GroundChange.SetLevels;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.SpotHeight;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.wheels.WheelRule;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * 2010 ADA Standards 403.3: no steeper than 1 in 20 along and 1 in 48 across for a chair; 405.2: 1 in 12 for a ramp.
 */
class SteepWalkSnagsTest {

    private static final Gardener INES = seated("Ines", 0.5, 0.92);

    private static List<Snag> steep(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WheelRule.WALK_TOO_STEEP)
                .toList();
    }

    private static Walk walk(WalkGrade grade, double left, double bottom, double right, double top) {
        return new Walk(
                id("Way"),
                "Way",
                grade,
                Surfacing.PAVERS,
                List.of(
                        Point.metres(left, bottom),
                        Point.metres(right, bottom),
                        Point.metres(right, top),
                        Point.metres(left, top)));
    }

    /** Ground that rises so much over 10 m upwards, and so much to the right. */
    private static Plan sloping(Plan plan, double up, double right) {
        return with(
                plan,
                new SetLevels(
                        List.of(height(0, 0, 0), height(10, 0, right), height(0, 10, up), height(10, 10, up + right))));
    }

    private static Plan garden(Gardener gardener, Bed... beds) {
        return with(plot(10, 10, List.of(gardener), beds), Put.of(gate("Gate", 1, 0, 1)));
    }

    @ParameterizedTest(name = "{0} m up and {1} m across in 10 m: {2}")
    @CsvSource({
        "0.5, 0, 0",
        "0.501, 0, 1",
        "-0.5, 0, 0",
        "-0.501, 0, 1",
        "0, 0.208333, 0",
        "0, 0.2095, 1",
        "0.5, 0.208333, 0"
    })
    void aMainWalkIsNoSteeperThanAChairCanTake(double up, double right, int snags) {
        assertThat(steep(with(sloping(garden(INES), up, right), Put.of(walk(WalkGrade.MAIN, 0, 0, 1.5, 9)))))
                .hasSize(snags);
        assertThat(steep(with(sloping(garden(INES), right, up), Put.of(walk(WalkGrade.MAIN, 0, 0, 9, 1.5)))))
                .hasSize(snags);
    }

    @ParameterizedTest(name = "{0} in up and {1} in across in 30 ft, turned {2}: {3}")
    @CsvSource({
        "18, 0, 0, 0",
        "18.01, 0, 0, 1",
        "18, 7.5, 30, 0",
        "0, 7.5, 45, 0",
        "0, 7.51, 45, 1",
        "-18, 7.5, 123.4, 0",
        "-18.01, 7.5, 200, 1"
    })
    void aWalkInFeetHoweverItIsTurned(double up, double across, double degrees, int snags) {
        double angle = Math.toRadians(degrees);
        double foot = 0.3048;
        List<Point> corners = Stream.of(
                        new double[] {0, 0}, new double[] {4, 0}, new double[] {4, 30}, new double[] {0, 30})
                .map(at -> Point.metres(
                        foot * (at[0] * Math.cos(angle) - at[1] * Math.sin(angle)),
                        foot * (at[0] * Math.sin(angle) + at[1] * Math.cos(angle))))
                .toList();
        List<SpotHeight> heights = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            heights.add(new SpotHeight(
                    corners.get(i), Length.inches((i > 1 ? up : 0) + (i == 1 || i == 2 ? across * 4 / 30 : 0))));
        }
        Plan plan = with(
                on(corners, List.of(INES)),
                new SetLevels(heights),
                Put.of(new Walk(id("Way"), "Way", WalkGrade.MAIN, Surfacing.PAVERS, corners)));
        assertThat(steep(plan)).hasSize(snags);
    }

    @ParameterizedTest(name = "{0} m up in 10 m: {1}")
    @CsvSource({"0.833333, 0", "0.835, 1", "-0.835, 1"})
    void aBarrowIsPushedUpARamp(double up, int snags) {
        Plan plan = with(sloping(garden(gardener("Ada", 0.6, 0.6)), up, 0), Put.of(walk(WalkGrade.MAIN, 0, 0, 1.5, 9)));
        assertThat(steep(plan)).isEmpty();
        assertThat(steep(with(plan, Put.of(carrier("Trug", 0.4, false, 0))))).isEmpty();
        assertThat(steep(with(plan, Put.of(carrier("Barrow", 0.7, true, 0)))))
                .hasSize(snags)
                .allSatisfy(snag -> assertThat(snag.weight()).isEqualTo(Weight.NOTE));
    }

    @Test
    void aWorkWalkCountsWhereNothingElseLeadsToABed() {
        Bed across = bed("Hedge bed", 5.25, 4, 7.4, 0.6);
        Bed beans = bed("Beans", 5, 8, 2, 0.9);
        Plan open = with(sloping(garden(INES, beans), 1, 0), Put.of(walk(WalkGrade.WORK, 0, 2, 1.5, 6)));
        assertThat(steep(open)).isEmpty();
        Plan shut = with(
                sloping(garden(INES, bed("Wall", 5.75, 4, 8.5, 0.6), beans), 1, 0),
                Put.of(walk(WalkGrade.WORK, 0, 2, 1.5, 6)));
        assertThat(steep(shut))
                .singleElement()
                .satisfies(snag -> assertThat(snag.words())
                        .isEqualTo("Way rises 1 in 10 and lies level across: too steep for Ines."));
        assertThat(steep(with(sloping(garden(INES, across, beans), 1, 0), Put.of(walk(WalkGrade.WORK, 0, 2, 1.5, 6)))))
                .isEmpty();
    }

    @Test
    void whoeverWalksTakesTheBedsBehindIt() {
        Plan plan = with(
                plot(
                        10,
                        10,
                        List.of(INES, gardener("Ada", 0.6, 0.6)),
                        bed("Wall", 5.75, 4, 8.5, 0.6),
                        bed("Beans", 5, 8, 2, 0.9)),
                Put.of(gate("Gate", 1, 0, 1)),
                Put.of(walk(WalkGrade.MAIN, 0, 2, 1.5, 6)));
        Plan steep = sloping(plan, 1, 0);
        assertThat(steep(steep)).singleElement().satisfies(snag -> {
            assertThat(snag.remedies())
                    .extracting(Remedy::words)
                    .containsExactly("Leave Beans to Ada", "Take Way off the drawing and lead it along the slope");
            assertThat(snag.remedies())
                    .allSatisfy(remedy ->
                            assertThat(steep(with(steep, remedy.change()))).isEmpty());
        });
    }

    @Test
    void aWalkIsNotTakenOffWhereThatLeavesBareOrSteepGround() {
        Plan plan = with(
                plot(
                        10,
                        10,
                        List.of(INES, gardener("Ada", 0.6, 0.6)),
                        bed("Wall", 5.75, 4.5, 8.5, 0.6),
                        bed("Beans", 5, 8, 2, 0.9)),
                Put.of(gate("Gate", 1, 0, 1)),
                new Change.TendBed(id("Wall"), List.of(id("Ada"))),
                new SetLevels(List.of(
                        height(0, 0, 0),
                        height(10, 0, 0),
                        height(0, 3, 0),
                        height(10, 3, 0),
                        height(0, 6, 0.4),
                        height(10, 6, 0.4),
                        height(0, 10, 0.4),
                        height(10, 10, 0.4))),
                Put.of(walk(WalkGrade.MAIN, 0, 3, 1.5, 6)),
                Put.of(paved("Yard", 0, 3)),
                Put.of(paved("Shelf", 6, 10)));
        assertThat(Appraisal.of(plan, SEASON).snags())
                .extracting(Snag::rule)
                .doesNotContain(WheelRule.BARE_GROUND, WheelRule.GROUND_TOO_STEEP);
        assertThat(steep(plan))
                .singleElement()
                .satisfies(snag ->
                        assertThat(snag.remedies()).extracting(Remedy::words).containsExactly("Leave Beans to Ada"));
        Plan off = with(plan, new Remove<>(Things.WALKS, id("Way")));
        assertThat(Appraisal.of(off, SEASON).snags())
                .extracting(Snag::rule)
                .contains(WheelRule.BARE_GROUND, WheelRule.GROUND_TOO_STEEP);
    }

    private static Walk paved(String name, double bottom, double top) {
        return new Walk(
                id(name),
                name,
                WalkGrade.WORK,
                Surfacing.PAVERS,
                List.of(
                        Point.metres(0, bottom),
                        Point.metres(10, bottom),
                        Point.metres(10, top),
                        Point.metres(0, top)));
    }

    @Test
    void aWalkThatLiesAcrossIsDugInLevel() {
        Plan plan = with(sloping(garden(INES), 0, 0.4), Put.of(walk(WalkGrade.MAIN, 0, 0, 1.5, 9)));
        assertThat(steep(plan)).singleElement().satisfies(snag -> {
            assertThat(snag.remedies().get(0).words()).isEqualTo("Dig Way in and lay it level across");
            assertThat(steep(with(plan, snag.remedies().get(0).change()))).isEmpty();
        });
        assertThat(steep(with(sloping(garden(INES), 0, 1), Put.of(walk(WalkGrade.MAIN, 0, 0, 2, 9)))))
                .singleElement()
                .satisfies(snag -> assertThat(snag.remedies())
                        .extracting(Remedy::words)
                        .noneMatch(words -> words.startsWith("Dig")));
    }
}
