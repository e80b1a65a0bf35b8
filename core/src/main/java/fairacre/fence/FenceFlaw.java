package fairacre.fence;

import fairacre.measure.Length;

/**
 * Why something does not hold against a pest.
 *
 * @param wants what it would have to be, where it is a length
 * @param has what it is
 */
public record FenceFlaw(Reason reason, Length wants, Length has) {

    /** The kinds of flaws. */
    public enum Reason {
        TOO_LOW,
        MESH_TOO_WIDE,
        FOOT_OPEN,
        FOOT_TOO_SHORT,
        /** It is to stand in raised beds, and somewhere none is. */
        OUT_OF_BEDS,
        FOOTHOLDS,
        /** Strings that have hung for longer than a season, or against anything but deer. */
        ONLY_STRING,
        /** A way in without a gate. */
        NO_GATE,
        /** Room below a gate. */
        GATE_GAP,
        /** Two ends that don't meet. */
        GAP,
        /** Nobody told how high it is or what it is made of. */
        NOT_KNOWN
    }

    static FenceFlaw of(Reason reason) {
        return new FenceFlaw(reason, Length.ZERO, Length.ZERO);
    }
}
