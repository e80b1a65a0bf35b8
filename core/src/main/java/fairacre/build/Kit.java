package fairacre.build;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import java.util.Arrays;

/**
 * A metal bed bought ready-made: bolted from sheet, in one outside size and height. Sizes are usual ones of the trade
 * (common practice); a maker's own may differ by a finger's breadth, so measure the box before the walk beside it is
 * laid.
 */
public enum Kit {
    K2X4("kit 2x4 ft", Length.feet(4), Length.feet(2), Length.inches(17)),
    K2X8("kit 2x8 ft", Length.feet(8), Length.feet(2), Length.inches(17)),
    K3X6("kit 3x6 ft", Length.feet(6), Length.feet(3), Length.inches(17)),
    K4X8("kit 4x8 ft", Length.feet(8), Length.feet(4), Length.inches(17)),
    K2X8_TALL("kit 2x8 ft tall", Length.feet(8), Length.feet(2), Length.inches(32)),
    K3X6_TALL("kit 3x6 ft tall", Length.feet(6), Length.feet(3), Length.inches(32)),
    M80X160("kit 0.8x1.6 m", Length.metres(1.6), Length.metres(0.8), Length.millimetres(450)),
    M100X200("kit 1x2 m", Length.metres(2), Length.metres(1), Length.millimetres(450)),
    M120X240("kit 1.2x2.4 m", Length.metres(2.4), Length.metres(1.2), Length.millimetres(450));

    /** Of the corrugated wall with its rolled rim (common practice). */
    public static final Length WALL = Length.millimetres(20);

    /** So long one lasts in the ground at least (common practice: 20 years and more). */
    public static final int LEAST_YEARS = 20;
    /** A guess. */
    public static final int MOST_YEARS = 40;

    private final String key;
    private final Length length;
    private final Length width;
    private final Length height;

    Kit(String key, Length length, Length width, Length height) {
        this.key = key;
        this.length = length;
        this.width = width;
        this.height = height;
    }

    /** The name on the box: {@code kit 4x8 ft}. */
    public String key() {
        return key;
    }

    /** Of the longer side, outside. */
    public Length length() {
        return length;
    }

    public Length width() {
        return width;
    }

    public Length height() {
        return height;
    }

    /** Whether a bed of this outside size is what is in the box, either way round. */
    public boolean fits(Rectangle outline) {
        return outline.length().equals(length) && outline.width().equals(width)
                || outline.length().equals(width) && outline.width().equals(length);
    }

    /** @throws RefusedException if there is no such kit */
    public static Kit of(String key) {
        return Arrays.stream(values())
                .filter(k -> k.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "",
                        "there is no kit \"" + key + "\"",
                        "give one of " + Arrays.stream(values()).map(Kit::key).toList()));
    }
}
