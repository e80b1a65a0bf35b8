package fairacre.feeding;

/**
 * How a laboratory rates what the soil has of a nutrient, and what vegetables are given then in a year: Defra,
 * Fertiliser Manual RB209 (2010), brassica vegetables, indices 0 to 4 (from memory).
 */
public enum Supplied {
    VERY_LOW("very low", 200, 300),
    LOW("low", 150, 250),
    MIDDLE("enough", 100, 200),
    HIGH("high", 50, 60),
    VERY_HIGH("very high", 0, 0);

    /** Square metres of a hectare. */
    private static final double HECTARE = 10_000;

    private final String label;
    private final int phosphate;
    private final int potash;

    Supplied(String label, int phosphate, int potash) {
        this.label = label;
        this.phosphate = phosphate;
        this.potash = potash;
    }

    public String label() {
        return label;
    }

    /** P2O5 in a year, kilograms for a square metre. */
    double phosphate() {
        return phosphate / HECTARE;
    }

    /** K2O in a year, kilograms for a square metre. */
    double potash() {
        return potash / HECTARE;
    }
}
