package fairacre.sun;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Polygon;

/** The shadow of a gable roof against that of two planes that meet in the ridge. */
class GableTest {

    /** Half of the topmost of the sixteen prisms of a roof that is 4 m wide. */
    private static final double TOP = 4.0 / 2 / 32;

    /** 8 m along and 4 m across, its middle at (20, 20). */
    private static Feature.AreaFeature house(double turn) {
        return (Feature.AreaFeature) feature(
                        "House",
                        FeatureKind.HOUSE,
                        0,
                        0,
                        new Rectangle(Point.metres(20, 20), Length.metres(8), Length.metres(4), turn)
                                .corners().stream()
                                        .flatMap(corner -> List.of(
                                                corner.x().metres(), corner.y().metres())
                                                .stream())
                                        .mapToDouble(Double::doubleValue)
                                        .toArray())
                .withHeight(Length.metres(3));
    }

    /** How far from the middle of the house its shadow reaches, the sun square to the ridge so many degrees high. */
    private static double reach(Feature house, double altitude, double turn) {
        Plan plan = with(plot(60, 60, List.of()), Put.of(house));
        List<Caster> casters = new Casters(plan, SEASON, List.of(), Optional.empty()).all(false);
        double slope = Math.tan(Math.toRadians(altitude));
        // Away from the sun, square to the ridge.
        double dx = Math.sin(Math.toRadians(turn));
        double dy = Math.cos(Math.toRadians(turn));
        double near = 2;
        double far = 38;
        for (int i = 0; i < 40; i++) {
            double middle = (near + far) / 2;
            boolean hidden = casters.stream()
                    .anyMatch(caster -> caster.hides(20 + middle * dx, 20 + middle * dy, 0, -dx, -dy, slope));
            near = hidden ? middle : near;
            far = hidden ? far : middle;
        }
        return near;
    }

    @ParameterizedTest
    @DisplayName("a low sun throws the ridge's shadow, one that is steeper than the roof the eaves'")
    @CsvSource({"20, 0", "30, 0", "40, 0", "50, 0", "60, 0", "30, 35", "55, 90"})
    void reach(double altitude, double turn) {
        double tan = Math.tan(Math.toRadians(altitude));
        double ridge = 5 / tan;
        double eaves = 2 + 3 / tan;
        assertThat(reach(house(turn).withRidge(Length.metres(5)), altitude, turn))
                .isCloseTo(Math.max(ridge, eaves), within(TOP + 0.02));
        assertThat(reach(house(turn), altitude, turn)).isCloseTo(eaves, within(1e-3));
    }

    @Test
    @DisplayName("the prisms hold as much as the roof: half of its box")
    void volume() {
        Polygon house = Polygons.of(house(20).places());
        double volume = Gable.over(house, 3, 5).stream()
                .mapToDouble(layer -> layer.ground().getArea() * (layer.high() - layer.low()))
                .sum();
        assertThat(volume).isCloseTo(8 * 4 * 2 / 2.0, within(1e-4));
        assertThat(Gable.over(house, 3, 3)).isEmpty();
    }

    @Test
    @DisplayName("over a house with a corner cut out the roof stops at its walls")
    void angledHouse() {
        Polygon house = Polygons.of(List.of(
                Point.metres(0, 0),
                Point.metres(8, 0),
                Point.metres(8, 4),
                Point.metres(4, 4),
                Point.metres(4, 2),
                Point.metres(0, 2)));
        assertThat(Gable.over(house, 3, 5))
                .allSatisfy(layer ->
                        assertThat(house.buffer(1e-6).covers(layer.ground())).isTrue());
    }

    @Test
    void aRidgeTakesSunFromTheBedBehindTheHouse() {
        Plan plan = plot(40, 40, List.of(), bed("Beans", 20, 26, 4, 1));
        double flat = growing(with(plan, Put.of(house(0))));
        double roofed = growing(with(plan, Put.of(house(0).withRidge(Length.metres(7)))));
        assertThat(roofed).isLessThan(flat - 0.3);
    }

    private static double growing(Plan plan) {
        return SunStudy.of(plan, SEASON).growing().beds().get(0).growing();
    }
}
