package fairacre.sun;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;

/**
 * How far a shelf on one side of a wall, a fence or a house may stand out so that its shadow never falls on soil.
 *
 * @param side by the compass: "south"
 * @param from one end of that side on the plot, {@code to} the other
 * @param reaches at each height, lowest first
 * @param best the widest, and of those the highest
 */
public record ShelfZone(String side, Point from, Point to, List<ShelfReach> reaches, ShelfReach best) {

    public ShelfZone {
        reaches = List.copyOf(reaches);
    }

    /**
     * @param height above the ground
     * @param depth away from the wall, whole millimetres, at most a metre
     */
    public record ShelfReach(Length height, Length depth) {}
}
