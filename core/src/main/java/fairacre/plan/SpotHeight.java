package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Point;

/** Height of the ground at a place, measured from any level line the gardener likes, -50 to 50 m. */
public record SpotHeight(Point place, Length height) {

    private static final Length FURTHEST = Length.metres(50);

    public SpotHeight {
        Point.near(place, "place");
        Limits.between(height, FURTHEST.times(-1), FURTHEST, "height");
    }
}
