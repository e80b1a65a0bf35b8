package fairacre.format;

import fairacre.plan.Limits;
import fairacre.plan.Point;
import fairacre.plan.Site;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.Route;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Boundaries from open formats: a GPX track, route or its way points (GPX 1.0 and 1.1), and a GeoJSON polygon (RFC 7946), alone or
 * as the first polygon of a feature or a collection. At most 8 MB and 200 000 places.
 *
 * <p>Many places are thinned until they are no more corners than a plot may have, none further from the track than it must be.
 */
public final class TrackFile {

    public static final int LARGEST = 8_000_000;

    private static final int MOST_PLACES = 200_000;
    private static final double NEAREST_POLE = 85;
    private static final double FURTHEST_METRES = 900;
    /** Thinning begins with this tolerance and doubles it, metres. */
    private static final double FINEST = 0.02;
    private static final double SAME = 1e-6;

    private TrackFile() {}

    /**
     * @throws FaultyFileException if it is neither format, malformed, too large, or no boundary of a plot on the ground
     */
    public static Track read(byte[] file) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw faulty("the file is larger than " + LARGEST / 1_000_000 + " MB", "export the boundary alone");
        }
        String start = new String(file, 0, Math.min(file.length, 4096), StandardCharsets.UTF_8).stripLeading().replace("\uFEFF", "");
        List<Coordinate> places = start.startsWith("<") ? gpx(file) : geoJson(file);
        return track(places);
    }

    private static List<Coordinate> gpx(byte[] file) throws FaultyFileException {
        String text = new String(file, StandardCharsets.UTF_8);
        if (text.contains("<!DOCTYPE") || text.contains("<!ENTITY")) {
            throw faulty("the file brings a document type or entities of its own", "a GPX track needs neither: export it again");
        }
        try {
            GPX gpx = GPX.Reader.of(GPX.Reader.Mode.LENIENT).read(new ByteArrayInputStream(file));
            Stream<WayPoint> tracks = gpx.tracks().flatMap(t -> t.segments()).flatMap(s -> s.points());
            List<WayPoint> points = tracks.toList();
            if (points.isEmpty()) {
                points = gpx.routes().flatMap(Route::points).toList();
            }
            if (points.isEmpty()) {
                points = gpx.wayPoints().toList();
            }
            return points.stream().map(p -> new Coordinate(p.getLongitude().doubleValue(), p.getLatitude().doubleValue())).toList();
        } catch (IOException | RuntimeException malformed) {
            throw faulty("it is not a well-formed GPX file" + detail(malformed), "export the track again as GPX");
        }
    }

    private static String detail(Exception malformed) {
        String message = malformed.getMessage();
        return message == null ? "" : " (" + message.lines().findFirst().orElse("").strip() + ")";
    }

    private static List<Coordinate> geoJson(byte[] file) throws FaultyFileException {
        JsonNode tree;
        try {
            tree = GardenJson.mapper().readTree(file);
        } catch (JacksonException malformed) {
            throw faulty("it is neither GPX nor well-formed JSON", "give a GPX track or a GeoJSON polygon");
        }
        JsonNode polygon = polygon(tree);
        if (polygon == null) {
            throw faulty("there is no polygon in it", "give a GeoJSON Polygon");
        }
        JsonNode rings = polygon.path("coordinates");
        if (rings.size() > 1) {
            throw faulty("the polygon has " + (rings.size() - 1) + " holes; a plot has none",
                    "leave the holes out and mark what lies there as keep-off ground");
        }
        List<Coordinate> places = new ArrayList<>();
        for (JsonNode place : rings.path(0)) {
            if (!place.path(0).isNumber() || !place.path(1).isNumber()) {
                throw faulty("a place is not a pair of numbers", "write longitude and latitude in degrees");
            }
            places.add(new Coordinate(place.get(0).asDouble(), place.get(1).asDouble()));
        }
        return places;
    }

    /** The node itself, or the first polygon within a feature, a collection or a multi-polygon. */
    private static JsonNode polygon(JsonNode node) {
        if (node == null) {
            return null;
        }
        switch (node.path("type").asString("")) {
            case "Polygon":
                return node;
            case "Feature":
                return polygon(node.get("geometry"));
            case "FeatureCollection":
                return first(node.path("features"));
            case "GeometryCollection":
                return first(node.path("geometries"));
            default:
                return null;
        }
    }

    private static JsonNode first(JsonNode nodes) {
        for (JsonNode node : nodes) {
            JsonNode found = polygon(node);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static Track track(List<Coordinate> places) throws FaultyFileException {
        if (places.size() > MOST_PLACES) {
            throw faulty(places.size() + " places are too many", "give at most " + MOST_PLACES);
        }
        if (places.size() < 3) {
            throw faulty("it has " + places.size() + " places and encloses no ground", "walk round the whole plot");
        }
        Envelope degrees = new Envelope();
        for (Coordinate place : places) {
            if (!(Math.abs(place.y) <= NEAREST_POLE) || !(Math.abs(place.x) <= 180)) {
                throw faulty(String.format(Locale.ROOT, "latitude %.4f, longitude %.4f is no place for a garden", place.y, place.x),
                        "write longitude before latitude, in degrees");
            }
            degrees.expandToInclude(place);
        }
        if (degrees.getWidth() > 180) {
            throw faulty("it crosses the date line", "draw the plot by its corners instead");
        }
        LocalPlane plane = new LocalPlane(degrees.centre().y, degrees.centre().x);
        List<Coordinate> metres = new ArrayList<>();
        places.stream().map(plane::of).forEach(place -> addUnlessSame(metres, place));
        if (metres.size() > 1 && metres.get(0).distance(metres.get(metres.size() - 1)) < SAME) {
            metres.remove(metres.size() - 1);
        }
        return new Track(corners(metres), degrees.centre().y, places.size());
    }

    private static void addUnlessSame(List<Coordinate> metres, Coordinate place) {
        if (metres.isEmpty() || metres.get(metres.size() - 1).distance(place) >= SAME) {
            metres.add(place);
        }
    }

    private static List<Point> corners(List<Coordinate> metres) throws FaultyFileException {
        Envelope bounds = new Envelope();
        metres.forEach(bounds::expandToInclude);
        if (bounds.getWidth() > FURTHEST_METRES || bounds.getHeight() > FURTHEST_METRES) {
            throw faulty(String.format(Locale.ROOT, "it spans %.0f by %.0f m", bounds.getWidth(), bounds.getHeight()),
                    "give the boundary of the garden alone");
        }
        if (metres.size() < 3) {
            throw faulty("its places enclose no ground", "walk round the whole plot");
        }
        List<Coordinate> ring = new ArrayList<>(metres);
        ring.add(metres.get(0));
        Polygon polygon = new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
        for (double tolerance = FINEST; polygon.getNumPoints() - 1 > Limits.MOST_CORNERS; tolerance *= 2) {
            polygon = (Polygon) TopologyPreservingSimplifier.simplify(polygon, tolerance);
        }
        List<Point> corners = new ArrayList<>();
        Coordinate[] all = polygon.getExteriorRing().getCoordinates();
        for (int i = 0; i + 1 < all.length; i++) {
            corners.add(Point.metres(all[i].x - bounds.getMinX(), all[i].y - bounds.getMinY()));
        }
        return new Site(corners, 0, 0).corners();
    }

    private static FaultyFileException faulty(String wrong, String right) {
        return new FaultyFileException(List.of(new Fault("", wrong, right)));
    }
}
