package fairacre.fill;

import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.cost.CostStudy;
import fairacre.fill.BulkPurchase.Lot;
import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Supply;
import fairacre.goods.Vehicle;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.SortedMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillTest {

    private static final Function<PriceItem, Optional<Money>> PRICES = item -> Optional.ofNullable(Map.of(
                            GoodsPrices.SOIL_BAG_LITRES,
                            10.0,
                            GoodsPrices.SOIL_CUBIC_METRE,
                            60.0,
                            GoodsPrices.SOIL_DELIVERY,
                            80.0,
                            GoodsPrices.SOIL_BAG_CUBIC_FEET,
                            9.0,
                            GoodsPrices.SOIL_CUBIC_YARD,
                            45.0)
                    .get(item))
            .map(a -> Money.of(CurrencyUnit.EUR, a));

    @Test
    @DisplayName(
            "A 4 x 8 ft bed, inside 45 x 93 in, filled 17 1/2 in: 42.4 cu ft = 1.57 cu yd [common practice, worked example]")
    void twoCoursesOfTwoByTen() {
        FillTakeoff fill = FillTakeoff.of(new BedRevision(
                Gardens.SEASON,
                rectangle(5, 5, 1, 1, 0).resized(Length.feet(8), Length.feet(4)),
                Optional.of(Gardens.cedar(Board.B2X10, 2))));
        assertThat(fill.depth()).isEqualTo(Length.inches(17.5));
        assertThat(fill.volume().cubicFeet()).isCloseTo(42.4, within(0.05));
        assertThat(fill.volume().cubicYards()).isCloseTo(1.57, within(0.005));
    }

    @Test
    @DisplayName("A 3 x 6 ft bed 12 in deep: 18 cu ft [derived]")
    void eighteenCubicFeet() {
        Area base = Area.squareMetres(Length.feet(3).metres() * Length.feet(6).metres());
        assertThat(Volume.prism(base, Length.inches(12)).cubicFeet()).isCloseTo(18, within(0.001));
    }

    @Test
    @DisplayName("A comb of 1 1/2 in boards: spine and fingers less the boards round them [closed form]")
    void aCombIsFilledBetweenItsBoards() {
        double t = Length.inches(1.5).metres();
        BedRevision comb = new BedRevision(
                Gardens.SEASON,
                rectangle(5, 5, 3, 2, 20),
                Gardens.comb(2, 0.6, 0.5),
                Optional.of(Gardens.cedar(Board.B2X10, 2)),
                false,
                Build.PLAIN);
        double inside = (3 - 2 * t) * (0.6 - 2 * t) + 2 * (0.5 - 2 * t) * 1.4;
        assertThat(FillTakeoff.of(comb).volume().millilitres() / 1000.0)
                .isCloseTo(inside * Length.inches(17.5).metres() * 1000, within(0.1));
    }

    @Test
    void anInGroundBedNeedsNothing() {
        assertThat(FillTakeoff.of(new BedRevision(Gardens.SEASON, rectangle(5, 5, 3, 1, 0), Optional.empty()))
                        .volume())
                .isEqualTo(Volume.ZERO);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.ZERO, true, Units.METRIC, PRICES)
                        .lots())
                .isEmpty();
    }

    @ParameterizedTest(name = "{0} x {1} ft: {2} cu ft")
    @CsvSource({"4, 8, 8", "4, 12, 12", "3, 20, 15"})
    @DisplayName(
            "Compost 3 in deep over a bed in the ground: a quarter of a cubic foot to the square foot [arithmetic; a few inches are common practice]")
    void compostOnLoosenedGround(int width, int length, double cubicFeet) {
        Rectangle outline = new Rectangle(Point.metres(5, 5), Length.feet(length), Length.feet(width), 30);
        BedRevision plain = new BedRevision(Gardens.SEASON, outline, Optional.empty());
        BedRevision bed = plain.withBuild(plain.build().withFilling(Recipe.WITH_THE_GROUND.filling()));
        assertThat(FillTakeoff.of(bed).volume().cubicFeet()).isCloseTo(cubicFeet, within(0.001));
        assertThat(TopUp.of(bed, TopUp.DEPTH).cubicFeet()).isCloseTo(cubicFeet / 3, within(0.001));
        Plan plan = Gardens.plot(10, 10, List.of(), Gardens.shaped("Beans", outline, Shape.RECTANGLE, bed.build()));
        assertThat(CostStudy.of(plan).bill().lines())
                .filteredOn(line -> line.part() == BillPart.FILL)
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line.item().key()).contains("compost"));
        assertThat(FillTakeoff.of(plain).volume()).isEqualTo(Volume.ZERO);
    }

    @Test
    void aLittleComesInBagsAndALotComesLoose() {
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(120), true, Units.METRIC, PRICES)
                        .lots())
                .containsExactly(new Lot(GoodsPrices.SOIL_BAG_LITRES, BigDecimal.valueOf(3), new BigDecimal("2.4")));
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(2100), true, Units.METRIC, PRICES)
                        .lots())
                .containsExactly(
                        new Lot(GoodsPrices.SOIL_CUBIC_METRE, new BigDecimal("2.5"), new BigDecimal("2.1")),
                        new Lot(GoodsPrices.SOIL_DELIVERY, BigDecimal.ONE, BigDecimal.ONE));
    }

    @Test
    @DisplayName("270 cu ft are ten cubic yards loose, or 180 bags of 1.5 cu ft [derived]")
    void wholePacks() {
        Volume volume = Volume.cubicFeet(270);
        assertThat(BulkPurchase.loose(BulkGood.GARDEN_MIX, volume, Units.FEET_AND_INCHES, PRICES)
                        .lots()
                        .get(0)
                        .quantity())
                .isEqualByComparingTo("10");
        assertThat(BulkPurchase.bags(BulkGood.GARDEN_MIX, volume, Units.FEET_AND_INCHES, PRICES)
                        .lots()
                        .get(0)
                        .quantity())
                .isEqualByComparingTo("180");
    }

    @Test
    @DisplayName(
            "A cubic metre: 12 barrows of 85 L are an hour, 1.2 to 1.6 t, so four trailers of 500 kg when wet [common practice, worked by hand]")
    void aCubicMetreIsCarried() {
        SoilSupply supply = SoilSupply.of(
                BulkGood.GARDEN_MIX, Volume.litres(1000), Volume.ZERO, true, Units.METRIC, PRICES, List.of());
        assertThat(supply.loads()).isEqualTo(new Loads(12, 4, 1, List.of()));
        assertThat(supply.barrowHours()).isEqualTo(1);
        assertThat(supply.leastTonnes()).isEqualTo(1.2);
        assertThat(supply.mostTonnes()).isEqualTo(1.6);
        assertThat(supply.settlesLeast()).isEqualTo(Volume.litres(50));
        assertThat(supply.settlesMost()).isEqualTo(Volume.litres(100));
        assertThat(supply.bags().total()).contains(Money.of(CurrencyUnit.EUR, 200));
        assertThat(supply.loose().total()).contains(Money.of(CurrencyUnit.EUR, 140));
    }

    @ParameterizedTest(name = "a bed of {0} L and a payload of {1} kg: {2} trips, by payload: {3}")
    @CsvSource({
        "500, 800, 2, false",
        "500, 799, 3, true",
        "1000, 1600, 1, false",
        "2000, 750, 3, true",
        "300, 2000, 4, false"
    })
    @DisplayName(
            "A cubic metre of garden mix weighs 1.6 t when wet: trips go by the bed or by the payload, whichever are more [worked by hand]")
    void anOwnVehicleGoesByItsBedAndItsPayload(int litres, int payload, int trips, boolean byPayload) {
        SoilSupply supply = SoilSupply.of(
                BulkGood.GARDEN_MIX,
                Volume.litres(1000),
                Volume.ZERO,
                true,
                Units.METRIC,
                PRICES,
                List.of(new Vehicle("Van", Volume.litres(litres), payload)));
        assertThat(supply.loads().vehicles()).containsExactly(new Loads.Trips("Van", trips, byPayload));
    }

    @Test
    @DisplayName("15 bags at 10 are dearer than a cubic metre at 60 with a delivery at 80, 14 are not [long hand]")
    void looseIsCheaperFromANumberOfBagsOn() {
        assertThat(SoilSupply.of(
                                BulkGood.GARDEN_MIX,
                                Volume.litres(60),
                                Volume.ZERO,
                                true,
                                Units.METRIC,
                                PRICES,
                                List.of())
                        .looseFrom())
                .contains(15);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(14 * 50), true, Units.METRIC, PRICES)
                        .lots())
                .hasSize(1);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(15 * 50), true, Units.METRIC, PRICES)
                        .lots())
                .hasSize(2);
        assertThat(SoilSupply.of(
                                BulkGood.GARDEN_MIX,
                                Volume.litres(60),
                                Volume.ZERO,
                                true,
                                Units.METRIC,
                                item -> Optional.empty(),
                                List.of())
                        .looseFrom())
                .isEmpty();
        assertThat(SoilSupply.of(
                                BulkGood.GARDEN_MIX,
                                Volume.litres(60),
                                Volume.ZERO,
                                true,
                                Units.METRIC,
                                item -> Optional.of(Money.of(
                                        CurrencyUnit.EUR, item.equals(GoodsPrices.SOIL_BAG_LITRES) ? 0.01 : 1000)),
                                List.of())
                        .looseFrom())
                .isEmpty();
    }

    @Test
    void whatHasNoPriceIsNotChosenOverWhatHas() {
        Function<PriceItem, Optional<Money>> onlyLoose =
                item -> item.equals(GoodsPrices.SOIL_BAG_LITRES) ? Optional.empty() : PRICES.apply(item);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(50), true, Units.METRIC, onlyLoose)
                        .lots())
                .hasSize(2);
        assertThat(BulkPurchase.cheapest(
                                BulkGood.GARDEN_MIX, Volume.litres(5000), true, Units.METRIC, item -> Optional.empty())
                        .lots())
                .singleElement()
                .satisfies(lot -> assertThat(lot.item()).isEqualTo(GoodsPrices.SOIL_BAG_LITRES));
    }

    @Test
    void withoutATipEverythingComesInBags() {
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(2100), false, Units.METRIC, PRICES)
                        .lots())
                .containsExactly(new Lot(GoodsPrices.SOIL_BAG_LITRES, BigDecimal.valueOf(42), BigDecimal.valueOf(42)));
        SoilSupply supply = SoilSupply.of(
                BulkGood.GARDEN_MIX, Volume.litres(2100), Volume.ZERO, false, Units.METRIC, PRICES, List.of());
        assertThat(supply.looseIsChosen()).isFalse();
    }

    @Test
    @DisplayName("42.4 cu ft in equal thirds are 14.13 cu ft of each [recipe: common practice; arithmetic]")
    void equalThirds() {
        SortedMap<BulkGood, Volume> thirds = Ingredients.of(Recipe.THIRDS.filling(), Volume.cubicFeet(42.4));
        assertThat(thirds).containsOnlyKeys(BulkGood.PEAT_OR_COIR, BulkGood.COMPOST, BulkGood.VERMICULITE);
        assertThat(thirds.values())
                .allSatisfy(third -> assertThat(third.cubicFeet()).isCloseTo(14.133, within(0.001)));
    }

    @Test
    @DisplayName("Wood below saves a third to a half of the soil that is bought [common practice]")
    void woodBelowSavesSoil() {
        SortedMap<BulkGood, Volume> goods = Ingredients.of(Recipe.WOOD_BELOW.filling(), Volume.litres(1000));
        double saved = goods.get(BulkGood.WOOD).litres() / 1000;
        assertThat(saved).isBetween(1.0 / 3, 0.5);
        assertThat(goods.get(BulkGood.TOPSOIL)).isEqualTo(Volume.litres(360));
        assertThat(goods.get(BulkGood.COMPOST)).isEqualTo(Volume.litres(240));
    }

    @Test
    void whateverTheMixItsGoodsAddUpToTheBed() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            List<BulkGood> goods = new ArrayList<>(List.of(BulkGood.values()));
            Collections.shuffle(goods, random);
            List<Filling.MixPart> parts = goods.subList(0, 1 + random.nextInt(8)).stream()
                    .map(good -> new Filling.MixPart(good, 1 + random.nextInt(1000)))
                    .toList();
            Optional<Filling.Below> below = random.nextBoolean()
                    ? Optional.empty()
                    : Optional.of(new Filling.Below(goods.get(12), 10 + random.nextInt(51)));
            Volume whole = new Volume(random.nextInt(5_000_000));
            assertThat(Ingredients.of(new Filling(parts, below), whole).values().stream()
                            .reduce(Volume.ZERO, Volume::plus))
                    .isEqualTo(whole);
        }
    }

    @Test
    @DisplayName("Every recipe's shares as the trade gives them [common practice: recipes]")
    void recipesAsTheTradeGivesThem() {
        assertThat(shares(Recipe.SOIL_AND_COMPOST))
                .isEqualTo(Map.of(BulkGood.TOPSOIL, 500.0, BulkGood.COMPOST, 300.0, BulkGood.LEAF_MOULD, 200.0));
        assertThat(shares(Recipe.HALF_AND_HALF).get(BulkGood.TOPSOIL)).isEqualTo(500.0);
        assertThat(shares(Recipe.DEEP)).isEqualTo(Map.of(BulkGood.TOPSOIL, 600.0, BulkGood.COMPOST, 400.0));
    }

    private static Map<BulkGood, Double> shares(Recipe recipe) {
        return Ingredients.of(recipe.filling(), Volume.litres(1000)).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, entry -> entry.getValue().litres()));
    }

    @Test
    @DisplayName("An inch of compost on 45 x 93 in: 2.42 cu ft a year [long hand]")
    void theYearlyTopUp() {
        BedRevision bed = new BedRevision(
                Gardens.SEASON,
                rectangle(5, 5, 1, 1, 0).resized(Length.feet(8), Length.feet(4)),
                Optional.of(Gardens.cedar(Board.B2X10, 2)));
        assertThat(TopUp.of(bed, TopUp.DEPTH).cubicFeet()).isCloseTo(45 * 93 / 1728.0, within(0.001));
        assertThat(TopUp.of(new BedRevision(Gardens.SEASON, rectangle(5, 5, 3, 1, 0), Optional.empty()), TopUp.DEPTH))
                .isEqualTo(Volume.ZERO);
    }

    @Test
    @DisplayName(
            "Compost weighs 500 to 700 kg to the cubic metre, so a trailer of 500 kg takes 0.71 m3 [engineering tables, from memory]")
    void lightStuffTakesFewerTrips() {
        SoilSupply supply = SoilSupply.of(
                BulkGood.COMPOST,
                Volume.litres(1400),
                Volume.litres(400),
                true,
                Units.METRIC,
                item -> Optional.empty(),
                List.of());
        assertThat(supply.loads().trailers()).isEqualTo(2);
        assertThat(supply.leastTonnes()).isCloseTo(0.7, within(1e-9));
        assertThat(supply.settlesMost()).isEqualTo(Volume.litres(350));
        // Of 1000 L that are not there 20 bags.
        assertThat(supply.bags().lots().get(0).quantity()).isEqualByComparingTo("20");
    }

    @Test
    void mixesOfNothingAndDoubtfulStocksAreRefused() {
        assertThatThrownBy(() -> new Filling(List.of(), Optional.empty()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nothing");
        assertThatThrownBy(() -> new Filling.MixPart(BulkGood.COMPOST, 0))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("parts");
        assertThatThrownBy(() -> new Filling(
                        List.of(new Filling.MixPart(BulkGood.SAND, 1), new Filling.MixPart(BulkGood.SAND, 2)),
                        Optional.empty()))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> new Filling.Below(BulkGood.WOOD, 70)).hasMessageContaining("percent");
        assertThatThrownBy(() -> new Supply.OnHand(BulkGood.COMPOST, Volume.ZERO))
                .hasMessageContaining("volume");
        assertThatThrownBy(() -> new Supply(true, false, 11, List.of())).hasMessageContaining("topUpYears");
    }

    @Test
    @DisplayName(
            "Worked by hand: 300 L of topsoil, 120 of compost and 0.4 of vermiculite are mixed as 300 : 120 : 1; logs and chippings are none of it")
    void anOwnMixUsesUpWhatIsThere() {
        Supply supply = new Supply(
                true,
                false,
                0,
                List.of(
                        onHand(BulkGood.TOPSOIL, 300),
                        onHand(BulkGood.COMPOST, 120.3),
                        onHand(BulkGood.VERMICULITE, 0.4),
                        onHand(BulkGood.WOOD, 900),
                        onHand(BulkGood.STONE, 50)));
        assertThat(OwnMix.of(supply).orElseThrow().parts())
                .containsExactly(
                        new Filling.MixPart(BulkGood.TOPSOIL, 300),
                        new Filling.MixPart(BulkGood.COMPOST, 120),
                        new Filling.MixPart(BulkGood.VERMICULITE, 1));
        assertThat(OwnMix.of(Supply.USUAL)).isEmpty();
        assertThat(OwnMix.of(new Supply(true, false, 0, List.of(onHand(BulkGood.WOOD, 1)))))
                .isEmpty();
    }

    private static Supply.OnHand onHand(BulkGood good, double litres) {
        return new Supply.OnHand(good, Volume.litres(litres));
    }
}
