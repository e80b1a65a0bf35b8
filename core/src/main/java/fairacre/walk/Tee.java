package fairacre.walk;

import fairacre.outline.Point;
import java.util.List;

/**
 * A place where a carrier turns in three moves: forward into one arm of a T, back into the other, and out by the base.
 *
 * @param place where the middles of the arms and of the base meet
 * @param outline corners of the T, counter-clockwise
 */
public record Tee(Point place, List<Point> outline) {

    public Tee {
        outline = List.copyOf(outline);
    }
}
