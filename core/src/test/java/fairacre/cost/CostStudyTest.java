package fairacre.cost;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.generated;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import fairacre.bill.Budget;
import fairacre.bill.Packs;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.StartingPrices;
import fairacre.bill.Sundry;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.BuildPrices;
import fairacre.build.Fittings;
import fairacre.build.Fittings.CornerPost;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.GroundFall;
import fairacre.build.Material;
import fairacre.build.Offcut;
import fairacre.build.Workshop;
import fairacre.fill.FillJob;
import fairacre.fill.Recipe;
import fairacre.frame.BoardsOfLength;
import fairacre.frame.FrameJob;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Supply;
import fairacre.goods.Supply.OnHand;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import fairacre.plan.PurseChange.PutSupply;
import fairacre.plan.PurseChange.PutWorkshop;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Walk;
import fairacre.surface.BuildUps;
import fairacre.surface.SurfacePrices;
import fairacre.testing.Gardens;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CostStudyTest {

    private static final double FT = 0.3048;

    @Test
    @DisplayName(
            "One 8 x 4 ft bed of one 2x10 course, worked by hand: a side and an end come out of 12 ft; two stakes of 27 1/4 in, 24 screws")
    void aBillWorkedByHand() {
        Plan plan = priced(plot(10, 10, List.of(), framed("A", 1)));
        Bill bill = CostStudy.of(plan).bill();
        assertThat(quantities(bill))
                .isEqualTo("2 cedar/2x10/12ft, 1 cedar/2x2/8ft, 1 fastener/screw-75mm, 12 soil/bag/50l");
        // Soil: 45 x 93 in to 8 1/4 in deep are 565.8 L, so 12 bags of 50 L; 2 x 30.00 + 12 x 5.00 = 120.00.
        assertThat(bill.total()).isEqualTo(Money.of(EUR, 120));
        // 2 x (96 + 45) of 288 in of board, 54 1/2 of 96 in of stake, 24 of 100 screws, 565.8 of 600 L.
        assertThat(bill.lines())
                .extracting(line -> line.used().orElseThrow().toPlainString())
                .containsExactly("1.958", "0.568", "0.24", "11.316");
    }

    @Test
    void boardsOfSeveralBedsAreLaidOutTogether() {
        Plan plan = priced(plot(
                20,
                10,
                List.of(),
                framed("A", 1),
                bed("B", 12, 5, 3.2 * FT, 3.2 * FT, 0, Optional.of(cedar(Board.B2X10, 1)))));
        Money together = CostStudy.of(plan).bill().total();
        Money apart = CostStudy.of(plan)
                .alone(plan.bed(id("A")), SEASON)
                .orElseThrow()
                .total()
                .plus(CostStudy.of(plan)
                        .alone(plan.bed(id("B")), SEASON)
                        .orElseThrow()
                        .total());
        assertThat(together).isLessThanOrEqualTo(apart);
    }

    @Test
    @DisplayName(
            "10 m2 of pavers worked by hand: 1.27 m3 of base are 1.5, 0.28 of sand 6 bags, 11 m2 with cuts, 20 m of edging")
    void walksStandOnTheBill() {
        WalkBuild build = new WalkBuild(BuildUps.usual(Surfacing.PAVERS), true, true);
        Plan plan = Gardens.with(
                plot(12, 10, List.of()),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.PAVERS,
                        List.of(Point.metres(1, 2), Point.metres(11, 2), Point.metres(11, 3), Point.metres(1, 3)),
                        build,
                        Lifetime.from(SEASON + 1))),
                price(GoodsPrices.loose(BulkGood.BASE, Units.METRIC), 40),
                price(GoodsPrices.SOIL_DELIVERY, 70),
                price(GoodsPrices.bag(BulkGood.BASE, Units.METRIC), 9),
                price(GoodsPrices.bag(BulkGood.SAND, Units.METRIC), 5),
                price(GoodsPrices.loose(BulkGood.SAND, Units.METRIC), 50),
                price(GoodsPrices.area(LayerKind.PAVERS, Units.METRIC), 30),
                price(SurfacePrices.edging(Units.METRIC), 4));
        Bill bill = CostStudy.of(plan).bill();
        // Base 10 x 0.1016 x 1.25 = 1.27 m3: loose 1.5 x 40 + 70 = 130 against 26 bags at 234. Sand 10 x 0.0254 x 1.1 =
        // 0.279 m3: 6 bags, 30 against 95.
        // Pavers 10 x 1.1 = 11; edging 2 x (10 + 1) = 22.
        assertThat(quantities(bill))
                .isEqualTo(
                        "1.5 base/loose/cubic-metre, 1 soil/delivery, 6 sand/bag/50l, 11 walk/pavers/square-metre, 22 walk/edging/metre");
        assertThat(bill.total(BillPart.WALKS)).isEqualTo(Money.of(EUR, 130 + 30 + 330 + 88));
        assertThat(bill.lines())
                .allMatch(line -> line.season() == SEASON + 1 && line.places().equals(List.of(id("Main"))));
    }

    @Test
    @DisplayName(
            "8 m of drain, 0.3 x 0.5 m, worked by hand: 8 m of pipe, 15 m2 of fabric, 1.19 m3 of stone tipped as 1.5; put off with the walks")
    void aDrainThatIsLaidStandsOnTheBill() {
        Feature drain = Feature.drain(
                id("Drain"),
                "Drain",
                List.of(Point.metres(1, 1), Point.metres(9, 1)),
                Length.metres(0.3),
                Length.metres(0.5),
                Lifetime.from(SEASON));
        Plan plan = Gardens.with(
                plot(12, 10, List.of()),
                Put.of(drain),
                price(GoodsPrices.loose(BulkGood.STONE, Units.METRIC), 50),
                price(GoodsPrices.bag(BulkGood.STONE, Units.METRIC), 9),
                price(GoodsPrices.SOIL_DELIVERY, 70),
                price(SurfacePrices.drainPipe(Units.METRIC), 3),
                price(GoodsPrices.area(LayerKind.FABRIC, Units.METRIC), 2));
        // Fabric 8 x 1.6 x 1.1 = 14.1; stone 8 x (0.15 - 0.00811) x 1.05 = 1.19: 1.5 x 50 + 70 = 145 against 24 bags at
        // 216.
        Bill bill = CostStudy.of(plan).bill();
        assertThat(quantities(bill))
                .isEqualTo(
                        "1.5 stone/loose/cubic-metre, 1 soil/delivery, 8 ground/drain-pipe/metre, 15 walk/fabric/square-metre");
        assertThat(bill.total(BillPart.GROUND)).isEqualTo(Money.of(EUR, 24 + 30 + 75 + 70));
        assertThat(bill.lines())
                .allMatch(line -> line.season() == SEASON && line.places().equals(List.of(id("Drain"))));
        Plan later = Gardens.with(plan, new PurseChange.PutOff(SEASON, SEASON + 2, List.of(), true, false));
        assertThat(CostStudy.of(later).bill().lines()).hasSize(4).allMatch(line -> line.season() == SEASON + 2);
        assertThat(later.seasonsOfChange()).containsExactly(SEASON, SEASON + 2);
    }

    @Test
    void manureUnderAWalkIsBoughtLikeAnyLooseStuff() {
        WalkBuild build = new WalkBuild(List.of(new Layer(LayerKind.MANURE, Length.millimetres(50))), false, false);
        Plan plan = Gardens.with(
                plot(30, 30, List.of()),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.WORK, Surfacing.WOOD_CHIP, Site.rectangle(10, 2), build)),
                price(GoodsPrices.bag(BulkGood.MANURE, Units.METRIC), 4),
                price(GoodsPrices.loose(BulkGood.MANURE, Units.METRIC), 30),
                price(GoodsPrices.SOIL_DELIVERY, 70));
        // 20 m2 by 50 mm are 1 m3: 20 bags at 80 against 30 + 70.
        assertThat(quantities(CostStudy.of(plan).bill())).isEqualTo("20 manure/bag/50l");
    }

    @Test
    void eachLooseLoadIsDeliveredAndTheDeliveriesAreOneLine() {
        WalkBuild build = new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), true, false);
        Plan plan = Gardens.with(
                plot(30, 30, List.of()),
                Put.of(new Walk(
                        id("Main"), "Main", WalkGrade.MAIN, Surfacing.LOOSE_GRAVEL, Site.rectangle(30, 3), build)),
                price(GoodsPrices.loose(BulkGood.BASE, Units.METRIC), 40),
                price(GoodsPrices.loose(BulkGood.STONE, Units.METRIC), 50),
                price(GoodsPrices.SOIL_DELIVERY, 70));
        // 90 m2: base 90 x 0.1016 x 1.25 = 11.43, stone 90 x 0.0508 x 1.05 = 4.80 m3.
        assertThat(quantities(CostStudy.of(plan).bill()))
                .isEqualTo("11.5 base/loose/cubic-metre, 2 soil/delivery, 5 stone/loose/cubic-metre");
    }

    @Test
    @DisplayName(
            "One lorry brings base and stone where it may: 11.5 x 40 + 5 x 50 + 70, a delivery less [worked by hand]")
    void oneDeliveryBringsSeveralGoodsWhereItMay() {
        WalkBuild build = new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), true, false);
        Plan plan = Gardens.with(
                plot(30, 30, List.of()),
                Put.of(new Walk(
                        id("Main"), "Main", WalkGrade.MAIN, Surfacing.LOOSE_GRAVEL, Site.rectangle(30, 3), build)),
                price(GoodsPrices.loose(BulkGood.BASE, Units.METRIC), 40),
                price(GoodsPrices.loose(BulkGood.STONE, Units.METRIC), 50),
                price(GoodsPrices.SOIL_DELIVERY, 70),
                new PutSupply(new Supply(true, false, 0, List.of(), true, List.of())));
        Bill bill = CostStudy.of(plan).bill();
        assertThat(quantities(bill))
                .contains("11.5 base/loose/cubic-metre", "5 stone/loose/cubic-metre", "1 soil/delivery");
        assertThat(bill.total()).isEqualTo(Money.of(EUR, 460 + 250 + 70));
    }

    @Test
    @DisplayName(
            "A delivery that saves less than it costs is not ordered: 6 bags of sand at 5 against 0.5 x 50 and 70 [worked by hand]")
    void aSharedDeliveryMustSaveMoreThanItCosts() {
        WalkBuild build = new WalkBuild(List.of(new Layer(LayerKind.SAND, Length.millimetres(25))), true, false);
        Plan plan = Gardens.with(
                plot(30, 30, List.of()),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.MAIN, Surfacing.PAVERS, Site.rectangle(10, 1), build)),
                price(GoodsPrices.bag(BulkGood.SAND, Units.METRIC), 5),
                price(GoodsPrices.loose(BulkGood.SAND, Units.METRIC), 50),
                price(GoodsPrices.SOIL_DELIVERY, 70),
                new PutSupply(new Supply(true, false, 0, List.of(), true, List.of())));
        assertThat(quantities(CostStudy.of(plan).bill())).isEqualTo("6 sand/bag/50l");
    }

    @Test
    @DisplayName(
            "On hand goes into walks, then drains: of 4.80 m3 for a walk and 1.19 for a drain 5.5 are there, so 0.49 are 10 bags [worked by hand]")
    void whatIsOnHandIsUsedForWalksAndDrainsToo() {
        WalkBuild build = new WalkBuild(List.of(new Layer(LayerKind.STONE, Length.inches(2))), true, false);
        Feature drain = Feature.drain(
                id("Drain"),
                "Drain",
                List.of(Point.metres(1, 6), Point.metres(9, 6)),
                Length.metres(0.3),
                Length.metres(0.5),
                Lifetime.from(SEASON));
        Plan plan = Gardens.with(
                plot(30, 30, List.of()),
                Put.of(new Walk(
                        id("Main"), "Main", WalkGrade.MAIN, Surfacing.LOOSE_GRAVEL, Site.rectangle(30, 3), build)),
                Put.of(drain),
                price(GoodsPrices.bag(BulkGood.STONE, Units.METRIC), 9),
                price(GoodsPrices.loose(BulkGood.STONE, Units.METRIC), 500));
        assertThat(quantities(CostStudy.of(plan).bill())).contains("97 stone/bag/50l", "24 stone/bag/50l");
        assertThat(quantities(CostStudy.of(withStone(plan, 5500)).bill()))
                .contains("10 stone/bag/50l")
                .doesNotContain("97 stone");
        assertThat(quantities(CostStudy.of(withStone(plan, 6000)).bill())).doesNotContain("stone");
    }

    private static Plan withStone(Plan plan, double litres) {
        return Gardens.with(
                plan,
                new PutSupply(new Supply(true, false, 0, List.of(new OnHand(BulkGood.STONE, Volume.litres(litres))))));
    }

    @ParameterizedTest(name = "{0} x {1} ft: {2}")
    @CsvSource({"36, 20, 720", "24, 30, 720", "30, 24, 720", "10, 7.2, 72", "40, 18.01, 721"})
    @DisplayName("Rounding to a square centimetre opens no further square foot [36 x 20 = 720]")
    void wholeSquareFeetAreNotRoundedUpByAHair(double length, double width, int bought) {
        double squareMetres = Area.squareMetres(length * FT * width * FT / 3).squareMetres() * 3;
        assertThat(Packs.whole(Packs.of(Area.squareMetres(squareMetres), Units.FEET_AND_INCHES)))
                .isEqualByComparingTo(String.valueOf(bought));
    }

    @Test
    @DisplayName("A walk of 8 x 3 ft: 24 sq ft, with a tenth for cuts 26.4, so 27 are bought [long hand]")
    void slabsAreBoughtByTheWholeFoot() {
        Plan feet = Gardens.with(
                plot(10, 10, List.of()),
                new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.PAVERS,
                        Site.rectangle(8 * FT, 3 * FT),
                        new WalkBuild(List.of(new Layer(LayerKind.PAVERS, Length.ZERO)), false, false))));
        assertThat(quantities(CostStudy.of(feet).bill())).isEqualTo("27 walk/pavers/square-foot");
    }

    @Test
    @DisplayName("A bed of 565.8 L in 60 % topsoil and 40 % compost: 339.5 and 226.3 L, so 7 and 5 bags [long hand]")
    void aRecipeIsBoughtGoodByGood() {
        Plan plan = filled(Recipe.DEEP, Supply.USUAL);
        assertThat(soil(plan, SEASON)).isEqualTo("7 topsoil/bag/50l, 5 compost/bag/50l");
    }

    @Test
    @DisplayName(
            "300 L of compost on hand and 100 of topsoil: no compost and 239.5 L, 5 bags, of topsoil are bought [long hand]")
    void whatIsOnHandIsUsedFirst() {
        Supply supply = new Supply(
                true,
                false,
                0,
                List.of(
                        new OnHand(BulkGood.COMPOST, Volume.litres(300)),
                        new OnHand(BulkGood.TOPSOIL, Volume.litres(100))));
        Plan plan = filled(Recipe.DEEP, supply);
        assertThat(soil(plan, SEASON)).isEqualTo("5 topsoil/bag/50l");
        assertThat(CostStudy.of(plan).soil())
                .extracting(season -> season.supply().onHand().litres())
                .satisfiesExactly(
                        topsoil -> assertThat(topsoil).isEqualTo(100),
                        compost -> assertThat(compost).isCloseTo(226.3, within(0.05)));
    }

    @Test
    @DisplayName(
            "An inch a year on 2.70 m2: 68.6 L, 2 bags of compost in each of two years, the first of it what is left on hand [long hand]")
    void topUpsAreBoughtInTheirSeasons() {
        Plan plan = filled(
                Recipe.ONE_MIX, new Supply(true, false, 2, List.of(new OnHand(BulkGood.COMPOST, Volume.litres(20)))));
        assertThat(soil(plan, SEASON)).isEqualTo("12 soil/bag/50l");
        assertThat(soil(plan, SEASON + 1)).isEqualTo("1 compost/bag/50l");
        assertThat(soil(plan, SEASON + 2)).isEqualTo("2 compost/bag/50l");
        assertThat(soil(plan, SEASON + 3)).isEmpty();
    }

    @Test
    @DisplayName("A walk dug out 4 in over 1 m2 gives 127 L loose: 5 bags of topsoil instead of 7 [long hand]")
    void whatIsDugOutForWalksFillsBedsIfItMay() {
        WalkBuild dug = new WalkBuild(BuildUps.usual(Surfacing.WOOD_CHIP), true, false);
        Plan plan = Gardens.with(
                filled(Recipe.DEEP, new Supply(true, true, 0, List.of())),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.MAIN, Surfacing.WOOD_CHIP, Site.rectangle(1, 1), dug)));
        // 339.5 - 101.6 x 1.25 = 212.5.
        assertThat(soil(plan, SEASON)).isEqualTo("5 topsoil/bag/50l, 5 compost/bag/50l");
    }

    @Test
    void aBedMadeHigherTakesNoSecondBottomOfWood() {
        Plan plan = filled(Recipe.WOOD_BELOW, Supply.USUAL);
        BedRevision low = plan.bed(id("A")).revisions().get(0);
        Bed raised = new Bed(
                id("A"),
                "A",
                List.of(low, low.startingIn(SEASON + 1).withFrame(Optional.of(cedar(Board.B2X10, 2)))),
                Optional.empty());
        assertThat(soil(plot(10, 10, List.of(), raised), SEASON + 1))
                .doesNotContain("wood")
                .contains("topsoil")
                .contains("compost");
        assertThat(soil(plot(10, 10, List.of(), raised), SEASON)).contains("wood");
    }

    private static Plan filled(Recipe recipe, Supply supply) {
        Bed bed = framed("A", 1);
        return Gardens.with(
                priced(plot(10, 10, List.of(), bed)),
                new PutSupply(supply),
                new Change.RebuildBed(
                        id("A"), bed.revisions().get(0).withBuild(Build.PLAIN.withFilling(recipe.filling()))));
    }

    private static String soil(Plan plan, int season) {
        return quantities(new Bill(
                EUR,
                CostStudy.of(plan).bill().lines().stream()
                        .filter(line -> line.season() == season && line.part() == BillPart.FILL)
                        .toList()));
    }

    private static Change price(PriceItem item, double amount) {
        return new Change.SetPrice(new Price(item, Money.of(EUR, amount), false));
    }

    @Test
    @DisplayName("Sundries worked by hand: 2.5 h at 18.30 are 45.75; a spade stays; a free load saves 60 [long hand]")
    void sundriesStandOnTheBill() {
        Plan plan = Gardens.with(
                plot(10, 10, List.of()),
                Put.of(Gardens.sundry("Hire", "2.5", "18.30", Acquired.BOUGHT)),
                Put.of(Gardens.sundry("Spade", "1", "39.90", Acquired.KEPT)),
                Put.of(Gardens.sundry("Manure", "3", "20", Acquired.FREE)));
        Bill bill = CostStudy.of(plan).bill();
        Purse purse = CostStudy.of(plan).purse(bill);
        assertThat(bill.lines())
                .extracting(line -> line.item().label())
                .containsExactlyInAnyOrder("Hire", "Spade", "Manure");
        assertThat(purse.planned()).isEqualTo(Money.parse("EUR 85.65"));
        assertThat(purse.kept()).isEqualTo(Money.parse("EUR 39.90"));
        assertThat(purse.saved()).isEqualTo(Money.parse("EUR 60.00"));
        assertThat(purse.unpriced()).isZero();
    }

    @Test
    @DisplayName(
            "Half a cent is rounded up, as on a receipt: 0.125 of 0.20 is 0.03 [commercial rounding, Joda-Money HALF_UP]")
    void halfACentIsRoundedUp() {
        Plan plan =
                Gardens.with(plot(10, 10, List.of()), Put.of(Gardens.sundry("Seed", "0.125", "0.20", Acquired.BOUGHT)));
        assertThat(CostStudy.of(plan).bill().total())
                .isEqualTo(Money.of(EUR, new BigDecimal("0.20"))
                        .multipliedBy(new BigDecimal("0.125"), RoundingMode.HALF_UP))
                .isEqualTo(Money.parse("EUR 0.03"));
    }

    @Test
    @DisplayName(
            "120.00 and 39.90 for a spade that stays: on 2.5 m2 of soil 48.00 a square metre, 4.46 a square foot [long hand]")
    void costByAreaLeavesOutWhatStays() {
        Plan plan = Gardens.with(
                priced(plot(10, 10, List.of(), framed("A", 1))),
                Put.of(Gardens.sundry("Spade", "1", "39.90", Acquired.KEPT)));
        Area soil = Area.squareMetres(2.5);
        Bill bill = CostStudy.of(plan).bill();
        assertThat(CostStudy.of(plan).perArea(bill, soil)).contains(Money.parse("EUR 48.00"));
        Plan inFeet = Gardens.with(plan, new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES));
        assertThat(CostStudy.of(inFeet).perArea(bill, soil)).contains(Money.parse("EUR 4.46"));
        assertThat(CostStudy.of(plan).perArea(bill, Area.ZERO)).isEmpty();
        assertThat(bill.total(BillPart.FRAMES).plus(bill.total(BillPart.FILL)).plus(bill.total(BillPart.GROUND)))
                .isEqualTo(bill.total());
    }

    @Test
    void aSundryInALaterSeasonIsASeasonOfThePlan() {
        Sundry later = new Sundry(
                id("Bench"), "Bench", SEASON + 4, BillPart.OTHER, BigDecimal.ONE, Optional.empty(), Acquired.BOUGHT);
        Plan plan = Gardens.with(plot(10, 10, List.of()), Put.of(later));
        assertThat(plan.seasonsOfChange()).containsExactly(SEASON, SEASON + 4);
        assertThat(CostStudy.of(plan).purse(CostStudy.of(plan).bill()).unpriced())
                .isEqualTo(1);
    }

    @Test
    void whatABedNeedsDoesNotDependOnWhereItLies() {
        for (Bed bed : Gardens.generatedOfAllShapes(30, 4).beds()) {
            BedRevision revision = bed.revisions().get(0);
            Rectangle moved = revision.outline().shifted(0.0123457, 0.1);
            BedRevision turned = revision.withOutline(moved.movedTo(moved.centre(), moved.turn() + 33.3));
            Bed there = Bed.of(bed.id(), bed.name(), turned);
            assertThat(FrameJob.of(there))
                    .as(revision.shape().form().toString())
                    .isEqualTo(FrameJob.of(Bed.of(bed.id(), bed.name(), revision)));
            assertThat(FillJob.of(there)).isEqualTo(FillJob.of(Bed.of(bed.id(), bed.name(), revision)));
        }
    }

    @Test
    void raisingABedBuysOnlyTheAddedCourseAndItsSoil() {
        Bed low = framed("A", 1);
        BedRevision first = low.revisions().get(0);
        Bed raised = new Bed(
                low.id(),
                "A",
                List.of(first, first.startingIn(SEASON + 2).withFrame(Optional.of(cedar(Board.B2X10, 2)))),
                Optional.empty());
        Bill bill = CostStudy.of(priced(plot(10, 10, List.of(), raised))).bill();
        assertThat(seasonal(bill, SEASON + 2))
                .isEqualTo(
                        "2 cedar/2x10/12ft, 1 cedar/2x2/8ft, 1 cedar/4x4/8ft, 1 fastener/screw-75mm, 13 soil/bag/50l");
    }

    @Test
    void soilIsSuppliedInTheSeasonsThatTakeSome() {
        Bed low = framed("A", 1);
        BedRevision first = low.revisions().get(0);
        Bed raised = new Bed(
                low.id(),
                "A",
                List.of(
                        first,
                        first.startingIn(SEASON + 1).withFrame(Optional.empty()),
                        first.startingIn(SEASON + 2).withFrame(Optional.of(cedar(Board.B2X10, 2)))),
                Optional.empty());
        List<SeasonSoil> soil =
                CostStudy.of(priced(plot(10, 10, List.of(), raised))).soil();
        assertThat(soil).extracting(SeasonSoil::season).containsExactly(SEASON, SEASON + 2);
        assertThat(soil.get(0).supply().bags().lots().get(0).quantity()).isEqualByComparingTo("12");
    }

    @Test
    @DisplayName(
            "Slim posts are put into the corners a year later: four of 9 1/4 in come out of one 2x2, with screws into both boards' ends; then cloth")
    void whatAFrameGetsLaterIsBoughtThen() {
        Bed bare = framed("A", 1);
        BedRevision first = bare.revisions()
                .get(0)
                .withBuild(Build.PLAIN.withFittings(new Fittings(CornerPost.NONE, Support.NONE, false, Underlay.NONE)));
        BedRevision posts = first.startingIn(SEASON + 1)
                .withBuild(Build.PLAIN.withFittings(new Fittings(CornerPost.SLIM, Support.NONE, false, Underlay.NONE)));
        BedRevision cloth = first.startingIn(SEASON + 2)
                .withBuild(
                        Build.PLAIN.withFittings(new Fittings(CornerPost.SLIM, Support.NONE, false, Underlay.CLOTH)));
        Bill bill = CostStudy.of(priced(plot(
                        10, 10, List.of(), new Bed(bare.id(), "A", List.of(first, posts, cloth), Optional.empty()))))
                .bill();
        assertThat(seasonal(bill, SEASON + 1)).isEqualTo("1 cedar/2x2/8ft, 1 fastener/screw-75mm");
        assertThat(seasonal(bill, SEASON + 2)).matches("\\d+ bed/cloth/square-metre");
    }

    @Test
    @DisplayName(
            "A frame that is made up to sloping ground a year later takes the boards below alone, and soil for the wedge")
    void partCoursesAreBoughtWhenTheyAreMade() {
        Bed level = framed("A", 1);
        BedRevision first = level.revisions().get(0);
        BedRevision sloping = first.startingIn(SEASON + 1)
                .withBuild(Build.PLAIN.withFall(new GroundFall(Length.metres(0.2), Length.ZERO)));
        Bill bill = CostStudy.of(priced(
                        plot(10, 10, List.of(), new Bed(level.id(), "A", List.of(first, sloping), Optional.empty()))))
                .bill();
        assertThat(seasonal(bill, SEASON + 1))
                .contains("cedar/2x10")
                .contains("soil")
                .doesNotContain("2x2");
    }

    @Test
    void loweringABedBuysNothing() {
        Bed high = framed("A", 2);
        BedRevision first = high.revisions().get(0);
        Bed lowered = new Bed(
                high.id(),
                "A",
                List.of(first, first.startingIn(SEASON + 1).withFrame(Optional.of(cedar(Board.B2X10, 1)))),
                Optional.empty());
        assertThat(seasonal(
                        CostStudy.of(priced(plot(10, 10, List.of(), lowered))).bill(), SEASON + 1))
                .isEmpty();
    }

    @Test
    void reshapingABedBuildsANewFrameAndUsesItsSoilAgain() {
        Bed small = framed("A", 1);
        BedRevision first = small.revisions().get(0);
        Bed reshaped = new Bed(
                small.id(),
                "A",
                List.of(first, first.startingIn(SEASON + 1).withOutline(rectangle(5, 5, 4 * FT, 4 * FT, 0))),
                Optional.empty());
        String later =
                seasonal(CostStudy.of(priced(plot(10, 10, List.of(), reshaped))).bill(), SEASON + 1);
        assertThat(later).contains("cedar/2x10").doesNotContain("soil");
    }

    @Test
    void anInGroundBedCostsNothing() {
        assertThat(CostStudy.of(plot(10, 10, List.of(), bed("A", 5, 5, 2, 1)))
                        .bill()
                        .lines())
                .isEmpty();
    }

    @Test
    void aLineWithoutAPriceIsCountedAndLeftOut() {
        Plan plan = priced(plot(10, 10, List.of(), framed("A", 1)))
                .apply(new Change.ClearPrice(BuildPrices.board(Material.CEDAR, Board.B2X10, Length.feet(12))))
                .orThrow();
        Bill bill = CostStudy.of(plan).bill();
        Purse purse = CostStudy.of(plan).purse(bill);
        assertThat(purse.unpriced()).isEqualTo(1);
        assertThat(purse.planned()).isEqualTo(Money.of(EUR, 60));
    }

    @ParameterizedTest(name = "budget {0} with 10 % held, 120 planned: {1}")
    @CsvSource({"200, WITHIN", "133.34, WITHIN", "133, INTO_CONTINGENCY", "120, INTO_CONTINGENCY", "119.99, OVERDRAWN"})
    void thePurseTurnsRedWhenTheContingencyIsEaten(BigDecimal sum, Purse.State state) {
        Plan plan = priced(plot(10, 10, List.of(), framed("A", 1)))
                .apply(new Change.SetBudget(new Budget(Money.of(EUR, sum), BigDecimal.TEN)))
                .orThrow();
        assertThat(CostStudy.of(plan).purse(CostStudy.of(plan).bill()).state()).isEqualTo(state);
    }

    @Test
    void startingPricesAreGuessesForEveryItemOfUsualCurrencies() {
        assertThat(StartingPrices.in(CurrencyUnit.of("JPY")))
                .hasSize((int) PriceItem.all().count())
                .allSatisfy(p -> assertThat(p.guess()).isTrue());
        assertThat(StartingPrices.in(CurrencyUnit.of("XOF"))).isEmpty();
    }

    @Test
    @DisplayName(
            "Three offcuts of 46 in, worked by hand: two spare both ends of this year's bed (2 x 8 ft for 40.00), the third one of next year's (50.00)")
    void offcutsServeTheFirstSeasonFirst() {
        Bed next = framed("B", 1);
        Plan plan = withOffcuts(
                3,
                priced(plot(
                        20,
                        10,
                        List.of(),
                        framed("A", 1),
                        new Bed(
                                next.id(),
                                "B",
                                List.of(next.revisions().get(0).startingIn(SEASON + 1)),
                                Optional.empty()))));
        List<BestCutting> found = CostStudy.of(plan).bestCutting().stream()
                .filter(best -> best.board() == Board.B2X10)
                .toList();
        assertThat(found)
                .extracting(best -> best.cost().orElseThrow())
                .containsExactly(Money.of(EUR, 40), Money.of(EUR, 50));
        assertThat(CostStudy.of(plan).bill().lines())
                .filteredOn(line -> line.item().key().startsWith("cedar/2x10"))
                .extracting(line -> line.amount().orElseThrow())
                .containsExactly(Money.of(EUR, 40), Money.of(EUR, 20), Money.of(EUR, 30));
        assertThat(found).allSatisfy(best -> assertThat(best.least()).isTrue());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void billCuttingPlanAndCheapestLayoutSayOneNumberOfBoards(long seed) {
        CostStudy study = CostStudy.of(priced(generated(6, seed)));
        Map<String, Integer> bought = new TreeMap<>();
        study.bill().lines().stream()
                .filter(line -> line.item().key().contains("2x10"))
                .forEach(line -> bought.merge(line.item().key(), line.quantity().intValueExact(), Integer::sum));
        Map<String, Integer> cut = new TreeMap<>();
        study.cutting().stream()
                .filter(plan -> plan.board() == Board.B2X10)
                .forEach(plan -> plan.cutList()
                        .boards()
                        .forEach(boards -> cut.merge(
                                BuildPrices.board(plan.material(), plan.board(), boards.stock())
                                        .key(),
                                boards.count(),
                                Integer::sum)));
        Map<String, Integer> best = new TreeMap<>();
        study.bestCutting().stream()
                .filter(plan -> plan.board() == Board.B2X10)
                .forEach(plan -> plan.cutList()
                        .boards()
                        .forEach(boards -> best.merge(
                                BuildPrices.board(plan.material(), plan.board(), boards.stock())
                                        .key(),
                                boards.count(),
                                Integer::sum)));
        assertThat(cut).isEqualTo(bought);
        assertThat(best).isEqualTo(bought);
    }

    @Test
    void someBedsAreCutAloneUnderTheMarksThatTheyHaveAmongAll() {
        CostStudy study = CostStudy.of(priced(generated(6, 2)));
        UUID one = study.cutting().get(0).pieces().get(0).into().get(0);
        Map<Length, String> marks = new TreeMap<>();
        study.cutting().get(0).pieces().forEach(piece -> marks.put(piece.length(), piece.mark()));
        CuttingPlan alone = study.cuttingOf(one::equals).get(0);
        assertThat(alone.pieces()).isNotEmpty().allSatisfy(piece -> {
            assertThat(piece.into()).containsExactly(one);
            assertThat(piece.mark()).isEqualTo(marks.get(piece.length()));
        });
        long cut = alone.cutList().cuts().stream()
                .mapToLong(board -> (long) board.times() * board.pieces().size())
                .sum();
        assertThat(alone.pieces().stream().mapToLong(MarkedPiece::count).sum()).isEqualTo(cut);
        assertThat(study.bestCuttingOf(one::equals).get(0).cutList().cuts().stream()
                        .mapToLong(
                                board -> (long) board.times() * board.pieces().size())
                        .sum())
                .isEqualTo(cut);
        assertThat(study.cuttingOf(bed -> false)).isEmpty();
    }

    @Test
    void aQuickLayoutIsMarkedAndNeverCheaperThanTheBest() {
        List<Integer> saved = new ArrayList<>();
        for (long seed = 1; seed <= 12; seed++) {
            CostStudy study = CostStudy.of(priced(generated(6, seed)));
            Bill quick = study.bill(KnownCuts.NONE);
            assertThat(quick.quick()).isTrue();
            assertThat(study.bill().quick()).isFalse();
            assertThat(study.bill().total()).isLessThanOrEqualTo(quick.total());
            saved.add(quick.total().compareTo(study.bill().total()));
        }
        assertThat(saved).contains(1);
    }

    @Test
    void whatIsKnownIsCutAsItIsKnownBest() {
        Plan plan = priced(generated(6, 3));
        KnownCuts known = CostStudy.of(plan).cuts();
        Bill bill = CostStudy.of(plan).bill(known);
        assertThat(bill).isEqualTo(CostStudy.of(plan).bill());
        Plan renamed = plan.apply(new Change.RenameBed(plan.beds().get(0).id(), "Other"))
                .orThrow();
        assertThat(CostStudy.of(renamed).bill(known).quick()).isFalse();
        Plan without = plan.apply(new Change.RemoveBed(plan.beds().get(0).id())).orThrow();
        assertThat(CostStudy.of(without).bill(known).quick()).isTrue();
    }

    @Test
    void withoutAPriceTheLeastLengthIsLookedForAndNoMoneyNamed() {
        Plan plan = withOffcuts(
                2,
                priced(plot(10, 10, List.of(), framed("A", 1)))
                        .apply(new Change.ClearPrice(BuildPrices.board(Material.CEDAR, Board.B2X10, Length.feet(12))))
                        .orThrow());
        BestCutting best = CostStudy.of(plan).bestCutting().get(0);
        assertThat(best.cost()).isEmpty();
        assertThat(best.cutList().boards()).extracting(BoardsOfLength::stock).containsExactly(Length.feet(8));
        assertThat(best.cutList().shed()).containsExactly(new BoardsOfLength(Length.inches(46), 2));
    }

    private static Plan withOffcuts(int offcuts, Plan plan) {
        return plan.apply(new PutWorkshop(new Workshop(
                        Workshop.USUAL.kerf(),
                        Workshop.USUAL.trim(),
                        false,
                        List.of(new Offcut(Material.CEDAR, Board.B2X10, Length.inches(46), offcuts)))))
                .orThrow();
    }

    private static Bed framed(String name, int courses) {
        return bed(name, 5, 5, 8 * FT, 4 * FT, 0, Optional.of(cedar(Board.B2X10, courses)));
    }

    /** Cedar 2x10 at 2.50 a foot, a bag at 5.00, loose soil out of the question. */
    private static Plan priced(Plan plan) {
        Plan priced = plan;
        for (Length stock : Board.B2X10.stock()) {
            priced = with(priced, BuildPrices.board(Material.CEDAR, Board.B2X10, stock), stock.inches() / 12 * 2.5);
        }
        return Gardens.withFreeHardware(
                with(with(priced, GoodsPrices.SOIL_BAG_LITRES, 5), GoodsPrices.SOIL_DELIVERY, 5000));
    }

    private static Plan with(Plan plan, PriceItem item, double amount) {
        return plan.apply(new Change.SetPrice(new fairacre.bill.Price(item, Money.of(EUR, amount), false)))
                .orThrow();
    }

    private static String seasonal(Bill bill, int season) {
        return quantities(new Bill(
                EUR, bill.lines().stream().filter(l -> l.season() == season).toList()));
    }

    private static String quantities(Bill bill) {
        return bill.lines().stream()
                .map(l -> l.quantity().toPlainString() + " " + l.item().key())
                .collect(Collectors.joining(", "));
    }
}
