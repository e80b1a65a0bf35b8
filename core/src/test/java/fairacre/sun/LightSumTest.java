package fairacre.sun;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

class LightSumTest {

    private static final int JUNE = 11;

    private static Plan garden(Change... changes) {
        Plan plan = plot(60, 60, List.of(), bed("Beans", 30, 30, 2, 1));
        return with(
                with(
                        plan,
                        new GroundChange.SetSite(new Site(plan.site().corners(), 0, 50)),
                        Put.of(climate("Weather", "Harbour"))),
                changes);
    }

    private static SunHours.BedSun beans(Plan plan) {
        return SunStudy.of(plan, SEASON).hours().beds().get(0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.35, 0.45, 0.55, 0.65})
    @DisplayName("share from the whole sky, against the straight line of Page (1961): 1 - 1.13 of the clearness")
    void shareOfTheSky(double clearness) {
        assertThat(LightSum.diffuse(clearness, Math.PI / 2)).isCloseTo(1 - 1.13 * clearness, within(0.08));
        // On short days less of it comes from the whole sky at the same clearness.
        assertThat(LightSum.diffuse(clearness, Math.toRadians(70)))
                .isLessThan(LightSum.diffuse(clearness, Math.PI / 2));
    }

    @Test
    @DisplayName("a megajoule of sunlight brings about 2 mol of light for plants (rule of thumb of growers: 2.04)")
    void moles() {
        assertThat(LightSum.of(new RadiationSource.MonthRadiation(1, 2, 12), 1, 1))
                .isCloseTo(2.04, within(0.03));
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 45, 60})
    @DisplayName("in front of an endless wall up to an angle one sees (1 + cos angle) / 2 of the sky")
    void beforeAWall(double angle) {
        double high = 2 * Math.tan(Math.toRadians(angle));
        Caster wall = Caster.of(
                id("Wall"),
                new Coordinate[] {
                    new Coordinate(-5000, 2),
                    new Coordinate(5000, 2),
                    new Coordinate(5000, 3),
                    new Coordinate(-5000, 3),
                    new Coordinate(-5000, 2)
                },
                0,
                0,
                high,
                1);
        Light.Group place = Light.Group.of(Optional.empty(), List.of(new Coordinate(0, 0, 0)));
        assertThat(place.around()).isEqualTo(new Envelope(0, 0, 0, 0));
        double seen = LightSum.share(new Light(List.of(place), 0, Optional.empty())
                .on(LightSum.sky(), List.of(wall))
                .get(0));
        assertThat(seen).isCloseTo((1 + Math.cos(Math.toRadians(angle))) / 2, within(0.03));
    }

    @Test
    void inTheOpenABedHasAllThatTheNormalsTellOf() {
        SunHours sun = SunStudy.of(garden(), SEASON).hours();
        assertThat(sun.openLight()).hasSize(24);
        for (int i = 0; i < 24; i++) {
            assertThat(sun.beds().get(0).light().get(i))
                    .isCloseTo(sun.openLight().get(i), within(1e-9));
        }
        assertThat(sun.openLight().get(JUNE)).isBetween(25.0, 55.0);
        assertThat(sun.beds().get(0).growingLight()).isPresent();
    }

    @Test
    void behindAHouseItKeepsSomeOfTheSky() {
        Plan dark = garden(Put.of(feature("Barn", FeatureKind.HOUSE, 0, 0, 20, 20, 40, 20, 40, 29, 20, 29)
                .withHeight(Length.metres(6))));
        double open = beans(garden()).light().get(JUNE);
        double behind = beans(dark).light().get(JUNE);
        double sky = LightSum.diffuse(0.45, Math.PI / 2);
        assertThat(behind).isBetween(open * sky * 0.4, open * 0.8);
    }

    @Test
    void withoutNormalsNothingIsTold() {
        Plan plan = plot(10, 10, List.of(), bed("Beans", 5, 5, 2, 1));
        assertThat(SunStudy.of(plan, SEASON).hours().openLight()).isEmpty();
        assertThat(beans(plan).light()).isEmpty();
        assertThat(beans(plan).growingLight()).isEmpty();
    }
}
