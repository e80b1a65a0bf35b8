package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Shape;
import fairacre.plan.Plan;
import fairacre.walk.WalkRule;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AisleSnagsTest {

    private static Optional<Snag> snag(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WalkRule.AISLE_TOO_NARROW)
                .findFirst();
    }

    private static Plan combed(double aisle, double turn) {
        return plot(
                12,
                12,
                List.of(gardener("Ada", 0.6, 0.6), seated("Ines", 0.5, 0.9144)),
                shaped("Comb", rectangle(6, 6, 2 + aisle, 2, turn), comb(2, 0.5, 1)));
    }

    @ParameterizedTest(name = "an aisle of {0} m, turned {1}: {2}")
    @CsvSource({
        "0.9144, 0, ''",
        "0.9134, 0, Ines (0.914 m)",
        "0.9154, 31, ''",
        "0.6, 0, Ines (0.914 m)",
        "0.599, 0, anybody here",
        "0.6, 77, Ines (0.914 m)"
    })
    void whoDoesNotGetInIsNamed(double aisle, double turn, String whom) {
        Optional<Snag> snag = snag(combed(aisle, turn));
        assertThat(snag.isEmpty()).isEqualTo(whom.isEmpty());
        snag.ifPresent(found ->
                assertThat(found.words()).startsWith("The aisle in Comb is").endsWith("too narrow for " + whom + "."));
    }

    @Test
    void slimmerFingersMakeRoomForWhoWorksThere() {
        Plan plan = combed(0.7, 0);
        Remedy remedy = snag(plan).orElseThrow().remedies().get(0);
        assertThat(remedy.words()).startsWith("Make the fingers of Comb");
        assertThat(snag(plan.apply(remedy.change()).orThrow())).isEmpty();
    }

    @ParameterizedTest(name = "a keyhole of {0} m: told {1}")
    @CsvSource({"0.3, false", "0.299, true", "0.301, false", "0.45, false"})
    void aFootStepsIntoAKeyholeOfThirtyCentimetres(double width, boolean told) {
        Plan plan = plot(
                12,
                12,
                List.of(gardener("Ada", 0.6, 0.6)),
                shaped(
                        "Notched",
                        rectangle(6, 6, 3, 1.2, 0),
                        new Shape(Form.RECTANGLE, List.of(keyhole(0, 1.5, width, 0.5)))));
        assertThat(snag(plan).isPresent()).isEqualTo(told);
        snag(plan).ifPresent(snag -> {
            Plan cured = plan.apply(snag.remedies().get(0).change()).orThrow();
            assertThat(cured.standing(SEASON)
                            .get(0)
                            .revision()
                            .shape()
                            .keyholes()
                            .get(0)
                            .width())
                    .isGreaterThanOrEqualTo(Length.metres(0.3));
        });
    }
}
