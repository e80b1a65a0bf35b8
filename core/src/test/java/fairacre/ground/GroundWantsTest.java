package fairacre.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import fairacre.shape.Memo;
import fairacre.takeoff.Job;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked by hand throughout: areas and wedges of beds of 2 x 1 m. */
class GroundWantsTest {

    private static final UUID BED = Gardens.id("bed");
    private static final Frame FRAME = new Frame(Material.CEDAR, Board.B2X6, 1, Joint.SIDES_PAST);

    private static Rectangle outline(double length) {
        return new Rectangle(Point.metres(5, 5), Length.metres(length), Length.metres(1), 0);
    }

    private static BedRevision from(int season, double length, Optional<Frame> frame) {
        return new BedRevision(season, outline(length), frame);
    }

    private static Plan plan(Clearing way, List<SpotHeight> heights, BedRevision... revisions) {
        SoilNotes soil = new SoilNotes(SqueezeTest.NOT_DONE, Optional.empty(), Cover.LAWN, way);
        Plan plan = Gardens.plot(10, 10, List.of())
                .apply(new Change.SetSite(
                        new Site(Site.rectangle(10, 10), List.of(), 0, 45, Optional.empty(), false, heights, soil)))
                .orThrow();
        return plan.apply(new Change.PlaceBed(new Bed(BED, "Long bed", List.of(revisions), Optional.empty())))
                .orThrow();
    }

    private static List<Job> jobs(Plan plan) {
        return Takeoff.of(plan, new Memo(Memo.USUAL)).jobs().stream()
                .filter(job -> job.rate().key().startsWith("clear/"))
                .toList();
    }

    @ParameterizedTest
    @DisplayName(
            "Two square metres: lifted at 15 minutes, tilled at 1.5, under a tarpaulin at 1.8, a sheet and mulch at 9")
    @CsvSource({"LIFT_TURF, 30", "TILL_ONCE, 3", "TARPAULIN, 3.6", "SHEET_MULCH, 18"})
    void aBedInTheGround(Clearing way, double minutes) {
        assertThat(jobs(plan(way, List.of(), from(2027, 2, Optional.empty()))))
                .singleElement()
                .satisfies(job -> {
                    assertThat(job.season()).isEqualTo(2027);
                    assertThat(job.rate().hours(job.quantity())).isCloseTo(minutes / 60, within(1e-9));
                    assertThat(job.served().id()).isEqualTo(BED);
                });
    }

    @Test
    @DisplayName("Under a filled frame the sheet alone is laid: 2 square metres at 3 minutes")
    void aFrame() {
        assertThat(jobs(plan(Clearing.SHEET_MULCH, List.of(), from(2027, 2, Optional.of(FRAME)))))
                .singleElement()
                .satisfies(job -> {
                    assertThat(job.rate()).isEqualTo(GroundRates.SHEET_UNDER);
                    assertThat(job.rate().hours(job.quantity())).isCloseTo(0.1, within(1e-9));
                });
    }

    @Test
    void nothingToClearTakesNoWork() {
        assertThat(jobs(plan(Clearing.NOTHING, List.of(), from(2027, 2, Optional.empty()))))
                .isEmpty();
    }

    @Test
    void aBedThatStoodAlreadyTakesNone() {
        assertThat(jobs(plan(
                        Clearing.LIFT_TURF,
                        List.of(),
                        from(2027, 2, Optional.empty()).withExisting(true))))
                .isEmpty();
    }

    @Test
    @DisplayName("Made a metre longer it takes the new square metre; rebuilt where it was it takes none")
    void aRebuiltBedTakesTheGroundThatIsNew() {
        assertThat(jobs(plan(
                        Clearing.LIFT_TURF,
                        List.of(),
                        from(2027, 2, Optional.empty()).withExisting(true),
                        from(2028, 3, Optional.empty()),
                        from(2029, 3, Optional.of(FRAME)))))
                .singleElement()
                .satisfies(job -> {
                    assertThat(job.season()).isEqualTo(2028);
                    assertThat(job.rate().hours(job.quantity())).isCloseTo(0.25, within(1e-9));
                });
    }

    @Test
    void aBedOnLegsStandsOnTheGroundAsItIs() {
        BedRevision table = new BedRevision(
                2027, outline(2), Shape.RECTANGLE, Optional.of(FRAME), false, Build.PLAIN.withLegs(Length.metres(0.5)));
        assertThat(jobs(plan(Clearing.LIFT_TURF, List.of(), table))).isEmpty();
    }

    private static List<SpotHeight> slope(double fall) {
        return List.of(
                new SpotHeight(Point.metres(0, 0), Length.metres(0)),
                new SpotHeight(Point.metres(10, 0), Length.metres(10 * fall)),
                new SpotHeight(Point.metres(0, 10), Length.metres(0)));
    }

    @Test
    @DisplayName(
            "On ground that rises 3 cm in a metre, 2 m are dug in 6 cm at one end: half of 2 x 1 x 0.06 cubic metres")
    void aFrameIsDugInOnItsUpperSide() {
        assertThat(jobs(plan(Clearing.NOTHING, slope(0.03), from(2027, 2, Optional.of(FRAME)))))
                .singleElement()
                .satisfies(job -> {
                    assertThat(job.rate()).isEqualTo(GroundRates.LEVELLING);
                    assertThat(job.quantity()).isCloseTo(0.06, within(1e-6));
                });
    }

    @ParameterizedTest
    @DisplayName(
            "An inch is raked away, a hair more is dug in; half a board is dug in, a hair more wants a part-course")
    @CsvSource({"0.0127, 0", "0.012701, 1", "0.034925, 1", "0.034926, 0"})
    void whatIsDugIn(double fall, int tasks) {
        assertThat(jobs(plan(Clearing.NOTHING, slope(fall), from(2027, 2, Optional.of(FRAME)))))
                .hasSize(tasks);
    }

    @Test
    void aBedWithoutAFrameFollowsTheGround() {
        assertThat(jobs(plan(Clearing.NOTHING, slope(0.03), from(2027, 2, Optional.empty()))))
                .isEmpty();
    }
}
