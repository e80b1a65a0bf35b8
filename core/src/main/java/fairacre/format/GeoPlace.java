package fairacre.format;

import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.plan.Site;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * Where places of a plot lie on the globe: longitude and latitude of WGS 84, by the middle of the plot and its north.
 */
final class GeoPlace {

    /** Of a degree, about a millimetre. */
    private static final double FINEST = 1e8;

    private final Coordinate middle;
    private final double north;
    private final LocalPlane plane;

    private GeoPlace(Site site, double longitude) {
        this.middle = site.ground().getEnvelopeInternal().centre();
        this.north = Math.toRadians(site.north());
        this.plane = new LocalPlane(site.latitude(), longitude);
    }

    /** @throws RefusedException if nobody told the longitude of the plot */
    static GeoPlace of(Site site) {
        return new GeoPlace(
                site,
                site.longitude()
                        .orElseThrow(() -> new RefusedException(
                                "longitude", "the longitude of the plot is not known", "type it in the step Ground")));
    }

    /** Longitude before latitude. */
    List<Double> degrees(Point place) {
        double x = place.x().metres() - middle.x;
        double y = place.y().metres() - middle.y;
        Coordinate found = plane.back(
                new Coordinate(x * Math.cos(north) - y * Math.sin(north), x * Math.sin(north) + y * Math.cos(north)));
        return List.of(rounded(found.x), rounded(found.y));
    }

    private static double rounded(double degrees) {
        return Math.round(degrees * FINEST) / FINEST;
    }
}
