package fairacre.ground;

import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.SqueezeTest;

/**
 * Cut and fill to bring a rectangle of ground to one level.
 *
 * @param level at which the ground comes to lie
 * @param cut soil that is dug off, as it lies in the bank
 * @param fill hollow that is filled, as it lies when packed
 * @param loose the cut as it is carried: swollen
 * @param spare loose soil that is over when the hollows are filled
 * @param missing loose soil that has to be brought
 * @param intoBeds loose spare soil that the beds of the season take
 * @param away loose soil that has to leave
 * @param swell by which dug soil grows: 0.25 is a quarter
 */
public record Earthwork(
        Length level,
        Volume cut,
        Volume fill,
        Volume loose,
        Volume spare,
        Volume missing,
        Volume intoBeds,
        Volume away,
        double swell) {

    /**
     * Packed soil takes less room than in the bank: 10 to 20 per cent, earthmoving handbooks from memory; the middle is
     * taken.
     */
    static final double SHRINK = 0.15;

    /**
     * Swell of dug soil: common earth 25, clay 30, sand 12 per cent; earthmoving handbooks, soil volume tables, from
     * memory.
     */
    public static double swell(SqueezeTest soil) {
        return switch (soil) {
            case FALLS_APART -> 0.12;
            case MAKES_A_RIBBON -> 0.30;
            case HOLDS_AND_CRUMBLES, NOT_DONE -> 0.25;
        };
    }
}
