package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.manifold;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Snag;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PipeSnagsTest {

    /** A tap at the foot, a bed of 2 m by 1 m from 2 to 4 m and from 4.5 to 5.5 m, and what is laid. */
    private static Plan garden(Bed beans, Change... laid) {
        return with(with(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), beans), Put.of(tap("Tap", 1, 1, 40))), laid);
    }

    private static List<Snag> throughBeds(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WaterRule.PIPE_THROUGH_BED)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        // how far up the pipe lies along the bed, told
        "4.499, false",
        "4.6, false",
        "4.601, true",
        "5.399, true",
        "5.4, false",
        "5.501, false"
    })
    void aPipeMayLieAHandsBreadthInsideTheEdge(double y, boolean told) {
        Plan plan = garden(bed("Beans", 3, 5, 2, 1), Put.of(run("Trunk", "Tap", 1, 1, 1, y, 9, y)));
        assertThat(throughBeds(plan)).hasSize(told ? 1 : 0);
    }

    @Test
    void aBedThatIsTurnedIsMeasuredAsItLies() {
        Plan along = garden(
                bed("Beans", 5, 5, 2, 1, 45, Optional.empty()), Put.of(run("Trunk", "Tap", 1, 1, 3.6, 5, 5, 6.4)));
        assertThat(throughBeds(along)).isEmpty();
        Plan across =
                garden(bed("Beans", 5, 5, 2, 1, 45, Optional.empty()), Put.of(run("Trunk", "Tap", 1, 1, 3, 5, 7, 5)));
        assertThat(throughBeds(across)).hasSize(1);
    }

    @Test
    void theRunIsLedRoundTheBedOnTheShorterSide() {
        Plan plan = garden(bed("Beans", 3, 5, 2, 1), Put.of(run("Trunk", "Tap", 1, 1, 2.5, 1, 2.5, 8)));
        Snag snag = throughBeds(plan).get(0);
        assertThat(snag.words()).isEqualTo("Trunk leads through the soil of Beans.");
        assertThat(snag.remedies().get(0).words()).startsWith("Lead Trunk round Beans (");
        Plan after = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(throughBeds(after)).isEmpty();
        assertThat(after.list(WaterKinds.RUNS).get(0).places())
                .allSatisfy(place -> assertThat(place.x().metres()).isLessThan(2.6));
    }

    @Test
    void thePipeToABedBehindAnotherIsTold() {
        Plan plan = with(
                garden(bed("Beans", 3, 5, 2, 1), Put.of(run("Trunk", "Tap", 1, 1, 3, 3))),
                new Change.PlaceBed(bed("Kale", 3, 7, 2, 1)),
                Put.of(dripline("Kale", "Trunk")));
        assertThat(throughBeds(plan))
                .extracting(Snag::words)
                .containsExactly("The pipe to Kale leads through the soil of Beans.");
    }

    @Test
    void thePipeToAManifoldIsTold() {
        Plan plan = garden(
                bed("Beans", 3, 5, 2, 1),
                Put.of(run("Trunk", "Tap", 1, 1, 3, 3)),
                Put.of(manifold("Cocks", "Trunk", 3, 7)));
        assertThat(throughBeds(plan))
                .extracting(Snag::words)
                .containsExactly("The pipe to Cocks leads through the soil of Beans.");
    }
}
