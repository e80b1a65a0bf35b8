package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.UUID;

/**
 * Ground between two edges of one bed: between the fingers of a comb, inside a U, or in a keyhole.
 *
 * @param start on one edge
 * @param end on the edge across from it
 * @param width clear of what leans out
 * @param keyhole whether it is a notch to step into
 */
public record Aisle(UUID bed, Point start, Point end, Length width, boolean keyhole) {}
