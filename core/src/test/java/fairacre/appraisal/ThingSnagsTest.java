package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.walk.WalkRule;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Taps, compost and benches have to be got to by whoever uses them. */
class ThingSnagsTest {

    private static Optional<Snag> shutOut(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WalkRule.THING_SHUT_OUT)
                .findFirst();
    }

    private static Plan behindAHedge(FeatureKind kind, double... places) {
        return with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 5, 3, 2, 1)),
                Put.of(gate("Gate", 5, 0, 1)),
                Put.of(feature("Hedge", FeatureKind.HEDGE, 0.6, 0, 0, 7, 10, 7)),
                Put.of(feature("Thing", kind, 0, 0, places)));
    }

    @Test
    void aTapCompostOrBenchBehindAHedgeIsShutOffAndMovedToTheNearestPlaceThatWorks() {
        for (Plan plan : List.of(
                behindAHedge(FeatureKind.TAP, 5, 7.5),
                behindAHedge(FeatureKind.COMPOST, 4, 8, 5, 8, 5, 9, 4, 9),
                behindAHedge(FeatureKind.BENCH, 4, 8, 5.5, 8, 5.5, 8.5, 4, 8.5))) {
            Snag snag = shutOut(plan).orElseThrow();
            assertThat(snag.words()).isEqualTo("Nobody can get to Thing.");
            assertThat(snag.weight()).isEqualTo(Weight.WARNING);
            assertThat(snag.remedies().get(0).words()).startsWith("Move Thing").contains("down");
            assertThat(shutOut(plan.apply(snag.remedies().get(0).change()).orThrow()))
                    .isEmpty();
        }
        assertThat(shutOut(behindAHedge(FeatureKind.TAP, 5, 6.5))).isEmpty();
    }

    @ParameterizedTest(name = "a gate of {0} m: {1}")
    @CsvSource({"0.92, ''", "0.919, Ines can't get to Thing.", "0.921, ''"})
    void whoseWheelsDontPassTheGateIsNamed(double gate, String words) {
        Plan plan = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6), seated("Ines", 0.5, 0.92))),
                Put.of(gate("Gate", 5, 0, gate)),
                Put.of(feature("Thing", FeatureKind.VALVE, 0, 0, 5, 5)));
        assertThat(shutOut(plan).map(Snag::words).orElse("")).isEqualTo(words);
        shutOut(plan)
                .ifPresent(snag -> assertThat(snag.remedies().get(0).words()).isEqualTo("Make Gate 0.92 m wide"));
    }
}
