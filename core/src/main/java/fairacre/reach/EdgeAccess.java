package fairacre.reach;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.UUID;

/**
 * How much of one edge of a bed a gardener can be at.
 *
 * @param edge its number, as the corners of the bed run; it runs from the corner of that number to the next
 * @param start its first corner
 * @param end its second corner
 * @param open the parts of it at which they can be
 * @param free how long these are together
 */
public record EdgeAccess(UUID gardener, int edge, Point start, Point end, Length length, Length free, List<Part> open) {

    /** From and to, on the edge. */
    public record Part(Point start, Point end) {}

    public EdgeAccess {
        open = List.copyOf(open);
    }
}
