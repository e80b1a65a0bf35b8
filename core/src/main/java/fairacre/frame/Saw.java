package fairacre.frame;

import fairacre.build.Workshop;
import fairacre.measure.Length;

/** What cutting loses: the width of the saw cut, and what comes off one end of a board to make it square. */
public record Saw(Length kerf, Length trim) {

    public static final Saw USUAL = of(Workshop.USUAL);

    public Saw {
        if (kerf.compareTo(Length.ZERO) < 0 || trim.compareTo(Length.ZERO) < 0) {
            throw new IllegalArgumentException("kerf and trim can't be negative");
        }
    }

    /** Where pieces may come out a saw cut short, no cut takes anything from the board beside them. */
    public static Saw of(Workshop workshop) {
        return new Saw(workshop.tight() ? Length.ZERO : workshop.kerf(), workshop.trim());
    }
}
