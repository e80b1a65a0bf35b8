package fairacre.shape;

import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.outline.Polygons;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;

class AreasTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Polygon turned(Random random) {
        return Polygons.of(rectangle(
                        random.nextDouble(),
                        random.nextDouble(),
                        0.5 + random.nextDouble() * 2,
                        0.5 + random.nextDouble(),
                        random.nextDouble() * 360)
                .corners());
    }

    private static Geometry comb3(Random random) {
        return Polygons.of(shaped(
                        "Comb",
                        rectangle(random.nextDouble(), random.nextDouble(), 3, 2, random.nextDouble() * 360),
                        comb(3, 0.5, 0.4))
                .revisions()
                .get(0)
                .corners());
    }

    @ParameterizedTest(name = "random areas {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    @DisplayName("The robust way gives the areas of the quick one: shared + left = whole [set algebra]")
    void theRobustWayGivesTheSame(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 20; i++) {
            Geometry one = comb3(random);
            Polygon other = turned(random);
            Geometry shared = Areas.shared(one, other);
            Geometry left = Areas.without(one, other);
            assertThat(shared.getArea() + left.getArea()).isCloseTo(one.getArea(), within(1e-9));
            assertThat(Areas.robust(one, other, OverlayNG.INTERSECTION)
                            .symDifference(shared)
                            .getArea())
                    .isLessThan(1e-9);
            assertThat(Areas.robust(one, other, OverlayNG.DIFFERENCE)
                            .symDifference(left)
                            .getArea())
                    .isLessThan(1e-9);
            assertThat(Areas.joined(List.of(one, other)).getArea())
                    .isCloseTo(one.getArea() + other.getArea() - shared.getArea(), within(1e-9));
        }
    }

    @Test
    @DisplayName("A square drawn as a bow-tie is two triangles of a quarter each [plane geometry]")
    void anOutlineThatCrossesItselfIsMended() {
        Polygon tie = GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0), new Coordinate(1, 1), new Coordinate(1, 0), new Coordinate(0, 1), new Coordinate(0, 0)
        });
        Polygon square = Polygons.of(rectangle(0.5, 0.5, 1, 1, 0).corners());
        assertThat(Areas.robust(tie, square, OverlayNG.INTERSECTION).getArea()).isCloseTo(0.5, within(1e-12));
        assertThat(Areas.robust(square, tie, OverlayNG.DIFFERENCE).getArea()).isCloseTo(0.5, within(1e-12));
    }

    @Test
    void areasThatOnlyTouchShareNone() {
        Polygon one = Polygons.of(rectangle(0.5, 0.5, 1, 1, 0).corners());
        Polygon beside = Polygons.of(rectangle(1.5, 0.5, 1, 1, 0).corners());
        assertThat(Areas.shared(one, beside).isEmpty()).isTrue();
        assertThat(Areas.joined(List.of()).isEmpty()).isTrue();
        assertThat(Areas.along(one.getExteriorRing(), beside).getLength()).isCloseTo(1, within(1e-12));
    }
}
