package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.manifold;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PipesGeoJsonTest {

    private static Plan garden(double north, double latitude, Optional<Double> longitude) {
        return with(
                plot(20, 10, List.of(), bed("Beans", 12, 5, 2, 1)),
                new Change.SetSite(new Site(
                        Site.rectangle(20, 10),
                        List.of(),
                        north,
                        latitude,
                        longitude,
                        false,
                        List.of(),
                        SoilNotes.NOTHING_KNOWN)),
                Put.of(tap("Tap", 10, 5, 20)),
                Put.of(run("Trunk", "Tap", 10, 5, 16, 5, 16, 9)),
                Put.of(manifold("Cocks", "Trunk", 15, 9)),
                Put.of(dripline("Beans", "Cocks")));
    }

    private static List<JsonNode> features(Plan plan) {
        JsonNode read = JsonMapper.builder().build().readTree(PipesGeoJson.of(plan, SEASON));
        assertThat(read.get("type").asString()).isEqualTo("FeatureCollection");
        return StreamSupport.stream(read.get("features").spliterator(), false).toList();
    }

    private static JsonNode named(List<JsonNode> features, String name) {
        return features.stream()
                .filter(feature -> feature.at("/properties/name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** From a place to the next, by the geodesics of WGS 84 (GeographicLib). */
    private static GeodesicData step(JsonNode from, JsonNode to) {
        return Geodesic.WGS84.Inverse(
                from.get(1).asDouble(),
                from.get(0).asDouble(),
                to.get(1).asDouble(),
                to.get(0).asDouble());
    }

    /**
     * The pipe leads 6 m to the right, then 4 m up. With north to the right of the sheet, right is north and up is
     * west.
     */
    @ParameterizedTest
    @CsvSource({"0, 51.5, 90, 0", "90, 51.5, 0, -90", "-30, -33.9, 120, 30", "180, 68, -90, 180"})
    void aRunIsAsLongAndLeadsWhereItDoes(double north, double latitude, double right, double up) {
        JsonNode run = named(features(garden(north, latitude, Optional.of(-0.125))), "Trunk");
        assertThat(run.at("/geometry/type").asString()).isEqualTo("LineString");
        JsonNode places = run.at("/geometry/coordinates");
        GeodesicData first = step(places.get(0), places.get(1));
        GeodesicData second = step(places.get(1), places.get(2));
        assertThat(first.s12).isCloseTo(6, within(0.003));
        assertThat(second.s12).isCloseTo(4, within(0.003));
        assertThat(Math.cos(Math.toRadians(first.azi1 - right))).isCloseTo(1, within(1e-5));
        assertThat(Math.cos(Math.toRadians(second.azi1 - up))).isCloseTo(1, within(1e-5));
        assertThat(run.at("/properties/length_m").asDouble()).isEqualTo(10);
        assertThat(run.at("/properties/bore_mm").asDouble()).isCloseTo(15.2, within(1e-9));
    }

    @Test
    void theMiddleOfThePlotIsWhereItWasSaidToBe() {
        JsonNode tap = named(features(garden(17, 48.25, Optional.of(-123.125))), "Tap");
        assertThat(tap.at("/geometry/coordinates/0").asDouble()).isCloseTo(-123.125, within(1e-8));
        assertThat(tap.at("/geometry/coordinates/1").asDouble()).isCloseTo(48.25, within(1e-8));
    }

    @Test
    void sourcesManifoldsRunsAndLinesAreInIt() {
        assertThat(features(garden(0, 50, Optional.of(7.0))))
                .extracting(
                        feature -> feature.at("/properties/kind").asString(),
                        feature -> feature.at("/properties/name").asString())
                .containsExactly(
                        tuple("source", "Tap"),
                        tuple("manifold", "Cocks"),
                        tuple("run", "Trunk"),
                        tuple("pipe to a manifold", "Cocks"),
                        tuple("lines in a bed", "Beans"));
    }

    @Test
    void withoutALongitudeItIsRefused() {
        assertThatThrownBy(() -> PipesGeoJson.of(garden(0, 50, Optional.empty()), SEASON))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("longitude");
    }
}
