package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
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
import fairacre.plan.SpotHeight;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.wheels.WheelRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** 2010 ADA Standards 403.3: no steeper than 1 in 20 for a chair; 405.2: 1 in 12 for a ramp. */
class SteepGroundSnagsTest {

    private static final Gardener INES = seated("Ines", 0.5, 0.92);
    private static final Gardener ADA = gardener("Ada", 0.6, 0.6);
    private static final double METRE = 1;
    private static final double YARD = 0.9144;

    private static List<Snag> steep(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WheelRule.GROUND_TOO_STEEP)
                .toList();
    }

    /** A drawing in some unit, turned. */
    private record Turned(double unit, double degrees) {

        Point at(double x, double y) {
            double angle = Math.toRadians(degrees);
            return Point.metres(
                    unit * (x * Math.cos(angle) - y * Math.sin(angle)),
                    unit * (x * Math.sin(angle) + y * Math.cos(angle)));
        }

        List<Point> box(double left, double bottom, double right, double top) {
            return List.of(at(left, bottom), at(right, bottom), at(right, top), at(left, top));
        }

        Bed bedAt(String name, double x, double y) {
            return bed(name, at(x, y).x().metres(), at(x, y).y().metres(), 2, 0.9, -degrees, Optional.empty());
        }

        SpotHeight height(double x, double y, double z) {
            return new SpotHeight(at(x, y), Length.metres(unit * z));
        }

        /** 12 by 12 with a gate at the bottom; level to 4, a bank that rises so much from 4 to 8, level again. */
        Plan bank(double rise, List<Gardener> gardeners, Bed... beds) {
            return with(
                    on(box(0, 0, 12, 12), gardeners, beds),
                    gate(),
                    new SetLevels(List.of(
                            height(0, 0, 0),
                            height(12, 0, 0),
                            height(0, 4, 0),
                            height(12, 4, 0),
                            height(0, 8, rise),
                            height(12, 8, rise),
                            height(0, 12, rise),
                            height(12, 12, rise))));
        }

        Put<WayIn> gate() {
            return Put.of(new WayIn(id("Gate"), "Gate", at(6, 0), Length.metres(1), Swing.INWARD));
        }
    }

    @ParameterizedTest(name = "unit of {0} m turned {1}: a bank of {2} in 4, {3} snags for a chair, {4} for a barrow")
    @CsvSource({
        "1, 0, 0.2, 0, 0",
        "1, 0, 0.2004, 1, 0",
        "1, 30, 0.1996, 0, 0",
        "1, 30, 0.2, 0, 0",
        "1, 123.4, 0.2004, 1, 0",
        "0.9144, 0, 0.2, 0, 0",
        "0.9144, 45, 0.2004, 1, 0",
        "1, 0, 0.333333, 1, 0",
        "1, 0, 0.334, 1, 1",
        "0.9144, 30, 0.333333, 1, 0",
        "0.9144, 30, 0.334, 1, 1",
        "0.9144, 200, -0.2, 0, 0",
        "1, 200, -0.2004, 1, 0",
        "1, 90, -0.334, 1, 1"
    })
    void aBankIsNoSteeperThanWheelsCanTake(double unit, double degrees, double rise, int chair, int barrow) {
        Turned drawing = new Turned(unit, degrees);
        assertThat(steep(drawing.bank(rise, List.of(INES), drawing.bedAt("Beans", 6, 10))))
                .hasSize(chair)
                .allSatisfy(snag -> assertThat(snag.weight()).isEqualTo(Weight.WARNING));
        Plan onFoot = drawing.bank(rise, List.of(ADA), drawing.bedAt("Beans", 6, 10));
        assertThat(steep(with(onFoot, Put.of(carrier("Trug", 0.4, false, 0))))).isEmpty();
        assertThat(steep(with(onFoot, Put.of(carrier("Barrow", 0.7, true, 0)))))
                .hasSize(barrow)
                .allSatisfy(snag -> assertThat(snag.weight()).isEqualTo(Weight.NOTE));
    }

    @Test
    void theWordsSayWhoAndWhere() {
        Turned drawing = new Turned(METRE, 0);
        Plan both = with(
                drawing.bank(
                        0.5,
                        List.of(INES, ADA),
                        drawing.bedAt("Beans", 4, 10),
                        drawing.bedAt("Peas", 8, 10),
                        drawing.bedAt("Kale", 6, 2)),
                Put.of(carrier("Barrow", 0.7, true, 0)),
                new Change.TendBed(id("Peas"), List.of(id("Ada"))));
        assertThat(steep(both))
                .extracting(Snag::words)
                .containsExactlyInAnyOrder(
                        "Ines gets to Beans, or part of it, only over bare ground that falls more than 1 in 20: too steep for wheels.",
                        "Barrow comes to Peas only over bare ground that falls more than 1 in 12: too steep for wheels.");
        assertThat(steep(with(both, new SetLevels(List.of())))).isEmpty();
    }

    @Test
    void aGentleWayRoundWillDoAndAWalkIsJudgedByItself() {
        Turned drawing = new Turned(METRE, 0);
        List<SpotHeight> heights = new ArrayList<>();
        for (double x : new double[] {0, 8, 10, 12}) {
            // A bank of 2 on the left; on the right the same rise is spread over 7.
            boolean gentle = x > 9;
            heights.addAll(List.of(
                    drawing.height(x, 0, 0),
                    drawing.height(x, 2, 0),
                    drawing.height(x, 5, gentle ? 0.3 * 3 / 7 : 0),
                    drawing.height(x, 7, gentle ? 0.3 * 5 / 7 : 0.3),
                    drawing.height(x, 9, 0.3),
                    drawing.height(x, 12, 0.3)));
        }
        Plan shelf = drawing.bank(0.5, List.of(INES), drawing.bedAt("Beans", 6, 10));
        assertThat(steep(shelf)).hasSize(1);
        assertThat(steep(with(shelf, new SetLevels(heights)))).isEmpty();
        Walk up = new Walk(id("Way"), "Way", WalkGrade.MAIN, Surfacing.PAVERS, drawing.box(4, 3.9, 8, 8.1));
        assertThat(steep(with(shelf, Put.of(up)))).isEmpty();
        assertThat(Appraisal.of(with(shelf, Put.of(up)), SEASON).snags())
                .extracting(Snag::rule)
                .contains(WheelRule.WALK_TOO_STEEP);
    }

    @Test
    void aBedIsMovedToWhereWheelsGetWithoutTheBank() {
        Turned drawing = new Turned(METRE, 0);
        Plan plan = drawing.bank(0.5, List.of(INES), drawing.bedAt("Beans", 6, 9));
        assertThat(steep(plan))
                .singleElement()
                .satisfies(snag -> assertThat(snag.remedies())
                        .extracting(Remedy::words)
                        .containsExactly("Move Beans 6.50 m down to gentler ground"));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void eachRemedyCuresAndBringsNothingNew(long seed) {
        Random random = new Random(seed);
        Turned drawing = new Turned(seed % 2 == 0 ? YARD : METRE, random.nextDouble() * 360);
        Plan plan = with(
                drawing.bank(
                        0.3 + random.nextDouble(),
                        seed < 4 ? List.of(INES) : List.of(INES, ADA),
                        drawing.bedAt("Beans", 3 + random.nextDouble() * 6, 9 + random.nextDouble()),
                        drawing.bedAt("Peas", 3 + random.nextDouble() * 6, 2)),
                Put.of(carrier("Barrow", 0.7, true, 0)),
                new Change.TendBed(id("Peas"), List.of(id("Ines"))));
        List<Snag> before = Appraisal.of(plan, SEASON).snags();
        assertThat(steep(plan))
                .singleElement()
                .satisfies(snag -> assertThat(snag.remedies()).isNotEmpty().allSatisfy(remedy -> {
                    Plan after = with(plan, remedy.change());
                    assertThat(steep(after)).noneMatch(left -> left.weight() == Weight.WARNING);
                    assertThat(Appraisal.of(after, SEASON).snags())
                            .allMatch(left -> left.weight().compareTo(Weight.WARNING) > 0
                                    || before.stream()
                                            .anyMatch(
                                                    old -> old.rule() == left.rule() && old.weight() == left.weight()));
                }));
    }
}
