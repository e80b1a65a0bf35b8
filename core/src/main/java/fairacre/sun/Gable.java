package fairacre.sun;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * A gable roof as prisms on top of each other, each as wide as the roof is in its middle. The ridge runs along the
 * longer way of the smallest rectangle round the house, in its middle.
 */
final class Gable {

    private static final int LAYERS = 16;

    private Gable() {}

    /** @param low above the ground, metres, {@code high} its upper edge */
    record Layer(Polygon ground, double low, double high) {}

    /**
     * @param eaves height, metres; nothing where the ridge is no higher
     * @param ridge height, metres
     */
    static List<Layer> over(Polygon house, double eaves, double ridge) {
        List<Layer> layers = new ArrayList<>();
        if (ridge <= eaves) {
            return layers;
        }
        Coordinate[] corners = MinimumDiameter.getMinimumRectangle(house).getCoordinates();
        boolean first = corners[0].distance(corners[1]) >= corners[1].distance(corners[2]);
        Coordinate[] round =
                first ? corners : new Coordinate[] {corners[1], corners[2], corners[3], corners[0], corners[1]};
        double rise = (ridge - eaves) / LAYERS;
        for (int i = 0; i < LAYERS; i++) {
            // So far from the eaves to the ridge.
            double share = (i + 0.5) / LAYERS / 2;
            Polygon strip = house.getFactory().createPolygon(new Coordinate[] {
                between(round[0], round[3], share),
                between(round[1], round[2], share),
                between(round[2], round[1], share),
                between(round[3], round[0], share),
                between(round[0], round[3], share)
            });
            add(layers, house.intersection(strip), eaves + i * rise, eaves + (i + 1) * rise);
        }
        return layers;
    }

    private static void add(List<Layer> layers, Geometry grounds, double low, double high) {
        for (int i = 0; i < grounds.getNumGeometries(); i++) {
            if (grounds.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                layers.add(new Layer(part, low, high));
            }
        }
    }

    private static Coordinate between(Coordinate from, Coordinate to, double share) {
        return new Coordinate(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y));
    }
}
