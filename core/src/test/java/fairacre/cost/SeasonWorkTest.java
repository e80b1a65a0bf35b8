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
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Feature;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
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
                .singleElement()
                .satisfies(task -> assertThat(task.rate()).isEqualTo(SoilSupply.BARROW_TRIP));
    }
}
