package fairacre.frame;

import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.plan.Board;
import fairacre.plan.Frame;
import fairacre.plan.Joint;
import fairacre.plan.Material;
import fairacre.plan.Rectangle;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FrameTest {

    private static final List<Length> STOCK = Board.B2X10.stock();

    @Nested
    class Takeoff {

        @Test
        @DisplayName("Boards of 8, 8, 4, 4 ft in 1 1/2 in stock make 8 ft x 4 ft 3 in or 8 ft 3 in x 4 ft [trade handbook, worked example]")
        void bothWaysOfTheButtJoint() {
            assertThat(takeoff(feet(8), Length.inches(51), Joint.SIDES_PAST).pieces()).containsExactly(
                    new Piece(Part.SIDE, feet(8), 2), new Piece(Part.END, feet(4), 2));
            assertThat(takeoff(Length.inches(99), feet(4), Joint.ENDS_PAST).pieces()).containsExactly(
                    new Piece(Part.SIDE, feet(8), 2), new Piece(Part.END, feet(4), 2));
        }

        @Test
        void everyCourseNeedsItsOwnPieces() {
            FrameTakeoff two = FrameTakeoff.of(outline(feet(8), feet(4)), new Frame(Material.CEDAR, Board.B2X10, 2, Joint.SIDES_PAST));
            assertThat(two.pieces()).extracting(Piece::count).containsExactly(4, 4);
            assertThat(two.height()).isEqualTo(Length.inches(18.5));
        }

        @Test
        @DisplayName("Inside of a 4 x 8 ft bed in 1 1/2 in boards is 45 x 93 in [trade handbook]")
        void inside() {
            FrameTakeoff takeoff = takeoff(feet(8), feet(4), Joint.SIDES_PAST);
            assertThat(takeoff.insideLength()).isEqualTo(Length.inches(93));
            assertThat(takeoff.insideWidth()).isEqualTo(Length.inches(45));
        }

        @Test
        void aSideLongerThanEveryBoardIsMadeUp() {
            FrameTakeoff takeoff = takeoff(feet(20), feet(4), Joint.SIDES_PAST);
            assertThat(takeoff.spliced()).isTrue();
            assertThat(takeoff.pieces()).startsWith(new Piece(Part.SIDE, feet(16), 2), new Piece(Part.SIDE, feet(4), 2));
        }

        @Test
        void aSplicedSideEndsInNoStub() {
            assertThat(FrameTakeoff.run(Length.inches(16 * 12 + 6), feet(16)))
                    .containsExactly(Length.inches(99), Length.inches(99));
            assertThat(FrameTakeoff.run(feet(18), feet(6))).containsExactly(feet(6), feet(6), feet(6));
        }

        private static FrameTakeoff takeoff(Length length, Length width, Joint joint) {
            return FrameTakeoff.of(outline(length, width), new Frame(Material.CEDAR, Board.B2X10, 1, joint));
        }
    }

    @Nested
    class Cutting {

        @Test
        @DisplayName("A 3 x 18 ft bed in 6 ft fence boards takes exactly seven [trade handbook]")
        void fenceBoards() {
            Frame frame = new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST);
            List<Length> pieces = FrameTakeoff.of(outline(feet(18), feet(3)), frame).lengths();
            CutList cutList = CutList.of(pieces, Board.FENCE_5_8X6.stock(), Saw.USUAL, Length::exactMetres);
            assertThat(cutList.boards()).containsExactly(new BoardsOfLength(feet(6), 7));
            assertThat(cutList.least()).isEqualTo(7);
            assertThat(cutList.cuts()).extracting(CutList.Cut::times).containsExactly(6, 1);
            assertThat(cutList.cuts().get(1).pieces()).hasSize(2);
        }

        @Test
        @DisplayName("Two 4 ft pieces don't come out of an 8 ft board: (length - trim - kerf) / 2 each do [trade handbook]")
        void theKerfIsLost() {
            Length half = new Length((feet(8).minus(Saw.USUAL.trim()).minus(Saw.USUAL.kerf())).micrometres() / 2);
            assertThat(cut(half, half)).containsExactly(new BoardsOfLength(feet(8), 1));
            assertThat(cut(feet(4), feet(4))).containsExactly(new BoardsOfLength(feet(10), 1));
        }

        @Test
        void aPieceOfAStockLengthIsUsedUncut() {
            assertThat(cut(feet(8))).containsExactly(new BoardsOfLength(feet(8), 1));
            assertThat(cut(feet(8).minus(Length.inches(0.25)))).containsExactly(new BoardsOfLength(feet(10), 1));
        }

        @Test
        void nothingNeedsNothing() {
            assertThat(cut()).isEmpty();
        }

        @Test
        void pricesDecideWhichLengthsAreBought() {
            List<Length> pieces = List.of(feet(3), feet(3));
            Function<Length, BigDecimal> dearEights = l -> l.equals(feet(8)) ? BigDecimal.valueOf(50) : l.exactMetres();
            assertThat(CutList.of(pieces, STOCK, Saw.USUAL, Length::exactMetres).boards())
                    .containsExactly(new BoardsOfLength(feet(8), 1));
            assertThat(CutList.of(pieces, STOCK, Saw.USUAL, dearEights).boards())
                    .containsExactly(new BoardsOfLength(feet(10), 1));
        }

        @Test
        void aPieceLongerThanEveryBoardIsAProgrammersError() {
            assertThatThrownBy(() -> cut(feet(17))).isInstanceOf(IllegalArgumentException.class);
        }

        static Stream<Long> jobs() {
            return new Random(7).longs(40).boxed();
        }

        @ParameterizedTest(name = "job {0}: within 11/9 + 6/9 of the least number of boards [Dosa 2007, against exhaustive search]")
        @MethodSource("jobs")
        void smallJobsAgainstExhaustiveSearch(long seed) {
            Random random = new Random(seed);
            List<Length> pieces = IntStream.range(0, 1 + random.nextInt(7))
                    .mapToObj(i -> Length.inches(10 + random.nextInt(60))).toList();
            List<Length> oneLength = List.of(feet(8));
            int found = CutList.of(pieces, oneLength, Saw.USUAL, Length::exactMetres).boardCount();
            int least = leastBoards(pieces, 0, new ArrayList<>(), pieces.size());
            assertThat(found).isBetween(least, (int) Math.floor(11.0 / 9 * least + 6.0 / 9));
            CutList cutList = CutList.of(pieces, oneLength, Saw.USUAL, Length::exactMetres);
            assertThat(cutList.least()).isBetween(1, least);
            assertThat(cutList.cuts().stream().flatMap(cut -> Collections.nCopies(cut.times(), cut.pieces()).stream().flatMap(List::stream))
                    .sorted().toList()).isEqualTo(pieces.stream().sorted().toList());
            assertThat(cutList.cuts()).allSatisfy(cut -> assertThat(cut.rest().plus(kerfs(cut)).plus(sum(cut.pieces()))).isEqualTo(cut.stock()));
        }

        private static Length kerfs(CutList.Cut cut) {
            return Saw.USUAL.kerf().times(cut.pieces().size() - 1L);
        }

        private static Length sum(List<Length> pieces) {
            return pieces.stream().reduce(Length.ZERO, Length::plus);
        }

        /** Tries every way of putting the pieces on boards of 8 ft less the trim; each piece takes its kerf with it. */
        private static int leastBoards(List<Length> pieces, int next, List<Double> used, int best) {
            if (next == pieces.size()) {
                return Math.min(best, used.size());
            }
            double piece = pieces.get(next).inches() + 0.125;
            int least = best;
            for (int i = 0; i < used.size(); i++) {
                if (used.get(i) + piece <= 95.5 + 0.125 + 1e-9) {
                    used.set(i, used.get(i) + piece);
                    least = leastBoards(pieces, next + 1, used, least);
                    used.set(i, used.get(i) - piece);
                }
            }
            if (used.size() + 1 < least || used.isEmpty()) {
                used.add(piece);
                least = leastBoards(pieces, next + 1, used, least);
                used.remove(used.size() - 1);
            }
            return least;
        }

        private static List<BoardsOfLength> cut(Length... pieces) {
            return CutList.of(List.of(pieces), STOCK, Saw.USUAL, Length::exactMetres).boards();
        }
    }

    private static Length feet(double feet) {
        return Length.feet(feet);
    }

    private static Rectangle outline(Length length, Length width) {
        return rectangle(5, 5, 1, 1, 0).resized(length, width);
    }
}
