package fairacre.fill;

import fairacre.bill.PriceItem;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.joda.money.Money;

/**
 * One way to buy a volume of something loose: whole bags, or tipped in half units with one delivery.
 *
 * @param lots what is bought, each with its quantity
 * @param total empty if the price of a lot is not known
 */
public record BulkPurchase(List<Lot> lots, Optional<Money> total) {

    /**
     * A quantity of something sold by the piece; loose soil comes in halves.
     *
     * @param used how much of the quantity is wanted, to a thousandth
     */
    public record Lot(PriceItem item, BigDecimal quantity, BigDecimal used) {}

    private static final BulkPurchase NOTHING = new BulkPurchase(List.of(), Optional.empty());

    /**
     * The cheaper of bags and loose at these prices; the one whose price is known if the other's isn't; bags if neither
     * is, or if no lorry can tip. Nothing for no volume.
     */
    public static BulkPurchase cheapest(
            BulkGood good, Volume volume, boolean tipping, Units units, Function<PriceItem, Optional<Money>> price) {
        if (!tipping) {
            return bags(good, volume, units, price);
        }
        BulkPurchase bags = bags(good, volume, units, price);
        BulkPurchase loose = loose(good, volume, units, price);
        return loose.isCheaperThan(bags) ? loose : bags;
    }

    /** Whether its price is known and less than the other's, or the other's is not known. */
    boolean isCheaperThan(BulkPurchase other) {
        return total.isPresent() && (other.total.isEmpty() || total.get().isLessThan(other.total.get()));
    }

    /** What so many bags hold. */
    static Volume bagsOf(int bags, Units units) {
        return Volume.litres(bags * GoodsPrices.bagLitres(units));
    }

    public static BulkPurchase bags(
            BulkGood good, Volume volume, Units units, Function<PriceItem, Optional<Money>> price) {
        if (volume.equals(Volume.ZERO)) {
            return NOTHING;
        }
        PriceItem item = GoodsPrices.bag(good, units);
        double size = GoodsPrices.bagLitres(units);
        return priced(List.of(new Lot(item, wholeSteps(volume, size, 1), used(volume, size))), price);
    }

    static BulkPurchase loose(BulkGood good, Volume volume, Units units, Function<PriceItem, Optional<Money>> price) {
        if (volume.equals(Volume.ZERO)) {
            return NOTHING;
        }
        PriceItem item = GoodsPrices.loose(good, units);
        double size = GoodsPrices.looseLitres(units);
        return priced(
                List.of(
                        new Lot(item, wholeSteps(volume, size, 0.5), used(volume, size)),
                        new Lot(GoodsPrices.SOIL_DELIVERY, BigDecimal.ONE, BigDecimal.ONE)),
                price);
    }

    /** Loose on a lorry that brings other goods too: its delivery is counted with all of them. */
    public static BulkPurchase looseUndelivered(
            BulkGood good, Volume volume, Units units, Function<PriceItem, Optional<Money>> price) {
        BulkPurchase loose = loose(good, volume, units, price);
        return loose.lots().isEmpty() ? loose : priced(loose.lots().subList(0, 1), price);
    }

    /** Rounded up to a whole number of steps; a millilitre over, out of rounding, opens no further pack. */
    private static BigDecimal wholeSteps(Volume volume, double litresOfOne, double step) {
        long steps = (long) Math.ceil((volume.litres() - 0.001) / (litresOfOne * step));
        return BigDecimal.valueOf(steps).multiply(BigDecimal.valueOf(step)).stripTrailingZeros();
    }

    private static BigDecimal used(Volume volume, double litresOfOne) {
        return BigDecimal.valueOf(volume.litres() / litresOfOne)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }

    private static BulkPurchase priced(List<Lot> lots, Function<PriceItem, Optional<Money>> price) {
        Optional<Money> total = lots.stream()
                .map(lot -> price.apply(lot.item()).map(p -> p.multipliedBy(lot.quantity(), RoundingMode.HALF_UP)))
                .reduce((a, b) -> a.flatMap(x -> b.map(x::plus)))
                .orElseThrow();
        return new BulkPurchase(lots, total);
    }
}
