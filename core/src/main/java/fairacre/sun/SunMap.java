package fairacre.sun;

import java.util.List;

/**
 * The sun on open ground, as a grid.
 *
 * @param cell how wide each square of it is, metres
 * @param up hours from sunrise to sunset
 * @param cells those whose middle lies on the plot and in no building
 */
public record SunMap(double cell, double up, List<Cell> cells) {

    public SunMap {
        cells = List.copyOf(cells);
    }

    /**
     * A square.
     *
     * @param x of its middle on the drawing, metres
     * @param y of its middle on the drawing, metres
     * @param hours of direct sun
     */
    public record Cell(double x, double y, double hours, Exposure exposure) {}
}
