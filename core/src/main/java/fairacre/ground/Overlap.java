package fairacre.ground;

import fairacre.measure.Area;
import fairacre.outline.Point;
import java.util.UUID;

/**
 * Two beds on the same ground.
 *
 * @param place within the shared part
 * @param apartX the shortest move of the second bed that separates them, metres along x
 * @param apartY the same along y
 */
public record Overlap(UUID first, UUID second, Area shared, Point place, double apartX, double apartY) {}
