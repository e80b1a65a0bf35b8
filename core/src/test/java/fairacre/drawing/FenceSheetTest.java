package fairacre.drawing;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.fence.FenceKind;
import fairacre.fence.FenceSide;
import fairacre.fence.FenceStudy;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.SpotHeight;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FenceSheetTest {

    private static final int SEASON = Gardens.SEASON;

    /** A ring of 12 by 6 m with a gate in one long side; the ground rises by half a metre along it. */
    private static Plan plan() {
        return with(
                plot(12, 6, List.of(), bed("Beans", 6, 3, 2, 1)),
                new GroundChange.SetLevels(List.of(
                        new SpotHeight(Point.metres(0, 0), Length.ZERO),
                        new SpotHeight(Point.metres(12, 0), Length.metres(0.5)),
                        new SpotHeight(Point.metres(0, 6), Length.ZERO))),
                Put.of(gate("Gate", 5, 0, 1).hung(Gardens.leaf(1, 0.05))),
                Put.of(fence("Edge", FenceKind.WELDED_MESH, 1.5, 0, 0, 12, 0, 12, 6, 0, 6, 0, 0)));
    }

    /** Of a post beside a gate half its width, and half of what an open leaf of 47 mm, its hinges and the stop take. */
    private static final Length BESIDE = Length.inches(2.75).plus(Length.metres((0.047 + 0.0254) / 2));

    private static List<FenceSide> sides() {
        Plan plan = plan();
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).sides(Gardens.id("Edge"));
    }

    @Test
    void aSideLeadsFromACornerOrAGateToTheNext() {
        assertThat(sides())
                .extracting(FenceSide::length)
                .containsExactly(
                        Length.metres(4.5).minus(BESIDE),
                        Length.metres(6.5).minus(BESIDE),
                        Length.metres(6),
                        Length.metres(12),
                        Length.metres(6));
        assertThat(sides()).allMatch(side -> side.posts().get(0).at().equals(Length.ZERO));
    }

    @Test
    void theGroundRisesUnderASide() {
        List<FenceSide.SidePost> back = sides().get(3).posts();
        assertThat(back.get(0).ground()).isEqualTo(Length.ZERO);
        assertThat(back.get(back.size() - 1).ground().metres()).isCloseTo(-0.5, within(1e-6));
    }

    @Test
    void everyPostHasItsMarkOnThePlanAndOnTheSidesItBelongsTo() {
        List<SheetDrawing> pages = FenceSheet.of(plan(), SEASON);
        List<String> words = pages.stream()
                .flatMap(page -> page.marks().stream())
                .filter(Mark.Words.class::isInstance)
                .map(mark -> ((Mark.Words) mark).text())
                .toList();
        int posts = FenceStudy.of(plan(), SEASON, plan().standing(SEASON), Memo.none())
                .fences()
                .get(0)
                .posts()
                .size();
        assertThat(IntStream.rangeClosed(1, posts).mapToObj(i -> "P" + i))
                .allSatisfy(
                        mark -> assertThat(words.stream().filter(mark::equals)).hasSizeGreaterThanOrEqualTo(2));
        assertThat(words).anyMatch(text -> text.startsWith("P1 to P"));
        assertThat(words).contains("2.197 m");
        assertThat(words).anyMatch(text -> text.startsWith("1. Soil, long timber"));
        assertThat(words).anyMatch(text -> text.matches("\\d\\. From day 7: Hang the gates."));
        assertThat(words).anyMatch(text -> text.startsWith("Gate: ") && text.contains("2 × stile"));
    }

    @Test
    void nothingIsDrawnBesideThePaper() {
        for (SheetDrawing page : FenceSheet.of(plan(), SEASON)) {
            for (Mark mark : page.marks()) {
                List<Mark.Spot> spots =
                        mark instanceof Mark.Stroke stroke ? stroke.spots() : List.of(((Mark.Words) mark).at());
                assertThat(spots)
                        .allMatch(spot -> spot.x() > 5
                                && spot.x() < page.width() - 5
                                && spot.y() > 5
                                && spot.y() < page.height() - 5);
            }
        }
    }

    @Test
    void aSeasonWithoutFencesSaysSo() {
        assertThat(FenceSheet.of(plot(5, 5, List.of()), SEASON)).hasSize(1);
    }
}
