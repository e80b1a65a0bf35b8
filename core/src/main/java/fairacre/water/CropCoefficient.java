package fairacre.water;

/**
 * What something that grows uses of the reference evapotranspiration, from when it comes into the bed to when it is
 * cleared: Kc of FAO-56. The four stages of figure 34 there last 20, 30, 35 and 15 per cent of the time (a rough guess
 * between the vegetables of table 11).
 *
 * @param first until it spreads
 * @param middle while it covers the ground
 * @param last at the end, when it has faded
 */
public record CropCoefficient(double first, double middle, double last) {

    /** Of small vegetables (FAO-56, table 12, from memory). */
    static final CropCoefficient MIXED = new CropCoefficient(0.7, 1.05, 0.95);

    private static final double SPREADS_FROM = 0.2;
    private static final double COVERS_FROM = 0.5;
    private static final double FADES_FROM = 0.85;

    /** @param grown share of its time that is over, 0 to 1 */
    double at(double grown) {
        if (grown <= SPREADS_FROM) {
            return first;
        }
        if (grown <= COVERS_FROM) {
            return between(first, middle, (grown - SPREADS_FROM) / (COVERS_FROM - SPREADS_FROM));
        }
        return grown <= FADES_FROM ? middle : between(middle, last, (grown - FADES_FROM) / (1 - FADES_FROM));
    }

    private static double between(double one, double other, double share) {
        return one + (other - one) * share;
    }
}
