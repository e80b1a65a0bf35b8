package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.walk;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.fence.FenceKind;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.testing.Gardens;
import fairacre.testing.NodeScript;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.PolygonArea;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A plot as a drawing and as a map, read back with the readers of others. */
class PlanFilesTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Plan garden(Optional<Double> longitude, double north) {
        return with(
                plot(20, 10, List.of(), bed("Kürbis", 12, 5, 2, 1)),
                new Change.SetSite(new Site(
                        Site.rectangle(20, 10),
                        List.of(),
                        north,
                        51.5,
                        longitude,
                        false,
                        List.of(),
                        SoilNotes.NOTHING_KNOWN)),
                Put.of(tap("Tap", 10, 5, 20)),
                Put.of(run("Trunk", "Tap", 10, 5, 11, 5)),
                Put.of(dripline("Kürbis", "Trunk")),
                Put.of(fence("Ring", FenceKind.WELDED_MESH, 1.2, 0, 0, 20, 0)),
                Put.of(gate("Gate", 10, 0, 1).in(Gardens.id("Ring"))),
                Put.of(walk("Walk", 15, 2, 3, 1)),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 17, 7, 19, 7, 19, 9, 17, 9)),
                Put.of(feature("Bench", FeatureKind.BENCH, 0, 0, 1, 7, 2, 7, 2, 8, 1, 8)));
    }

    private static JsonNode dxf(Plan plan) throws Exception {
        String file = new String(DxfFile.of(plan, SEASON), StandardCharsets.US_ASCII);
        return JSON.readTree(NodeScript.run("dxf.mjs", file));
    }

    private static List<JsonNode> on(JsonNode drawing, String layer, String type) {
        return drawing.path("entities")
                .valueStream()
                .filter(entity -> entity.path("layer").asString().equals(layer)
                        && entity.path("type").asString().equals(type))
                .toList();
    }

    private static double[] corner(JsonNode vertex) {
        return new double[] {vertex.path("x").asDouble(), vertex.path("y").asDouble()};
    }

    @Test
    @DisplayName("every layer is there, with its outlines in metres (read by dxf-parser)")
    void aDrawing() throws Exception {
        JsonNode drawing = dxf(garden(Optional.empty(), 0));
        assertThat(new TreeSet<>(drawing.path("layers").propertyNames()))
                .containsExactly("BEDS", "FENCES", "PIPES", "PLOT", "SITE", "STRUCTURES", "WALKS", "WAYS_IN");
        List<JsonNode> beds = on(drawing, "BEDS", "POLYLINE");
        assertThat(beds).singleElement().satisfies(bed -> {
            assertThat(bed.path("shape").asBoolean()).isTrue();
            assertThat(bed.path("vertices").valueStream().map(PlanFilesTest::corner))
                    .containsExactly(
                            new double[] {11, 4.5}, new double[] {13, 4.5}, new double[] {13, 5.5}, new double[] {
                                11, 5.5
                            });
        });
        assertThat(on(drawing, "PLOT", "POLYLINE")).hasSize(1);
        assertThat(on(drawing, "WALKS", "POLYLINE")).hasSize(1);
        assertThat(on(drawing, "STRUCTURES", "POLYLINE")).hasSize(1);
        // The shed, and beside it the tap as a point.
        assertThat(on(drawing, "SITE", "POLYLINE")).hasSize(1);
        assertThat(on(drawing, "SITE", "POINT")).isNotEmpty();
        assertThat(on(drawing, "PIPES", "POLYLINE")).hasSizeGreaterThan(1);
        // The gate parts the fence.
        assertThat(on(drawing, "FENCES", "POLYLINE")).hasSize(2);
        assertThat(on(drawing, "WAYS_IN", "POLYLINE"))
                .singleElement()
                .satisfies(
                        gate -> assertThat(gate.path("vertices").valueStream().map(PlanFilesTest::corner))
                                .containsExactlyInAnyOrder(new double[] {9.5, 0}, new double[] {10.5, 0}));
    }

    @Test
    void namesStandInTheMiddle() throws Exception {
        JsonNode drawing = dxf(garden(Optional.empty(), 0));
        assertThat(on(drawing, "BEDS", "TEXT")).singleElement().satisfies(name -> {
            // The code point of the umlaut, as release 12 writes it.
            assertThat(name.path("text").asString()).isIn("Kürbis", "K\\U+00FCrbis");
            assertThat(corner(name.path("startPoint"))).containsExactly(12, 5);
        });
    }

    @Test
    void aNameCanBreakNothing() throws Exception {
        Plan plan = with(
                garden(Optional.empty(), 0), new Change.RenameBed(Gardens.id("Kürbis"), "0 EOF \u00e9\ud83c\udf31"));
        assertThat(on(dxf(plan), "BEDS", "TEXT")).hasSize(1);
        assertThat(new String(DxfFile.of(plan, SEASON), StandardCharsets.US_ASCII))
                .contains("\\U+D83C\\U+DF31");
    }

    private static JsonNode map(Plan plan) {
        return JSON.readTree(PlanGeoJson.of(plan, SEASON));
    }

    private static List<JsonNode> on(JsonNode map, String layer) {
        return map.path("features")
                .valueStream()
                .filter(feature -> feature.at("/properties/layer").asString().equals(layer))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 90, -33})
    @DisplayName("a bed of two square metres is as large on the globe (GeographicLib), counter-clockwise and closed")
    void aMap(double north) {
        JsonNode map = map(garden(Optional.of(-0.12), north));
        JsonNode bed = on(map, "BEDS").get(0);
        assertThat(bed.at("/properties/name").asString()).isEqualTo("Kürbis");
        JsonNode ring = bed.at("/geometry/coordinates/0");
        assertThat(ring.get(0)).isEqualTo(ring.get(ring.size() - 1));
        PolygonArea area = new PolygonArea(Geodesic.WGS84, false);
        IntStream.range(0, ring.size() - 1)
                .forEach(i -> area.AddPoint(
                        ring.get(i).get(1).asDouble(), ring.get(i).get(0).asDouble()));
        // Counter-clockwise is positive; places are rounded to a millimetre.
        assertThat(area.Compute().area).isCloseTo(2, within(0.01));
    }

    @Test
    void everyLayerIsOnTheMap() {
        JsonNode map = map(garden(Optional.of(-0.12), 0));
        for (String layer : List.of("PLOT", "WAYS_IN", "SITE", "WALKS", "PIPES", "FENCES", "BEDS", "STRUCTURES")) {
            assertThat(on(map, layer)).as(layer).isNotEmpty();
        }
        assertThat(on(map, "FENCES"))
                .hasSize(2)
                .allSatisfy(
                        part -> assertThat(part.at("/geometry/type").asString()).isEqualTo("LineString"));
    }

    @Test
    void withoutTheLongitudeThereIsNoMap() {
        assertThatThrownBy(() -> map(garden(Optional.empty(), 0)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("longitude");
    }

    @Test
    void everyKindOfThingCanBeDrawn() throws Exception {
        assertThat(dxf(Gardens.everything()).path("entities").size()).isGreaterThan(10);
        assertThat(map(Gardens.everything()).path("features").size()).isGreaterThan(10);
    }
}
