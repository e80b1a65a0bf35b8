package fairacre.water;

import fairacre.bill.Amounts;
import fairacre.limits.Limits;
import fairacre.measure.Volume;
import org.joda.money.Money;

/**
 * Water that is brought to a barrel by the trip.
 *
 * @param trip what comes with one, 1 to 100 000 L
 * @param price of a trip, nothing or more
 */
public record Haul(Volume trip, Money price) {

    private static final double MOST = 100_000;

    public Haul {
        Limits.between(Limits.present(trip, "trip").litres(), 1, MOST, "trip");
        price = Amounts.check(price, "price");
    }
}
