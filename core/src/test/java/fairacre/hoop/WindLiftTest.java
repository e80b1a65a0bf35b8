package fairacre.hoop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.fence.Gust;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindLiftTest {

    @ParameterizedTest
    @DisplayName("ASCE 7, arched roofs that spring from the ground, quarter by quarter (coefficients from memory)")
    @CsvSource({"1.2, 0.6", "1.2, 0.3", "3.4, 2.1"})
    void quarterByQuarter(double span, double rise) {
        double r = rise / span;
        double up = (-1.4 * r + 2 * (0.7 + r) + 0.5) / 4 + 0.18;
        assertThat(WindLift.on(Gust.GALE, 1, Length.metres(span), Length.metres(rise)))
                .isCloseTo(0.613 * 17.2 * 17.2 * up * span, within(1e-6));
        assertThat(WindLift.on(Gust.GALE, 0.4, Length.metres(span), Length.metres(rise)))
                .isCloseTo(0.4 * 0.613 * 17.2 * 17.2 * up * span, within(1e-6));
    }

    @Test
    @DisplayName("International Building Code: skin friction a sixth of 1500 psf, 250 psf (from memory)")
    void aStakeIsHeldByItsSkin() {
        // 1 ft round and 1 ft deep: 250 lb.
        Stake stake = new Stake(Length.feet(1 / Math.PI), Length.feet(1));
        assertThat(stake.holds() / 4.4482216).isCloseTo(250, within(0.01));
        assertThat(stake.against(0)).isEqualTo(1);
        assertThat(stake.against(stake.holds())).isEqualTo(1);
        assertThat(stake.against(stake.holds() * 1.00001)).isEqualTo(2);
    }

    private static Plan under(Fabric cover) {
        Plan plan = plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2));
        return with(
                plan,
                Put.of(Gardens.hoops(
                        "Hoops", HoopPipe.PE_20, Optional.of(Length.metres(0.5)), Optional.empty(), cover, "Beans")));
    }

    private static Optional<HoopsOverBed.Ballast> ballast(Plan plan) {
        return HoopStudy.of(plan, SEASON, plan.standing(SEASON))
                .told()
                .get(0)
                .over()
                .get(0)
                .ballast();
    }

    @Test
    @DisplayName("fleece over a bed of 1.2 x 4 m, worked by hand")
    void bagsHoldASheet() {
        Plan plan = under(Fabric.FLEECE);
        HoopsOverBed.Ballast ballast = ballast(plan).orElseThrow();
        double lift = 0.613 * 13.9 * 13.9 * (0.655 + 0.15 * 0.5 / 1.18) * 1.18;
        assertThat(ballast.lift()).isCloseTo(lift, within(0.01));
        assertThat(ballast.aMetre()).isCloseTo(lift / 9.80665 / 2, within(0.001));
        // 5.1 kg on each of 4 m: 20.5 kg or two bags on a side.
        assertThat(ballast.bags()).isEqualTo(4);
        assertThat(Takeoff.of(plan, Memo.none()).sold().stream()
                        .filter(sold -> sold.line().item().equals(HoopPrices.BAG))
                        .map(sold -> sold.units(plan.units())))
                .containsExactly(4.0);
        assertThat(ballast(under(Fabric.BIRD_NET)).orElseThrow().bags()).isEqualTo(2);
        assertThat(ballast(under(Fabric.NONE))).isEmpty();
    }
}
