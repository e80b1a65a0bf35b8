package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;
import java.util.UUID;

/**
 * The clear distance from an edge of a bed, square to it, to the next thing that faces it.
 *
 * @param to the other bed; empty for the plot's edge
 */
public record Gap(UUID bed, Optional<UUID> to, Point start, Point end, Length distance) {}
