package fairacre.format;

import fairacre.outline.Point;
import java.util.List;

/**
 * A boundary that was walked with a satellite receiver or drawn on a map, on the plane about its own middle: x east, y
 * north.
 *
 * @param corners of the first piece of ground; the lower left corner of the rectangle round all pieces lies at the
 *     origin; only as exact as the receiver, 3 to 5 m (common practice)
 * @param further other pieces of ground
 * @param latitude of its middle, degrees
 * @param longitude of its middle, degrees
 * @param places number of places in the file
 * @param leftOut how many things in the file are no area, such as lines and points
 */
public record Track(
        List<Point> corners, List<List<Point>> further, double latitude, double longitude, int places, int leftOut) {

    public Track {
        corners = List.copyOf(corners);
        further = further.stream().map(List::copyOf).toList();
    }
}
