package fairacre.water;

import java.util.Optional;
import java.util.UUID;

/**
 * Pressure that is lost on the way from a source to an outlet.
 *
 * @param run which; empty of the other parts
 * @param kilopascals less than 0 where the way leads down
 */
public record PressureLoss(Part part, Optional<UUID> run, double kilopascals) {

    private static final double KILOPASCALS_A_METRE = Network.GRAVITY;

    /** What takes it. */
    public enum Part {
        /** The source, which gives less pressure the more flows. */
        SOURCE,
        /** Preventer, filter, timer and reducer. */
        GEAR,
        RUN,
        /** The pipe to the bed and what lies in it. */
        BED,
        /** How much higher the outlet lies. */
        HEIGHT
    }

    /** @param run which; empty of the other parts */
    record Place(Part part, Optional<UUID> run) {

        static Place of(Part part) {
            return new Place(part, Optional.empty());
        }
    }

    /** @param head metres of water of 1000 kg/m3 */
    static PressureLoss of(Place place, double head) {
        return new PressureLoss(place.part(), place.run(), head * KILOPASCALS_A_METRE);
    }
}
