package fairacre.crop;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;

/**
 * A part of a bed's soil, as shares of its extent.
 *
 * @param from along the longer side, 0 to 1
 * @param to along the longer side, more than {@code from}
 * @param low across it, 0 to 1
 * @param high across it, more than {@code low}
 */
public record BedPart(double from, double to, double low, double high) {

    public static final BedPart WHOLE = new BedPart(0, 1, 0, 1);

    /** Parts that share less of the bed's length or width only touch. */
    private static final double TOUCHING = 1e-6;

    private static final double SMALLEST = 0.01;

    public BedPart {
        check(from, to, "from", "to");
        check(low, high, "low", "high");
    }

    private static void check(double first, double last, String firstField, String lastField) {
        Limits.between(first, 0, 1, firstField);
        Limits.between(last, 0, 1, lastField);
        if (last - first < SMALLEST - TOUCHING) {
            throw new RefusedException(lastField, "the part ends before it begins", "give a larger share there");
        }
    }

    /** Of the bed's length and width together, 0 to 1. */
    public double share() {
        return (to - from) * (high - low);
    }

    boolean shares(BedPart other) {
        return overlap(from, to, other.from, other.to) > TOUCHING
                && overlap(low, high, other.low, other.high) > TOUCHING;
    }

    private static double overlap(double from, double to, double otherFrom, double otherTo) {
        return Math.min(to, otherTo) - Math.max(from, otherFrom);
    }
}
