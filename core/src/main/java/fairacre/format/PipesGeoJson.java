package fairacre.format;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.water.BedWater;
import fairacre.water.Manifold;
import fairacre.water.WaterKinds;
import fairacre.water.WaterRun;
import fairacre.water.WaterSource;
import fairacre.water.WaterStudy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import tools.jackson.databind.json.JsonMapper;

/**
 * The pipes of a season as GeoJSON (RFC 7946), for whoever looks for them with a map in hand: sources and manifolds as
 * points, runs and pipes to manifolds as lines, what lies in each bed and leads to it as several lines. Longitude and
 * latitude are those of WGS 84; where the plot was placed by hand they are as exact as that.
 */
public final class PipesGeoJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    /** Of a degree, about a millimetre. */
    private static final double FINEST = 1e8;

    private static final double MILLIMETRES = 1000;

    private final Plan plan;
    private final int season;
    private final Coordinate middle;
    private final double north;
    private final LocalPlane plane;

    private PipesGeoJson(Plan plan, int season, double longitude) {
        Site site = plan.site();
        this.plan = plan;
        this.season = season;
        Envelope ground = site.ground().getEnvelopeInternal();
        this.middle = ground.centre();
        this.north = Math.toRadians(site.north());
        this.plane = new LocalPlane(site.latitude(), longitude);
    }

    /** @throws RefusedException if nobody told the longitude of the plot */
    public static byte[] of(Plan plan, int season) {
        double longitude = plan.site()
                .longitude()
                .orElseThrow(() -> new RefusedException(
                        "longitude", "the longitude of the plot is not known", "type it in the step Ground"));
        return MAPPER.writeValueAsBytes(new PipesGeoJson(plan, season, longitude).collection());
    }

    private Map<String, Object> collection() {
        List<StandingBed> standing = plan.standing(season);
        Map<UUID, String> beds = standing.stream().collect(Collectors.toMap(StandingBed::id, StandingBed::name));
        WaterStudy study = WaterStudy.of(plan, season, standing, Memo.none());
        Map<UUID, WaterRun> runs =
                WaterKinds.runs(plan, season).stream().collect(Collectors.toMap(WaterRun::id, Function.identity()));
        Map<UUID, Manifold> manifolds = WaterKinds.manifolds(plan, season).stream()
                .collect(Collectors.toMap(Manifold::id, Function.identity()));
        Stream<Map<String, Object>> features = Stream.of(
                        WaterKinds.sources(plan, season).stream().map(this::source),
                        manifolds.values().stream().map(this::manifold),
                        study.runs().stream()
                                .map(course -> course.toManifold()
                                        ? toManifold(course, manifolds.get(course.run()))
                                        : run(course, runs.get(course.run()))),
                        study.water().zones().stream()
                                .flatMap(zone ->
                                        zone.beds().stream().map(bed -> bed(bed, beds.get(bed.bed()), zone.number()))))
                .flatMap(part -> part);
        return inOrder("type", "FeatureCollection", "features", features.toList());
    }

    private Map<String, Object> source(WaterSource source) {
        return feature(inOrder("type", "Point", "coordinates", degrees(source.place())), "source", source.name());
    }

    private Map<String, Object> manifold(Manifold manifold) {
        return feature(
                inOrder("type", "Point", "coordinates", degrees(manifold.place())),
                "manifold",
                manifold.name(),
                "valves",
                manifold.valves());
    }

    private Map<String, Object> run(WaterStudy.RunCourse course, WaterRun run) {
        return feature(
                line(course.places()),
                "run",
                run.name(),
                "pipe",
                run.pipe().label(),
                "bore_mm",
                run.pipe().bore().metres() * MILLIMETRES,
                "length_m",
                course.length().metres(),
                "valve",
                run.valve());
    }

    private Map<String, Object> toManifold(WaterStudy.RunCourse course, Manifold manifold) {
        return feature(
                line(course.places()),
                "pipe to a manifold",
                manifold.name(),
                "length_m",
                course.length().metres());
    }

    private Map<String, Object> bed(BedWater bed, String name, int zone) {
        List<List<List<Double>>> lines = Stream.concat(Stream.of(bed.stub()), bed.drawn().stream())
                .filter(places -> places.size() > 1)
                .map(places -> places.stream().map(this::degrees).toList())
                .toList();
        Length stub = bed.stub().get(0).distance(bed.stub().get(bed.stub().size() - 1));
        return feature(
                inOrder("type", "MultiLineString", "coordinates", lines),
                "lines in a bed",
                name,
                "zone",
                zone,
                "length_m",
                bed.length().plus(stub).metres());
    }

    private Map<String, Object> line(List<Point> places) {
        return inOrder(
                "type",
                "LineString",
                "coordinates",
                places.stream().map(this::degrees).toList());
    }

    /** @param further names and values */
    private static Map<String, Object> feature(
            Map<String, Object> geometry, String kind, String name, Object... further) {
        Map<String, Object> properties = inOrder("kind", kind, "name", name);
        properties.putAll(inOrder(further));
        return inOrder("type", "Feature", "geometry", geometry, "properties", properties);
    }

    private static Map<String, Object> inOrder(Object... namesAndValues) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            all.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return all;
    }

    /** Longitude before latitude. */
    private List<Double> degrees(Point place) {
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
