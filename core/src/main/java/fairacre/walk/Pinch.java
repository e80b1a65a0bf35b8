package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;
import java.util.UUID;

/**
 * A place where two beds, or a bed and the plot's edge, leave less room than the widest carrier needs.
 *
 * @param other the second bed; empty for the plot's edge
 * @param start on the first bed
 * @param end on what it faces
 * @param width that is left to pass
 * @param lean how much of the distance caps and crops take that lean out over it
 */
public record Pinch(UUID bed, Optional<UUID> other, Point start, Point end, Length width, Length lean) {}
