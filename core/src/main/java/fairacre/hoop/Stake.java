package fairacre.hoop;

import fairacre.measure.Length;

/**
 * A round stake that holds something down against the wind.
 *
 * @param deep so far it is driven
 */
public record Stake(Length thick, Length deep) {

    /**
     * What the softest ground that may be presumed holds of a stake's skin, pascals: a sixth of the 1500 psf that clay
     * bears (International Building Code 1806.2 and 1810.3, from memory).
     */
    private static final double SKIN = 1500 * 47.880259 / 6;

    /** Newtons that pull it out of the softest ground. */
    public double holds() {
        return SKIN * Math.PI * thick.metres() * deep.metres();
    }

    /** So many hold a foot; one at least. */
    public int against(double newtons) {
        return Math.max(1, (int) Math.ceil(newtons / holds() - 1e-9));
    }
}
