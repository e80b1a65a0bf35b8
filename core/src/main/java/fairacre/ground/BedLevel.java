package fairacre.ground;

import fairacre.build.GroundFall;
import fairacre.measure.Length;
import java.util.UUID;

/**
 * How the ground lies under a bed.
 *
 * @param along difference of height between its ends
 * @param across difference of height between its sides
 * @param drop the same with its direction
 * @param most difference between its highest and lowest corner: what has to be dug in, packed or made up
 */
public record BedLevel(UUID bed, Length along, Length across, GroundFall drop, Length most, Meaning meaning) {

    /** What a difference of level means for whoever builds the bed. */
    public enum Meaning {
        /** Less than an inch: rake it. */
        LEVEL,
        /** The upper side is dug in. */
        DIG_IN,
        /** The lower side gets a course, or part of one, more. */
        PART_COURSE,
        /** More than a course: the bed is built in steps, or the ground is terraced first. */
        STEP
    }
}
