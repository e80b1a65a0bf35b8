package fairacre.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.outline.Polygons;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicData;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;

class TrackFileTest {

    /** About 30 by 20 m near 48 degrees north. */
    private static final String SQUARE = "[[8.0,48.0],[8.0004,48.0],[8.0004,48.00018],[8.0,48.00018],[8.0,48.0]]";

    private static Track read(String text) throws FaultyFileException {
        return TrackFile.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String polygon(String rings) {
        return "{\"type\":\"Polygon\",\"coordinates\":" + rings + "}";
    }

    @ParameterizedTest(name = "{0} degrees north [GeographicLib, geodesics of WGS 84]")
    @ValueSource(doubles = {0, 23.5, 48, -37, 62, 70})
    void thePlaneIsWithinAMillimetreOfTheGeodesicOverAGarden(double latitude) {
        Random random = new Random(3);
        LocalPlane plane = new LocalPlane(latitude, 8);
        for (int i = 0; i < 200; i++) {
            GeodesicData reached =
                    Geodesic.WGS84.Direct(latitude, 8, random.nextDouble() * 360, random.nextDouble() * 60);
            Coordinate place = plane.of(new Coordinate(reached.lon2, reached.lat2));
            double bearing = Math.toDegrees(Math.atan2(place.x, place.y));
            assertThat(Math.hypot(place.x, place.y)).isCloseTo(reached.s12, within(1e-3));
            assertThat(Math.cos(Math.toRadians(bearing - reached.azi1))).isGreaterThan(1 - 1e-6);
        }
    }

    @ParameterizedTest(name = "{0} degrees north [GeographicLib]")
    @ValueSource(doubles = {0, 48, 62})
    void overThreeHundredMetresItIsWithinTenMillimetres(double latitude) {
        LocalPlane plane = new LocalPlane(latitude, 8);
        for (int bearing = 0; bearing < 360; bearing += 15) {
            GeodesicData reached = Geodesic.WGS84.Direct(latitude, 8, bearing, 300);
            Coordinate place = plane.of(new Coordinate(reached.lon2, reached.lat2));
            assertThat(Math.hypot(place.x, place.y)).isCloseTo(300, within(0.010));
        }
    }

    @Test
    void aPolygonAFeatureAndACollectionAreTheSamePlot() throws Exception {
        Track alone = read(polygon("[" + SQUARE + "]"));
        assertThat(alone.corners()).hasSize(4);
        assertThat(alone.latitude()).isCloseTo(48.00009, within(1e-9));
        String feature = "{\"type\":\"Feature\",\"properties\":{},\"geometry\":" + polygon("[" + SQUARE + "]") + "}";
        assertThat(read(feature)).isEqualTo(alone);
        assertThat(read("{\"type\":\"FeatureCollection\",\"features\":[" + feature + "]}"))
                .isEqualTo(alone);
        GeodesicData side = Geodesic.WGS84.Inverse(48.0, 8.0, 48.0, 8.0004);
        double length =
                alone.corners().get(1).x().minus(alone.corners().get(0).x()).metres();
        assertThat(length).isCloseTo(side.s12, within(1e-3));
    }

    @Test
    @DisplayName("RFC 7946: a multi-polygon and a collection of features give a piece of ground for each polygon")
    void everyPolygonIsAPieceOfGround() throws Exception {
        String north = "[[8.0,48.001],[8.0004,48.001],[8.0004,48.00118],[8.0,48.00118],[8.0,48.001]]";
        Track multi = read("{\"type\":\"MultiPolygon\",\"coordinates\":[[" + SQUARE + "],[" + north + "]]}");
        assertThat(multi.corners()).hasSize(4);
        assertThat(multi.further()).hasSize(1);
        assertThat(multi.leftOut()).isZero();
        double apart = multi.further()
                .get(0)
                .get(0)
                .y()
                .minus(multi.corners().get(0).y())
                .metres();
        assertThat(apart).isCloseTo(Geodesic.WGS84.Inverse(48.0, 8.0, 48.001, 8.0).s12, within(2e-3));
        String features = Stream.of(
                        polygon("[" + SQUARE + "]"),
                        "{\"type\":\"LineString\",\"coordinates\":[[8,48],[8.1,48]]}",
                        polygon("[" + north + "]"),
                        "{\"type\":\"Point\",\"coordinates\":[8,48]}")
                .map(geometry -> "{\"type\":\"Feature\",\"properties\":{},\"geometry\":" + geometry + "}")
                .collect(Collectors.joining(",", "{\"type\":\"FeatureCollection\",\"features\":[", "]}"));
        Track collected = read(features);
        assertThat(collected.corners()).isEqualTo(multi.corners());
        assertThat(collected.further()).isEqualTo(multi.further());
        assertThat(collected.leftOut()).isEqualTo(2);
        assertThatThrownBy(
                        () -> read("{\"type\":\"MultiPolygon\",\"coordinates\":[[" + SQUARE + "],[" + SQUARE + "]]}"))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining("lies over another one");
    }

    @Test
    void aGpxTrackIsRead() throws Exception {
        String points =
                "<trkpt lat=\"48.0\" lon=\"8.0\"/><trkpt lat=\"48.0\" lon=\"8.0004\"/><trkpt lat=\"48.00018\" lon=\"8.0004\"/>"
                        + "<trkpt lat=\"48.00018\" lon=\"8.0\"/>";
        Track track = read(
                "<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"test\" xmlns=\"http://www.topografix.com/GPX/1/1\">"
                        + "<trk><trkseg>" + points + "</trkseg></trk></gpx>");
        assertThat(track.corners()).isEqualTo(read(polygon("[" + SQUARE + "]")).corners());
    }

    @Test
    void aHundredThousandPlacesAreThinnedToAPlot() throws Exception {
        String ring = IntStream.rangeClosed(0, 100_000)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * (i % 100_000) / 100_000;
                    return String.format(
                            Locale.ROOT, "[%.9f,%.9f]", 8 + 0.0002 * Math.cos(angle), 48 + 0.0002 * Math.sin(angle));
                })
                .collect(Collectors.joining(",", "[", "]"));
        Track track = read(polygon("[" + ring + "]"));
        assertThat(track.places()).isEqualTo(100_001);
        assertThat(track.corners()).hasSizeBetween(20, 200);
        double a = Geodesic.WGS84.Inverse(48, 8, 48, 8.0002).s12;
        double b = Geodesic.WGS84.Inverse(48, 8, 48.0002, 8).s12;
        assertThat(Polygons.of(track.corners()).getArea()).isCloseTo(Math.PI * a * b, within(Math.PI * a * b * 0.01));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "a hole | {\"type\":\"Polygon\",\"coordinates\":[RING,[[8.0001,48.0001],[8.0002,48.0001],[8.0002,48.00011],[8.0001,48.0001]]]} | holes",
                "a self-crossing | {\"type\":\"Polygon\",\"coordinates\":[[[8,48],[8.0004,48.0002],[8.0004,48],[8,48.0002],[8,48]]]} | crosses",
                "a pole | {\"type\":\"Polygon\",\"coordinates\":[[[8,89.9],[9,89.9],[9,89.99],[8,89.9]]]} | no place for a garden",
                "the date line | {\"type\":\"Polygon\",\"coordinates\":[[[179.9999,48],[-179.9999,48],[-179.9999,48.0002],[179.9999,48]]]} | date line",
                "a country | {\"type\":\"Polygon\",\"coordinates\":[[[8,48],[9,48],[9,49],[8,48]]]} | spans",
                "two places | {\"type\":\"Polygon\",\"coordinates\":[[[8,48],[8.1,48]]]} | encloses no ground",
                "no polygon | {\"type\":\"Point\",\"coordinates\":[8,48]} | no polygon",
                "letters for numbers | {\"type\":\"Polygon\",\"coordinates\":[[[\"8\",48],[9,48],[9,49]]]} | pair of numbers",
                "nothing | nonsense | neither GPX",
                "an entity | <!DOCTYPE gpx [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><gpx>&x;</gpx> | document type",
                "half a file | <gpx version=\"1.1\"><trk> | well-formed"
            })
    @DisplayName("what is no boundary is refused with the reason")
    void whatIsNoBoundaryIsRefused(String what, String text, String reason) {
        assertThatThrownBy(() -> {
                    try {
                        read(text.replace("RING", SQUARE));
                    } catch (FaultyFileException faulty) {
                        throw new IllegalStateException(faulty.faults().toString(), faulty);
                    }
                })
                .as(what)
                .hasMessageContaining(reason);
    }

    @Test
    void aHugeFileIsRefused() {
        assertThatThrownBy(() -> TrackFile.read(new byte[TrackFile.LARGEST + 1]))
                .isInstanceOf(FaultyFileException.class);
    }
}
