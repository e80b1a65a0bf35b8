package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.cost.KnownCuts;
import fairacre.judging.Failure;
import fairacre.judging.Finder;
import fairacre.judging.Guard;
import fairacre.judging.JudgingRule;
import fairacre.judging.Snag;
import fairacre.plan.Plan;
import fairacre.reach.ReachRule;
import fairacre.shape.Memo;
import fairacre.testing.RandomGardens;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every valid garden is judged, and a part that can't be costs nothing but itself. */
class EveryGardenTest {

    private static final int GARDENS = 500;

    /** Remedies are looked for in every eighth garden: they take ten times as long. */
    private static final int WITH_REMEDIES = 8;

    private static List<Failure> failures(Plan plan, boolean withRemedies) {
        Appraisal appraisal = withRemedies
                ? Appraisal.of(plan, SEASON)
                : Appraisal.of(plan, SEASON, Memo.none(), List.of(), KnownCuts.NONE);
        if (withRemedies) {
            appraisal.report();
        } else {
            appraisal.preview();
        }
        return appraisal.failures();
    }

    @ParameterizedTest(name = "turned by {0}°")
    @ValueSource(doubles = {0, 15, 30, 45, 60, 75, 90, 120, 150, 210, 300, 330})
    void aTurnedBedIsJudged(double turn) {
        Plan plan = plot(
                8, 6, List.of(gardener("Ada", 0.5, 0.6)), bed("Bed", 4.93, 2.57, 2.4, 1.5, turn, Optional.empty()));
        assertThat(failures(plan, true)).isEmpty();
        assertThat(Appraisal.of(plan, SEASON).snags())
                .extracting(Snag::rule)
                .contains(ReachRule.REACH_NOBODY)
                .doesNotContain(JudgingRule.NOT_JUDGED);
    }

    @Test
    void gardensByChanceAreAllJudged() {
        List<String> failed = LongStream.range(0, GARDENS)
                .parallel()
                .mapToObj(seed -> failures(RandomGardens.of(seed), seed % WITH_REMEDIES == 0).stream()
                        .map(failure -> seed + ": " + failure))
                .flatMap(s -> s)
                .toList();
        assertThat(failed).isEmpty();
    }

    @Test
    void aFinderThatFailsCostsOnlyItsOwnSnags() {
        Guard guard = new Guard();
        Plan plan = plot(8, 6, List.of());
        Snag other = Appraisal.of(plan, SEASON).snags().get(0);
        List<Snag> snags = Appraisal.found(
                Stream.of(
                        new Finder("the walks", () -> {
                            throw new IllegalStateException("a fault of ours");
                        }),
                        new Finder("the rest", () -> List.of(other))),
                guard);
        assertThat(snags).contains(other).hasSize(2);
        assertThat(snags)
                .filteredOn(snag -> snag.rule() == JudgingRule.NOT_JUDGED)
                .singleElement()
                .satisfies(snag -> assertThat(snag.words()).startsWith("This could not be judged: the walks."));
        assertThat(guard.failures())
                .singleElement()
                .satisfies(failure -> assertThat(failure.cause()).hasMessage("a fault of ours"));
    }
}
