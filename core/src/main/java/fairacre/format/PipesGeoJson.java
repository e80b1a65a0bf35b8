package fairacre.format;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Plan;
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
import tools.jackson.databind.json.JsonMapper;

/**
 * The pipes of a season as GeoJSON (RFC 7946), for whoever looks for them with a map in hand: sources and manifolds as
 * points, runs and pipes to manifolds as lines, what lies in each bed and leads to it as several lines. Longitude and
 * latitude are those of WGS 84; where the plot was placed by hand they are as exact as that.
 */
public final class PipesGeoJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double MILLIMETRES = 1000;

    private final Plan plan;
    private final int season;
    private final GeoPlace globe;

    private PipesGeoJson(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
        this.globe = GeoPlace.of(plan.site());
    }

    /** @throws RefusedException if nobody told the longitude of the plot */
    public static byte[] of(Plan plan, int season) {
        return MAPPER.writeValueAsBytes(new PipesGeoJson(plan, season).collection());
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

    private List<Double> degrees(Point place) {
        return globe.degrees(place);
    }
}
