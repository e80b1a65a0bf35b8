package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class AppraisalChangeTest {

    @Test
    void whatStaysIsNotTold() {
        AppraisalReport report = Appraisal.of(Gardens.generated(3, 1), SEASON).report();
        AppraisalChange change = AppraisalChange.of(report, report);
        assertThat(change.values()).isEmpty();
        assertThat(change.lists()).isEmpty();
        assertThat(change.gone()).isEmpty();
    }

    @Test
    void whatIsEmptyNowIsToldAsGone() {
        Plan plan = Gardens.generated(1, 1);
        UUID bed = plan.beds().get(0).id();
        Plan without = plan.apply(new Change.RemoveBed(bed)).orThrow();
        AppraisalReport before = Appraisal.of(plan, SEASON).report();
        AppraisalReport after = Appraisal.of(without, SEASON).report();
        assertThat(before.perArea()).isPresent();
        AppraisalChange change = AppraisalChange.of(before, after);
        assertThat(change.gone()).containsExactly("perArea");
        assertThat(change.lists()).containsKeys("beds", "bill").doesNotContainKey("fences");
        assertThat(change.values()).containsKey("growing").doesNotContainKeys("plot", "season");
        assertThat(change.appliedTo(before)).isEqualTo(after);
    }
}
