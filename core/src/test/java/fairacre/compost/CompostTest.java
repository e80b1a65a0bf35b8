package fairacre.compost;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.compost;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bed.BedRule;
import fairacre.bill.BillPart;
import fairacre.cost.CostStudy;
import fairacre.judging.JudgingRule;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.walk.WalkRule;
import fairacre.walk.WalkStudy;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Compost bays on the plot, on the bill and in the judgement. */
class CompostTest {

    private static final Gardener ADA = gardener("Ada", 0.6, 0.6);

    /** A cubic yard is 764.554857984 l: NIST Special Publication 811, appendix B. */
    private static final double CUBIC_YARD = 764.554857984;

    private static CompostBays bays(double length, double width, int bays, double height, Lifetime lifetime) {
        return new CompostBays(
                id("Heaps"),
                "Heaps",
                rectangle(5, 5, length, width, 0),
                bays,
                Length.metres(height),
                Optional.empty(),
                Optional.of(Money.of(EUR, 120)),
                lifetime);
    }

    private static Plan garden(CompostBays heaps) {
        return with(plot(14, 8, List.of(ADA), bed("Beans", 2, 4, 2, 1)), Put.of(heaps));
    }

    private static List<Snag> of(Plan plan, Rule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    private static CompostStudy.CompostTold told(Plan plan) {
        WalkStudy walks = WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON), Memo.none());
        return CompostStudy.of(plan, plan.standing(SEASON), walks).told(SEASON).get(0);
    }

    @Test
    void twoBaysOfThreeFeetEachWayHoldTwoCubicYards() {
        assertThat(compost("Heaps", 5, 5, 30).capacity().litres()).isCloseTo(2 * CUBIC_YARD, within(0.01));
    }

    @Test
    void aCubeOfAMetreInsideHoldsAThousandLitres() {
        assertThat(bays(1.0508, 1.0508, 1, 1, Lifetime.ALWAYS).capacity().litres())
                .isCloseTo(1000, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"0.3, 1, 3", "1, 0.1, 1", "0.12, 1, 1"})
    void baysThatAreAllWallAreRefused(double length, double width, int many) {
        assertThatThrownBy(() -> bays(length, width, many, 1, Lifetime.ALWAYS))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).startsWith("place/"));
    }

    @Test
    void anotherCurrencyAndASeasonBeforeTheGardenAreRefusedAtTheirField() {
        Plan plan = plot(14, 8, List.of(ADA));
        CompostBays dollars = new CompostBays(
                id("Heaps"),
                "Heaps",
                rectangle(5, 5, 2, 1, 0),
                1,
                Length.metres(1),
                Optional.empty(),
                Optional.of(Money.of(CurrencyUnit.USD, 5)),
                Lifetime.ALWAYS);
        CompostBays early = bays(2, 1, 1, 1, Lifetime.from(SEASON - 1));
        assertThat(plan.apply(Put.of(dollars)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("compostBays/price"));
        assertThat(plan.apply(Put.of(early)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("compostBays/lifetime/from"));
    }

    @Test
    void whatIsBuiltInASeasonIsPaidForInItAndCanBePutOff() {
        Plan plan = garden(bays(2, 1, 2, 1, Lifetime.from(SEASON + 1)));
        assertThat(CostStudy.of(plan).bill().total(SEASON + 1)).isEqualTo(Money.of(EUR, 120));
        assertThat(plan.seasonsOfChange()).contains(SEASON + 1);
        assertThat(plan.standingThings(SEASON)).isEmpty();
        Plan later = with(plan, new PurseChange.PutOff(SEASON + 1, SEASON + 2, List.of(), false, true));
        assertThat(CostStudy.of(later).bill().total(SEASON + 1)).isEqualTo(Money.zero(EUR));
        assertThat(CostStudy.of(later).bill().total(SEASON + 2)).isEqualTo(Money.of(EUR, 120));
        Plan there = garden(bays(2, 1, 2, 1, Lifetime.ALWAYS));
        assertThat(CostStudy.of(there).bill().total())
                .isEqualTo(CostStudy.of(later).bill().total(SEASON));
    }

    @Test
    void aBedThatStandsInTheBaysIsTold() {
        Plan plan = with(garden(compost("Heaps", 8, 4, 0)), Put.of(compost("Heaps", 3, 4, 0)));
        assertThat(of(plan, BedRule.BED_ON_FEATURE)).isNotEmpty();
    }

    @Test
    void baysThatNobodyGetsToAreMovedOrDoneWithout() {
        Plan shut = with(
                garden(compost("Heaps", 12.5, 1, 0)),
                Put.of(gate("Gate", 0, 4, 1.2)),
                new Change.PlaceBed(bed("North", 12, 2.5, 4, 1)),
                new Change.PlaceBed(bed("West", 10.5, 1, 1, 2)));
        Snag snag = of(shut, WalkRule.THING_SHUT_OUT).get(0);
        assertThat(snag.remedies()).extracting(Remedy::words).anyMatch(words -> words.startsWith("Move Heaps"));
        for (Remedy remedy : snag.remedies()) {
            assertThat(of(shut.apply(remedy.change()).orThrow(), WalkRule.THING_SHUT_OUT))
                    .as(remedy.words())
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 90, 180, 270})
    void theWayIsTheGapLessWhereOneStands(double turn) {
        // From the bays' short side straight to the bed: 6.0475 m between them, walked by a disk of 0.6 m that touches
        // both ends; the place it starts from is half of it off the bays.
        double x = 7 - 4 * Math.cos(Math.toRadians(turn));
        double y = 7 + 4 * Math.sin(Math.toRadians(turn));
        double far = 4 - 0.5 - Length.inches(37.5).metres();
        Plan plan = with(
                plot(14, 14, List.of(ADA), bed("Beans", x, y, 1, 2, turn, Optional.empty())),
                Put.of(compost("Heaps", 7, 7, turn)));
        assertThat(told(plan).furthest().orElseThrow().route().metres()).isCloseTo(far - 0.3, within(0.02));
    }

    @Test
    void theBarrowGoesWhereThereIsOne() {
        Plan plan = garden(compost("Heaps", 10, 4, 0));
        Plan rolling = with(plan, Put.of(carrier("Barrow", 0.9, true, 0)));
        double onFoot = told(plan).furthest().orElseThrow().route().metres();
        assertThat(told(rolling).furthest().orElseThrow().route().metres()).isCloseTo(onFoot - 0.15, within(0.02));
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.001, 0", "-0.001, 1"})
    void aBedIsTooFarByAHairAndNotExactly(double more, int told) {
        CompostBays heaps = compost("Heaps", 10, 4, 30);
        Length route = told(garden(heaps)).furthest().orElseThrow().route();
        Plan plan = garden(heaps.wanted(route.plus(Length.metres(more))));
        assertThat(of(plan, CompostRule.COMPOST_FAR)).hasSize(told);
    }

    @Test
    void eachRemedyCuresAndBringsNothing() {
        Plan plan = with(
                plot(16, 8, List.of(ADA), bed("Beans", 2, 2, 2, 1), bed("Kale", 2, 6, 2, 1), bed("Peas", 6, 4, 2, 1)),
                Put.of(compost("Heaps", 14, 4, 20).wanted(Length.metres(6))));
        Snag snag = of(plan, CompostRule.COMPOST_FAR).get(0);
        assertThat(snag.beds()).contains(id("Beans"), id("Kale"));
        assertThat(snag.remedies()).extracting(Remedy::words).anyMatch(words -> words.startsWith("Move Heaps"));
        for (Remedy remedy : snag.remedies()) {
            assertThat(Appraisal.of(plan.apply(remedy.change()).orThrow(), SEASON)
                            .snags())
                    .as(remedy.words())
                    .noneMatch(left -> left.rule() == CompostRule.COMPOST_FAR || left.rule() == BedRule.BED_ON_FEATURE);
        }
    }

    @ParameterizedTest
    @CsvSource({"190, Go as far as 1", "230, Go as far as it is"})
    void wayBeyondAnyLimitThereIsNone(double off, String words) {
        Plan plan = with(
                plot(300, 8, List.of(ADA), bed("Beans", 20 + off, 4, 2, 1)),
                Put.of(compost("Heaps", 10, 4, 0).wanted(Length.metres(150))));
        Snag snag = of(plan, CompostRule.COMPOST_FAR).get(0);
        assertThat(snag.remedies()).extracting(Remedy::words).anyMatch(each -> each.startsWith(words));
        for (Remedy remedy : snag.remedies()) {
            assertThat(of(plan.apply(remedy.change()).orThrow(), CompostRule.COMPOST_FAR))
                    .as(remedy.words())
                    .isEmpty();
        }
        assertThat(of(plan, JudgingRule.NOT_JUDGED)).isEmpty();
    }

    @Test
    void theyComeAndGoWithTheirSeasonsAndComeBackWhenTakenOut() {
        Plan plan = garden(bays(2, 1, 2, 1, new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 2))));
        assertThat(plan.standingThings(SEASON + 1)).hasSize(1);
        assertThat(plan.standingThings(SEASON + 2)).isEmpty();
        Outcome.Applied gone = (Outcome.Applied) plan.apply(new Remove<>(CompostKinds.BAYS, id("Heaps")));
        assertThat(gone.plan().list(CompostKinds.BAYS)).isEmpty();
        assertThat(with(gone.plan(), gone.inverse())).isEqualTo(plan);
    }

    @Test
    void theirPlaceIsAsTheyWereDrawn() {
        Rectangle place = compost("Heaps", 5, 5, 30).place();
        assertThat(compost("Heaps", 5, 5, 30).standing().places()).isEqualTo(place.corners());
    }

    @ParameterizedTest
    @CsvSource({"METRIC, 1000", "FEET_AND_INCHES, 764.5549"})
    void newBaysStandByTheGateWhereTheyAreInNobodysWay(Units units, double litresOfABay) {
        Plan plan = with(
                plot(14, 10, List.of(ADA), bed("Beans", 3, 3, 2, 1), bed("Kale", 11, 3, 2, 1)),
                Put.of(gate("Gate", 7, 0, 1.2)),
                new Change.DescribeGarden("G", units));
        Plan one = with(plan, NewBays.in(plan, SEASON, id("one")));
        Plan two = with(one, NewBays.in(one, SEASON, id("two")));
        assertThat(two.list(CompostKinds.BAYS))
                .extracting(CompostBays::name)
                .containsExactlyInAnyOrder("Compost", "Compost 2");
        CompostBays first = one.list(CompostKinds.BAYS).get(0);
        assertThat(first.capacity().litres()).isCloseTo(2 * litresOfABay, within(0.01));
        assertThat(first.lifetime()).isEqualTo(Lifetime.from(SEASON));
        // With its back to the foot of the plot: beside the gate one passes.
        assertThat(first.place().corners().get(0).y()).isEqualTo(Length.ZERO);
        double off = Math.abs(first.place().centre().x().metres() - 7)
                - first.place().length().metres() / 2;
        assertThat(off).isBetween(0.6 + 0.6, 0.6 + 0.6 + 0.1);
        assertThat(Appraisal.of(two, SEASON).snags())
                .extracting(Snag::rule)
                .containsExactlyInAnyOrderElementsOf(Appraisal.of(plan, SEASON).snags().stream()
                        .map(Snag::rule)
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 45, 90, 200.5})
    void newBaysFindTheirPlaceOnAPlotThatLiesAskew(double turn) {
        List<Point> corners = new Rectangle(Point.metres(0, 0), Length.metres(9), Length.metres(6), turn).corners();
        Plan plan = on(corners, List.of(ADA));
        CompostBays bays = with(plan, NewBays.in(plan, SEASON, id("one")))
                .list(CompostKinds.BAYS)
                .get(0);
        assertThat(Math.hypot(
                        bays.place().centre().x().minus(corners.get(0).x()).metres(),
                        bays.place().centre().y().minus(corners.get(0).y()).metres()))
                .isCloseTo(
                        Math.hypot(
                                bays.place().length().metres() / 2,
                                bays.place().width().metres() / 2),
                        within(0.003));
    }

    @Test
    void whereThereIsNoRoomNewBaysStandInTheMiddleAndTheFlawIsTold() {
        Plan full = plot(4, 3, List.of(ADA), bed("Beans", 2, 1.5, 3, 1.2));
        Plan plan = with(full, NewBays.in(full, SEASON, id("one")));
        assertThat(of(plan, BedRule.BED_ON_FEATURE)).hasSize(1);
    }

    private static CompostBays walled(BayWalls walls, double length, double width, int bays, double height) {
        return new CompostBays(
                id("Heaps"),
                "Heaps",
                rectangle(5, 5, length, width, 0),
                bays,
                Length.metres(height),
                Optional.empty(),
                Optional.empty(),
                Optional.of(walls),
                Lifetime.from(SEASON));
    }

    private static List<String> bought(CompostBays heaps) {
        Plan plan = garden(heaps);
        Takeoff takeoff = Takeoff.of(plan, Memo.none());
        return Stream.concat(
                        takeoff.sold().stream()
                                .filter(sold -> sold.line().part() == BillPart.STRUCTURES)
                                .map(sold -> sold.line().item().key() + " "
                                        + Math.round(100 * sold.units(plan.units())) / 100.0),
                        takeoff.boards().stream()
                                .filter(boards -> boards.part() == BillPart.STRUCTURES)
                                .map(boards -> boards.kind().board().key() + " "
                                        + boards.pieces().size() + " of "
                                        + boards.pieces().stream()
                                                .mapToDouble(Length::metres)
                                                .sum()))
                .toList();
    }

    @Test
    @DisplayName("by hand: two bays of 1 m of boards of 150 mm, seven courses: 14 behind, 14 in front, 21 across")
    void boardsOfBays() {
        List<String> bought = bought(walled(BayWalls.BOARDS, 2.0762, 1.0508, 2, 1));
        // 14 x 1.0381 + 14 x 1.0 + 21 x 1.0508, each up to the next millimetre: 1.039, 1.000 and 1.051 m.
        assertThat(bought)
                .anySatisfy(line -> assertThat(line).startsWith("22x150 mm 49 of 50.6"))
                .contains("47x100 mm 6 of 6.0", "50x50 mm 4 of 4.0");
    }

    @ParameterizedTest
    @DisplayName(
            "by hand: a pallet of 1.2 x 0.8 m behind and before each bay and across: 2 x 2 + 3; on end from 0.8 m up")
    @CsvSource({"2.7, 1.2, 2, 0.8, 7", "2.7, 1.2, 2, 0.801, 14", "1.48, 1.2, 1, 0.8, 4", "1.49, 1.2, 1, 0.8, 6"})
    void palletsOfBays(double length, double width, int bays, double height, int pallets) {
        assertThat(bought(walled(BayWalls.PALLETS, length, width, bays, height)))
                .containsExactly("compost/pallet " + pallets + ".0");
    }

    @Test
    @DisplayName("by hand: 1 m of mesh round two bays of 1 x 1 m: 4 m along and 3 m across, two stakes to a wall")
    void meshOfBays() {
        assertThat(bought(walled(BayWalls.MESH, 2, 1, 2, 1)))
                .containsExactlyInAnyOrder("compost/mesh/square-metre 7.0", "arch/stake 6.0");
    }

    @Test
    @DisplayName("a pallet of 1200 x 800 mm weighs 25 kg (EPAL), mesh 2 kg/m², dry softwood 450 kg/m³")
    void wallsWeigh() {
        assertThat(weight(walled(BayWalls.PALLETS, 2.7, 1.2, 2, 0.8))).isCloseTo(7 * 25, within(1e-6));
        assertThat(weight(walled(BayWalls.MESH, 2, 1, 2, 1))).isCloseTo(7 * 2 + 6, within(1e-6));
        // 14 of 1.039, 14 of 1.000 and 21 of 1.051 m; six uprights and four battens of 1 m.
        double slats = (14 * 1.039 + 14 + 21 * 1.051) * 0.022 * 0.15;
        assertThat(weight(walled(BayWalls.BOARDS, 2.0762, 1.0508, 2, 1)))
                .isCloseTo(450 * (slats + 6 * 0.047 * 0.1 + 4 * 0.05 * 0.05), within(0.2));
    }

    private static double weight(CompostBays bays) {
        return BayParts.of(bays, bays.walls().orElseThrow(), Units.METRIC).kilograms();
    }

    @Test
    void whatHasAPriceOfItsOwnOrWasThereBeforeBuysNothing() {
        assertThat(bought(bays(2, 1, 2, 1, Lifetime.from(SEASON)))).isEmpty();
        CompostBays old = walled(BayWalls.MESH, 2, 1, 2, 1);
        assertThat(bought(new CompostBays(
                        old.id(),
                        "Heaps",
                        old.place(),
                        2,
                        old.height(),
                        Optional.empty(),
                        Optional.empty(),
                        old.walls(),
                        Lifetime.ALWAYS)))
                .isEmpty();
    }

    @Test
    void thickWallsLeaveLessRoom() {
        // 2.42 x 1.28 m outside leaves 2 x 1 x 1 m between pallets of 140 mm.
        assertThat(walled(BayWalls.PALLETS, 2.42, 1.28, 2, 1).capacity().litres())
                .isCloseTo(2000, within(0.01));
        assertThat(walled(BayWalls.MESH, 2.015, 1.01, 2, 1).capacity().litres()).isCloseTo(2000, within(0.01));
    }

    @ParameterizedTest
    @DisplayName(
            "a fork wants 3 ft before or behind the bays: exactly so much is enough, a hair less is not, turned as well")
    @CsvSource({"0, 0, 0", "-1e-3, 0, 1", "0, 180, 0", "-1e-3, 180, 1", "1e-3, 0, 0"})
    void roomToTurn(double off, double turn, int count) {
        double depth = 1;
        double free = 3 * 0.3048 + off;
        CompostBays heaps = new CompostBays(
                id("Heaps"),
                "Heaps",
                rectangle(5, depth / 2, 2, depth, turn),
                2,
                Length.metres(1),
                Optional.empty(),
                Optional.empty(),
                Lifetime.ALWAYS);
        Plan plan = with(plot(10, 12, List.of(ADA), bed("Beans", 5, depth + free + 0.5, 4, 1)), Put.of(heaps));
        List<Snag> snags = of(plan, CompostRule.COMPOST_NO_ROOM);
        assertThat(snags).hasSize(count);
        snags.forEach(snag -> assertThat(snag.remedies())
                .hasSize(2)
                .allSatisfy(remedy -> assertThat(of(plan.apply(remedy.change()).orThrow(), CompostRule.COMPOST_NO_ROOM))
                        .as(remedy.words())
                        .isEmpty()));
    }

    @Test
    void newBaysAreOfBoardsAndHaveRoomToTurn() {
        Plan plan = plot(14, 8, List.of(ADA), bed("Beans", 2, 4, 2, 1));
        Plan built = with(plan, NewBays.in(plan, SEASON, id("new")));
        assertThat(built.list(CompostKinds.BAYS).get(0).walls()).contains(BayWalls.BOARDS);
        assertThat(of(built, CompostRule.COMPOST_NO_ROOM)).isEmpty();
    }

    @Test
    void newBaysArePutBesideTheGateThatIsChosen() {
        Plan plan = with(
                plot(14, 8, List.of(ADA), bed("Beans", 7, 4, 2, 1)),
                Put.of(gate("Front gate", 0, 4, 1)),
                Put.of(gate("Yard gate", 14, 4, 1)));
        Point front = NewBays.in(plan, SEASON, Optional.of(id("Front gate")), id("new"))
                .thing()
                .place()
                .centre();
        Point yard = NewBays.in(plan, SEASON, Optional.of(id("Yard gate")), id("new"))
                .thing()
                .place()
                .centre();
        assertThat(front.x().metres()).isLessThan(4);
        assertThat(yard.x().metres()).isGreaterThan(10);
    }

    @Test
    @DisplayName("where beds line all edges, new bays stand where there is room within")
    void newBaysStandAwayFromTheEdges() {
        Plan plan = plot(
                10,
                10,
                List.of(ADA),
                bed("South", 5, 0.5, 9.8, 0.9),
                bed("North", 5, 9.5, 9.8, 0.9),
                bed("West", 0.5, 5, 0.9, 7.8),
                bed("East", 9.5, 5, 0.9, 7.8));
        Plan built = with(plan, NewBays.in(plan, SEASON, id("new")));
        assertThat(of(built, BedRule.BED_ON_FEATURE)).isEmpty();
        assertThat(of(built, CompostRule.COMPOST_NO_ROOM)).isEmpty();
    }
}
