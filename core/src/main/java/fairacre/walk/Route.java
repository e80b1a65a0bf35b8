package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.UUID;

/** The shortest way from a place to a bed, as its corners and its length. */
public record Route(UUID bed, Length length, List<Point> places) {

    public Route {
        places = List.copyOf(places);
    }
}
