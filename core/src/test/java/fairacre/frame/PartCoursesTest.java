package fairacre.frame;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Fastener;
import fairacre.build.Fittings;
import fairacre.build.Fittings.CornerPost;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.fill.FillTakeoff;
import fairacre.frame.Piece.Part;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartCoursesTest {

    private static final Shape PLAIN = new Shape(new Form.Rectangular(), List.of());

    private static BedRevision bed(double length, double width, Shape shape, Board board, double along, double across) {
        return new BedRevision(
                SEASON,
                rectangle(5, 5, length, width, 30),
                shape,
                Optional.of(new Frame(Material.CEDAR, board, 1, Joint.SIDES_PAST)),
                false,
                Build.PLAIN.withFall(new GroundFall(Length.metres(along), Length.metres(across))));
    }

    @Test
    @DisplayName(
            "By hand: 4 x 1.2 m in 47 x 200 mm falling 0.3 m: below, boards begin where the gap is an inch, the second course where it is 225.4 mm")
    void aBedAlongTheSlope() {
        BedRevision bed = bed(4, 1.2, PLAIN, Board.M47X200, 0.3, 0);
        FrameTakeoff below = FrameTakeoff.below(bed, bed.frame().orElseThrow());
        assertThat(below.pieces())
                .extracting(Piece::part, piece -> piece.length().millimetres(), Piece::count)
                .containsExactly(
                        tuple(Part.PART_COURSE, 3662.0, 2),
                        tuple(Part.PART_COURSE, 1106.0, 2),
                        tuple(Part.PART_COURSE, 995.0, 2));
        assertThat(FrameTakeoff.of(bed, bed.frame().orElseThrow()).pieces()).hasSize(5);
    }

    @Test
    void theyEndAtTheLowerCorner() {
        BedRevision bed = bed(4, 1.2, PLAIN, Board.M47X200, 0.15, 0);
        List<PlacedPiece> pieces = PartCourses.of(bed, bed.frame().orElseThrow());
        assertThat(pieces).hasSize(3).allSatisfy(piece -> {
            assertThat(piece.course()).isZero();
            double middle = piece.startX() + piece.alongX() * piece.length().metres() / 2;
            assertThat(middle).isPositive();
        });
    }

    @Test
    void onLegsOrWithoutBoardsNothingIsMadeUp() {
        BedRevision bed = bed(4, 1.2, PLAIN, Board.M47X200, 0.3, 0.1);
        assertThat(bed.withBuild(bed.build().withLegs(Length.metres(0.6))).madeUp())
                .isEmpty();
        assertThat(bed.withFrame(Optional.empty()).madeUp()).isEmpty();
        assertThat(Build.PLAIN
                        .withFall(new GroundFall(Length.ZERO, Length.ZERO))
                        .drop())
                .isEmpty();
    }

    @Test
    @DisplayName("By hand: the wedge is the inside, 3.906 x 1.106 m, times half the fall of 0.3 m: 0.648 m3")
    void theWedgeIsFilled() {
        double level =
                FillTakeoff.of(bed(4, 1.2, PLAIN, Board.M47X200, 0, 0)).volume().cubicMetres();
        double sloping = FillTakeoff.of(bed(4, 1.2, PLAIN, Board.M47X200, -0.3, 0))
                .volume()
                .cubicMetres();
        assertThat(sloping - level).isCloseTo(3.906 * 1.106 * 0.15, offset(0.0001));
    }

    @Test
    void bothEndsAreScrewed() {
        BedRevision level = bed(4, 1.2, PLAIN, Board.M47X200, 0, 0);
        BedRevision sloping = bed(4, 1.2, PLAIN, Board.M47X200, 0.15, 0);
        assertThat(screws(sloping) - screws(level)).isEqualTo(3 * 2 * HardwareStudy.SCREWS);
    }

    /** Without the stakes that deeper soil asks for. */
    private static int screws(BedRevision bed) {
        BedRevision unstaked = bed.withBuild(
                bed.build().withFittings(new Fittings(CornerPost.NONE, Support.NONE, false, Underlay.NONE)));
        return HardwareStudy.of(unstaked).orElseThrow().fasteners().getOrDefault(Fastener.LONG_SCREW, 0);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    @DisplayName(
            "Along the edge of random beds as much board lies below as sampling the gap every millimetre says [numeric integration]")
    void agreesWithSampling(long seed) {
        Random random = new Random(seed);
        Shape shape = seed % 3 == 0
                ? new Shape(new Form.Octagon(Length.metres(0.4)), List.of())
                : seed % 3 == 1
                        ? new Shape(new Form.Ell(Length.metres(0.8), Length.metres(0.7), seed % 2 == 0), List.of())
                        : PLAIN;
        BedRevision bed = bed(
                2 + random.nextDouble() * 3,
                1.5 + random.nextDouble(),
                shape,
                Board.M38X150,
                random.nextDouble() - 0.5,
                random.nextDouble() - 0.5);
        Frame frame = bed.frame().orElseThrow();
        double laid = FrameTakeoff.below(bed, frame).lengths().stream()
                .mapToDouble(Length::metres)
                .sum();
        double sampled = 0;
        for (RoundTheEdge.Edge edge : RoundTheEdge.edges(bed, frame)) {
            for (double at = 0.0005; at < edge.length().metres(); at += 0.001) {
                double gap = bed.gapBelow(edge.startX() + at * edge.alongX(), edge.startY() + at * edge.alongY());
                sampled += Math.max(0, Math.ceil((gap - 0.0254) / 0.15)) * 0.001;
            }
        }
        // Stubs under 10 cm are left out.
        assertThat(laid).isBetween(sampled - 0.5, sampled + 0.05);
        assertThat(sampled).isGreaterThan(0.5);
    }
}
