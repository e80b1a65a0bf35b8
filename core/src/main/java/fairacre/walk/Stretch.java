package fairacre.walk;

/**
 * A part of a bed's edge at which a carrier can be; of no length where only the corner can be touched.
 *
 * @param edge 0 to 3 counter-clockwise, 0 along the bottom before the bed is turned
 * @param start metres from the edge's first corner
 * @param end metres, not less than start
 * @param wholeEdge whether it is the edge from corner to corner
 */
public record Stretch(int edge, double start, double end, boolean wholeEdge) {}
