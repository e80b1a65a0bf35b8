package fairacre.shape;

import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.plan.Polygons;
import fairacre.plan.Rectangle;
import fairacre.shape.Intervals.Interval;
import java.util.Random;
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

class ShapeTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    static LongStream seeds() {
        return new Random(11).longs(60);
    }

    @ParameterizedTest(name = "random line {0} through a grown box [JTS buffer and intersection]")
    @MethodSource("seeds")
    void aLineIsCutAsAGeneralGeometryLibraryCutsIt(long seed) {
        Random random = new Random(seed);
        Rectangle outline = rectangle(random.nextDouble(), random.nextDouble(), 0.5 + random.nextDouble() * 2,
                0.5 + random.nextDouble(), random.nextDouble() * 360);
        double radius = 0.2 + random.nextDouble() * 0.5;
        double angle = random.nextDouble() * Math.PI * 2;
        Line line = new Line(random.nextDouble() * 4 - 2, random.nextDouble() * 4 - 2, Math.cos(angle), Math.sin(angle), 6);
        Geometry drawn = GEOMETRY.createLineString(new Coordinate[] {new Coordinate(line.x(), line.y()),
            new Coordinate(line.xAt(6), line.yAt(6))});
        double expected = drawn.intersection(Polygons.of(outline.corners()).buffer(radius, 200)).getLength();
        double[] cut = Box.of(outline).stretchInside(line, radius);
        double found = cut == null ? 0 : Math.max(0, Math.min(6, cut[1]) - Math.max(0, cut[0]));
        assertThat(found).isCloseTo(expected, within(0.02));
    }

    @ParameterizedTest(name = "random pair {0} [JTS distance]")
    @MethodSource("seeds")
    void closestPlacesAreAsFarApartAsAGeneralGeometryLibrarySays(long seed) {
        Random random = new Random(seed);
        Rectangle one = rectangle(0, 0, 1 + random.nextDouble(), 1, random.nextDouble() * 90);
        Rectangle other = rectangle(3 + random.nextDouble(), random.nextDouble() * 2, 1, 0.5, random.nextDouble() * 90);
        double expected = Polygons.of(one.corners()).distance(Polygons.of(other.corners()));
        assertThat(Closest.between(Box.of(one), Box.of(other)).distance()).isCloseTo(expected, within(1e-5));
    }

    @Test
    void facingEdgesAreClosestAtTheMiddleOfWhatFaces() {
        Closest closest = Closest.between(Box.of(rectangle(0, 0, 4, 1, 0)), Box.of(rectangle(1, 2, 4, 1, 0)));
        assertThat(closest.distance()).isCloseTo(1, within(1e-9));
        assertThat(closest.x1()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void aBoxKnowsItsOwnAxes() {
        Box box = Box.of(rectangle(2, 3, 2, 1, 90));
        assertThat(box.along(2, 2)).isCloseTo(1, within(1e-12));
        assertThat(box.x(1, 0)).isCloseTo(2, within(1e-12));
        assertThat(box.y(1, 0)).isCloseTo(2, within(1e-12));
        assertThat(box.reachX()).isCloseTo(0.5, within(1e-12));
        assertThat(box.covers(2, 3.9, 0)).isTrue();
        assertThat(box.covers(2, 4.1, 0)).isFalse();
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
            assertThat(Intervals.whole(5).without(2, 3).parts()).containsExactly(new Interval(0, 2), new Interval(3, 5));
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
