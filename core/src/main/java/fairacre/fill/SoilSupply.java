package fairacre.fill;

import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.goods.BulkGood;
import fairacre.goods.Vehicle;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.joda.money.Money;

/**
 * The ways to get a volume of one good to the beds, side by side, and what carrying it takes; for no volume no packs
 * and no trips.
 *
 * @param volume that is wanted
 * @param onHand what of it is there already
 * @param bags whole bags, of what is not there
 * @param loose by the half cubic metre or yard, with one delivery
 * @param looseIsChosen whether the bill buys it loose: a lorry can tip, its price is known, and less than that of the
 *     bags
 * @param looseFrom the least number of bags to which loose is the cheaper choice; empty if it is for no number up to
 *     {@link #MOST_BAGS}, or if a price is missing
 * @param loads trips with a barrow, or of a small trailer within its payload, for the whole volume
 * @param barrowHours for the trips with a barrow, {@link #BARROW_TRIP} each
 * @param leastTonnes of the whole volume, as dry as it comes
 * @param mostTonnes wet
 * @param settlesLeast what is missing again after the first year; of wood, after some years
 */
public record SoilSupply(
        BulkGood good,
        Volume volume,
        Volume onHand,
        BulkPurchase bags,
        BulkPurchase loose,
        boolean looseIsChosen,
        Optional<Integer> looseFrom,
        Loads loads,
        double barrowHours,
        double leastTonnes,
        double mostTonnes,
        Volume settlesLeast,
        Volume settlesMost) {

    /** A trip with the barrow, 30 m there and back, filled and emptied. */
    public static final WorkRate BARROW_TRIP = new WorkRate(
            "carry/barrow",
            "Filling a barrow, 30 m there and back, and emptying it",
            5,
            "trip",
            "common practice",
            Stage.FILL);

    static final int MOST_BAGS = 2000;
    private static final double KILOGRAMS_PER_TONNE = 1000;

    /**
     * @param onHand at most the volume
     * @param tipping whether a lorry can tip near by
     */
    public static SoilSupply of(
            BulkGood good,
            Volume volume,
            Volume onHand,
            boolean tipping,
            Units units,
            Function<PriceItem, Optional<Money>> price,
            List<Vehicle> vehicles) {
        Loads loads = Loads.of(volume, good, vehicles);
        Volume bought = volume.lessOrNone(onHand);
        BulkPurchase bags = BulkPurchase.bags(good, bought, units, price);
        BulkPurchase loose = BulkPurchase.loose(good, bought, units, price);
        return new SoilSupply(
                good,
                volume,
                onHand,
                bags,
                loose,
                tipping && loose.isCheaperThan(bags),
                looseFrom(good, units, price),
                loads,
                BARROW_TRIP.hours((double) loads.barrows()),
                volume.cubicMetres() * good.leastDensity() / KILOGRAMS_PER_TONNE,
                volume.cubicMetres() * good.mostDensity() / KILOGRAMS_PER_TONNE,
                Volume.litres(volume.litres() * good.leastSettling()),
                Volume.litres(volume.litres() * good.mostSettling()));
    }

    /**
     * The same where a lorry that comes anyway may bring it: without its own delivery, and bought as the bill has it.
     */
    public SoilSupply onASharedLorry(BulkPurchase undelivered, boolean chosen) {
        return new SoilSupply(
                good,
                volume,
                onHand,
                bags,
                undelivered,
                chosen,
                Optional.empty(),
                loads,
                barrowHours,
                leastTonnes,
                mostTonnes,
                settlesLeast,
                settlesMost);
    }

    private static Optional<Integer> looseFrom(BulkGood good, Units units, Function<PriceItem, Optional<Money>> price) {
        for (int bags = 1; bags <= MOST_BAGS; bags++) {
            Volume full = BulkPurchase.bagsOf(bags, units);
            Optional<Money> bagged = BulkPurchase.bags(good, full, units, price).total();
            Optional<Money> tipped =
                    BulkPurchase.loose(good, full, units, price).total();
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
