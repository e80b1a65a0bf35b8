package fairacre.sun;

import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.outline.Polygons;
import fairacre.sun.SunTrack.Place;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class ShadowsTest {

    private static final LocalDate JUNE = LocalDate.of(2027, 6, 21);
    private static final double TINY = 1e-5;

    private static Coordinate[] box(double x1, double y1, double x2, double y2) {
        return new Coordinate[] {
            new Coordinate(x1, y1),
            new Coordinate(x2, y1),
            new Coordinate(x2, y2),
            new Coordinate(x1, y2),
            new Coordinate(x1, y1)
        };
    }

    private static Geometry shadow(Caster caster, double altitude, double azimuth, double north) {
        List<DaySun.Shadow> shadows = new Shadows(List.of(caster), Math.toRadians(north), Optional.empty())
                .at(new Place(Math.toRadians(altitude), Math.toRadians(azimuth)));
        assertThat(shadows).hasSize(1);
        return Polygons.of(shadows.get(0).outline());
    }

    @ParameterizedTest
    @CsvSource({"30, 180, 0", "30, 135, 0", "45, 180, 90", "60, 250, 17", "5, 100, 0"})
    @DisplayName(
            "of a box: its foot and its top moved by h / tan(altitude) away from the sun, and what JTS's hull adds to them, beside its foot")
    void ofABox(double altitude, double azimuth, double north) {
        Geometry shadow = shadow(Caster.of(id("Box"), box(0, 0, 2, 1), 0, 0, 3, 1), altitude, azimuth, north);
        double far = 3 / Math.tan(Math.toRadians(altitude));
        double towards = Math.toRadians(azimuth + north);
        Coordinate[] top = box(0, 0, 2, 1);
        for (Coordinate corner : top) {
            corner.x -= far * Math.sin(towards);
            corner.y -= far * Math.cos(towards);
        }
        GeometryFactory geometry = new GeometryFactory();
        Geometry hull = geometry.createGeometryCollection(
                        new Geometry[] {geometry.createPolygon(box(0, 0, 2, 1)), geometry.createPolygon(top)})
                .convexHull();
        Geometry beside = hull.difference(geometry.createPolygon(box(0, 0, 2, 1)));
        assertThat(shadow.symDifference(beside).getArea()).isLessThan(TINY * (1 + far));
    }

    @Test
    @DisplayName("at noon in the south a wall 2 m high on ground 5 m up shades 2 / tan(30°) to its north, by hand")
    void ofAWallOnAHill() {
        Geometry shadow = shadow(Caster.of(id("Wall"), box(0, 0, 4, 0.2), 5, 5, 7, 1), 30, 180, 0);
        assertThat(shadow.getEnvelopeInternal().getMaxY()).isCloseTo(0.2 + 2 * Math.sqrt(3), within(TINY));
        assertThat(shadow.getArea()).isCloseTo(4 * 2 * Math.sqrt(3), within(1e-4));
    }

    @Test
    @DisplayName(
            "what begins above the ground throws its shadow free of its foot: 1 m and 2 m up at 45° lie 1 to 2 m off")
    void ofACrown() {
        Geometry shadow = shadow(Caster.of(id("Crown"), box(0, 0, 1, 0.5), 0, 1, 2, 1), 45, 180, 0);
        assertThat(shadow.getEnvelopeInternal().getMinY()).isCloseTo(1, within(TINY));
        assertThat(shadow.getEnvelopeInternal().getMaxY()).isCloseTo(2.5, within(TINY));
    }

    @Test
    void belowThreeDegreesAllIsShadow() {
        Shadows shadows = new Shadows(List.of(Caster.of(id("Box"), box(0, 0, 2, 1), 0, 0, 3, 1)), 0, Optional.empty());
        assertThat(shadows.at(new Place(Math.toRadians(2.9), 1))).isEmpty();
        assertThat(shadows.at(new Place(Math.toRadians(3.1), 1))).hasSize(1);
    }

    @Test
    @DisplayName(
            "by the clock: noon of the sun is 13:06 summer time at 13.4° east in Berlin, and 11:06 Greenwich, by hand")
    void byTheClock() {
        int noon = 12 * 60;
        assertThat(SunTrack.clock(JUNE, noon, 13.4, "Europe/Berlin")).isEqualTo(13 * 60 + 6);
        assertThat(SunTrack.clock(JUNE, noon, 13.4, "Etc/UTC")).isEqualTo(11 * 60 + 6);
        assertThat(SunTrack.clock(LocalDate.of(2027, 1, 21), noon, 13.4, "Europe/Berlin"))
                .isEqualTo(12 * 60 + 6);
        assertThat(SunTrack.clock(JUNE, noon, -75, "America/New_York")).isEqualTo(13 * 60);
    }

    @Test
    void theHalfHoursOfADayGoFromSunriseToSunset() {
        List<SunTrack.Moment> moments = SunTrack.halfHours(JUNE, 50);
        assertThat(moments).allMatch(moment -> moment.minute() % 30 == 0);
        assertThat(moments.size() / 2.0).isBetween(16.0, 16.5);
        assertThat(SunTrack.halfHours(LocalDate.of(2027, 12, 21), 78)).isEmpty();
    }
}
