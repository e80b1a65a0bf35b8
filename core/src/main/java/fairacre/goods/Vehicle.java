package fairacre.goods;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Volume;

/**
 * What fetches loose stuff: a trailer, a pickup, a friend's van.
 *
 * @param bed what it holds level, 10 L to 50 m3
 * @param payload what it may carry, 10 to 30 000 kg
 */
public record Vehicle(String name, Volume bed, int payload) {

    private static final Volume SMALLEST = Volume.litres(10);
    private static final Volume LARGEST = Volume.litres(50_000);
    private static final int LEAST = 10;
    private static final int MOST = 30_000;

    public Vehicle {
        name = Limits.name(name, "name");
        Limits.present(bed, "bed");
        if (bed.compareTo(SMALLEST) < 0 || bed.compareTo(LARGEST) > 0) {
            throw new RefusedException("bed", bed.litres() + " L is out of range", "give 10 to 50 000 L");
        }
        Limits.between(payload, LEAST, MOST, "payload");
    }
}
