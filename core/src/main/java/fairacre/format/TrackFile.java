package fairacre.format;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Boundaries from open formats: GPX tracks, routes or way points (GPX 1.0 and 1.1), and GeoJSON polygons and
 * multi-polygons (RFC 7946), alone or within features and collections. At most 8 MB and 200 000 places. The first
 * polygon, or track, is the plot's first piece of ground and all others are further pieces; what is no area is left out
 * and counted.
 *
 * <p>Many places are thinned until they are no more corners than a plot may have, none further from the track than it
 * must be.
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
        String start = new String(file, 0, Math.min(file.length, 4096), StandardCharsets.UTF_8)
                .stripLeading()
                .replace("\uFEFF", "");
        return track(start.startsWith("<") ? gpx(file) : geoJson(file));
    }

    /** Rings of longitudes and latitudes, and how much else there was. */
    private record Found(List<List<Coordinate>> rings, int leftOut) {}

    /** Every track, however often it was paused; without tracks every route; without those all way points. */
    private static Found gpx(byte[] file) throws FaultyFileException {
        String text = new String(file, StandardCharsets.UTF_8);
        if (text.contains("<!DOCTYPE") || text.contains("<!ENTITY")) {
            throw faulty(
                    "the file brings a document type or entities of its own",
                    "a GPX track needs neither: export it again");
        }
        try {
            GPX gpx = GPX.Reader.of(GPX.Reader.Mode.LENIENT).read(new ByteArrayInputStream(file));
            List<List<Coordinate>> tracks = gpx.tracks()
                    .map(track -> places(track.segments().flatMap(segment -> segment.points())))
                    .toList();
            List<List<Coordinate>> routes =
                    gpx.routes().map(route -> places(route.points())).toList();
            List<Coordinate> wayPoints = places(gpx.wayPoints());
            if (!tracks.isEmpty()) {
                return new Found(tracks, routes.size() + wayPoints.size());
            }
            return routes.isEmpty() ? new Found(List.of(wayPoints), 0) : new Found(routes, wayPoints.size());
        } catch (IOException | RuntimeException malformed) {
            throw faulty("it is not a well-formed GPX file" + detail(malformed), "export the track again as GPX");
        }
    }

    private static List<Coordinate> places(Stream<WayPoint> points) {
        return points.map(p -> new Coordinate(
                        p.getLongitude().doubleValue(), p.getLatitude().doubleValue()))
                .toList();
    }

    private static String detail(Exception malformed) {
        String message = malformed.getMessage();
        return message == null
                ? ""
                : " (" + message.lines().findFirst().orElse("").strip() + ")";
    }

    private static Found geoJson(byte[] file) throws FaultyFileException {
        JsonNode tree;
        try {
            tree = GardenJson.mapper().readTree(file);
        } catch (JacksonException malformed) {
            throw faulty("it is neither GPX nor well-formed JSON", "give a GPX track or a GeoJSON polygon");
        }
        List<JsonNode> polygons = new ArrayList<>();
        int leftOut = collect(tree, polygons);
        if (polygons.isEmpty()) {
            throw faulty("there is no polygon in it", "give a GeoJSON Polygon");
        }
        List<List<Coordinate>> rings = new ArrayList<>();
        for (JsonNode polygon : polygons) {
            rings.add(ring(polygon));
        }
        return new Found(rings, leftOut);
    }

    /** Collects the rings of all polygons within a node; how much else there is, such as lines and points. */
    private static int collect(JsonNode node, List<JsonNode> polygons) {
        switch (node.path("type").asString("")) {
            case "Polygon":
                polygons.add(node.path("coordinates"));
                return 0;
            case "MultiPolygon":
                node.path("coordinates").forEach(polygons::add);
                return 0;
            case "Feature":
                return collect(node.path("geometry"), polygons);
            case "FeatureCollection":
                return collectAll(node.path("features"), polygons);
            case "GeometryCollection":
                return collectAll(node.path("geometries"), polygons);
            default:
                return 1;
        }
    }

    private static int collectAll(JsonNode nodes, List<JsonNode> polygons) {
        int leftOut = 0;
        for (JsonNode node : nodes) {
            leftOut += collect(node, polygons);
        }
        return leftOut;
    }

    private static List<Coordinate> ring(JsonNode rings) throws FaultyFileException {
        if (rings.size() > 1) {
            throw faulty(
                    "the polygon has " + (rings.size() - 1) + " holes; a plot has none",
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

    private static Track track(Found found) throws FaultyFileException {
        int count = found.rings().stream().mapToInt(List::size).sum();
        if (count > MOST_PLACES) {
            throw faulty(count + " places are too many", "give at most " + MOST_PLACES);
        }
        Envelope degrees = new Envelope();
        for (List<Coordinate> ring : found.rings()) {
            if (ring.size() < 3) {
                throw faulty("it has " + ring.size() + " places and encloses no ground", "walk round the whole plot");
            }
            for (Coordinate place : ring) {
                if (!(Math.abs(place.y) <= NEAREST_POLE) || !(Math.abs(place.x) <= 180)) {
                    throw faulty(
                            String.format(
                                    Locale.ROOT,
                                    "latitude %.4f, longitude %.4f is no place for a garden",
                                    place.y,
                                    place.x),
                            "write longitude before latitude, in degrees");
                }
                degrees.expandToInclude(place);
            }
        }
        if (degrees.getWidth() > 180) {
            throw faulty("it crosses the date line", "draw the plot by its corners instead");
        }
        LocalPlane plane = new LocalPlane(degrees.centre().y, degrees.centre().x);
        List<List<Coordinate>> metres =
                found.rings().stream().map(ring -> onPlane(plane, ring)).toList();
        List<List<Point>> pieces = pieces(metres);
        return new Track(
                pieces.get(0),
                pieces.subList(1, pieces.size()),
                degrees.centre().y,
                degrees.centre().x,
                count,
                found.leftOut());
    }

    private static List<Coordinate> onPlane(LocalPlane plane, List<Coordinate> ring) {
        List<Coordinate> metres = new ArrayList<>();
        ring.stream().map(plane::of).forEach(place -> addUnlessSame(metres, place));
        if (metres.size() > 1 && metres.get(0).distance(metres.get(metres.size() - 1)) < SAME) {
            metres.remove(metres.size() - 1);
        }
        return metres;
    }

    private static void addUnlessSame(List<Coordinate> metres, Coordinate place) {
        if (metres.isEmpty() || metres.get(metres.size() - 1).distance(place) >= SAME) {
            metres.add(place);
        }
    }

    /** All pieces with the lower left corner of the rectangle round them at the origin. */
    private static List<List<Point>> pieces(List<List<Coordinate>> rings) throws FaultyFileException {
        Envelope bounds = new Envelope();
        rings.forEach(ring -> ring.forEach(bounds::expandToInclude));
        if (bounds.getWidth() > FURTHEST_METRES || bounds.getHeight() > FURTHEST_METRES) {
            throw faulty(
                    String.format(Locale.ROOT, "it spans %.0f by %.0f m", bounds.getWidth(), bounds.getHeight()),
                    "give the boundary of the garden alone");
        }
        List<List<Point>> pieces = new ArrayList<>();
        for (List<Coordinate> ring : rings) {
            pieces.add(corners(ring, bounds));
        }
        try {
            Site site = new Site(
                    pieces.get(0),
                    pieces.subList(1, pieces.size()),
                    0,
                    0,
                    Optional.empty(),
                    true,
                    List.of(),
                    SoilNotes.NOTHING_KNOWN);
            return site.pieces();
        } catch (RefusedException refused) {
            throw faulty(refused.refusal().reason(), refused.refusal().next());
        }
    }

    private static List<Point> corners(List<Coordinate> metres, Envelope bounds) throws FaultyFileException {
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
        return corners;
    }

    private static FaultyFileException faulty(String wrong, String right) {
        return new FaultyFileException(List.of(new Fault("", wrong, right)));
    }
}
