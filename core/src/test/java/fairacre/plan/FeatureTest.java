package fairacre.plan;

import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FeatureTest {

    private static final List<Point> LINE = List.of(Point.metres(0, 0), Point.metres(3, 0));
    private static final List<Point> SPOT = List.of(Point.metres(1, 1));
    private static final List<Point> AREA =
            List.of(Point.metres(0, 0), Point.metres(3, 0), Point.metres(3, 2), Point.metres(0, 2));

    private static List<Point> places(FeatureKind kind) {
        return switch (kind.extent()) {
            case AREA -> AREA;
            case LINE -> LINE;
            case SPOT -> SPOT;
        };
    }

    private static Feature feature(FeatureKind kind, List<Point> places) {
        return Feature.of(id("one"), "One", kind, places, Length.metres(0.2), Length.ZERO);
    }

    private static Feature line(FeatureKind kind, double height, double depth, boolean bare) {
        return new Feature.LineFeature(
                id("one"),
                "One",
                kind,
                LINE,
                Length.ZERO,
                Length.ZERO,
                Length.metres(height),
                Length.metres(depth),
                bare,
                Optional.empty(),
                Lifetime.ALWAYS);
    }

    private static Feature spot(FeatureKind kind, boolean bare, boolean lookout) {
        return new Feature.SpotFeature(
                id("one"), "One", kind, SPOT, Length.ZERO, Length.ZERO, Length.ZERO, bare, lookout, Lifetime.ALWAYS);
    }

    @ParameterizedTest
    @EnumSource(FeatureKind.class)
    void everyKindIsOfTheSortThatItsExtentSays(FeatureKind kind) {
        Feature feature = feature(kind, places(kind));
        assertThat(feature).isInstanceOf(kind.extent().type());
        assertThat(feature.shifted(Length.metres(1), Length.metres(-2)).places().get(0))
                .isEqualTo(places(kind).get(0).plus(Length.metres(1), Length.metres(-2)));
        assertThat(feature.withLifetime(Lifetime.from(2030)).lifetime()).isEqualTo(Lifetime.from(2030));
        assertThat(feature.breadth())
                .isEqualTo(kind.extent() == FeatureKind.Extent.AREA ? Length.ZERO : Length.metres(0.2));
        assertRefused(
                () -> feature(kind, kind.extent() == FeatureKind.Extent.SPOT ? LINE : List.of(Point.metres(0, 0))),
                "places");
    }

    @ParameterizedTest(name = "{0}, {1} m high and {2} m deep: {3}")
    @CsvSource({
        "WALL, 60, 0,",
        "WALL, 60.001, 0, height",
        "WALL, 1, 0.001, depth",
        "DRAIN, 0, 5,",
        "DRAIN, 0, 5.001, depth",
        "DRAIN, 0.001, 0.5, height",
        "BURIED_LINE, 0, 0.6,",
        "BURIED_LINE, 0.6, 0, height"
    })
    void whatLiesInTheGroundHasADepthAndWhatStandsOnItAHeight(
            FeatureKind kind, double height, double depth, String refused) {
        if (refused == null) {
            assertThat(line(kind, height, depth, false).height()).isEqualTo(Length.metres(height));
        } else {
            assertRefused(() -> line(kind, height, depth, false), refused);
        }
    }

    @Test
    void leavesAndViewsAreOfWhatHasThem() {
        assertThat(line(FeatureKind.HEDGE, 2, 0, true)).isNotNull();
        assertRefused(() -> line(FeatureKind.FENCE, 2, 0, true), "bareInWinter");
        assertThat(spot(FeatureKind.TREE, true, false)).isNotNull();
        assertRefused(() -> spot(FeatureKind.TAP, true, false), "bareInWinter");
        assertThat(spot(FeatureKind.WINDOW, false, true)).isNotNull();
        assertRefused(() -> spot(FeatureKind.TREE, false, true), "lookout");
    }

    @Test
    void aKindThatIsDrawnOtherwiseIsRefusedWithWhatItTakes() {
        assertThatThrownBy(() -> new Feature.AreaFeature(
                        id("one"),
                        "One",
                        FeatureKind.TAP,
                        AREA,
                        Length.ZERO,
                        Length.ZERO,
                        Optional.empty(),
                        Lifetime.ALWAYS))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("a tap is drawn otherwise")
                .hasMessageContaining("one place");
    }

    @Test
    void onlyHousesAndShedsHaveARidgeAndNoneBelowItsEaves() {
        Feature.AreaFeature house =
                (Feature.AreaFeature) feature(FeatureKind.HOUSE, AREA).withHeight(Length.metres(3));
        Feature.AreaFeature roofed = house.withRidge(Length.metres(5));
        assertThat(roofed.withHeight(Length.metres(4)).ridge()).contains(Length.metres(6));
        assertThat(house.withRidge(Length.metres(3)).ridge()).contains(Length.metres(3));
        assertRefused(() -> house.withRidge(Length.metres(2.99)), "ridge");
        assertRefused(() -> house.withRidge(Length.metres(61)), "ridge");
        assertRefused(
                () -> ((Feature.AreaFeature) feature(FeatureKind.BENCH, AREA)).withRidge(Length.metres(5)), "ridge");
    }

    @Test
    void noLineHasMoreThanSixtyPointsOrStaysWhereItIs() {
        List<Point> sixty =
                IntStream.range(0, 60).mapToObj(i -> Point.metres(i, 0)).toList();
        assertThat(feature(FeatureKind.FENCE, sixty).places()).hasSize(60);
        List<Point> more =
                Stream.concat(sixty.stream(), Stream.of(Point.metres(60, 0))).toList();
        assertRefused(() -> feature(FeatureKind.FENCE, more), "places");
        assertRefused(() -> feature(FeatureKind.FENCE, List.of(Point.metres(0, 0), Point.metres(0, 0))), "places/1");
    }

    private static void assertRefused(Runnable making, String field) {
        assertThatThrownBy(making::run)
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo(field));
    }
}
