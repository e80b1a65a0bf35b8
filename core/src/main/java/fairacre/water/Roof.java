package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Area;
import java.util.Optional;

/**
 * A roof whose downspout fills a barrel.
 *
 * @param area as seen from above, 0.5 to 1000 m2
 * @param runoff what of the rain comes to the barrel, 0.5 to 1; 0.8 to 0.9 is usual (common practice)
 * @param overflow where the water goes when the barrel is full; empty if that is not said
 */
public record Roof(Area area, double runoff, Optional<String> overflow) {

    /** The middle of what is usual. */
    public static final double USUAL_RUNOFF = 0.85;

    private static final double SMALLEST = 0.5;
    private static final double LARGEST = 1000;
    private static final double LEAST_RUNOFF = 0.5;

    public Roof {
        Limits.between(Limits.present(area, "area").squareMetres(), SMALLEST, LARGEST, "area");
        Limits.between(runoff, LEAST_RUNOFF, 1, "runoff");
        overflow = overflow == null ? Optional.empty() : overflow.map(words -> Limits.name(words, "overflow"));
    }

    /**
     * Litres that come to the barrel.
     *
     * @param rain millimetres, which are litres on a square metre
     */
    double litres(double rain) {
        return area.squareMetres() * rain * runoff;
    }
}
