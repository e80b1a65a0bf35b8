package fairacre.frame;

import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.build.Workshop;
import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FrameTest {

    private static final List<Length> STOCK = Board.B2X10.stock();

    @Nested
    class Takeoff {

        @Test
        @DisplayName(
                "Boards of 8, 8, 4, 4 ft in 1 1/2 in stock make 8 ft x 4 ft 3 in or 8 ft 3 in x 4 ft [common practice, worked example]")
        void bothWaysOfTheButtJoint() {
            assertThat(takeoff(feet(8), Length.inches(51), Joint.SIDES_PAST).pieces())
                    .containsExactly(new Piece(Part.SIDE, feet(8), 2), new Piece(Part.END, feet(4), 2));
            assertThat(takeoff(Length.inches(99), feet(4), Joint.ENDS_PAST).pieces())
                    .containsExactly(new Piece(Part.SIDE, feet(8), 2), new Piece(Part.END, feet(4), 2));
        }

        @Test
        void everyCourseNeedsItsOwnPieces() {
            Frame frame = new Frame(Material.CEDAR, Board.B2X10, 2, Joint.SIDES_PAST);
            assertThat(framed(feet(8), feet(4), frame).pieces())
                    .extracting(Piece::count)
                    .containsExactly(4, 4);
            assertThat(frame.height()).isEqualTo(Length.inches(18.5));
        }

        @ParameterizedTest(name = "{0}: two sides of {1} in, two ends of {2} in")
        @CsvSource({"SIDES_PAST, 96, 48", "ENDS_PAST, 93, 51", "PINWHEEL, 94.5, 49.5", "MITRE, 96, 51"})
        @DisplayName(
                "8 ft x 4 ft 3 in outside: length x (end + 2t), (side + 2t) x width, (a + t) x (b + t) [common practice]; mitred boards are the outside sizes")
        void everyJoint(Joint joint, double side, double end) {
            assertThat(takeoff(feet(8), Length.inches(51), joint).pieces())
                    .containsExactly(
                            new Piece(Part.SIDE, Length.inches(side), 2), new Piece(Part.END, Length.inches(end), 2));
        }

        @Test
        @DisplayName(
                "Joints of neighbouring courses are staggered [common practice]: 16 ft of 8 ft boards 8+8 and 4+8+4, 12 ft 8+4 and 4+8")
        void noJointStandsOverAJoint() {
            assertThat(FrameTakeoff.run(feet(16), feet(8), 0)).containsExactly(feet(8), feet(8));
            assertThat(FrameTakeoff.run(feet(16), feet(8), 1)).containsExactly(feet(4), feet(8), feet(4));
            assertThat(FrameTakeoff.run(feet(12), feet(8), 1)).containsExactly(feet(4), feet(8));
            assertThat(FrameTakeoff.run(feet(12), feet(8), 2)).containsExactly(feet(8), feet(4));
            assertThat(FrameTakeoff.run(feet(7), feet(8), 1)).containsExactly(feet(7));
        }

        @Test
        void runsOfAnyLengthAreStaggeredByAFootAndEndInNoStub() {
            Random random = new Random(11);
            for (int i = 0; i < 2000; i++) {
                Length length = Length.millimetres(100 + random.nextInt(20_000));
                Length longest = Length.millimetres(1800 + random.nextInt(3000));
                List<Length> below = FrameTakeoff.run(length, longest, 0);
                List<Length> above = FrameTakeoff.run(length, longest, 1);
                assertThat(above.stream().reduce(Length.ZERO, Length::plus)).isEqualTo(length);
                assertThat(above)
                        .allSatisfy(
                                piece -> assertThat(piece.compareTo(longest)).isNotPositive());
                for (Length joint : FrameTakeoff.joints(above)) {
                    assertThat(FrameTakeoff.joints(below))
                            .allSatisfy(under -> assertThat(
                                            Math.abs(under.minus(joint).metres()))
                                    .as("%s in boards of %s", length, longest)
                                    .isGreaterThan(0.3047));
                }
            }
        }

        @Test
        void boardsSitEndToEndCourseByCourse() {
            Frame frame = new Frame(Material.CEDAR, Board.B2X10, 2, Joint.SIDES_PAST);
            List<PlacedPiece> placed =
                    FrameTakeoff.placed(new BedRevision(2027, outline(feet(20), feet(4)), Optional.of(frame)), frame);
            assertThat(placed).hasSize(2 * (2 * 2 + 2));
            PlacedPiece second = placed.get(1);
            assertThat(second.startX())
                    .isCloseTo(
                            placed.get(0).startX()
                                    + feet(16).metres() * placed.get(0).alongX(),
                            within(1e-9));
            assertThat(placed).extracting(PlacedPiece::course).startsWith(1).endsWith(2);
            assertThat(placed.stream().map(PlacedPiece::length).reduce(Length.ZERO, Length::plus))
                    .isEqualTo(
                            framed(feet(20), feet(4), frame).lengths().stream().reduce(Length.ZERO, Length::plus));
        }

        @Test
        void aSideLongerThanEveryBoardIsMadeUp() {
            Frame frame = new Frame(Material.CEDAR, Board.B2X10, 1, Joint.SIDES_PAST);
            assertThat(FrameTakeoff.isSpliced(
                            new BedRevision(2027, outline(feet(20), feet(4)), Optional.of(frame)), frame))
                    .isTrue();
            assertThat(framed(feet(20), feet(4), frame).pieces())
                    .startsWith(new Piece(Part.SIDE, feet(16), 2), new Piece(Part.SIDE, feet(4), 2));
        }

        @Test
        void aSplicedSideEndsInNoStub() {
            assertThat(FrameTakeoff.run(Length.inches(16 * 12 + 6), feet(16), 0))
                    .containsExactly(Length.inches(99), Length.inches(99));
            assertThat(FrameTakeoff.run(feet(18), feet(6), 0)).containsExactly(feet(6), feet(6), feet(6));
        }

        private static FrameTakeoff takeoff(Length length, Length width, Joint joint) {
            return framed(length, width, new Frame(Material.CEDAR, Board.B2X10, 1, joint));
        }
    }

    private static FrameTakeoff framed(Length length, Length width, Frame frame) {
        return FrameTakeoff.of(new BedRevision(2027, outline(length, width), Optional.of(frame)), frame);
    }

    @Nested
    class Cutting {

        @Test
        @DisplayName("A 3 x 18 ft bed in 6 ft fence boards takes exactly seven [common practice]")
        void fenceBoards() {
            Frame frame = new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST);
            List<Length> pieces = framed(feet(18), feet(3), frame).lengths();
            CutList cutList = CutList.of(pieces, Board.FENCE_5_8X6.stock(), Saw.USUAL, Length::exactMetres);
            assertThat(cutList.boards()).containsExactly(new BoardsOfLength(feet(6), 7));
            assertThat(cutList.least()).isEqualTo(7);
            assertThat(cutList.cuts()).extracting(CutList.Cut::times).containsExactly(6, 1);
            assertThat(cutList.cuts().get(1).pieces()).hasSize(2);
        }

        @Test
        @DisplayName(
                "Two 4 ft pieces don't come out of an 8 ft board: (length - trim - kerf) / 2 each do [common practice]")
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
        @DisplayName(
                "Worked by hand: an 8 ft board in the shed takes 5 ft and 2 ft, so 4 ft comes out of one new board; of a second 20 in are too short")
        void theShedComesFirst() {
            CutList cutList = CutList.of(
                    List.of(feet(4), feet(5), feet(2)),
                    STOCK,
                    List.of(new BoardsOfLength(feet(8), 1), new BoardsOfLength(Length.inches(20), 1)),
                    Saw.USUAL,
                    Length::exactMetres);
            assertThat(cutList.boards()).containsExactly(new BoardsOfLength(feet(6), 1));
            assertThat(cutList.shed()).containsExactly(new BoardsOfLength(feet(8), 1));
            assertThat(cutList.cuts().get(0).fromShed()).isTrue();
            assertThat(cutList.cuts().get(0).pieces()).containsExactly(feet(5), feet(2));
            assertThat(cutList.least()).isEqualTo(1);
        }

        @Test
        @DisplayName(
                "A kerf short: two 4 ft pieces come out of an exact 8 ft board if each may miss part of a saw cut [common practice]")
        void tightPiecesGiveTheKerf() {
            Saw tight = Saw.of(new Workshop(Length.inches(0.125), Length.ZERO, true, List.of()));
            assertThat(CutList.of(List.of(feet(4), feet(4)), STOCK, tight, Length::exactMetres)
                            .boards())
                    .containsExactly(new BoardsOfLength(feet(8), 1));
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

        @ParameterizedTest(
                name =
                        "job {0}: within 11/9 + 6/9 of the least number of boards [Dosa 2007, against exhaustive search]")
        @MethodSource("jobs")
        void smallJobsAgainstExhaustiveSearch(long seed) {
            Random random = new Random(seed);
            List<Length> pieces = IntStream.range(0, 1 + random.nextInt(7))
                    .mapToObj(i -> Length.inches(10 + random.nextInt(60)))
                    .toList();
            List<Length> oneLength = List.of(feet(8));
            int found = CutList.of(pieces, oneLength, Saw.USUAL, Length::exactMetres)
                    .boardCount();
            int least = leastBoards(pieces, 0, new ArrayList<>(), pieces.size());
            assertThat(found).isBetween(least, (int) Math.floor(11.0 / 9 * least + 6.0 / 9));
            CutList cutList = CutList.of(pieces, oneLength, Saw.USUAL, Length::exactMetres);
            assertThat(cutList.least()).isBetween(1, least);
            assertThat(cutList.cuts().stream()
                            .flatMap(cut -> Collections.nCopies(cut.times(), cut.pieces()).stream()
                                    .flatMap(List::stream))
                            .sorted()
                            .toList())
                    .isEqualTo(pieces.stream().sorted().toList());
            assertThat(cutList.cuts())
                    .allSatisfy(cut -> assertThat(cut.rest().plus(kerfs(cut)).plus(sum(cut.pieces())))
                            .isEqualTo(cut.stock()));
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
            return CutList.of(List.of(pieces), STOCK, Saw.USUAL, Length::exactMetres)
                    .boards();
        }
    }

    private static Length feet(double feet) {
        return Length.feet(feet);
    }

    private static Rectangle outline(Length length, Length width) {
        return rectangle(5, 5, 1, 1, 0).resized(length, width);
    }
}
