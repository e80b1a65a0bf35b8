package fairacre.hoop;

import fairacre.fence.Gust;
import fairacre.measure.Length;

/**
 * How wind lifts what is arched over the ground, and what holds it. Suction on an arched roof that springs from the
 * ground: 1.4 r pushes on the quarter to windward, 0.7 + r pulls at the half in the middle and 0.5 at the quarter to
 * leeward, r being its rise over its span (ASCE 7, arched roofs, from memory); with 0.18 of pressure within, that is
 * 0.655 + 0.15 r upwards over the whole span.
 */
public final class WindLift {

    /** Standard gravity, metres a second squared. */
    public static final double GRAVITY = 9.80665;

    private static final double LIFT = 0.655;
    private static final double LIFT_BY_RISE = 0.15;

    private WindLift() {}

    /**
     * Newtons on each metre along it.
     *
     * @param closed share of the sheet that stops the wind, 0 to 1
     */
    public static double on(Gust gust, double closed, Length span, Length rise) {
        double share = LIFT + LIFT_BY_RISE * rise.metres() / span.metres();
        return gust.pressure() * closed * share * span.metres();
    }
}
