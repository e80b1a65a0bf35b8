package fairacre.surface;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.build.Masonry;
import fairacre.cost.CostStudy;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RetainingTakeoffTest {

    private static Feature wall(FeatureKind kind, Optional<Masonry> masonry, Length height, Lifetime lifetime) {
        return new Feature.LineFeature(
                id("Wall"),
                "Wall",
                kind,
                List.of(Point.metres(2, 5), Point.metres(8, 5), Point.metres(8, 8)),
                Length.metres(0.3),
                Length.ZERO,
                height,
                Length.ZERO,
                false,
                masonry,
                lifetime);
    }

    private static Feature wall(Masonry masonry, Length height) {
        return wall(FeatureKind.RETAINING_WALL, Optional.of(masonry), height, Lifetime.from(SEASON));
    }

    private static Plan garden(Feature wall) {
        return with(plot(20, 20, List.of()), Put.of(wall));
    }

    private static Optional<RetainingTakeoff> told(Feature wall) {
        return RetainingTakeoff.of(garden(wall)).stream().findFirst();
    }

    @Test
    @DisplayName("blocks, by masonry handbooks 1.125 to the square foot and 5 % more: 9 m in four courses of 8 in")
    void blocks() {
        RetainingTakeoff wall = told(wall(Masonry.BLOCK, Length.inches(24))).orElseThrow();
        assertThat(wall.courses()).isEqualTo(4);
        double squareFeet = 9 / 0.3048 * 32 / 12;
        assertThat(wall.face().squareMetres()).isCloseTo(squareFeet * 0.09290304, within(1e-6));
        assertThat(wall.pieces()).isCloseTo(squareFeet * 1.125 * 1.05, within(1e-6));
        // A bag of 80 lb lays 12; a pipe every 6 ft: 29.5 ft take five.
        assertThat(wall.bags()).isCloseTo(squareFeet * 1.125 / 12, within(1e-6));
        assertThat(wall.weeps()).isEqualTo(5);
        // A trench twice as wide as a block and 6 in deep; a fifth more before it is compacted.
        double compacted =
                9 * 2 * Length.inches(7.625).metres() * Length.inches(6).metres();
        assertThat(wall.footing().cubicMetres() / compacted).isBetween(1.0, 1.4);
    }

    @Test
    @DisplayName("stone laid dry: 1.8 t to the cubic metre, a foot thick, a tenth more; no mortar, no pipes")
    void stone() {
        RetainingTakeoff wall = told(wall(Masonry.STONE, Length.inches(18))).orElseThrow();
        assertThat(wall.courses()).isEqualTo(4);
        assertThat(wall.pieces()).isCloseTo(9 * Length.inches(24).metres() * 0.3048 * 1.8 * 1.1, within(1e-6));
        assertThat(wall.bags()).isZero();
        assertThat(wall.weeps()).isZero();
    }

    @ParameterizedTest
    @DisplayName("courses at a whole number of them, a hair over, a hair under")
    @CsvSource({"0, 4", "2, 5", "-2, 4"})
    void aHairOver(long hair, int courses) {
        Length height = new Length(Length.inches(24).micrometres() + hair);
        assertThat(told(wall(Masonry.BLOCK, height)).orElseThrow().courses()).isEqualTo(courses);
    }

    @ParameterizedTest
    @DisplayName("over 4 ft nothing is told: at it, a hair over")
    @CsvSource({"0, true", "1, false"})
    void highWallsAreForADesigner(long hair, boolean told) {
        Length height = new Length(Length.feet(4).micrometres() + hair);
        assertThat(told(wall(Masonry.BLOCK, height)).isPresent()).isEqualTo(told);
        assertThat(bill(wall(Masonry.BLOCK, height)).isEmpty()).isEqualTo(!told);
    }

    private static List<BillLine> bill(Feature wall) {
        return CostStudy.of(garden(wall)).bill().lines().stream()
                .filter(line -> line.part() == BillPart.GROUND)
                .toList();
    }

    @Test
    void itIsOnTheBillInItsSeason() {
        List<BillLine> bill = bill(wall(Masonry.BLOCK, Length.inches(24)));
        assertThat(bill).extracting(BillLine::season).containsOnly(SEASON);
        assertThat(bill.stream().filter(line -> line.item().key().equals("wall/block")))
                .extracting(line -> line.quantity().intValueExact())
                .containsExactly(94);
        assertThat(bill.stream().filter(line -> line.item().key().equals("ground/weep")))
                .extracting(line -> line.quantity().intValueExact())
                .containsExactly(5);
        assertThat(bill).allSatisfy(line -> assertThat(line.places()).containsExactly(id("Wall")));
    }

    @Test
    void oneThatStandsThereOrHasNoHeightTakesNothing() {
        assertThat(told(wall(FeatureKind.RETAINING_WALL, Optional.empty(), Length.inches(24), Lifetime.from(SEASON))))
                .isEmpty();
        assertThat(told(wall(
                        FeatureKind.RETAINING_WALL, Optional.of(Masonry.BLOCK), Length.inches(24), Lifetime.ALWAYS)))
                .isEmpty();
        assertThat(told(wall(Masonry.BLOCK, Length.ZERO))).isEmpty();
    }

    @Test
    void itIsAsThickAsWhatItIsBuiltOf() {
        assertThat(wall(Masonry.STONE, Length.inches(18)).breadth()).isEqualTo(Length.inches(12));
        assertThatThrownBy(() -> wall(Masonry.BRICK, Length.inches(18)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("single leaf of bricks");
        assertThatThrownBy(() ->
                        wall(FeatureKind.FENCE, Optional.of(Masonry.BLOCK), Length.inches(18), Lifetime.from(SEASON)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("masonry");
    }
}
