package fairacre.cost;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.fill.FillTakeoff;
import fairacre.fill.SoilSupply;
import fairacre.frame.FrameRates;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Feature;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Walk;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SeasonWorkTest {

    private static Bed framed(String name) {
        return bed(name, 3, 3, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)));
    }

    private static SeasonWork work(Plan plan, int season) {
        return CostStudy.of(plan).work().stream()
                .filter(work -> work.season() == season)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEmptyPlanAndWhatStoodAlreadyTakeNoWork() {
        assertThat(CostStudy.of(plot(10, 8, List.of())).work()).isEmpty();
        assertThat(CostStudy.of(plot(10, 8, List.of(), bed("Ground", 3, 3, 2, 1)))
                        .work())
                .isEmpty();
    }

    @Test
    @DisplayName(
            "Worked by hand: as many pieces as the cutting plan marks, 12 minutes each; a barrow holds 85 L, 5 minutes a trip")
    void aFramedBedIsSawnAndFilled() {
        Plan plan = plot(10, 8, List.of(), framed("Beans"));
        int pieces = CostStudy.of(plan).cutting().stream()
                .flatMap(cutting -> cutting.pieces().stream())
                .mapToInt(MarkedPiece::count)
                .sum();
        double litres =
                FillTakeoff.of(framed("Beans").revisions().get(0)).volume().litres();
        double trips = Math.ceil(litres / 85);
        SeasonWork work = work(plan, SEASON);
        assertThat(work.tasks())
                .extracting(task -> task.rate().key(), SeasonWork.Task::quantity)
                .containsExactly(
                        tuple(FrameRates.PIECE.key(), (double) pieces), tuple(SoilSupply.BARROW_TRIP.key(), trips));
        assertThat(work.hours()).isCloseTo(pieces * 0.2 + trips / 12, within(1e-9));
    }

    @Test
    void whatIsLaidLaterIsCarriedLater() {
        Plan plan = with(
                plot(10, 8, List.of(), framed("Beans")),
                Put.of(Feature.drain(
                        id("Drain"),
                        "Drain",
                        List.of(Point.metres(1, 7), Point.metres(9, 7)),
                        Length.metres(0.3),
                        Length.metres(0.5),
                        Lifetime.from(SEASON + 2))));
        assertThat(CostStudy.of(plan).work()).extracting(SeasonWork::season).containsExactly(SEASON, SEASON + 2);
        assertThat(work(plan, SEASON + 2).tasks())
                .extracting(task -> task.rate().key())
                .containsExactly("walk/dig", "drain/pipe", SoilSupply.BARROW_TRIP.key());
    }

    @Test
    @DisplayName(
            "10 m² of walk on a compacted base take 10 / 4.5 hours to lay, with 4 in of chips another 10 / 9 [common practice]")
    void aWalkIsLaidByItsLayers() {
        WalkBuild build = new WalkBuild(
                List.of(new Layer(LayerKind.BASE, Length.inches(4)), new Layer(LayerKind.CHIP, Length.inches(4))),
                false,
                false);
        Plan plan = withWalk(build);
        assertThat(work(plan, SEASON).tasks())
                .filteredOn(task -> task.rate().key().startsWith("walk/"))
                .satisfiesExactly(
                        base -> assertThat(base.hours()).isCloseTo(10 / 4.5, within(0.01)),
                        chips -> assertThat(chips.hours()).isCloseTo(10 / 9.0, within(0.01)));
    }

    @Test
    @DisplayName("a walk that is dug in 8 in deep over 10 m² moves the more the ground swells, 2 hours a cubic metre")
    void aWalkThatIsDugInIsDugOutFirst() {
        WalkBuild build = new WalkBuild(List.of(new Layer(LayerKind.BASE, Length.inches(8))), true, true);
        Plan plan = withWalk(build);
        assertThat(work(plan, SEASON).tasks())
                .extracting(task -> task.rate().key())
                .contains("walk/dig", "walk/base", "walk/edge");
        assertThat(work(plan, SEASON).tasks())
                .filteredOn(task -> task.rate().key().equals("walk/dig"))
                .singleElement()
                .satisfies(digging -> assertThat(digging.hours()).isBetween(2 * 10 * 0.2032, 2 * 10 * 0.2032 * 1.5));
    }

    /** 2 x 5 m, and nothing else. */
    private static Plan withWalk(WalkBuild build) {
        return with(
                plot(10, 8, List.of()),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.WOOD_CHIP,
                        Site.rectangle(2, 5),
                        build,
                        Lifetime.from(SEASON))));
    }
}
