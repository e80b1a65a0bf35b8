package fairacre.frame;

import fairacre.measure.Length;

/** What cutting loses: the width of the saw cut, and what comes off one end of a board to make it square. */
public record Saw(Length kerf, Length trim) {

    /** A kerf of 1/8 in and a trim of 1/2 in: common practice. */
    public static final Saw USUAL = new Saw(Length.inches(0.125), Length.inches(0.5));

    public Saw {
        if (kerf.compareTo(Length.ZERO) < 0 || trim.compareTo(Length.ZERO) < 0) {
            throw new IllegalArgumentException("kerf and trim can't be negative");
        }
    }
}
