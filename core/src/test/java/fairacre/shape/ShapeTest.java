package fairacre.shape;

import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.shape.Intervals.Interval;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

class ShapeTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    static LongStream seeds() {
        return new Random(11).longs(60);
    }

    @ParameterizedTest(name = "random line {0} through a grown box [JTS buffer and intersection]")
    @MethodSource("seeds")
    void aLineIsCutAsAGeneralGeometryLibraryCutsIt(long seed) {
        Random random = new Random(seed);
        Rectangle outline = rectangle(
                random.nextDouble(),
                random.nextDouble(),
                0.5 + random.nextDouble() * 2,
                0.5 + random.nextDouble(),
                random.nextDouble() * 360);
        double radius = 0.2 + random.nextDouble() * 0.5;
        double angle = random.nextDouble() * Math.PI * 2;
        Line line =
                new Line(random.nextDouble() * 4 - 2, random.nextDouble() * 4 - 2, Math.cos(angle), Math.sin(angle), 6);
        Geometry drawn = GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(line.x(), line.y()), new Coordinate(line.xAt(6), line.yAt(6))});
        Geometry expected = drawn.difference(Polygons.of(outline.corners()).buffer(radius, 200));
        assertSame(Ring.of(outline.corners()).without(Intervals.whole(6), line, radius), line, expected);
    }

    @ParameterizedTest(name = "random pair {0} [JTS distance]")
    @MethodSource("seeds")
    void closestPlacesAreAsFarApartAsAGeneralGeometryLibrarySays(long seed) {
        Random random = new Random(seed);
        Rectangle one = rectangle(0, 0, 1 + random.nextDouble(), 1, random.nextDouble() * 90);
        Rectangle other = rectangle(3 + random.nextDouble(), random.nextDouble() * 2, 1, 0.5, random.nextDouble() * 90);
        double expected = Polygons.of(one.corners()).distance(Polygons.of(other.corners()));
        assertThat(Closest.between(Ring.of(one.corners()), Ring.of(other.corners()))
                        .distance())
                .isCloseTo(expected, within(1e-5));
    }

    @Test
    void facingEdgesAreClosestAtTheMiddleOfWhatFaces() {
        Closest closest = Closest.between(
                Ring.of(rectangle(0, 0, 4, 1, 0).corners()),
                Ring.of(rectangle(1, 2, 4, 1, 0).corners()));
        assertThat(closest.distance()).isCloseTo(1, within(1e-9));
        assertThat(closest.x1()).isCloseTo(0.5, within(1e-9));
    }

    @ParameterizedTest(name = "random line {0} through a grown comb [JTS buffer and difference]")
    @MethodSource("seeds")
    void aLineIsCutByAShapeThatTurnsInward(long seed) {
        Random random = new Random(seed);
        Bed comb = shaped("Comb", rectangle(0, 0, 3, 2, random.nextDouble() * 360), comb(3, 0.5, 0.4));
        double radius = 0.1 + random.nextDouble() * 0.3;
        double angle = random.nextDouble() * Math.PI * 2;
        Line line =
                new Line(random.nextDouble() * 4 - 2, random.nextDouble() * 4 - 2, Math.cos(angle), Math.sin(angle), 6);
        Geometry drawn = GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(line.x(), line.y()), new Coordinate(line.xAt(6), line.yAt(6))});
        var corners = comb.revisions().get(0).corners();
        Geometry expected = drawn.difference(Polygons.of(corners).buffer(radius, 200));
        assertSame(Ring.of(corners).without(Intervals.whole(6), line, radius), line, expected);
    }

    /** The same parts in the same places: a line that grazes a curve may differ by a centimetre or two. */
    private static void assertSame(Intervals found, Line line, Geometry expected) {
        Geometry drawn = GEOMETRY.createMultiLineString(found.parts().stream()
                .map(part -> GEOMETRY.createLineString(new Coordinate[] {
                    new Coordinate(line.xAt(part.start()), line.yAt(part.start())),
                    new Coordinate(line.xAt(part.end()), line.yAt(part.end()))
                }))
                .toArray(LineString[]::new));
        assertThat(drawn.getLength()).isCloseTo(expected.getLength(), within(0.02));
        for (double at = 0.005; at < 6; at += 0.01) {
            Geometry place = GEOMETRY.createPoint(new Coordinate(line.xAt(at), line.yAt(at)));
            if (drawn.distance(place) > 0.02) {
                assertThat(expected.distance(place)).as("at %s", at).isPositive();
            } else if (expected.distance(place) > 0.02) {
                assertThat(drawn.distance(place)).as("at %s", at).isPositive();
            }
        }
    }

    @Test
    void aRingKnowsItsInsideItsTurnsAndItsDistance() {
        Ring ell = Ring.of(shaped(
                        "Ell",
                        rectangle(1, 1, 2, 2, 0),
                        new Shape(new Form.Ell(Length.metres(0.5), Length.metres(0.5), false), List.of()))
                .revisions()
                .get(0)
                .corners());
        assertThat(ell.isConvex()).isFalse();
        assertThat(IntStream.range(0, ell.edges()).filter(ell::isReflex).count())
                .isEqualTo(1);
        assertThat(ell.covers(0.25, 1.5)).isTrue();
        assertThat(ell.covers(1.5, 1.5)).isFalse();
        assertThat(ell.distance(1.5, 1.5)).isCloseTo(1, within(1e-9));
        assertThat(ell.distance(0.2, 0.2)).isZero();
        assertThat(Ring.segment(0, 0, 3, 0).distance(1, 2)).isCloseTo(2, within(1e-12));
    }

    @Test
    void aBoxKnowsItsOwnAxes() {
        Box box = Box.of(rectangle(2, 3, 2, 1, 90));
        assertThat(box.x(1, 0)).isCloseTo(2, within(1e-12));
        assertThat(box.y(1, 0)).isCloseTo(2, within(1e-12));
        assertThat(box.reachX()).isCloseTo(0.5, within(1e-12));
    }

    @ParameterizedTest(name = "radius {0}: no chord further than {1} from the circle")
    @CsvSource({"0.6, 0.001", "0.46, 0.001", "2, 0.001", "0.0005, 0.001"})
    @DisplayName("Rise of a chord: r (1 - cos(a / 2)) [closed form]")
    void curvesStayWithinTheirTolerance(double radius, double tolerance) {
        int segments = Curves.quadrantSegments(radius, tolerance);
        double chord = Math.PI / 2 / segments;
        assertThat(radius * (1 - Math.cos(chord / 2))).isLessThanOrEqualTo(tolerance);
        assertThat(segments).isPositive();
    }

    @Nested
    class TakingAway {

        @Test
        void fromTheMiddleLeavesTwo() {
            assertThat(Intervals.whole(5).without(2, 3).parts())
                    .containsExactly(new Interval(0, 2), new Interval(3, 5));
        }

        @Test
        void overlappingAndTouchingPartsIsTheSameInAnyOrder() {
            var one = Intervals.whole(5).without(1, 3).without(2, 4).parts();
            var other = Intervals.whole(5).without(2, 4).without(1, 3).parts();
            assertThat(one).isEqualTo(other).containsExactly(new Interval(0, 1), new Interval(4, 5));
        }

        @Test
        void everythingLeavesNothingAndNothingLeavesEverything() {
            assertThat(Intervals.whole(5).without(-1, 6).parts()).isEmpty();
            assertThat(Intervals.whole(5).without(5, 9).parts()).containsExactly(new Interval(0, 5));
        }
    }
}
