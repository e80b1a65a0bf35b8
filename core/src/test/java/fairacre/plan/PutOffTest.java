package fairacre.plan;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Acquired;
import fairacre.bill.Sundry;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.PurseChange.PutOff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PutOffTest {

    private static final UUID OLD = id("Old");
    private static final UUID NEW = id("New");
    private static final Plan PLAN = with(
            plot(10, 8, List.of(), bed("Old", 2, 2, 2, 1), bed("New", 6, 2, 2, 1)),
            new Change.MarkExisting(OLD, SEASON, true),
            Put.of(walk("Made", List.of(new Layer(LayerKind.STONE, Length.metres(0.05))))),
            Put.of(walk("Drawn", List.of())),
            Put.of(Gardens.sundry("Hire", "1", "80", Acquired.BOUGHT)));

    private static Walk walk(String name, List<Layer> layers) {
        return new Walk(
                id(name),
                name,
                WalkGrade.MAIN,
                Surfacing.LOOSE_GRAVEL,
                List.of(Point.metres(4, 0), Point.metres(4.5, 0), Point.metres(4.5, 8)),
                new WalkBuild(layers, false, false));
    }

    @Test
    void bedsThatStoodAndWalksThatAreOnlyDrawnStayWhereTheyAre() {
        Plan later = with(PLAN, new PutOff(SEASON, SEASON + 1, List.of(OLD, NEW), true, false));
        assertThat(later.bed(NEW).revisions()).extracting(BedRevision::from).containsExactly(SEASON + 1);
        assertThat(later.bed(OLD)).isEqualTo(PLAN.bed(OLD));
        assertThat(later.walks())
                .filteredOn(walk -> walk.name().equals("Made"))
                .extracting(walk -> walk.lifetime().from())
                .containsExactly(Optional.of(SEASON + 1));
        assertThat(later.walks())
                .filteredOn(walk -> walk.name().equals("Drawn"))
                .extracting(walk -> walk.lifetime().from())
                .containsExactly(Optional.empty());
        assertThat(later.sundries()).isEqualTo(PLAN.sundries());
    }

    @Test
    void otherLinesOfTheBillAloneCanWait() {
        Plan later = with(PLAN, new PutOff(SEASON, SEASON + 2, List.of(), false, true));
        assertThat(later.sundries()).extracting(Sundry::season).containsExactly(SEASON + 2);
        assertThat(later.beds()).isEqualTo(PLAN.beds());
    }

    @Test
    void whatDoesNotBeginInTheSeasonIsRefused() {
        assertThatThrownBy(() -> with(PLAN, new PutOff(SEASON + 1, SEASON + 2, List.of(NEW), true, true)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nothing of this begins in " + (SEASON + 1));
    }
}
