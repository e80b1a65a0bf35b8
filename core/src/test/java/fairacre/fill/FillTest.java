package fairacre.fill;

import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.fill.BulkPurchase.Lot;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.BedRevision;
import fairacre.plan.Board;
import fairacre.plan.Build;
import fairacre.plan.BulkGood;
import fairacre.plan.PriceItem;
import fairacre.testing.Gardens;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FillTest {

    private static final Function<PriceItem, Optional<Money>> PRICES = item -> Optional.ofNullable(Map.of(
            PriceItem.SOIL_BAG_LITRES, 10.0, PriceItem.SOIL_CUBIC_METRE, 60.0, PriceItem.SOIL_DELIVERY, 80.0,
            PriceItem.SOIL_BAG_CUBIC_FEET, 9.0, PriceItem.SOIL_CUBIC_YARD, 45.0).get(item)).map(a -> Money.of(CurrencyUnit.EUR, a));

    @Test
    @DisplayName("A 4 x 8 ft bed, inside 45 x 93 in, filled 17 1/2 in: 42.4 cu ft = 1.57 cu yd [trade handbook, worked example]")
    void twoCoursesOfTwoByTen() {
        FillTakeoff fill = FillTakeoff.of(new BedRevision(Gardens.SEASON,
                rectangle(5, 5, 1, 1, 0).resized(Length.feet(8), Length.feet(4)), Optional.of(Gardens.cedar(Board.B2X10, 2))));
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
        BedRevision comb = new BedRevision(Gardens.SEASON, rectangle(5, 5, 3, 2, 20), Gardens.comb(2, 0.6, 0.5),
                Optional.of(Gardens.cedar(Board.B2X10, 2)), false, Build.PLAIN);
        double inside = (3 - 2 * t) * (0.6 - 2 * t) + 2 * (0.5 - 2 * t) * 1.4;
        assertThat(FillTakeoff.of(comb).volume().millilitres() / 1000.0)
                .isCloseTo(inside * Length.inches(17.5).metres() * 1000, within(0.1));
    }

    @Test
    void anInGroundBedNeedsNothing() {
        assertThat(FillTakeoff.of(new BedRevision(Gardens.SEASON, rectangle(5, 5, 3, 1, 0), Optional.empty())).volume()).isEqualTo(Volume.ZERO);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.ZERO, Units.METRIC, PRICES).lots()).isEmpty();
    }

    @Test
    void aLittleComesInBagsAndALotComesLoose() {
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(120), Units.METRIC, PRICES).lots())
                .containsExactly(new Lot(PriceItem.SOIL_BAG_LITRES, BigDecimal.valueOf(3)));
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(2100), Units.METRIC, PRICES).lots()).containsExactly(
                new Lot(PriceItem.SOIL_CUBIC_METRE, new BigDecimal("2.5")), new Lot(PriceItem.SOIL_DELIVERY, BigDecimal.ONE));
    }

    @Test
    @DisplayName("270 cu ft are ten cubic yards loose, or 180 bags of 1.5 cu ft [derived]")
    void wholePacks() {
        Volume volume = Volume.cubicFeet(270);
        assertThat(BulkPurchase.loose(BulkGood.GARDEN_MIX, volume, Units.FEET_AND_INCHES, PRICES).lots().get(0).quantity())
                .isEqualByComparingTo("10");
        assertThat(BulkPurchase.bags(BulkGood.GARDEN_MIX, volume, Units.FEET_AND_INCHES, PRICES).lots().get(0).quantity())
                .isEqualByComparingTo("180");
    }

    @Test
    @DisplayName("A cubic metre: 12 barrows of 85 L are an hour, three trailers of 500 kg, 1.2 to 1.6 t [trade handbook, worked by hand]")
    void aCubicMetreIsCarried() {
        SoilSupply supply = SoilSupply.of(Volume.litres(1000), Units.METRIC, PRICES);
        assertThat(supply.loads()).isEqualTo(new Loads(12, 3, 1));
        assertThat(supply.barrowHours()).isEqualTo(1);
        assertThat(supply.leastTonnes()).isEqualTo(1.2);
        assertThat(supply.mostTonnes()).isEqualTo(1.6);
        assertThat(supply.settlesLeast()).isEqualTo(Volume.litres(50));
        assertThat(supply.settlesMost()).isEqualTo(Volume.litres(100));
        assertThat(supply.bags().total()).contains(Money.of(CurrencyUnit.EUR, 200));
        assertThat(supply.loose().total()).contains(Money.of(CurrencyUnit.EUR, 140));
    }

    @Test
    @DisplayName("15 bags at 10 are dearer than a cubic metre at 60 with a delivery at 80, 14 are not [long hand]")
    void looseIsCheaperFromANumberOfBagsOn() {
        assertThat(SoilSupply.of(Volume.litres(60), Units.METRIC, PRICES).looseFrom()).contains(15);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(14 * 50), Units.METRIC, PRICES).lots()).hasSize(1);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(15 * 50), Units.METRIC, PRICES).lots()).hasSize(2);
        assertThat(SoilSupply.of(Volume.litres(60), Units.METRIC, item -> Optional.empty()).looseFrom()).isEmpty();
        assertThat(SoilSupply.of(Volume.litres(60), Units.METRIC, item -> Optional.of(Money.of(CurrencyUnit.EUR,
                item.equals(PriceItem.SOIL_BAG_LITRES) ? 0.01 : 1000))).looseFrom()).isEmpty();
    }

    @Test
    void whatHasNoPriceIsNotChosenOverWhatHas() {
        Function<PriceItem, Optional<Money>> onlyLoose = item -> item.equals(PriceItem.SOIL_BAG_LITRES) ? Optional.empty() : PRICES.apply(item);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(50), Units.METRIC, onlyLoose).lots()).hasSize(2);
        assertThat(BulkPurchase.cheapest(BulkGood.GARDEN_MIX, Volume.litres(5000), Units.METRIC, item -> Optional.empty()).lots()).singleElement()
                .satisfies(lot -> assertThat(lot.item()).isEqualTo(PriceItem.SOIL_BAG_LITRES));
    }
}
