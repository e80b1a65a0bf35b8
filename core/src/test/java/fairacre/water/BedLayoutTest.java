package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.soaker;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Polygons;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Lifetime;
import fairacre.shape.BedSoil;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPoint;

class BedLayoutTest {

    private static final Dripline LINE = dripline("Beans", "Tap");

    private static BedRevision bed(double length, double width, double turn) {
        return new BedRevision(SEASON, rectangle(4, 3, length, width, turn), Optional.empty());
    }

    private static BedRevision shaped(double length, double width, double turn, Shape shape) {
        return new BedRevision(
                SEASON, rectangle(4, 3, length, width, turn), shape, Optional.empty(), false, Build.PLAIN);
    }

    @ParameterizedTest
    @CsvSource({
        // length, width: lines by width / 0.30 rounded up, drippers at 0.15 m and every 0.30 m while there is soil
        "2, 1, 28",
        "2, 0.9, 21",
        "2, 0.901, 28",
        "2, 0.899, 21",
        "1.95, 0.9, 21",
        "1.949, 0.9, 18",
        "0.9, 2, 21",
        "0.3, 0.3, 1"
    })
    @DisplayName("lines and drippers of a rectangle by hand, at the limit, over and under, turned and at either end")
    void drippersOfARectangleAreCounted(double length, double width, int drippers) {
        for (double turn : new double[] {0, 37, 90, 180, 271}) {
            for (boolean far : new boolean[] {false, true}) {
                assertThat(DripLayout.of(bed(length, width, turn), LINE, far).outlets())
                        .as("turned by %s", turn)
                        .hasSize(drippers);
            }
        }
    }

    @Test
    @DisplayName("a foot apart in a bed of 8 ft by 4 ft: 4 lines of 8 drippers [by hand]")
    void inFeet() {
        Dripline feet = new Dripline(
                UUID.randomUUID(),
                LINE.bed(),
                LINE.from(),
                false,
                Length.feet(1),
                Length.feet(1),
                Flow.litresAnHour(1.9),
                true,
                false,
                Lifetime.ALWAYS);
        BedRevision bed = new BedRevision(
                SEASON,
                new fairacre.outline.Rectangle(fairacre.outline.Point.metres(0, 0), Length.feet(8), Length.feet(4), 0),
                Optional.empty());
        assertThat(DripLayout.of(bed, feet, false).outlets()).hasSize(32);
    }

    static Stream<BedRevision> anyShape() {
        return Stream.of(0.0, 23.0, 90.0, 211.5)
                .flatMap(turn -> Stream.of(
                        bed(2.4, 0.95, turn),
                        shaped(
                                2.4,
                                1.8,
                                turn,
                                new Shape(new Form.Ell(Length.metres(0.6), Length.metres(0.7), false), List.of())),
                        shaped(
                                2.4,
                                1.8,
                                turn,
                                new Shape(new Form.Ell(Length.metres(0.6), Length.metres(0.7), true), List.of())),
                        shaped(3, 2, turn, comb(3, 0.5, 0.5)),
                        shaped(2, 3, turn, comb(2, 0.6, 0.6)),
                        shaped(2, 2, turn, new Shape(new Form.Octagon(Length.metres(0.5)), List.of())),
                        shaped(3, 1.8, turn, new Shape(Form.RECTANGLE, List.of(keyhole(0, 1.5, 0.5, 0.9)))),
                        new BedRevision(SEASON, rectangle(4, 3, 2.4, 0.95, turn), Optional.of(cedar(Board.B2X10, 2)))));
    }

    @ParameterizedTest
    @MethodSource("anyShape")
    void everyDripperLiesInTheSoilAndHangsOnTheFeed(BedRevision bed) {
        for (boolean far : new boolean[] {false, true}) {
            BedLayout layout = DripLayout.of(bed, LINE, far);
            assertThat(layout.outlets()).isNotEmpty();
            Geometry soil = BedSoil.of(bed);
            Geometry drippers = outlets(layout);
            assertThat(soil.buffer(1e-5).covers(drippers)).isTrue();
            assertThat(reached(layout)).hasSize(layout.nodes().size());
            // No soil is further from a dripper than the diagonal of half a spacing and half a line, but at slanting
            // ends.
            assertThat(soil.difference(drippers.buffer(0.36)).getArea() / soil.getArea())
                    .isLessThan(0.02);
        }
    }

    private static MultiPoint outlets(BedLayout layout) {
        return new GeometryFactory()
                .createMultiPointFromCoords(layout.outlets().stream()
                        .map(layout.nodes()::get)
                        .map(place ->
                                new Coordinate(place.x().metres(), place.y().metres()))
                        .toArray(Coordinate[]::new));
    }

    /** From the first inlet through the pipes. */
    private static Set<Integer> reached(BedLayout layout) {
        Set<Integer> reached = new HashSet<>(Set.of(layout.inlets().get(0)));
        Deque<Integer> waiting = new ArrayDeque<>(reached);
        while (!waiting.isEmpty()) {
            int node = waiting.remove();
            for (BedLayout.Pipe pipe : layout.pipes()) {
                int other = pipe.from() == node ? pipe.to() : pipe.to() == node ? pipe.from() : node;
                if (reached.add(other)) {
                    waiting.add(other);
                }
            }
        }
        return reached;
    }

    @Test
    @DisplayName(
            "0.20 m inside 2 m by 1 m a loop is 2 (1.6 + 0.6) = 4.4 m round, with 15 holes 0.293 m apart [by hand]")
    void aLoopGoesRoundInsideTheEdge() {
        for (double turn : new double[] {0, 48.5, 90}) {
            BedLayout loop = BedLayout.loop(bed(2, 1, turn), soaker("Beans", "Tap", 0.2));
            assertThat(loop.length().metres()).isCloseTo(4.4, within(1e-5));
            assertThat(loop.outlets()).hasSize(15);
            Geometry ring = Polygons.of(loop.drawn().get(0)).getBoundary();
            assertThat(outlets(loop).isWithinDistance(ring, 1e-5)).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({"0.499, true", "0.5, false", "0.501, false"})
    void aLoopNeedsRoomWithinTheEdge(double inset, boolean room) {
        assertThat(BedLayout.loop(bed(2, 1, 0), soaker("Beans", "Tap", inset))
                        .inlets()
                        .isEmpty())
                .isEqualTo(!room);
    }
}
