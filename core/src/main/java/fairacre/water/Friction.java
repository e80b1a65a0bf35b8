package fairacre.water;

/**
 * Darcy's friction factor of a full round pipe.
 *
 * <p>Laminar, up to Re 2000: 64/Re. Turbulent, from Re 4000 on: Swamee and Jain (1976), within 3.5 per cent of
 * Colebrook and White's equation for relative roughness from 1e-6 to 1e-2 and Re up to 1e8. Between them flow is
 * neither; a cubic joins both in value and slope (Dunlop 1991, as in the manual of EPANET 2.2, equation 12.8).
 */
final class Friction {

    static final double LAMINAR_UP_TO = 2000;
    static final double TURBULENT_FROM = 4000;

    private Friction() {}

    /**
     * @param reynolds more than 0
     * @param roughness height of the wall's roughness by the inside diameter, 0 to 0.05
     */
    static double factor(double reynolds, double roughness) {
        if (reynolds <= LAMINAR_UP_TO) {
            return 64 / reynolds;
        }
        return reynolds >= TURBULENT_FROM ? turbulent(reynolds, roughness) : between(reynolds, roughness);
    }

    private static double turbulent(double reynolds, double roughness) {
        double logarithm = Math.log10(roughness / 3.7 + 5.74 / Math.pow(reynolds, 0.9));
        return 0.25 / (logarithm * logarithm);
    }

    private static double between(double reynolds, double roughness) {
        double y2 = roughness / 3.7 + 5.74 / Math.pow(TURBULENT_FROM, 0.9);
        double y3 = -0.86859 * Math.log(y2);
        double fa = 1 / (y3 * y3);
        double fb = (2 - 0.00514215 / (y2 * y3)) * fa;
        double r = reynolds / LAMINAR_UP_TO;
        double x1 = 7 * fa - fb;
        double x2 = 0.128 - 17 * fa + 2.5 * fb;
        double x3 = -0.128 + 13 * fa - 2 * fb;
        double x4 = r * (0.032 - 3 * fa + 0.5 * fb);
        return x1 + r * (x2 + r * (x3 + x4));
    }
}
