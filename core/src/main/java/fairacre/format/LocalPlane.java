package fairacre.format;

import org.locationtech.jts.geom.Coordinate;

/**
 * Metres east and north of a middle place, by the ellipsoid's own radii there: an equirectangular projection with the
 * radius of curvature in the meridian and in the prime vertical of WGS 84. Up to 70 degrees it is within 1 mm of the
 * geodesic over 60 m about the middle; a test checks that bound, and 10 mm over 300 m.
 */
final class LocalPlane {

    /** WGS 84: half the longer axis, metres, and the first eccentricity squared. */
    private static final double AXIS = 6_378_137.0;

    private static final double ECCENTRICITY = 6.694379990141316e-3;

    private final double latitude;
    private final double longitude;
    private final double perDegreeNorth;
    private final double perDegreeEast;

    LocalPlane(double latitude, double longitude) {
        this.latitude = latitude;
        this.longitude = longitude;
        double sin = Math.sin(Math.toRadians(latitude));
        double root = Math.sqrt(1 - ECCENTRICITY * sin * sin);
        this.perDegreeNorth = Math.toRadians(AXIS * (1 - ECCENTRICITY) / (root * root * root));
        this.perDegreeEast = Math.toRadians(AXIS / root * Math.cos(Math.toRadians(latitude)));
    }

    /** The longitude as x and latitude as y, degrees, of a place so many metres east and north of the middle. */
    Coordinate back(Coordinate metres) {
        return new Coordinate(longitude + metres.x / perDegreeEast, latitude + metres.y / perDegreeNorth);
    }

    /** @param place longitude as x and latitude as y, degrees */
    Coordinate of(Coordinate place) {
        return new Coordinate((place.x - longitude) * perDegreeEast, (place.y - latitude) * perDegreeNorth);
    }
}
