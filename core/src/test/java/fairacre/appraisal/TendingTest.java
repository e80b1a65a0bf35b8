package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Remove;
import fairacre.plan.Things;
import fairacre.reach.ReachRule;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A bed that is given to somebody is judged for them alone. */
class TendingTest {

    private static final Plan TWO =
            plot(10, 10, List.of(gardener("Long", 0.8, 0.6), gardener("Short", 0.5, 0.6)), bed("Beans", 5, 5, 3, 1.4));

    private static List<Rule> rules(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream().map(Snag::rule).toList();
    }

    @Test
    void aBedThatOnlyOneReachesIsOfferedToThem() {
        Snag snag = Appraisal.of(TWO, SEASON).snags().stream()
                .filter(s -> s.rule() == ReachRule.REACH_GARDENER)
                .findFirst()
                .orElseThrow();
        Remedy given = snag.remedies().stream()
                .filter(r -> r.words().equals("Leave Beans to Long"))
                .findFirst()
                .orElseThrow();
        Plan after = TWO.apply(given.change()).orThrow();
        assertThat(rules(after)).isEmpty();
        assertThat(after.tending(id("Beans"))).extracting(g -> g.name()).containsExactly("Long");
    }

    @Test
    void givenToWhoDoesNotReachItIsToldForThem() {
        Plan given = with(TWO, new Change.TendBed(id("Beans"), List.of(id("Short"))));
        assertThat(rules(given)).containsExactly(ReachRule.REACH_NOBODY);
    }

    @Test
    void whoeverGardensNoLongerGivesItBackToAll() {
        Plan given = with(
                TWO, new Change.TendBed(id("Beans"), List.of(id("Long"))), new Remove<>(Things.GARDENERS, id("Long")));
        assertThat(given.tending(id("Beans"))).extracting(g -> g.name()).containsExactly("Short");
    }

    @Test
    void itIsTakenBackByUndoAndNobodyElseIsTaken() {
        Outcome.Applied applied = (Outcome.Applied) TWO.apply(new Change.TendBed(id("Beans"), List.of(id("Long"))));
        assertThat(applied.plan().apply(applied.inverse()).orThrow()).isEqualTo(TWO);
        assertThat(TWO.apply(new Change.TendBed(id("Beans"), List.of(UUID.randomUUID()))))
                .isInstanceOf(Outcome.Refused.class);
    }
}
