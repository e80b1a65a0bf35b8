package fairacre.sun;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Things;
import fairacre.shape.Memo;
import fairacre.sun.StandStudy.StandSun;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StandStudyTest {

    private static final Plan GARDEN =
            plot(20, 20, List.of(), bed("South", 10, 10, 8, 1), bed("North", 10, 11.1, 8, 1));
    private static final Change CORN = Put.of(planting("Corn", "sweet-corn", "South", "2027-05-15", "2027-10-01"));
    private static final Change PEPPERS =
            Put.of(planting("Peppers", "sweet-pepper", "North", "2027-05-20", "2027-10-01"));

    private static StandSun sun(Plan plan, String name) {
        return StandStudy.of(plan, SEASON, Memo.none()).stream()
                .filter(stand -> stand.thing().equals(id(name)))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @DisplayName("corn on the sunny side takes hours from peppers, on the other side next to nothing")
    @ValueSource(doubles = {50, -38})
    void onTheSunnySide(double latitude) {
        Plan plan =
                with(GARDEN, new GroundChange.SetSite(new Site(GARDEN.site().corners(), 0, latitude)), CORN, PEPPERS);
        boolean cornIsSunny = latitude > 0;
        StandSun peppers = sun(plan, "Peppers");
        double taken =
                peppers.taken().stream().mapToDouble(SunHours.Taker::hours).sum();
        if (cornIsSunny) {
            assertThat(taken).isGreaterThan(1);
        } else {
            assertThat(taken).isLessThan(0.5);
        }
        assertThat(sun(plan, "Corn").taken()).as("what is lower takes nothing").isEmpty();
    }

    @Test
    @DisplayName("with nothing taller about it has the hours of the bed in the same months")
    void asTheBedWhereNothingIsTaller() {
        Plan plan = with(GARDEN, PEPPERS);
        SunHours hours = SunStudy.of(plan, SEASON).hours();
        List<LocalDate> days = hours.days();
        double there = Stream.iterate(0, i -> i + 1)
                .limit(days.size())
                .filter(i -> !days.get(i).isBefore(LocalDate.of(SEASON, 5, 20))
                        && days.get(i).isBefore(LocalDate.of(SEASON, 10, 1)))
                .mapToDouble(i -> hours.open().get(i))
                .average()
                .orElseThrow();
        assertThat(sun(plan, "Peppers").hours()).isCloseTo(there, within(0.05));
    }

    /** As much as a fence of the same height, depth and share of the light would take, grown from the first day on. */
    @Test
    @DisplayName("it takes no more than a wall of the full height in its place")
    void lessThanAWall() {
        Plan wall = with(GARDEN, PEPPERS, Put.of(Gardens.feature("Wall", FeatureKind.WALL, 1, 0, 6, 10, 14, 10)));
        Plan high = with(
                wall, Put.of(((Feature.LineFeature) wall.list(Things.FEATURES).get(0)).withHeight(Length.metres(2))));
        double open = sun(with(GARDEN, PEPPERS), "Peppers").hours();
        double behindCorn = sun(with(GARDEN, CORN, PEPPERS), "Peppers").hours();
        double behindWall = sun(high, "Peppers").hours();
        assertThat(behindCorn).isBetween(behindWall, open);
        assertThat(open - behindCorn).isGreaterThan(0.3 * (open - behindWall));
    }

    @Test
    void cropsThrowShadowsOnTheirDays() {
        Plan plan = with(GARDEN, CORN);
        SunStudy study = SunStudy.of(plan, SEASON);
        long without = shadows(study.day(LocalDate.of(SEASON, 4, 23)));
        long grown = shadows(study.day(LocalDate.of(SEASON, 8, 23)));
        assertThat(without).isZero();
        assertThat(grown).isPositive();
    }

    private static long shadows(DaySun day) {
        return day.moments().stream()
                .mapToLong(moment -> moment.shadows().size())
                .sum();
    }
}
