package fairacre.goods;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * How loose stuff comes to the garden.
 *
 * @param tipping whether a lorry can tip near by; if not, everything comes in bags
 * @param spoil whether what is dug out for walks goes into the beds as topsoil
 * @param topUpYears for how many years after a bed is filled its yearly top-up of compost is planned, 0 to 10
 * @param onHand what is there already, in order of the goods; beds, walks and drains use it before anything is bought
 * @param sharedDelivery whether one lorry brings several loose goods of a season, for one delivery
 * @param vehicles that fetch loose stuff, at most six, besides a small trailer
 */
public record Supply(
        boolean tipping,
        boolean spoil,
        int topUpYears,
        List<OnHand> onHand,
        boolean sharedDelivery,
        List<Vehicle> vehicles) {

    /** A lorry can tip; nothing is on hand and no top-up is planned. */
    public static final Supply USUAL = new Supply(true, false, 0, List.of());

    /** A small loader with its bucket is 5 to 7 ft wide (common practice): less lets none through. */
    public static final Length LOADER = Length.feet(5);

    private static final int MOST_YEARS = 10;
    private static final int MOST_VEHICLES = 6;

    /** @param volume loose, more than nothing and at most 1 000 cubic metres */
    public record OnHand(BulkGood good, Volume volume) {

        private static final Volume MOST = Volume.litres(1_000_000);

        public OnHand {
            Limits.present(good, "good");
            Limits.present(volume, "volume");
            if (volume.equals(Volume.ZERO) || volume.compareTo(MOST) > 0) {
                throw new RefusedException(
                        "volume",
                        volume.litres() + " L is out of range",
                        "give more than nothing and at most 1000 m³, or leave it out");
            }
        }
    }

    public Supply {
        Limits.between(topUpYears, 0, MOST_YEARS, "topUpYears");
        onHand = onHand == null ? List.of() : onHand;
        Set<BulkGood> seen = new HashSet<>();
        for (OnHand one : onHand) {
            if (!seen.add(one.good())) {
                throw new RefusedException("onHand", one.good().label() + " is there twice", "add the two up");
            }
        }
        onHand = onHand.stream().sorted(Comparator.comparing(OnHand::good)).toList();
        vehicles = vehicles == null ? List.of() : List.copyOf(vehicles);
        Limits.atMost(MOST_VEHICLES, vehicles, "vehicles");
    }

    /** With a delivery for each good and no vehicles of one's own. */
    public Supply(boolean tipping, boolean spoil, int topUpYears, List<OnHand> onHand) {
        this(tipping, spoil, topUpYears, onHand, false, List.of());
    }

    public Supply withTipping(boolean tips) {
        return new Supply(tips, spoil, topUpYears, onHand, sharedDelivery, vehicles);
    }

    /** What is dug out is not used either, and no top-up is planned. */
    public Supply withNothingOnHand() {
        return new Supply(tipping, false, 0, List.of(), sharedDelivery, vehicles);
    }
}
