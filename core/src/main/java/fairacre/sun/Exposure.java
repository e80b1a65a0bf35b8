package fairacre.sun;

/** What a bed is good for by its hours of direct sun in the growing months (common practice). */
public enum Exposure {
    FULL_SUN(6, "fruiting crops"),
    PART_SUN(4, "roots, cabbages"),
    LEAF_CROPS(3, "leaf crops"),
    SHADE(0, "too dark");

    private final double least;
    private final String label;

    Exposure(double least, String label) {
        this.least = least;
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Hours of direct sun a day from which on it is so. */
    double least() {
        return least;
    }

    /** @param hours of direct sun on a day, at least 0 */
    static Exposure of(double hours) {
        for (Exposure each : values()) {
            if (hours >= each.least) {
                return each;
            }
        }
        throw new IllegalArgumentException("hours can't be negative");
    }
}
