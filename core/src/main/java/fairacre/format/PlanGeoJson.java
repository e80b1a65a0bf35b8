package fairacre.format;

import fairacre.format.GroundPlan.Drawn;
import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import tools.jackson.databind.json.JsonMapper;

/**
 * The whole plot of a season as GeoJSON (RFC 7946): plot, ways in, what stands there, walks, pipes, fences, beds and
 * structures, each with its layer, kind and name. Longitude and latitude are those of WGS 84.
 */
public final class PlanGeoJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final GeoPlace globe;

    private PlanGeoJson(GeoPlace globe) {
        this.globe = globe;
    }

    /** @throws RefusedException if nobody told the longitude of the plot */
    public static byte[] of(Plan plan, int season) {
        PlanGeoJson file = new PlanGeoJson(GeoPlace.of(plan.site()));
        Map<String, Object> collection = new LinkedHashMap<>();
        collection.put("type", "FeatureCollection");
        collection.put(
                "features",
                GroundPlan.of(plan, season).stream().map(file::feature).toList());
        return MAPPER.writeValueAsBytes(collection);
    }

    private Map<String, Object> feature(Drawn drawn) {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("layer", drawn.layer().name());
        properties.put("kind", drawn.kind());
        properties.put("name", drawn.name());
        Map<String, Object> feature = new LinkedHashMap<>();
        feature.put("type", "Feature");
        feature.put("geometry", geometry(drawn));
        feature.put("properties", properties);
        return feature;
    }

    private Map<String, Object> geometry(Drawn drawn) {
        Map<String, Object> geometry = new LinkedHashMap<>();
        switch (drawn.extent()) {
            case AREA -> {
                geometry.put("type", "Polygon");
                geometry.put("coordinates", List.of(ring(drawn.places())));
            }
            case LINE -> {
                geometry.put("type", "LineString");
                geometry.put(
                        "coordinates",
                        drawn.places().stream().map(globe::degrees).toList());
            }
            case SPOT -> {
                geometry.put("type", "Point");
                geometry.put("coordinates", globe.degrees(drawn.places().get(0)));
            }
        }
        return geometry;
    }

    /** Counter-clockwise and closed, as section 3.1.6 wants it. */
    private List<List<Double>> ring(List<Point> corners) {
        Coordinate[] around = Polygons.of(corners).getCoordinates();
        Stream<Point> places = Stream.of(around).map(corner -> Point.metres(corner.x, corner.y));
        List<List<Double>> ring = places.map(globe::degrees).toList();
        return Orientation.isCCW(around) ? ring : reversed(ring);
    }

    private static List<List<Double>> reversed(List<List<Double>> ring) {
        List<List<Double>> reversed = new ArrayList<>(ring);
        Collections.reverse(reversed);
        return reversed;
    }
}
