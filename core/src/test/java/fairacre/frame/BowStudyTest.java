package fairacre.frame;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BowStudyTest {

    private static BedRevision bed(
            Material material, Board board, int courses, Length length, Length width, Shape shape) {
        return new BedRevision(
                SEASON,
                rectangle(20, 20, length.metres(), width.metres(), 0),
                shape,
                Optional.of(new Frame(material, board, courses, Joint.SIDES_PAST)),
                false,
                Build.PLAIN);
    }

    private static Bowing bowing(Material material, Board board, int courses, double feet) {
        return BowStudy.of(bed(material, board, courses, Length.feet(feet), Length.feet(3), Shape.RECTANGLE))
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "A simple beam of 4 m under 1 kN/m with E I = 1000 kN m2 sags 5 w L^4 / (384 E I) = 3.33 mm [any beam table], twice that with creep")
    void theBeamOfTheTables() {
        assertThat(BowStudy.bow(1000, 4, 1e6))
                .isCloseTo(2 * 5 * 1000 * 256 / (384 * 1e6), within(1e-12))
                .isCloseTo(2 * 0.003333, within(1e-6));
    }

    @Test
    @DisplayName(
            "At rest K0 = 1 - sin phi [Jaky 1944]: half of what water of that density would press; Rankine's active share at 30 deg is a third, less than that")
    void soilPressesAtRest() {
        assertThat(BowStudy.AT_REST).isCloseTo(0.5, within(1e-12));
        double active = Math.pow(Math.tan(Math.toRadians(45 - 15)), 2);
        assertThat(active).isCloseTo(1 / 3.0, within(1e-12)).isLessThan(BowStudy.AT_REST);
        // Two courses of 2 x 10 stand 0.4699 m; the middle of the lower one lies 0.3524 m deep.
        assertThat(bowing(Material.CEDAR, Board.B2X10, 2, 8).kilopascals())
                .isCloseTo(0.5 * 1.8 * 9.81 * 0.352425, within(1e-6));
    }

    @ParameterizedTest(name = "E I = {0}, w = {1}")
    @CsvSource({"1000, 500", "4000, 500", "200, 900", "50000, 100"})
    void atTheSpanTheBowIsJustWhatMayBe(double stiffness, double load) {
        double span = BowStudy.span(load, stiffness);
        double most = Math.min(span / 180, 0.0127);
        assertThat(BowStudy.bow(load, span, stiffness)).isCloseTo(most, within(1e-9));
        assertThat(BowStudy.bow(load, span * 1.01, stiffness)).isGreaterThan(Math.min(span * 1.01 / 180, 0.0127));
    }

    @ParameterizedTest(name = "{0} {1} x {2} courses: {3} to {4} ft")
    @DisplayName(
            "Thin boards want a tie every 3 to 4 ft, 2-by boards every 6 to 8, 4 x 4 none up to 12 [common practice]")
    @CsvSource({
        "softwood, 1x6, 1, 3, 5",
        "cedar, 1x8, 1, 2.8, 5",
        "softwood, 2x10, 1, 6, 8.5",
        "treated, 2x8, 2, 5, 8",
        "cedar, 4x4, 6, 8, 20"
    })
    void theSpansAreThoseOfPractice(Material material, Board board, int courses, double least, double most) {
        double feet = bowing(material, board, courses, 18).span().metres() / 0.3048;
        assertThat(feet).isBetween(least, most);
    }

    @Test
    void tiesPartASideIntoSpansThatHold() {
        Bowing bowing = bowing(Material.CEDAR, Board.B1X6, 1, 18);
        Bowing.Side side = bowing.sides().get(0);
        assertThat(side.times()).isEqualTo(2);
        assertThat(side.ties()).isPositive();
        assertThat(side.spacing()).isLessThanOrEqualTo(bowing.span());
        assertThat(side.length().metres() / side.ties())
                .isGreaterThan(bowing.span().metres());
        assertThat(bowing.sides().get(1).ties()).isZero();
    }

    @Test
    void aSideThatWouldBowBeyondTheTheoryIsNotGivenAFigure() {
        assertThat(bowing(Material.CEDAR, Board.B1X6, 2, 18).sides().get(0).untied())
                .isEmpty();
        assertThat(bowing(Material.CEDAR, Board.B2X6, 1, 4).sides().get(0).untied())
                .isPresent();
    }

    @Test
    @DisplayName(
            "2 x 10 in cedar on ground that falls 0.4 m: at rest 0.5 x 1800 x 9.81 x (0.235 + 0.4 - 0.1175) = 4.57 kPa [Jaky's closed form, by hand]")
    void soilBelowTheFrameIsAsDeepAsItsLowestPartCourse() {
        BedRevision level = bed(Material.CEDAR, Board.B2X10, 1, Length.metres(4), Length.metres(1.2), Shape.RECTANGLE);
        BedRevision madeUp =
                level.withBuild(Build.PLAIN.withFall(new GroundFall(Length.metres(0.3), Length.metres(0.1))));
        double width = Board.B2X10.width().metres();
        Bowing deep = BowStudy.of(madeUp).orElseThrow();
        assertThat(deep.kilopascals()).isCloseTo(0.5 * 1.8 * 9.81 * (width / 2 + 0.4), within(1e-6));
        assertThat(deep.span()).isLessThan(BowStudy.of(level).orElseThrow().span());
    }

    @Test
    void everyEdgeOfAnyShapeIsASide() {
        BedRevision shaped = bed(Material.CEDAR, Board.B2X6, 1, Length.metres(3), Length.metres(2), comb(2, 0.6, 0.5));
        assertThat(BowStudy.of(shaped).orElseThrow().sides().stream()
                        .mapToInt(Bowing.Side::times)
                        .sum())
                .isEqualTo(8);
        assertThat(BowStudy.of(shaped.withFrame(Optional.empty()))).isEmpty();
    }
}
