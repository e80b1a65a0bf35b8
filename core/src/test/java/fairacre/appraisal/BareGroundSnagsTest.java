package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
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

/**
 * 2010 ADA Standards 302.1: ground for wheels is firm, stable and slip-resistant. How narrow a walk may be is common
 * practice.
 */
class BareGroundSnagsTest {

    private static final Gardener INES = seated("Ines", 0.5, 0.92);

    private static List<Snag> bare(Plan plan) {
        return bare(plan, SEASON);
    }

    private static List<Snag> bare(Plan plan, int season) {
        return Appraisal.of(plan, season).snags().stream()
                .filter(snag -> snag.rule() == WheelRule.BARE_GROUND)
                .toList();
    }

    private static Walk walk(String name, Surfacing surface, WalkBuild build, List<Point> corners) {
        return new Walk(id(name), name, WalkGrade.MAIN, surface, corners, build);
    }

    private static Walk paved(double left, double bottom, double right, double top) {
        return walk(
                "Way " + left + bottom,
                Surfacing.PAVERS,
                WalkBuild.NONE,
                places(0, left, bottom, right, bottom, right, top, left, top));
    }

    private static List<Point> places(double degrees, double... places) {
        double angle = Math.toRadians(degrees);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            points.add(Point.metres(
                    places[i] * Math.cos(angle) - places[i + 1] * Math.sin(angle),
                    places[i] * Math.sin(angle) + places[i + 1] * Math.cos(angle)));
        }
        return points;
    }

    /** Along one side of a bed of 2 m, from a gate below it. */
    private static Plan alongOneSide(double width) {
        return with(
                plot(6, 6, List.of(INES), bed("Beans", 3, 2 + width / 2, 2, width)),
                Put.of(gate("Gate", 3, 0, 1)),
                Put.of(paved(1.5, 0, 4.5, 2)));
    }

    @Test
    void aChairOnBareGroundIsToldWithWhatToLay() {
        Plan plan = with(
                plot(10, 10, List.of(INES, gardener("Ada", 0.6, 0.6)), bed("Beans", 5, 5, 2, 0.9)),
                Put.of(gate("Gate", 5, 0, 1)));
        assertThat(bare(plan)).singleElement().satisfies(snag -> {
            assertThat(snag.weight()).isEqualTo(Weight.WARNING);
            assertThat(snag.words())
                    .isEqualTo(
                            "Ines works Beans, or part of it, from bare ground: it gives way under wheels when it is wet.");
            assertThat(snag.gardeners()).containsExactly(id("Ines"));
            assertThat(snag.remedies())
                    .hasSize(2)
                    .allSatisfy(remedy ->
                            assertThat(bare(with(plan, remedy.change()))).isEmpty());
            assertThat(snag.remedies().get(0).words())
                    .matches(
                            "Lay \\d+\\.\\d\\d m² of stabilised gravel or fines round the beds, dug in, with its usual layers, \\+€[\\d,]+\\.\\d\\d");
        });
        assertThat(bare(with(plan, new Change.TendBed(id("Beans"), List.of(id("Ada"))))))
                .isEmpty();
        assertThat(bare(with(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 5, 5, 2, 0.9)))))
                .isEmpty();
    }

    @Test
    void barrowsCutRutsAndThatIsANote() {
        Plan plan = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 5, 5, 2, 0.9), bed("Peas", 5, 7, 2, 0.9)),
                Put.of(gate("Gate", 5, 0, 1)),
                Put.of(carrier("Barrow", 0.7, true, 0)),
                Put.of(carrier("Cart", 0.9, true, 0)),
                Put.of(carrier("Trug", 0.4, false, 0)));
        assertThat(bare(plan)).singleElement().satisfies(snag -> {
            assertThat(snag.weight()).isEqualTo(Weight.NOTE);
            assertThat(snag.words())
                    .isEqualTo(
                            "Cart and Barrow come to Beans and Peas over bare ground: wheels cut ruts in it when it is wet.");
            assertThat(snag.remedies().get(0).words()).contains("of wood chip or bark round the beds");
            assertThat(snag.remedies())
                    .allSatisfy(remedy ->
                            assertThat(bare(with(plan, remedy.change()))).isEmpty());
        });
        Plan withInes = with(plan, Put.of(INES), new Change.TendBed(id("Peas"), List.of(id("Ada"))));
        assertThat(bare(withInes))
                .extracting(Snag::words)
                .containsExactlyInAnyOrder(
                        "Ines works Beans, or part of it, from bare ground: it gives way under wheels when it is wet.",
                        "Cart and Barrow come to Peas over bare ground: wheels cut ruts in it when it is wet.");
    }

    @ParameterizedTest(name = "{0} wide, turned {1}")
    @CsvSource({
        "0.72 m, 0, 0",
        "0.72 m, 30, 0",
        "0.72 m, 45, 0",
        "0.721 m, 123.4, 0",
        "0.92 m, 0, 0",
        "0.718 m, 0, 1",
        "0.718 m, 30, 1",
        "0.718 m, 45, 1",
        "0.718 m, 123.4, 1",
        "28 3/8 in, 0, 0",
        "28 1/4 in, 0, 1",
        "28 3/8 in, 200, 0",
        "28 1/4 in, 200, 1",
        "2 ft 4 3/8 in, 61, 0",
        "3 ft, 15, 0",
        "2 ft 4 in, 61, 1"
    })
    void aWalkIsWideEnoughFromAHandNarrowerOnEitherSide(String wide, double degrees, int snags) {
        double half = LengthText.parse(wide, Units.METRIC).metres() / 2;
        Bed beans = bed(
                "Beans",
                places(degrees, 3, 4).get(0).x().metres(),
                places(degrees, 3, 4).get(0).y().metres(),
                2,
                1,
                -degrees,
                Optional.empty());
        Plan plan = with(
                on(places(degrees, 0, 0, 6, 0, 6, 6, 0, 6), List.of(gardener("Ada", 0.6, 0.6)), beans),
                Put.of(new WayIn(id("Gate"), "Gate", places(degrees, 3, 0).get(0), Length.metres(1), Swing.INWARD)),
                Put.of(carrier("Cart", 0.92, true, 0)),
                Put.of(walk(
                        "Way",
                        Surfacing.PAVERS,
                        WalkBuild.NONE,
                        places(degrees, 3 - half, 0, 3 + half, 0, 3 + half, 3.5, 3 - half, 3.5))));
        assertThat(bare(plan)).hasSize(snags);
    }

    @ParameterizedTest(name = "{0} m wide: {1} snags")
    @CsvSource({"0.3, 0", "0.5, 0", "0.504, 0", "0.515, 1", "0.6, 1", "1, 1"})
    void oneFirmSideDoesForABedAsWideAsTheReach(double width, int snags) {
        assertThat(bare(alongOneSide(width))).hasSize(snags);
    }

    @ParameterizedTest(name = "{0} wide: {1} snags")
    @CsvSource({"12 in, 0", "19 11/16 in, 0", "20 1/4 in, 1", "3 ft, 1"})
    void oneFirmSideDoesInFeetAsInMetres(String width, int snags) {
        assertThat(bare(alongOneSide(
                        LengthText.parse(width, Units.FEET_AND_INCHES).metres())))
                .hasSize(snags);
    }

    @Test
    void walksCountFromTheSeasonTheyAreMadeInAndSlabsAlways() {
        Plan plan = with(plot(6, 6, List.of(INES), bed("Beans", 3, 2.2, 2, 0.4)), Put.of(gate("Gate", 3, 0, 1)));
        Walk later = walk("Way", Surfacing.PAVERS, WalkBuild.NONE, places(0, 1.5, 0, 4.5, 0, 4.5, 2, 1.5, 2))
                .withLifetime(Lifetime.from(SEASON + 1));
        assertThat(bare(with(plan, Put.of(later)))).hasSize(1);
        assertThat(bare(with(plan, Put.of(later)), SEASON + 1)).isEmpty();
        assertThat(bare(with(plan, Put.of(feature("Terrace", FeatureKind.SLAB, 0, 0, 1.5, 0, 4.5, 0, 4.5, 2, 1.5, 2)))))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatIsLaidDoesWhereverBedsAndGateLie(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 3; i++) {
            Bed[] beds = new Bed[1 + random.nextInt(3)];
            for (int b = 0; b < beds.length; b++) {
                beds[b] = bed(
                        "Bed " + b,
                        3 + 4 * b + random.nextDouble(),
                        3 + random.nextDouble() * 4,
                        1.5,
                        0.6 + random.nextDouble() / 2,
                        random.nextDouble() * 180,
                        Optional.empty());
            }
            Plan plan =
                    with(plot(15, 10, List.of(INES), beds), Put.of(gate("Gate", 1 + random.nextDouble() * 12, 0, 1)));
            assertThat(bare(plan))
                    .singleElement()
                    .satisfies(snag -> assertThat(snag.remedies())
                            .isNotEmpty()
                            .allSatisfy(remedy -> assertThat(bare(with(plan, remedy.change())))
                                    .isEmpty()));
        }
    }
}
