package fairacre.years;

import fairacre.measure.Area;
import java.util.Optional;

/**
 * How much there was for what it took. Empty where nothing was taken.
 *
 * @param perSquareMetre for each square metre of soil
 * @param perHour for each hour of work that was written down
 */
public record Ratios(Optional<Double> perSquareMetre, Optional<Double> perHour) {

    static Ratios of(double much, Area soil, double hours) {
        return new Ratios(of(much, soil.squareMetres()), of(much, hours));
    }

    static Optional<Double> of(double much, double taken) {
        return taken > 0 ? Optional.of(much / taken) : Optional.empty();
    }
}
