package fairacre.build;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * How the ground falls away under a bed whose frame stands level and is made up to the ground with part-courses.
 *
 * @param along how much lower it lies at the end to which the bed's length points than at the other, -1 to 1 m;
 *     negative if it is higher
 * @param across likewise for its width
 */
public record GroundFall(Length along, Length across) {

    /** A smaller difference is raked away: common practice. */
    public static final Length RAKED = Length.inches(1);

    private static final Length MOST = Length.metres(1);

    public GroundFall {
        Limits.between(along, MOST.times(-1), MOST, "along");
        Limits.between(across, MOST.times(-1), MOST, "across");
    }

    /** A fall that is steeper than may be is cut off. */
    public static GroundFall upTo(Length along, Length across) {
        return new GroundFall(held(along), held(across));
    }

    private static Length held(Length fall) {
        return Length.max(MOST.times(-1), Length.min(MOST, fall));
    }

    /** From the highest corner of a rectangle to the lowest. */
    public Length most() {
        return along.abs().plus(across.abs());
    }

    boolean isLevel() {
        return most().equals(Length.ZERO);
    }
}
