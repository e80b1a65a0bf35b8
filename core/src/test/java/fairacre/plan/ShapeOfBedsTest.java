package fairacre.plan;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ShapeOfBedsTest {

    private static final Rectangle ROUND = rectangle(5, 5, 3, 2, 30);

    private static BedRevision revision(Shape shape) {
        return new BedRevision(SEASON, ROUND, shape, Optional.empty(), false, Build.PLAIN);
    }

    private static Shape of(Form form, Keyhole... keyholes) {
        return new Shape(form, List.of(keyholes));
    }

    static Stream<Arguments> areas() {
        return Stream.of(
                Arguments.of("rectangle", of(Form.RECTANGLE), 6.0),
                Arguments.of(
                        "L: both arms less the corner they share",
                        of(new Form.Ell(m(0.5), m(0.4), false)),
                        3 * 0.5 + 2 * 0.4 - 0.5 * 0.4),
                Arguments.of("comb: spine and fingers", comb(3, 0.5, 0.4), 3 * 0.5 + 3 * 0.4 * 1.5),
                Arguments.of("octagon: square less four triangles", of(new Form.Octagon(m(0.3))), 6 - 2 * 0.3 * 0.3),
                Arguments.of(
                        "triangle",
                        of(new Form.FreeForm(List.of(Point.metres(0, 0), Point.metres(3, 0), Point.metres(0, 2)))),
                        3.0),
                Arguments.of("keyhole: its own area less", of(Form.RECTANGLE, keyhole(0, 1.5, 0.5, 1)), 5.5));
    }

    /**
     * What holds for every shape: its area is the textbook's, it turns with the bed, and its corners go round the same
     * way.
     */
    @ParameterizedTest(name = "{0} [closed form]")
    @MethodSource("areas")
    void everyShapeHasItsTextbookArea(String name, Shape shape, double area) {
        List<Point> corners = revision(shape).corners();
        assertThat(Polygons.of(corners).getArea()).isCloseTo(area, within(1e-5));
        assertThat(org.locationtech.jts.algorithm.Orientation.isCCW(
                        Polygons.of(corners).getCoordinates()))
                .isTrue();
        assertThat(Polygons.of(ROUND.corners()).buffer(1e-5).covers(Polygons.of(corners)))
                .isTrue();
    }

    @Nested
    class Reshaping {

        @Test
        void anotherLengthKeepsTheFingersAndMovesThemApart() {
            BedRevision longer = revision(comb(3, 0.5, 0.4)).withOutline(ROUND.resized(m(4), m(2)));
            assertThat(longer.shape()).isEqualTo(comb(3, 0.5, 0.4));
            assertThat(new Form.Comb(3, m(0.5), m(0.4)).gap(m(4))).isEqualTo(m(1.4));
        }

        @Test
        void freeCornersAreStretchedInProportion() {
            Shape triangle = of(new Form.FreeForm(List.of(Point.metres(0, 0), Point.metres(3, 0), Point.metres(1, 2))));
            BedRevision wider = revision(triangle).withOutline(ROUND.resized(m(6), m(2)));
            assertThat(((Form.FreeForm) wider.shape().form()).places())
                    .contains(Point.metres(2, 2), Point.metres(6, 0));
        }

        @Test
        void twiceMirroredIsTheSame() {
            for (Form form : List.of(
                    Form.RECTANGLE,
                    new Form.Ell(m(0.5), m(0.4), true),
                    comb(3, 0.5, 0.4).form(),
                    new Form.FreeForm(List.of(Point.metres(0, 0), Point.metres(3, 0), Point.metres(1, 2))))) {
                assertThat(form.mirrored(m(3)).mirrored(m(3)).corners(m(3), m(2)))
                        .isEqualTo(form.corners(m(3), m(2)));
            }
        }
    }

    @Nested
    class Refused {

        @Test
        void fingersFoldedByANegativeWidth() {
            assertThatThrownBy(() -> comb(3, 0.5, -0.4))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("out of range");
        }

        @Test
        void moreFingersThanFit() {
            assertThatThrownBy(() -> revision(comb(4, 0.5, 0.8)))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("leave no room between them");
        }

        @Test
        void aKeyholeThatCutsTheBedInTwo() {
            assertThatThrownBy(() -> revision(of(Form.RECTANGLE, keyhole(0, 1.5, 0.5, 2.5))))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("cuts the bed in two");
            assertThatThrownBy(() -> revision(of(Form.RECTANGLE, keyhole(0, 1.5, 0.5, 1.2), keyhole(2, 1.5, 0.5, 1.2))))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("cuts the bed in two");
        }

        @Test
        void aKeyholeOverACornerOrOnNoSide() {
            assertThatThrownBy(() -> revision(of(Form.RECTANGLE, keyhole(0, 0.1, 0.5, 1))))
                    .hasMessageContaining("between the corners");
            assertThatThrownBy(() -> revision(of(Form.RECTANGLE, keyhole(7, 1, 0.5, 1))))
                    .hasMessageContaining("4 sides");
        }

        @Test
        void freeCornersThatCrossOrDoNotFill() {
            assertThatThrownBy(() -> revision(of(new Form.FreeForm(
                            List.of(Point.metres(0, 0), Point.metres(3, 2), Point.metres(3, 0), Point.metres(0, 2))))))
                    .hasMessageContaining("crosses or touches itself");
            assertThatThrownBy(() -> revision(
                            of(new Form.FreeForm(List.of(Point.metres(0, 0), Point.metres(2, 0), Point.metres(2, 2))))))
                    .hasMessageContaining("do not fill");
        }

        @Test
        void aFrameWhoseBoardsFillTheFingers() {
            assertThatThrownBy(() -> new BedRevision(
                            SEASON,
                            ROUND,
                            comb(3, 0.5, 0.1),
                            Optional.of(cedar(Board.SLEEPER_100X200, 1)),
                            false,
                            Build.PLAIN))
                    .hasMessageContaining("leave no soil");
        }
    }

    @Test
    @DisplayName("An old 8 ft square with a keyhole is rebuilt from a season on, the earlier state kept")
    void aBedIsAlteredFromASeasonOn() {
        Bed old = Bed.of(
                fairacre.testing.Gardens.id("Old"),
                "Old",
                new BedRevision(SEASON, ROUND, Shape.RECTANGLE, Optional.empty(), true, Build.PLAIN));
        BedRevision cut = new BedRevision(
                SEASON + 1, ROUND, of(Form.RECTANGLE, keyhole(0, 1.5, 0.5, 1)), Optional.empty(), false, Build.PLAIN);
        Plan plan = fairacre.testing.Gardens.plot(10, 10, List.of(), old)
                .apply(new Change.ReviseBed(old.id(), cut))
                .orThrow();
        assertThat(plan.standing(SEASON).get(0).corners()).hasSize(4);
        assertThat(plan.standing(SEASON + 1).get(0).corners()).hasSize(8);
    }

    private static Length m(double metres) {
        return Length.metres(metres);
    }
}
