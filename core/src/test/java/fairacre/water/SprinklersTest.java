package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.sprinklers;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.shape.Areas;
import fairacre.shape.BedSoil;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class SprinklersTest {

    private static BedRevision rectangle(double length, double width, double turn) {
        return new BedRevision(SEASON, Gardens.rectangle(3, 4, length, width, turn), Optional.empty());
    }

    private static BedLayout laid(BedRevision bed, double radius) {
        return sprinklers("Beans", "Tap", radius).layouts(bed).get(0);
    }

    @ParameterizedTest
    @DisplayName("head to head by hand: a head at each corner and as many between that none is further than it throws")
    @CsvSource({
        // length, width, radius, heads, full circles
        "2, 1, 1, 6, 2",
        "2, 1, 0.999, 12, 6",
        "2, 1, 1.001, 6, 2",
        "2, 1, 2, 4, 1",
        "1, 2, 1, 6, 2",
        "2, 2, 1, 9, 4",
        "3.6, 1.2, 1.2, 8, 3"
    })
    void headsOfARectangle(double length, double width, double radius, int heads, double circles) {
        for (double turn : new double[] {0, 37, 90, 200}) {
            BedLayout layout = laid(rectangle(length, width, turn), radius);
            assertThat(layout.sprays()).hasSize(heads);
            assertThat(layout.outlets()).hasSize(heads);
            assertThat(layout.sprays().stream().mapToDouble(Spray::share).sum()).isCloseTo(circles, within(1e-9));
        }
    }

    @ParameterizedTest
    @DisplayName("every head is in the soil, joined to the others, and little of any shape stays dry")
    @MethodSource("fairacre.water.BedLayoutTest#anyShape")
    void headsOfAnyShape(BedRevision bed) {
        BedLayout layout = laid(bed, 0.8);
        Geometry soil = BedSoil.of(bed);
        assertThat(layout.nodes())
                .allSatisfy(node -> assertThat(new GeometryFactory()
                                .createPoint(new Coordinate(
                                        node.x().metres(), node.y().metres()))
                                .distance(soil))
                        .isLessThan(1e-3));
        assertThat(layout.pipes()).hasSize(layout.nodes().size() - 1);
        Geometry wet = Areas.joined(layout.sprays().stream().map(Spray::wets).toList());
        assertThat(Areas.without(soil, wet).getArea()).isLessThan(0.1 * soil.getArea());
    }

    @Test
    @DisplayName("Two full circles of 60 L/h at 150 kPa give 120 L/h; at 100 kPa sqrt(2/3) of it [by hand]")
    void flowGoesByTheRootOfThePressure() {
        Plan plan = with(
                plot(10, 10, List.of(Gardens.gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 4, 2, 1)),
                Put.of(tap("Tap", 1, 1, 40)),
                Put.of(run("Trunk", "Tap", 1, 1, 3, 3.4)),
                Put.of(sprinklers("Beans", "Trunk", 1)));
        Zone zone = study(plan).zones().get(0);
        assertThat(zone.wants().litresAnHour()).isCloseTo(120, within(0.01));
        BedWater water = zone.beds().get(0);
        assertThat(water.evenness()).isGreaterThan(0.95);
        double head = (water.least().kilopascals() + water.most().kilopascals()) / 2;
        assertThat(water.flow().litresAnHour()).isCloseTo(120 * Math.sqrt(head / 150), within(1.0));
    }

    private static WaterStudy study(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none());
    }

    private static Optional<Snag> wetted(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WaterRule.SPRINKLERS_WET)
                .findFirst();
    }

    private static Plan watered(double radius, Change... more) {
        Plan plan = with(
                plot(10, 10, List.of(Gardens.gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 4, 2, 1)),
                Put.of(tap("Tap", 1, 1, 40)),
                Put.of(run("Trunk", "Tap", 1, 1, 3, 3.4)),
                Put.of(sprinklers("Beans", "Trunk", radius)));
        return with(plan, more);
    }

    private static Change path(double y) {
        return Put.of(new Walk(
                Gardens.id("Path"),
                "Path",
                WalkGrade.WORK,
                Surfacing.GRASS,
                List.of(Point.metres(1, y), Point.metres(5, y), Point.metres(5, y + 1), Point.metres(1, y + 1)),
                WalkBuild.NONE,
                Lifetime.ALWAYS));
    }

    /** Half as long as the bed is what they throw; the bed is 1 m wide, so the rest falls beside it. */
    @ParameterizedTest
    @CsvSource({"2.19, false", "2.2, false", "2.24, true"})
    void aWalkIsWettedByMoreThanAHandsBreadth(double length, boolean told) {
        Plan plan = Gardens.rebuilt(watered(1.2, path(4.5)), "Beans", bed -> rectangle(length, 1, 0));
        assertThat(wetted(plan).isPresent()).isEqualTo(told);
    }

    @Test
    void theRemedyIsTheWidestThrowThatStaysInside() {
        Snag snag = wetted(watered(2, path(4.5))).orElseThrow();
        assertThat(snag.words()).isEqualTo("The sprinklers of Beans wet Path.");
        Plan after =
                watered(2, path(4.5)).apply(snag.remedies().get(0).change()).orThrow();
        assertThat(wetted(after)).isEmpty();
        assertThat(after.list(WaterKinds.SPRINKLERS).get(0).radius().metres()).isBetween(1.0, 1.2);
    }

    @Test
    void wallsAndTheNeighboursGroundAreWorse() {
        Change house = Put.of(Feature.of(
                Gardens.id("House"),
                "House",
                FeatureKind.HOUSE,
                List.of(Point.metres(1, 5), Point.metres(5, 5), Point.metres(5, 8), Point.metres(1, 8)),
                Length.ZERO,
                Length.ZERO));
        assertThat(wetted(watered(2, house)).orElseThrow().weight()).isEqualTo(Weight.WARNING);
        Plan atTheEdge = with(
                plot(10, 10, List.of(Gardens.gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 9.4, 2, 1)),
                Put.of(tap("Tap", 1, 1, 40)),
                Put.of(run("Trunk", "Tap", 1, 1, 3, 8)),
                Put.of(sprinklers("Beans", "Trunk", 2)));
        assertThat(wetted(atTheEdge).orElseThrow().words())
                .isEqualTo("The sprinklers of Beans wet ground beyond the plot.");
    }

    @Test
    void aClickLaysSprinklersThatThrowAsFarAsTheBedIsWide() {
        Plan plan = with(
                plot(
                        10,
                        10,
                        List.of(Gardens.gardener("Ada", 0.6, 0.6)),
                        bed("Beans", 3, 4, 2.4, 1.2),
                        bed("Field", 7, 5, 5, 4)),
                Put.of(tap("Tap", 1, 1, 40)));
        Change change = new NewWater(plan, SEASON, ids())
                .lines(List.of(Gardens.id("Beans"), Gardens.id("Field")), NewWater.Way.SPRINKLERS);
        assertThat(plan.apply(change).orThrow().list(WaterKinds.SPRINKLERS).stream()
                        .map(each -> each.radius().metres()))
                .containsExactlyInAnyOrder(1.2, 2.0);
    }

    private static Supplier<UUID> ids() {
        return Stream.iterate(1, i -> i + 1).map(i -> Gardens.id("new " + i)).iterator()::next;
    }
}
