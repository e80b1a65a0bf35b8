package fairacre.crop;

import java.util.UUID;

/**
 * Seed of a variety that the gardener has, in a season.
 *
 * @param comesUp share of it, 0 to 1
 * @param sown seeds that the season takes
 * @param left seeds after it
 */
public record SeedLeft(UUID variety, double comesUp, int sown, int left) {}
