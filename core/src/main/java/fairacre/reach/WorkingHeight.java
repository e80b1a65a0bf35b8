package fairacre.reach;

import fairacre.measure.Length;
import java.util.Optional;
import java.util.UUID;

/**
 * How the height of a bed suits one gardener.
 *
 * @param rim from the ground to the top of the frame, mound or soil
 * @param stoop how far the rim lies below the wrists of somebody who stands upright; zero if it doesn't, empty for the
 *     seated and for people whose stature is not known
 */
public record WorkingHeight(UUID gardener, Length rim, Optional<Length> stoop, Ease ease) {

    /** What working there is like. */
    public enum Ease {
        /** Standing, arms hanging. */
        UPRIGHT,
        /** Standing, with a bent back. */
        BENT,
        /** On the knees, or bent double. */
        KNEELING,
        /** Standing; nobody said how tall. */
        UNKNOWN,
        /** Seated, turned to the bed with one side. */
        SIDE_ON,
        /** Seated, knees under a table bed. */
        KNEES_UNDER,
        /** The soil is lower than seated arms reach. */
        TOO_LOW,
        /** The rim is higher than seated arms reach over. */
        TOO_HIGH
    }
}
