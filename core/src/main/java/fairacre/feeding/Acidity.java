package fairacre.feeding;

/**
 * What brings soil to pH 6.5, the aim for vegetables. Between the rows of a table it goes evenly; beyond its last row
 * as much is given as there, and the soil is tested again.
 */
public final class Acidity {

    /** The pH that vegetables like best. */
    public static final double AIM = 6.5;
    /** More lime than this is not spread in a year, kilograms for a square metre (common practice). */
    public static final double LIME_IN_A_YEAR = 0.5;

    /** The pH of the columns of {@link #lime}. */
    private static final double[] SOUR = {5.0, 5.5, 6.0, 6.2, AIM};
    /** The pH of the columns of {@link #sulphur}. */
    private static final double[] SWEET = {AIM, 7.0, 7.5, 8.0, 8.5};

    private static final double TONNE_A_HECTARE = 0.1;
    private static final double POUND_AN_ACRE = 0.453_592_37 / 4046.856_422_4;

    private Acidity() {}

    /**
     * Ground limestone, kilograms for a square metre: Defra, Fertiliser Manual RB209 (2010), lime for arable land,
     * tonnes a hectare (from memory).
     */
    static double lime(double acidity, Texture texture) {
        double[] tonnes = switch (texture) {
            case SAND -> new double[] {10, 7, 4, 3, 0};
            case LOAM -> new double[] {12, 8, 5, 4, 0};
            case CLAY -> new double[] {14, 10, 6, 4, 0};
            case PEATY -> new double[] {14, 9, 4, 0, 0};
        };
        return TONNE_A_HECTARE * between(acidity, SOUR, tonnes);
    }

    /**
     * Sulphur, kilograms for a square metre: Western Fertilizer Handbook, pounds an acre (from memory); peaty soil as
     * loam (a guess).
     */
    static double sulphur(double acidity, Texture texture) {
        double[] pounds = switch (texture) {
            case SAND -> new double[] {0, 100, 500, 1200, 2000};
            case LOAM, PEATY -> new double[] {0, 150, 800, 1500, 2500};
            case CLAY -> new double[] {0, 300, 1000, 2000, 3000};
        };
        return POUND_AN_ACRE * between(acidity, SWEET, pounds);
    }

    /**
     * What of it is spread in a year after the test: no more than may be in a year, the rest in the years that follow.
     *
     * @param since years from that of the test, 0 or more
     */
    static double limeOf(int since, double acidity, Texture texture) {
        double left = lime(acidity, texture) - since * LIME_IN_A_YEAR;
        return Math.max(0, Math.min(LIME_IN_A_YEAR, left));
    }

    private static double between(double acidity, double[] columns, double[] amounts) {
        if (acidity <= columns[0]) {
            return amounts[0];
        }
        for (int i = 1; i < columns.length; i++) {
            if (acidity <= columns[i]) {
                double share = (acidity - columns[i - 1]) / (columns[i] - columns[i - 1]);
                return amounts[i - 1] + share * (amounts[i] - amounts[i - 1]);
            }
        }
        return amounts[columns.length - 1];
    }
}
