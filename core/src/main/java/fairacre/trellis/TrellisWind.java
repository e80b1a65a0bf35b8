package fairacre.trellis;

/** How hard it blows where a trellis stands: the least of a force of the Beaufort scale. */
public enum TrellisWind {
    SHELTERED("Between houses or hedges", "near gale", 13.9),
    OPEN("Open garden", "gale", 17.2),
    EXPOSED("Hilltop or coast", "storm", 24.5);

    /** Half the density of air, kilograms to the cubic metre: ASCE 7, equation 26.10-1 in SI units. */
    private static final double HALF_DENSITY = 0.613;

    private final String label;
    private final String called;
    private final double speed;

    TrellisWind(String label, String called, double speed) {
        this.label = label;
        this.called = called;
        this.speed = speed;
    }

    public String label() {
        return label;
    }

    /** What such a wind is called. */
    public String called() {
        return called;
    }

    /** Metres a second. */
    public double speed() {
        return speed;
    }

    /** Pascals on a still surface. */
    double pressure() {
        return HALF_DENSITY * speed * speed;
    }
}
