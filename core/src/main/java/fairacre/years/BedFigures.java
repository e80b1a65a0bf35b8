package fairacre.years;

import fairacre.journal.Picked;
import fairacre.measure.Area;
import java.util.Optional;
import java.util.UUID;

/**
 * A bed in a season.
 *
 * @param soil its area inside the boards
 * @param planned kilograms that its plantings give, as is usual
 * @param picked in it
 * @param hours of work that were written down for it
 * @param losses how often something was lost in it
 * @param perSquareMetre kilograms that were weighed; empty without soil
 */
public record BedFigures(
        UUID bed,
        String name,
        Area soil,
        double planned,
        Picked picked,
        double hours,
        int losses,
        Optional<Double> perSquareMetre) {}
