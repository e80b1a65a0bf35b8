package fairacre.fill;

import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.BulkGood;
import fairacre.plan.PriceItem;
import java.util.Optional;
import java.util.function.Function;
import org.joda.money.Money;

/**
 * The ways to get a volume of soil to the beds, side by side, and what carrying it takes; for no volume no packs and no trips.
 *
 * @param bags whole bags
 * @param loose by the half cubic metre or yard, with one delivery
 * @param looseIsCheaper whether the bill buys it loose: its price is known, and less than that of the bags
 * @param looseFrom the least number of bags to which loose soil is the cheaper choice; empty if it is for no number up to
 *     {@link #MOST_BAGS}, or if a price is missing
 * @param loads trips with a barrow, or of a small trailer within its payload
 * @param barrowHours for the trips with a barrow, {@link #MINUTES_PER_TRIP} each
 * @param leastTonnes of the soil, wet; topsoil is 1.2 to 1.6 t to the cubic metre (common practice)
 * @param settlesLeast what is missing again after the first year, 5 to 10 % for a mix with mineral soil (common practice)
 */
public record SoilSupply(Volume volume, BulkPurchase bags, BulkPurchase loose, boolean looseIsCheaper, Optional<Integer> looseFrom, Loads loads,
        double barrowHours, double leastTonnes, double mostTonnes, Volume settlesLeast, Volume settlesMost) {

    /** A trip with the barrow, 30 m there and back, filled and emptied: about 5 minutes (common practice). */
    public static final double MINUTES_PER_TRIP = 5;

    static final int MOST_BAGS = 2000;
    private static final double LEAST_DENSITY = 1.2;
    private static final double MOST_DENSITY = 1.6;
    private static final double LEAST_SETTLING = 0.05;
    private static final double MOST_SETTLING = 0.10;

    public static SoilSupply of(Volume volume, Units units, Function<PriceItem, Optional<Money>> price) {
        Loads loads = Loads.of(volume);
        double tonnesOfWater = volume.litres() / 1000;
        BulkPurchase bags = BulkPurchase.bags(BulkGood.GARDEN_MIX, volume, units, price);
        BulkPurchase loose = BulkPurchase.loose(BulkGood.GARDEN_MIX, volume, units, price);
        return new SoilSupply(volume, bags, loose, loose.isCheaperThan(bags), looseFrom(units, price), loads, loads.barrows() * MINUTES_PER_TRIP / 60, tonnesOfWater * LEAST_DENSITY,
                tonnesOfWater * MOST_DENSITY, Volume.litres(volume.litres() * LEAST_SETTLING), Volume.litres(volume.litres() * MOST_SETTLING));
    }

    private static Optional<Integer> looseFrom(Units units, Function<PriceItem, Optional<Money>> price) {
        for (int bags = 1; bags <= MOST_BAGS; bags++) {
            Volume full = BulkPurchase.bagsOf(bags, units);
            Optional<Money> bagged = BulkPurchase.bags(BulkGood.GARDEN_MIX, full, units, price).total();
            Optional<Money> tipped = BulkPurchase.loose(BulkGood.GARDEN_MIX, full, units, price).total();
            if (bagged.isEmpty() || tipped.isEmpty()) {
                return Optional.empty();
            }
            if (tipped.get().isLessThan(bagged.get())) {
                return Optional.of(bags);
            }
        }
        return Optional.empty();
    }
}
