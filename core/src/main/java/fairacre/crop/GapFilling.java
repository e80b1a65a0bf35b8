package fairacre.crop;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What could grow in a gap.
 *
 * @param planting as it is usually grown, from the first day that frost and soil allow
 * @param ripe the day of the first harvest, two weeks later where frost ends the year; empty of what only covers the
 *     soil
 * @param count of plants
 * @param yield kilograms, as is usual; 0 of what is not eaten
 */
public record GapFilling(Planting planting, Optional<LocalDate> ripe, int count, double yield) {}
