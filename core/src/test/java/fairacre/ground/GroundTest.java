package fairacre.ground;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class GroundTest {

    @Nested
    class FromABaseLine {

        private static BaseLine.Tapes tapes(double first, double second, boolean left) {
            return new BaseLine.Tapes(Length.metres(first), Length.metres(second), left);
        }

        @Test
        @DisplayName(
                "Tapes of 3 and 5 on a line of 4 meet 3 square off its first peg; 5, 12, 13 likewise [Pythagorean triples]")
        void twoTapesMeetInACorner() {
            List<Point> corners =
                    BaseLine.tapes(Length.metres(4), List.of(tapes(3, 5, true), tapes(0, 4, true), tapes(5, 3, false)));
            assertThat(corners).containsExactly(Point.metres(0, 3), Point.metres(0, 0), Point.metres(4, -3));
            assertThat(BaseLine.tapes(
                                    Length.metres(5),
                                    List.of(tapes(12, 13, true), tapes(0, 5, true), tapes(5, 0, true)))
                            .get(0))
                    .isEqualTo(Point.metres(0, 12));
        }

        @Test
        void tapesThatOnlyJustFailToMeetMeetOnTheLine() {
            assertThat(BaseLine.tapes(
                                    Length.metres(4),
                                    List.of(tapes(1.99, 2, true), tapes(3, 5, true), tapes(5, 3, true)))
                            .get(0)
                            .y())
                    .isEqualTo(Length.ZERO);
        }

        @Test
        void tapesThatCantMeetAreRefusedWithTheirCorner() {
            assertThatThrownBy(() -> BaseLine.tapes(
                            Length.metres(4), List.of(tapes(3, 5, true), tapes(1, 2, true), tapes(5, 3, true))))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("corner 2");
            assertThatThrownBy(() -> BaseLine.tapes(Length.ZERO, List.of())).hasMessageContaining("length");
            assertThatThrownBy(() -> BaseLine.tapes(Length.metres(4), List.of()))
                    .hasMessageContaining("three corners");
        }

        @Test
        void offsetsLieAlongTheLineAndSquareOffIt() {
            assertThat(BaseLine.offsets(List.of(
                            new BaseLine.Offset(Length.metres(-1), Length.ZERO),
                            new BaseLine.Offset(Length.metres(6), Length.metres(-0.5)),
                            new BaseLine.Offset(Length.metres(6), Length.metres(4)))))
                    .containsExactly(Point.metres(-1, 0), Point.metres(6, -0.5), Point.metres(6, 4));
            assertThatThrownBy(() -> BaseLine.offsets(List.of(
                            new BaseLine.Offset(Length.ZERO, Length.ZERO),
                            new BaseLine.Offset(Length.ZERO, null),
                            new BaseLine.Offset(Length.ZERO, Length.ZERO))))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("corners/1/off");
        }
    }

    @Nested
    class FourSidesAndADiagonal {

        @Test
        @DisplayName("Sides 3 and 4 with a diagonal of 5 are square [Pythagoras]")
        void squareCorner() {
            Quadrilateral plot = measured(4, 3, 4, 3, 5);
            assertThat(plot.corners()).containsExactlyElementsOf(Site.rectangle(4, 3));
            assertThat(plot.outOfSquare()).isCloseTo(0, within(1e-4));
        }

        @Test
        @DisplayName(
                "A 40 x 60 ft plot one degree out of square: diagonals differ by about 2ab sin(e) / sqrt(a2+b2) [derived]")
        void skewCorner() {
            double a = 18.288;
            double b = 12.192;
            double e = Math.toRadians(1);
            double near = Math.sqrt(a * a + b * b - 2 * a * b * Math.sin(e));
            double far = Math.sqrt(a * a + b * b + 2 * a * b * Math.sin(e));
            List<Point> corners = measured(a, b, a, b, far).corners();
            double measuredNear = Math.hypot(
                    corners.get(1).x().metres() - corners.get(3).x().metres(),
                    corners.get(1).y().metres() - corners.get(3).y().metres());
            assertThat(measuredNear).isCloseTo(near, within(1e-5));
            assertThat(far - measuredNear).isCloseTo(2 * a * b * Math.sin(e) / Math.hypot(a, b), within(1e-3));
        }

        @Test
        @DisplayName(
                "Sides 12 and 9 with a diagonal of 15.3: square would be 15 [Pythagoras]; the two diagonals of a parallelogram: "
                        + "d^2 + e^2 = 2 (a^2 + b^2) [parallelogram law]")
        void itIsSaidWhatTheDiagonalsShouldHaveMeasured() {
            Quadrilateral plot = measured(12, 9, 12, 9, 15.3);
            assertThat(plot.squareDiagonal()).isEqualTo(Length.metres(15));
            assertThat(plot.otherDiagonal().metres()).isCloseTo(Math.sqrt(2 * (144 + 81) - 15.3 * 15.3), within(1e-5));
        }

        @Test
        void aDiagonalThatCantBeIsRefused() {
            assertThatThrownBy(() -> measured(4, 3, 4, 3, 8).corners())
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("diagonal");
            assertThatThrownBy(() -> measured(0, 3, 4, 3, 5).corners()).isInstanceOf(RefusedException.class);
        }

        private static Quadrilateral measured(double a, double b, double c, double d, double diagonal) {
            return new Quadrilateral(
                    Length.metres(a), Length.metres(b), Length.metres(c), Length.metres(d), Length.metres(diagonal));
        }
    }

    @Nested
    class Fit {

        @Test
        void bedsThatTouchDontOverlap() {
            assertThat(study(bed("A", 1, 1, 2, 2), bed("B", 3, 1, 2, 2)).overlaps())
                    .isEmpty();
        }

        @Test
        void sharedGroundIsMeasuredAndTheShortestWayApartIsKnown() {
            Overlap overlap = study(bed("A", 1, 1, 2, 2), bed("B", 2.5, 1.5, 2, 2))
                    .overlaps()
                    .get(0);
            assertThat(overlap.shared().squareMetres()).isCloseTo(0.5 * 1.5, within(1e-4));
            assertThat(Math.hypot(overlap.apartX(), overlap.apartY())).isCloseTo(0.5, within(1e-9));
        }

        @Test
        void aBedInsideAnotherOverlapsByAllOfItself() {
            Overlap overlap =
                    study(bed("A", 3, 3, 4, 4), bed("B", 3, 3, 1, 1)).overlaps().get(0);
            assertThat(overlap.shared().squareMetres()).isCloseTo(1, within(1e-4));
        }

        @Test
        void turnedBedsWhoseBoundsMeetNeedNotOverlap() {
            Bed turned = Bed.of(
                    Gardens.id("T"),
                    "T",
                    new fairacre.plan.BedRevision(
                            Gardens.SEASON, rectangle(4, 4, 3, 0.5, 45), java.util.Optional.empty()));
            assertThat(study(turned, bed("C", 5, 5, 0.5, 0.5)).overlaps()).isEmpty();
        }

        @Test
        void aBedOverTheEdgeIsMeasuredAndPushedIn() {
            FitStudy fit = study(bed("A", 9.5, 5, 2, 1));
            assertThat(fit.offPlot().get(0).outside().squareMetres()).isCloseTo(0.5, within(1e-4));
            Rectangle pushed = fit.pushedIn(rectangle(9.5, 5, 2, 1, 0));
            assertThat(pushed.centre()).isEqualTo(Point.metres(9, 5));
            assertThat(study().hasRoomFor(built(pushed))).isTrue();
            assertThat(study().hasRoomFor(built(rectangle(9.5, 5, 2, 1, 0)))).isFalse();
            assertThat(study(bed("B", 8, 5, 1, 1)).hasRoomFor(built(pushed))).isFalse();
        }

        @Test
        void aBedFlushWithTheEdgeIsOnThePlot() {
            assertThat(study(bed("A", 1, 0.5, 2, 1)).offPlot()).isEmpty();
        }

        private static fairacre.plan.BedRevision built(Rectangle outline) {
            return new fairacre.plan.BedRevision(Gardens.SEASON, outline, java.util.Optional.empty());
        }

        private static Plan plan(Bed... beds) {
            return Gardens.plot(10, 10, List.of(), beds);
        }

        private static FitStudy study(Bed... beds) {
            Plan plan = plan(beds);
            return FitStudy.of(plan.site(), plan.standing(Gardens.SEASON));
        }
    }
}
