package fairacre.sun;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.sun.ShelfZone.ShelfReach;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Shelves whose shadow falls on no soil, against closed forms and against shadows that are thrown one by one. */
class ShelfStudyTest {

    private static final LocalDate EQUINOX = LocalDate.of(SEASON, 3, 20);

    /** A bed of 20 x 1 m in the ground whose near edge is 2 m north of the line y = 10. */
    private static Plan garden(double latitude, Feature... features) {
        Plan plan = plot(30, 30, List.of(), bed("Beans", 15, 12.5, 20, 1));
        Plan there = with(plan, new Change.SetSite(new Site(plan.site().corners(), 0, latitude)));
        for (Feature feature : features) {
            there = with(there, Put.of(feature));
        }
        return there;
    }

    private static Feature fence(double high) {
        return feature("Fence", FeatureKind.FENCE, 0.02, 0, 13, 10, 17, 10).withHeight(Length.metres(high));
    }

    private static ShelfZone side(List<ShelfZone> zones, String side) {
        return zones.stream()
                .filter(zone -> zone.side().equals(side))
                .findFirst()
                .orElseThrow();
    }

    private static double depth(ShelfZone zone, double height) {
        return zone.reaches().stream()
                .filter(reach -> Math.abs(reach.height().metres() - height) < 1e-6)
                .findFirst()
                .orElseThrow()
                .depth()
                .metres();
    }

    @Test
    @DisplayName(
            "at the equinox every shadow of a shelf at height h falls h tan(latitude) north: sundials' straight line")
    void equinox() {
        Feature fence = fence(3);
        Plan plan = garden(50, fence);
        List<ShelfZone> zones = ShelfStudy.on(plan, SEASON, fence, SunTrack.of(EQUINOX, 50));
        ShelfZone north = side(zones, "north");
        double tan = Math.tan(Math.toRadians(50));
        for (double height : new double[] {0.9, 1.2, 1.5}) {
            // From the shadow's line to the near edge of the bed; no shelf is deeper than a metre.
            double expected = Math.max(0, Math.min(1, 2 - height * tan));
            assertThat(depth(north, height)).as("at %s m", height).isCloseTo(expected, within(0.03));
        }
        // Beyond the far edge at 3 m the shadow is over the bed.
        assertThat(depth(north, 2.0)).isZero();
        assertThat(depth(north, 2.7)).isEqualTo(1);
        // On the south side it falls on the fence itself.
        assertThat(depth(side(zones, "south"), 0.9)).isEqualTo(1);
        assertThat(zones.get(0).best().depth()).isEqualTo(Length.metres(1));
    }

    @Test
    @DisplayName("south of the equator the same holds turned round")
    void southOfTheEquator() {
        Feature fence =
                feature("Fence", FeatureKind.FENCE, 0.02, 0, 13, 15, 17, 15).withHeight(Length.metres(3));
        Plan plan = garden(-50, fence);
        ShelfZone south = side(ShelfStudy.on(plan, SEASON, fence, SunTrack.of(EQUINOX, -50)), "south");
        assertThat(depth(south, 1.2)).isCloseTo(2 - 1.2 * Math.tan(Math.toRadians(50)), within(0.03));
    }

    @Test
    @DisplayName("a shelf behind a wall as high hangs in the wall's own shadow; behind one of no height told too")
    void behindAWall() {
        Feature wall = feature("Wall", FeatureKind.WALL, 0.2, 0, 13, 10, 17, 10).withHeight(Length.metres(2));
        ShelfZone north = side(ShelfStudy.of(garden(50, wall), SEASON, id("Wall"), 3, 3), "north");
        assertThat(north.best().depth()).isEqualTo(Length.metres(1));
        assertThat(north.reaches()).hasSize(18);
    }

    @ParameterizedTest
    @DisplayName(
            "random gardens: at the depth told no thrown shadow falls on soil, and a few centimetres deeper one does")
    @CsvSource({"1", "2", "3", "4", "5", "6"})
    void thrownShadows(int seed) {
        Random random = new Random(seed);
        double turn = random.nextDouble() * 360;
        Plan plan = plot(
                30,
                30,
                List.of(),
                bed(
                        "Beans",
                        12 + random.nextDouble() * 3,
                        11.5 + random.nextDouble() * 2,
                        2,
                        1,
                        turn,
                        Optional.empty()),
                bed(
                        "Kale",
                        15 + random.nextDouble() * 3,
                        7 + random.nextDouble() * 2,
                        2.4,
                        1.2,
                        20,
                        Optional.of(cedar(Board.B2X10, 1))));
        plan = with(
                plan,
                new Change.SetSite(
                        new Site(plan.site().corners(), random.nextDouble() * 360, 35 + random.nextDouble() * 20)),
                Put.of(feature(
                        "Fence",
                        FeatureKind.FENCE,
                        0.02,
                        0,
                        12,
                        10,
                        16 + random.nextDouble(),
                        10 + random.nextDouble())));
        List<ShelfZone> zones = ShelfStudy.of(plan, SEASON, id("Fence"), 5, 7);
        assertThat(zones).hasSize(2);
        for (ShelfZone zone : zones) {
            for (ShelfReach reach : zone.reaches().subList(0, 12)) {
                double depth = reach.depth().metres();
                assertThat(shades(plan, zone, reach.height().metres(), depth - 0.002))
                        .isFalse();
                if (depth < 1) {
                    assertThat(shades(plan, zone, reach.height().metres(), depth + 0.01))
                            .isTrue();
                }
            }
        }
    }

    /** Whether the shadow of a shelf lies on a bed at any time from May to July. */
    private static boolean shades(Plan plan, ShelfZone zone, double height, double depth) {
        if (depth <= 0) {
            return false;
        }
        double fromX = zone.from().x().metres();
        double fromY = zone.from().y().metres();
        double toX = zone.to().x().metres();
        double toY = zone.to().y().metres();
        double length = Math.hypot(toX - fromX, toY - fromY);
        double outX = -(toY - fromY) / length * depth;
        double outY = (toX - fromX) / length * depth;
        double north = Math.toRadians(plan.site().north());
        GeometryFactory geometry = new GeometryFactory();
        LocalDate last = LocalDate.of(SEASON, 7, 31);
        for (LocalDate day = LocalDate.of(SEASON, 5, 1);
                !day.isAfter(last);
                day = day.plusDays(5).isAfter(last) && day.isBefore(last) ? last : day.plusDays(5)) {
            for (SunTrack.Place place : SunTrack.of(day, plan.site().latitude())) {
                if (place.altitude() < Math.toRadians(15)) {
                    continue;
                }
                for (StandingBed bed : plan.standing(SEASON)) {
                    double above = height - bed.revision().height().metres();
                    double far = above / Math.tan(place.altitude());
                    double dx = -Math.sin(north + place.azimuth()) * far;
                    double dy = -Math.cos(north + place.azimuth()) * far;
                    Polygon shadow = geometry.createPolygon(new Coordinate[] {
                        new Coordinate(fromX + dx, fromY + dy),
                        new Coordinate(toX + dx, toY + dy),
                        new Coordinate(toX + outX + dx, toY + outY + dy),
                        new Coordinate(fromX + outX + dx, fromY + outY + dy),
                        new Coordinate(fromX + dx, fromY + dy)
                    });
                    if (above > 0
                            && Polygons.of(bed.corners()).intersection(shadow).getArea() > 1e-9) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    @Test
    void aHouseHasItsSidesOutwardsWhicheverWayItWasDrawn() {
        for (boolean clockwise : new boolean[] {true, false}) {
            Feature house = clockwise
                    ? feature("House", FeatureKind.HOUSE, 0, 0, 13, 5, 13, 9, 17, 9, 17, 5)
                    : feature("House", FeatureKind.HOUSE, 0, 0, 13, 5, 17, 5, 17, 9, 13, 9);
            List<ShelfZone> zones = ShelfStudy.of(garden(50, house), SEASON, id("House"), 6, 6);
            assertThat(zones).extracting(ShelfZone::side).containsExactlyInAnyOrder("south", "east", "north", "west");
            assertThat(side(zones, "north").from().y()).isEqualTo(Length.metres(9));
        }
    }

    @Test
    void whatBearsNoShelfIsRefused() {
        Plan plan = garden(50, feature("Plum", FeatureKind.TREE, 0.2, 2, 5, 5), fence(1));
        assertThatThrownBy(() -> ShelfStudy.of(plan, SEASON, id("Plum"), 5, 7))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no shelf can hang on it");
        assertThatThrownBy(() -> ShelfStudy.of(plan, SEASON, id("Fence"), 0, 7)).hasMessageContaining("1");
        // From November to February runs over the turn of the year.
        assertThat(ShelfStudy.of(plan, SEASON, id("Fence"), 11, 2)).hasSize(2);
    }

    @Test
    @DisplayName("in polar night no shadow falls at all")
    void polarNight() {
        ShelfZone zone =
                ShelfStudy.of(garden(75, fence(1)), SEASON, id("Fence"), 12, 1).get(0);
        assertThat(zone.best().depth()).isEqualTo(Length.metres(1));
    }
}
