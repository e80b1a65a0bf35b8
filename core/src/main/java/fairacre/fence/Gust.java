package fairacre.fence;

/** A wind by its name: the least of a force of the Beaufort scale. */
public enum Gust {
    NEAR_GALE("near gale", 13.9),
    GALE("gale", 17.2),
    STORM("storm", 24.5);

    /** Half the density of air, kilograms to the cubic metre: ASCE 7, equation 26.10-1 in SI units. */
    private static final double HALF_DENSITY = 0.613;

    /** Share of a screen that leaves and stems in full growth close (a rough guess). */
    public static final double LEAVES = 0.5;
    /**
     * How hard wind pulls and pushes at a flat screen, by its pressure on all of it (ASCE 7, solid freestanding walls,
     * from memory).
     */
    private static final double ON_A_SCREEN = 1.3;

    private final String called;
    private final double speed;

    Gust(String called, double speed) {
        this.called = called;
        this.speed = speed;
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
    public double pressure() {
        return HALF_DENSITY * speed * speed;
    }

    /** Newtons on a square metre of a flat screen in full leaf. */
    public double onLeaves() {
        return pressure() * ON_A_SCREEN * LEAVES;
    }
}
