package fairacre.takeoff;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.surface.SurfacePrices;
import java.util.List;
import org.junit.jupiter.api.Test;

class TakeoffTest {

    private static Feature drain(String name, double y, int season) {
        return Feature.drain(
                id(name),
                name,
                List.of(Point.metres(1, y), Point.metres(3.2, y)),
                Length.metres(0.3),
                Length.metres(0.5),
                Lifetime.from(season));
    }

    private static Takeoff of(Plan plan) {
        return Takeoff.of(plan, Memo.none());
    }

    private static Sold pipe(Takeoff takeoff, Units units, int season) {
        return takeoff.sold().stream()
                .filter(sold -> sold.line().item().equals(SurfacePrices.drainPipe(units))
                        && sold.line().season() == season)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEmptyPlanCallsForNothing() {
        Takeoff nothing = of(plot(10, 8, List.of()));
        assertThat(nothing.sold()).isEmpty();
        assertThat(nothing.boards()).isEmpty();
        assertThat(nothing.loose()).isEmpty();
        assertThat(nothing.gained()).isEmpty();
        assertThatThrownBy(() -> nothing.loose().add(null)).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void theSameItemOfASeasonIsOneLineForAllItServes() {
        Plan plan = with(
                plot(10, 8, List.of()),
                Put.of(drain("One", 1, SEASON)),
                Put.of(drain("Other", 2, SEASON)),
                Put.of(drain("Later", 3, SEASON + 1)));
        Sold pipe = pipe(of(plan), Units.METRIC, SEASON);
        assertThat(pipe.units(Units.METRIC)).isEqualTo(4.4);
        assertThat(pipe.places()).containsExactlyInAnyOrder(id("One"), id("Other"));
        assertThat(pipe.beds()).isEmpty();
        assertThat(pipe(of(plan), Units.METRIC, SEASON + 1).units(Units.METRIC)).isEqualTo(2.2);
    }

    @Test
    void aGardenInFeetBuysByTheFoot() {
        Plan plan = with(
                plot(10, 8, List.of()),
                Put.of(drain("One", 1, SEASON)),
                new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES));
        assertThat(pipe(of(plan), Units.FEET_AND_INCHES, SEASON).units(Units.FEET_AND_INCHES))
                .isBetween(2.2 / 0.3048 - 1e-6, 2.2 / 0.3048 + 1e-6);
    }
}
