package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.PriceItem;
import fairacre.cost.PipeRolls;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Lifetime;
import fairacre.plan.OwnKinds;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PipeKindTest {

    private static final PipeKind OWN =
            PipeKind.own("Alkathene 5/8 | blue", Length.millimetres(15.6), PipeKind.Sort.STIFF);

    @Test
    void theKeyOfOnesOwnTellsAllOfIt() {
        PipeKind read = PipeKind.of(OWN.key());
        assertThat(read).isEqualTo(OWN);
        assertThat(read.label()).isEqualTo("Alkathene 5/8 | blue");
        assertThat(read.bore()).isEqualTo(Length.millimetres(15.6));
        assertThat(read.sort()).isEqualTo(PipeKind.Sort.STIFF);
        assertThat(read.own()).isTrue();
        assertThat(OWN.key()).doesNotContain("/");
    }

    @ParameterizedTest
    @CsvSource({"2.999, false", "3, true", "60, true", "60.001, false"})
    void theBoreIsThreeToSixtyMillimetres(double millimetres, boolean taken) {
        Length bore = Length.millimetres(millimetres);
        if (taken) {
            assertThat(PipeKind.own("Tube", bore, PipeKind.Sort.TUBE).bore()).isEqualTo(bore);
        } else {
            assertThatThrownBy(() -> PipeKind.own("Tube", bore, PipeKind.Sort.TUBE))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("bore");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"TUBE_14", "own|", "own|Tube", "own|Tube|wide|TUBE", "own|Tube|0.016|ROPE", ""})
    void whatIsNoPipeIsRefused(String key) {
        assertThatThrownBy(() -> PipeKind.of(key)).isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "TUBE_16, TUBE_13",
        "TUBE_13, TUBE_19",
        "TUBE_19, PVC_25",
        "HOSE_13, HOSE_16",
        "HOSE_16, HOSE_19",
        "PVC_13, PVC_19",
        "PVC_19, PVC_25"
    })
    void theNextLargerIsOfTheSameSort(String pipe, String larger) {
        assertThat(PipeKind.of(pipe).larger()).contains(PipeKind.of(larger));
    }

    @Test
    void onesOwnGrowsIntoAKnownOneAndTheLargestIntoNone() {
        assertThat(OWN.larger()).contains(PipeKind.PVC_19);
        assertThat(PipeKind.PVC_25.larger()).isEmpty();
        assertThat(PipeKind.HOSE_19.larger()).isEmpty();
    }

    @Test
    void itIsInThePriceBookOnceARunIsLaidOfIt() {
        Plan dry = with(plot(10, 8, List.of(), bed("Beans", 3, 4, 2, 1)), Put.of(tap("Tap", 1, 1, 20)));
        assertThat(OwnKinds.of(dry).items()).isEmpty();
        WaterRun drawn = run("Trunk", "Tap", 1, 1, 9, 1).of(OWN);
        Plan plan = with(
                dry,
                Put.of(new WaterRun(
                        drawn.id(),
                        "Trunk",
                        id("Tap"),
                        drawn.places(),
                        OWN,
                        false,
                        Length.ZERO,
                        Lifetime.from(SEASON))));
        PriceItem item = OWN.soldAs(Units.METRIC);
        assertThat(OwnKinds.of(plan).items()).containsExactly(item);
        assertThat(PriceItem.of(item.key())).isEqualTo(item);
        // Stiff pipe is sold in lengths of 2, 3 and 5 m: 8 m are 5 and 3.
        assertThat(PipeRolls.of(plan, SEASON)).singleElement().satisfies(rolls -> {
            assertThat(rolls.pipe()).isEqualTo(item);
            assertThat(rolls.rolls()).extracting(roll -> roll.length().metres()).contains(5.0);
        });
    }
}
