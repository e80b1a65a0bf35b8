package fairacre.format;

import fairacre.plan.Point;
import java.util.List;

/**
 * A boundary that was walked with a satellite receiver or drawn on a map, on the plane about its own middle: x east, y north.
 *
 * @param corners of the plot, its lower left corner at the origin; only as exact as the receiver, 3 to 5 m (common practice)
 * @param latitude of its middle, degrees
 * @param places number of places in the file
 */
public record Track(List<Point> corners, double latitude, int places) {

    public Track {
        corners = List.copyOf(corners);
    }
}
