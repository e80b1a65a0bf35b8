package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.pest;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.postGround;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.fence.FenceFlaw.Reason;
import fairacre.fence.Pest.Pressing;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Swing;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PestStudyTest {

    private static final int SEASON = Gardens.SEASON;
    private static final Length HAIR = new Length(1);
    private static final Fence RING = ring(FenceKind.WOVEN_WIRE, 2.4384, 0);
    private static final Change IN_FEET = new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES);
    private static final FenceFoot RABBIT_FOOT =
            FenceFoot.apron(FenceFoot.Mesh.NETTING, Length.inches(30), Length.inches(12));

    /** A square of 10 m round the middle of the plot, turned. */
    private static Fence ring(FenceKind kind, double height, double turn) {
        double[] places = IntStream.rangeClosed(0, 4)
                .mapToObj(i -> Math.toRadians(turn + 45 + 90 * i))
                .flatMapToDouble(angle -> java.util.stream.DoubleStream.of(
                        10 + 5 * Math.sqrt(2) * Math.cos(angle), 10 + 5 * Math.sqrt(2) * Math.sin(angle)))
                .toArray();
        places[8] = places[0];
        places[9] = places[1];
        return fence("Ring", kind, height, places);
    }

    private static Plan garden(Change... changes) {
        return with(with(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)), IN_FEET), changes);
    }

    private static PestRow row(Plan plan, String pest) {
        return row(plan, pest, SEASON);
    }

    private static PestRow row(Plan plan, String pest, int season) {
        return FenceStudy.of(plan, season, plan.standing(season), Memo.none()).pests().stream()
                .filter(each -> each.pest().equals(id(pest)))
                .findFirst()
                .orElseThrow();
    }

    private static List<Reason> reasons(PestRow row) {
        return row.holes().stream()
                .flatMap(hole -> hole.flaws().stream())
                .map(FenceFlaw::reason)
                .distinct()
                .toList();
    }

    private static final Change DEER = Put.of(pest("Deer", PestKind.DEER, Pressing.HIGH));
    private static final Change FEW_DEER = Put.of(pest("Deer", PestKind.DEER, Pressing.LOW));
    private static final Change RABBITS = Put.of(pest("Rabbits", PestKind.RABBITS, Pressing.HIGH));

    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 45, 90, 211})
    @DisplayName(
            "8 ft keep deer out in the open and a hair less does not (common practice), however the ring is turned")
    void deerAtTheLimit(double turn) {
        Fence ring = ring(FenceKind.WOVEN_WIRE, 2.4384, turn);
        assertThat(row(garden(DEER, Put.of(ring)), "Deer").open()).isEmpty();
        assertThat(row(garden(DEER, Put.of(ring)), "Deer").stoppedBy()).containsExactly(id("Ring"));
        PestRow low = row(garden(DEER, Put.of(ring.high(ring.height().minus(HAIR)))), "Deer");
        assertThat(low.open()).containsExactly(id("Beans"));
        assertThat(reasons(low)).containsExactly(Reason.TOO_LOW);
        assertThat(low.holes().get(0).flaws().get(0).wants()).isEqualTo(Length.feet(8));
    }

    @Test
    @DisplayName("in a garden in metres the same figures are 2.40 m, 0.75 m high and 0.30 m flat (common practice)")
    void theFiguresOfAGardenInMetres() {
        Change metric = new Change.DescribeGarden("Test garden", Units.METRIC);
        FenceFoot foot = FenceFoot.apron(FenceFoot.Mesh.NETTING, Length.metres(0.75), Length.metres(0.3));
        Plan plan = garden(
                metric, DEER, RABBITS, Put.of(RING.high(Length.metres(2.4)).on(foot)));
        assertThat(row(plan, "Deer").open()).isEmpty();
        assertThat(row(plan, "Rabbits").open()).isEmpty();
        Plan lower = garden(metric, DEER, Put.of(RING.high(Length.metres(2.4).minus(HAIR))));
        assertThat(row(lower, "Deer").holes().get(0).flaws().get(0).wants()).isEqualTo(Length.metres(2.4));
        FenceFoot shorter = FenceFoot.apron(
                FenceFoot.Mesh.NETTING,
                Length.metres(0.75).minus(HAIR),
                Length.metres(0.3).minus(HAIR));
        assertThat(reasons(row(garden(metric, RABBITS, Put.of(RING.on(shorter))), "Rabbits")))
                .containsExactly(Reason.MESH_TOO_WIDE, Reason.FOOT_TOO_SHORT);
    }

    @Test
    void snowMakesAFenceLower() {
        Plan snowy = garden(DEER, Put.of(RING), Put.of(postGround("Winter", 0.3, 0)));
        assertThat(row(snowy, "Deer").holes().get(0).flaws().get(0).wants())
                .isEqualTo(Length.feet(8).plus(Length.metres(0.3)));
        Fence higher = RING.high(Length.feet(8).plus(Length.metres(0.3)));
        assertThat(row(with(snowy, Put.of(higher)), "Deer").open()).isEmpty();
        assertThat(row(with(snowy, Put.of(higher.high(higher.height().minus(HAIR)))), "Deer")
                        .open())
                .isNotEmpty();
    }

    @Test
    @DisplayName(
            "6 ft are enough where deer seldom come and see no place to land wider than 2 to 3 m (common practice)")
    void aLowerFenceRoundACrowdedGarden() {
        Fence low = RING.high(Length.feet(6));
        Plan open = garden(FEW_DEER, Put.of(low));
        assertThat(row(open, "Deer").open()).isNotEmpty();
        Plan crowded = with(
                plot(
                        20,
                        20,
                        List.of(),
                        IntStream.range(0, 25)
                                .mapToObj(i -> bed("Bed " + i, 6 + 2 * (i % 5), 6 + 2 * (i / 5), 1.2, 1.2))
                                .toArray(fairacre.plan.Bed[]::new)),
                IN_FEET,
                FEW_DEER,
                Put.of(low));
        assertThat(row(crowded, "Deer").open()).isEmpty();
        assertThat(row(with(crowded, Put.of(low.high(low.height().minus(HAIR)))), "Deer")
                        .open())
                .isNotEmpty();
        assertThat(row(with(crowded, DEER), "Deer").open()).isNotEmpty();
    }

    @Test
    @DisplayName("a mesh of 2 x 4 in lets young rabbits in; 1 in, 30 in high with an apron of 12 in does not"
            + " (common practice)")
    void rabbits() {
        PestRow coarse = row(garden(RABBITS, Put.of(RING)), "Rabbits");
        assertThat(reasons(coarse)).containsExactly(Reason.MESH_TOO_WIDE, Reason.FOOT_OPEN);
        assertThat(row(garden(RABBITS, Put.of(RING.on(RABBIT_FOOT))), "Rabbits").open())
                .isEmpty();
        FenceFoot lower =
                FenceFoot.apron(FenceFoot.Mesh.NETTING, Length.inches(30).minus(HAIR), Length.inches(12));
        assertThat(reasons(row(garden(RABBITS, Put.of(RING.on(lower))), "Rabbits")))
                .containsExactly(Reason.MESH_TOO_WIDE);
        FenceFoot shorter = FenceFoot.apron(
                FenceFoot.Mesh.NETTING, Length.inches(30), Length.inches(12).minus(HAIR));
        assertThat(reasons(row(garden(RABBITS, Put.of(RING.on(shorter))), "Rabbits")))
                .containsExactly(Reason.FOOT_TOO_SHORT);
        FenceFoot buried = FenceFoot.buried(FenceFoot.Mesh.NETTING, Length.inches(30), Length.inches(6));
        assertThat(row(garden(RABBITS, Put.of(RING.on(buried))), "Rabbits").open())
                .isEmpty();
    }

    @Test
    void burrowersAskForClothAndDepthAlone() {
        Change voles = Put.of(pest("Voles", PestKind.BURROWERS, Pressing.LOW));
        FenceFoot cloth = FenceFoot.buried(FenceFoot.Mesh.CLOTH, Length.ZERO, Length.inches(12));
        assertThat(row(garden(voles, Put.of(RING.on(cloth))), "Voles").open()).isEmpty();
        assertThat(reasons(row(garden(voles, Put.of(RING.on(RABBIT_FOOT))), "Voles")))
                .containsExactly(Reason.FOOT_OPEN);
        Change many = Put.of(pest("Voles", PestKind.BURROWERS, Pressing.HIGH));
        assertThat(reasons(row(garden(many, Put.of(RING.on(cloth))), "Voles"))).containsExactly(Reason.FOOT_TOO_SHORT);
    }

    @Test
    void goatsClimbFieldFence() {
        Change goats = Put.of(pest("Goats", PestKind.GOATS, Pressing.LOW));
        assertThat(reasons(row(garden(goats, Put.of(ring(FenceKind.FIELD_FENCE, 1.3, 0))), "Goats")))
                .containsExactly(Reason.FOOTHOLDS);
        assertThat(row(garden(goats, Put.of(ring(FenceKind.WELDED_MESH, 1.3, 0))), "Goats")
                        .open())
                .isEmpty();
    }

    @Test
    void anOpeningIsAHoleAndAGateIsNone() {
        Change opening = Put.of(gate("Way", 15, 10, 1).withSwing(Swing.OPEN).in(id("Ring")));
        PestRow row = row(garden(DEER, Put.of(RING), opening), "Deer");
        assertThat(reasons(row)).containsExactly(Reason.NO_GATE);
        assertThat(row.holes().get(0).thing()).isEqualTo(id("Way"));
        assertThat(row(garden(DEER, Put.of(RING), Put.of(gate("Way", 15, 10, 1).in(id("Ring")))), "Deer")
                        .open())
                .isEmpty();
    }

    @Test
    void aGateAtTheEdgeOfThePlotOpensTheFenceAlongIt() {
        Fence along = fence("Edge", FenceKind.WOVEN_WIRE, 2.5, 0, 0, 20, 0, 20, 20, 0, 20, 0, 0);
        Plan plan = garden(DEER, Put.of(along), Put.of(gate("Gate", 10, 0, 1.2).withSwing(Swing.OPEN)));
        assertThat(reasons(row(plan, "Deer"))).containsExactly(Reason.NO_GATE);
        assertThat(row(with(plan, Put.of(gate("Gate", 10, 0, 1.2))), "Deer").open())
                .isEmpty();
    }

    @Test
    @DisplayName("a gap of just the mesh that a rabbit needs is closed, a hair more is not")
    void gapsAtTheLimit() {
        Fence open = fence("Ring", FenceKind.WOVEN_WIRE, 2.5, 5.0254, 5, 15, 5, 15, 15, 5, 15, 5, 5)
                .on(RABBIT_FOOT);
        assertThat(row(garden(RABBITS, Put.of(open)), "Rabbits").open()).isEmpty();
        Fence wider = fence("Ring", FenceKind.WOVEN_WIRE, 2.5, 5.0256, 5, 15, 5, 15, 15, 5, 15, 5, 5)
                .on(RABBIT_FOOT);
        PestRow row = row(garden(RABBITS, Put.of(wider)), "Rabbits");
        assertThat(reasons(row)).containsExactly(Reason.GAP);
        assertThat(row.holes()).hasSize(2);
        assertThat(row(garden(DEER, Put.of(wider)), "Deer").open()).isEmpty();
    }

    @Test
    void aHouseAndAWallArePartOfTheRing() {
        Fence three = fence("Ring", FenceKind.WOVEN_WIRE, 2.5, 5, 5, 15, 5, 15, 15, 5, 15);
        assertThat(row(garden(DEER, Put.of(three)), "Deer").open()).isNotEmpty();
        Change house = Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 3, 4, 5, 4, 5, 16, 3, 16));
        assertThat(row(garden(DEER, Put.of(three), house), "Deer").open()).isEmpty();
        fairacre.plan.Feature wall = feature("Wall", FeatureKind.WALL, 0.2, 0, 5, 5, 5, 15);
        assertThat(reasons(row(garden(DEER, Put.of(three), Put.of(wall)), "Deer")))
                .containsExactly(Reason.NOT_KNOWN);
        assertThat(reasons(row(garden(DEER, Put.of(three), Put.of(wall.withHeight(Length.metres(2)))), "Deer")))
                .containsExactly(Reason.TOO_LOW);
        assertThat(row(garden(DEER, Put.of(three), Put.of(wall.withHeight(Length.metres(2.5)))), "Deer")
                        .open())
                .isEmpty();
    }

    @Test
    void aFenceThatIsThereIsTrustedWithDeerByItsHeightAndNotWithRabbits() {
        fairacre.plan.Feature kept = feature("Old fence", FeatureKind.FENCE, 0.05, 0, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5)
                .withHeight(Length.metres(2.5));
        Plan plan = garden(DEER, RABBITS, Put.of(kept));
        assertThat(row(plan, "Deer").open()).isEmpty();
        assertThat(reasons(row(plan, "Rabbits"))).containsExactly(Reason.NOT_KNOWN);
    }

    @Test
    void stringsHoldDeerForTheirFirstSeason() {
        Fence strings = ring(FenceKind.STRINGS, 54 * 0.0254, 0).with(PostKind.CANES);
        Plan plan = garden(DEER, RABBITS, Put.of(strings));
        assertThat(row(plan, "Deer").open()).isEmpty();
        assertThat(reasons(row(plan, "Deer", SEASON + 1))).containsExactly(Reason.ONLY_STRING);
        assertThat(reasons(row(plan, "Rabbits"))).containsExactly(Reason.ONLY_STRING);
        assertThat(reasons(row(garden(DEER, Put.of(strings.high(strings.height().minus(HAIR)))), "Deer")))
                .containsExactly(Reason.TOO_LOW);
    }

    @Test
    void whatFliesIsTheBusinessOfANet() {
        PestRow row = row(garden(Put.of(pest("Whites", PestKind.CABBAGE_WHITE, Pressing.LOW)), Put.of(RING)), "Whites");
        assertThat(row.net()).contains(Length.millimetres(7));
        assertThat(row.needs()).isEmpty();
    }

    @Test
    void aPestAndAFenceCountInTheirSeasons() {
        Plan plan = garden(
                Put.of(new Pest(
                        id("Deer"), "Deer", PestKind.DEER, Pressing.HIGH, Optional.empty(), Lifetime.from(SEASON + 1))),
                Put.of(RING.during(new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 2)))));
        assertThat(FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                        .pests())
                .isEmpty();
        assertThat(row(plan, "Deer", SEASON + 1).open()).isEmpty();
        assertThat(row(plan, "Deer", SEASON + 2).open()).isNotEmpty();
    }

    @Test
    void aBedOutsideTheRingIsOpenAndOneAgainstTheFenceIsNot() {
        Plan plan =
                with(plot(20, 20, List.of(), bed("In", 6.025, 10, 2, 1), bed("Out", 2, 2, 1, 1)), DEER, Put.of(RING));
        assertThat(row(plan, "Deer").open()).containsExactly(id("Out"));
    }

    @Test
    void aGardenWithoutPestsHasNothingToTell() {
        Plan plan = garden(Put.of(RING));
        FenceStudy.Fencing fencing =
                FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).fencing();
        assertThat(fencing.pests()).isEmpty();
        assertThat(fencing.fences()).hasSize(1);
        assertThat(fencing.fences().get(0).posts().get(0).place()).isEqualTo(Point.metres(15, 15));
    }

    /** A square round the middle of the plot, half as wide as that, turned. */
    private static Fence square(String name, double half, double height, double turn) {
        double[] places = IntStream.rangeClosed(0, 4)
                .mapToObj(i -> Math.toRadians(turn + 45 + 90 * i))
                .flatMapToDouble(angle -> java.util.stream.DoubleStream.of(
                        10 + half * Math.sqrt(2) * Math.cos(angle), 10 + half * Math.sqrt(2) * Math.sin(angle)))
                .toArray();
        places[8] = places[0];
        places[9] = places[1];
        return fence(name, FenceKind.WELDED_MESH, height, places);
    }

    private static boolean keepsDeerOut(double feetApart, double feetHigh, double turn) {
        double foot = 0.3048;
        return row(
                        garden(
                                DEER,
                                Put.of(square("Outer", 5, 4 * foot, turn)),
                                Put.of(square("Inner", 5 - feetApart * foot, feetHigh * foot, turn))),
                        "Deer")
                .open()
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 45})
    @DisplayName(
            "two rings 4 ft high and 4 to 5 ft apart keep deer out, nearer, further or lower they don't (common practice)")
    void twoRings(double turn) {
        assertThat(keepsDeerOut(4, 4, turn)).isTrue();
        assertThat(keepsDeerOut(5, 4, turn)).isTrue();
        assertThat(keepsDeerOut(3.99, 4, turn)).isFalse();
        assertThat(keepsDeerOut(5.01, 4, turn)).isFalse();
        assertThat(keepsDeerOut(4.5, 3.99, turn)).isFalse();
        assertThat(row(garden(DEER, Put.of(square("Outer", 5, 1.2192, turn))), "Deer")
                        .open())
                .isNotEmpty();
    }

    @Test
    void aPairIsNoneWhileEitherRingIsOpen() {
        Plan plan = garden(
                DEER, Put.of(square("Outer", 5, 1.2192, 0)), Put.of(square("Inner", 5 - 4.5 * 0.3048, 1.2192, 0)));
        for (String ring : List.of("Outer", "Inner")) {
            double y = ring.equals("Outer") ? 5 : 5 + 4.5 * 0.3048;
            Change open = Put.of(gate("Gate", 10, y, 1).in(id(ring)).withSwing(Swing.OPEN));
            assertThat(row(with(plan, open), "Deer").open()).as(ring).isNotEmpty();
            Change gate = Put.of(gate("Gate", 10, y, 1).in(id(ring)));
            assertThat(row(with(plan, gate), "Deer").open()).as(ring).isEmpty();
            Change low = Put.of(
                    gate("Gate", 10, y, 1).in(id(ring)).hung(Gardens.leaf(1, 0).high(Length.metres(1))));
            assertThat(row(with(plan, low), "Deer").open()).as(ring).isNotEmpty();
        }
    }

    @Test
    void twoLowRingsHoldAgainstDeerAndNotAgainstWhatTheyAreTooLowFor() {
        Change chickens = Put.of(pest("Hens", PestKind.CHICKENS, Pressing.HIGH));
        Plan plan = garden(
                DEER,
                chickens,
                Put.of(square("Outer", 5, 1.2192, 0)),
                Put.of(square("Inner", 5 - 4.5 * 0.3048, 1.2192, 0)));
        assertThat(row(plan, "Deer").open()).isEmpty();
        assertThat(row(plan, "Hens").open()).isNotEmpty();
    }

    @Test
    void nettingOnAKeptFenceStopsRabbitsAndBuysNoPosts() {
        Plan plan =
                garden(RABBITS, Put.of(feature("Old", FeatureKind.FENCE, 0.05, 0, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5)));
        assertThat(reasons(row(plan, "Rabbits"))).containsExactly(Reason.NOT_KNOWN);
        Fence netting = new Fence(
                id("Netting"),
                "Netting",
                RING.places(),
                FenceKind.RABBIT_NETTING,
                Length.inches(30),
                RABBIT_FOOT,
                PostKind.EXISTING,
                List.of(),
                Lifetime.from(SEASON));
        Plan netted = with(plan, Put.of(netting.along(plan.features().get(0).places())));
        assertThat(row(netted, "Rabbits").open()).isEmpty();
        FenceTold told = FenceStudy.of(netted, SEASON, netted.standing(SEASON), Memo.none())
                .fences()
                .get(0);
        assertThat(told.posts()).isEmpty();
        assertThat(told.mesh()).isNotEmpty();
    }
}
