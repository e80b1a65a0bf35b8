package fairacre.fence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PostDepthTest {

    @ParameterizedTest
    @CsvSource({"3, 24", "4, 24", "4.01, 24.06", "6, 36", "8, 48"})
    @DisplayName("a third of the whole length is in the ground, at least 24 in (common practice)")
    void aThirdOfTheLength(double feet, double inches) {
        for (PostKind kind : List.of(PostKind.WOOD_IN_CONCRETE, PostKind.WOOD_IN_GRAVEL, PostKind.DRIVEN_STEEL)) {
            assertThat(PostDepth.of(kind, Length.feet(feet), Length.ZERO)).isEqualTo(Length.inches(inches));
        }
    }

    @Test
    void concreteGoesBelowTheFrostAndGravelNeedNot() {
        Length frost = Length.inches(42);
        assertThat(PostDepth.of(PostKind.WOOD_IN_CONCRETE, Length.feet(6), frost))
                .isEqualTo(frost);
        assertThat(PostDepth.of(PostKind.WOOD_IN_CONCRETE, Length.feet(8), frost))
                .isEqualTo(Length.feet(4));
        assertThat(PostDepth.of(PostKind.WOOD_IN_GRAVEL, Length.feet(6), frost)).isEqualTo(Length.feet(3));
    }

    @Test
    void aPostIsCutFromTheNextLengthOnSale() {
        assertThat(PostDepth.bought(PostKind.WOOD_IN_CONCRETE, Length.feet(9), Units.FEET_AND_INCHES))
                .isEqualTo(Length.feet(9));
        assertThat(PostDepth.bought(
                        PostKind.WOOD_IN_CONCRETE, Length.feet(9).plus(new Length(1)), Units.FEET_AND_INCHES))
                .isEqualTo(Length.feet(10));
        assertThat(PostDepth.bought(PostKind.WOOD_IN_CONCRETE, Length.metres(1.81), Units.METRIC))
                .isEqualTo(Length.metres(2.1));
        for (PostKind kind : List.of(PostKind.WOOD_IN_CONCRETE, PostKind.DRIVEN_STEEL)) {
            for (Units units : Units.values()) {
                Length needed = Fence.HIGHEST.plus(PostDepth.of(kind, Fence.HIGHEST, Length.ZERO));
                assertThat(PostDepth.bought(kind, needed, units)).isGreaterThanOrEqualTo(needed);
            }
        }
    }

    @Test
    @DisplayName("hole less post, against the area of JTS's circle less its square")
    void concreteRoundAPost() {
        double width = PostKind.WOOD_IN_CONCRETE.width(false).metres();
        double hole = Polygons.line(List.of(Point.metres(0, 0)))
                .buffer(1.5 * width, 4000)
                .getArea();
        Volume fill = PostDepth.fill(PostKind.WOOD_IN_CONCRETE, false, Length.feet(3));
        assertThat(fill.litres()).isCloseTo(1000 * Length.feet(3).metres() * (hole - width * width), within(0.01));
        assertThat(PostDepth.fill(PostKind.DRIVEN_STEEL, true, Length.feet(3)).millilitres())
                .isZero();
    }

    @Test
    @DisplayName("80 lb of post mix make 0.60 cu ft and 20 kg about 9 litres (tables of bag yields, common practice)")
    void bags() {
        assertThat(PostDepth.bags(Volume.litres(6 * 28.3168), Units.FEET_AND_INCHES))
                .isCloseTo(10, within(0.001));
        assertThat(PostDepth.bags(Volume.litres(90), Units.METRIC)).isCloseTo(10, within(1e-9));
    }

    @Test
    @DisplayName("a 4x4 (3 1/2 in) in a hole of 10 1/2 in, 2 ft deep, takes 1.72 bags of 80 lb: worked by hand")
    void aPostOfFourByFour() {
        Volume fill = PostDepth.fill(PostKind.WOOD_IN_CONCRETE, false, Length.feet(2));
        double cubicFeet = (Math.PI / 4 * 10.5 * 10.5 - 3.5 * 3.5) / 144 * 2;
        assertThat(cubicFeet).isCloseTo(1.0325, within(1e-4));
        assertThat(PostDepth.bags(fill, Units.FEET_AND_INCHES)).isCloseTo(cubicFeet / 0.60, within(0.001));
    }
}
