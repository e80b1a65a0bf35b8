package fairacre.reach;

import fairacre.measure.Area;
import fairacre.outline.Point;
import java.util.List;

/** Soil out of reach: its area and its outlines on the drawing; nothing of either where all is within reach. */
public record Unreached(Area area, List<List<Point>> parts) {

    public static final Unreached NOTHING = new Unreached(Area.ZERO, List.of());

    public Unreached {
        parts = List.copyOf(parts);
    }
}
