package fairacre.sun;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * The sun on open ground, as a grid.
 *
 * @param cell how wide each square of it is, metres
 * @param up hours from sunrise to sunset
 * @param coarse whether a finer one can be worked out in more time
 * @param cells those whose middle lies on the plot and in no building
 * @param grades what they are good for, most sun first
 */
public record SunMap(double cell, double up, boolean coarse, List<Cell> cells, List<Grade> grades) {

    public SunMap {
        cells = List.copyOf(cells);
        grades = List.copyOf(grades);
    }

    static SunMap of(double cell, double up, boolean coarse, List<Cell> cells) {
        return new SunMap(
                cell,
                up,
                coarse,
                cells,
                Arrays.stream(Exposure.values())
                        .map(exposure -> new Grade(
                                exposure,
                                exposure.least(),
                                exposure.label(),
                                cells.stream()
                                        .mapToDouble(each -> each.exposure() == exposure ? 1 : 0)
                                        .average()
                                        .orElse(0)))
                        .toList());
    }

    /**
     * Hours over an area, the mean of the squares whose middle lies in it, or of the one next to it where none does.
     */
    public double over(Polygon area) {
        IndexedPointInAreaLocator within = new IndexedPointInAreaLocator(area);
        Coordinate centre = area.getCentroid().getCoordinate();
        return cells.stream()
                .filter(each -> area.getEnvelopeInternal().contains(each.x(), each.y()))
                .filter(each -> within.locate(new Coordinate(each.x(), each.y())) != Location.EXTERIOR)
                .mapToDouble(Cell::hours)
                .average()
                .orElseGet(() -> cells.stream()
                        .min(Comparator.comparingDouble(each -> Math.hypot(each.x() - centre.x, each.y() - centre.y)))
                        .map(Cell::hours)
                        .orElse(0.0));
    }

    /**
     * What ground with so much sun is good for.
     *
     * @param least hours of direct sun a day
     * @param share of the cells, 0 to 1
     */
    public record Grade(Exposure exposure, double least, String label, double share) {}

    /**
     * A square.
     *
     * @param x of its middle on the drawing, metres
     * @param y of its middle on the drawing, metres
     * @param hours of direct sun
     */
    public record Cell(double x, double y, double hours, Exposure exposure) {}
}
