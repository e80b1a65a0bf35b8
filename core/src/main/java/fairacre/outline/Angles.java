package fairacre.outline;

import fairacre.limits.RefusedException;

/** Directions and turns in degrees clockwise. */
public final class Angles {

    /** Turns are kept to a ten-thousandth of a degree: 0.2 mm at the end of a 100 m line. */
    private static final double STEP = 1e4;

    private Angles() {}

    /**
     * The same direction in [0, 360), rounded to 0.0001 degrees: -90 becomes 270, 725 becomes 5.
     *
     * @throws RefusedException if it is not a finite number
     */
    public static double normal(double degrees, String field) {
        if (!Double.isFinite(degrees)) {
            throw new RefusedException(field, degrees + " is not an angle", "give degrees clockwise, 0 to 360");
        }
        double rounded = Math.rint(((degrees % 360) + 360) % 360 * STEP) / STEP;
        return rounded >= 360 ? 0 : rounded;
    }
}
