package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * A notch in a side of a bed to step into, so that its middle comes within reach.
 *
 * @param side of the form, numbered as its corners are
 * @param at middle of the mouth, from the side's first corner
 * @param width 0.2 to 3 m: about 0.3 m takes a foot, 0.45 to 0.6 m is comfortable (common practice)
 * @param depth square to the side, 0.1 to 10 m
 */
public record Keyhole(int side, Length at, Length width, Length depth) {

    /** Narrower than this nobody sets a foot in it: 0.30 m, which 12 in exceed by a hair; common practice. */
    public static final Length FOOT = Length.metres(0.3);

    private static final Length NARROWEST = Length.millimetres(200);
    private static final Length WIDEST = Length.metres(3);
    private static final Length SHALLOWEST = Length.millimetres(100);
    private static final Length DEEPEST = Length.metres(10);

    public Keyhole {
        Limits.between(side, 0, 999, "side");
        Limits.between(at, Length.ZERO, Limits.LONGEST_SIDE, "at");
        Limits.between(width, NARROWEST, WIDEST, "width");
        Limits.between(depth, SHALLOWEST, DEEPEST, "depth");
    }
}
