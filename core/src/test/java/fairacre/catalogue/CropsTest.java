package fairacre.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CropsTest {

    static Stream<Crop> all() {
        return Crops.all().stream();
    }

    private static Crop crop(String key) {
        return Crops.of(key).orElseThrow();
    }

    @Test
    void theCatalogueHasWhatGardenersGrow() {
        List<Crop> crops = Crops.all();
        assertThat(crops).hasSizeGreaterThanOrEqualTo(80);
        assertThat(crops.stream().map(Crop::key)).doesNotHaveDuplicates();
        assertThat(crops.stream().map(Crop::name)).doesNotHaveDuplicates();
        assertThat(crops.stream().map(Crop::family).distinct()).containsAll(Arrays.asList(Family.values()));
        assertThat(Crops.of("dragon-fruit")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyCropCanBeGrownInSomeWayAndItsFiguresGoTogether(Crop crop) {
        assertThat(Raising.values()).as(crop.name()).anyMatch(crop::grows);
        assertThat(crop.stock() == PlantStock.SEED)
                .as(crop.name())
                .isEqualTo(crop.seed().isPresent());
        assertThat(crop.spacing().between().usual())
                .as(crop.name())
                .isGreaterThanOrEqualTo(crop.spacing().inRow().usual());
        for (Raising raising : Raising.values()) {
            if (crop.grows(raising)) {
                assertThat(crop.ripens(raising).usual()).as(crop.name()).isBetween(20.0, 300.0);
            }
        }
        if (crop.fromSowing().isPresent() && crop.fromPlanting().isPresent()) {
            assertThat(crop.fromPlanting().get().usual())
                    .as(crop.name())
                    .isLessThan(crop.fromSowing().get().usual());
        }
        crop.seed()
                .ifPresent(
                        seed -> assertThat(seed.germination()).as(crop.name()).isBetween(0.5, 1.0));
        assertThat(crop.eaten() > 0).as(crop.name()).isEqualTo(crop.yield().usual() > 0);
        assertThat(crop.sun()).as(crop.name()).isBetween(3, 8);
        assertThat(crop.germination()).as(crop.name()).isGreaterThanOrEqualTo(0);
    }

    @ParameterizedTest
    @DisplayName("FAO-56, table 12: single crop coefficients (from memory)")
    @CsvSource({
        "broccoli, 0.7, 1.05, 0.95",
        "carrot, 0.7, 1.05, 0.95",
        "lettuce, 0.7, 1.00, 0.95",
        "onion, 0.7, 1.05, 0.75",
        "garlic, 0.7, 1.00, 0.70",
        "spinach, 0.7, 1.00, 0.95",
        "radish, 0.7, 0.90, 0.85",
        "eggplant, 0.6, 1.05, 0.90",
        "sweet-pepper, 0.6, 1.05, 0.90",
        "tomato, 0.6, 1.15, 0.80",
        "cucumber, 0.6, 1.00, 0.75",
        "zucchini, 0.5, 0.95, 0.75",
        "pumpkin, 0.5, 1.00, 0.80",
        "melon, 0.5, 1.05, 0.75",
        "watermelon, 0.4, 1.00, 0.75",
        "beet, 0.5, 1.05, 0.95",
        "potato, 0.5, 1.15, 0.75",
        "sweet-potato, 0.5, 1.15, 0.65",
        "turnip, 0.5, 1.10, 0.95",
        "bush-bean, 0.5, 1.05, 0.90",
        "shelling-pea, 0.5, 1.15, 1.10",
        "sweet-corn, 0.3, 1.15, 1.05",
        "asparagus, 0.5, 0.95, 0.30",
        "artichoke, 0.5, 1.00, 0.95",
        "strawberry, 0.4, 0.85, 0.75",
        "mint, 0.6, 1.15, 1.10"
    })
    void waterUse(String crop, double first, double middle, double last) {
        assertThat(crop(crop).water()).isEqualTo(new Crop.WaterUse(first, middle, last));
    }

    /** Distances in inches, seed depth in inches and days to harvest. */
    @ParameterizedTest
    @DisplayName("planting tables of extension services: distances and days overlap with ours (from memory)")
    @CsvSource({
        "bush-bean, 2, 4, 18, 36, 50, 60",
        "beet, 2, 4, 12, 18, 55, 70",
        "broccoli, 12, 24, 24, 36, 55, 80",
        "cabbage, 12, 24, 24, 36, 60, 90",
        "carrot, 1, 3, 12, 24, 60, 90",
        "cauliflower, 15, 24, 24, 36, 55, 80",
        "sweet-corn, 8, 12, 30, 36, 65, 95",
        "cucumber, 8, 24, 36, 72, 50, 70",
        "kale, 8, 24, 18, 36, 50, 70",
        "leek, 2, 8, 12, 24, 90, 150",
        "leaf-lettuce, 4, 10, 12, 18, 40, 60",
        "seed-onion, 2, 6, 12, 24, 90, 150",
        "shelling-pea, 1, 3, 18, 36, 55, 75",
        "sweet-pepper, 14, 24, 24, 36, 60, 90",
        "potato, 9, 15, 24, 36, 70, 120",
        "pumpkin, 36, 72, 72, 120, 90, 125",
        "radish, 1, 2, 6, 18, 22, 35",
        "spinach, 2, 6, 10, 24, 40, 60",
        "tomato, 18, 36, 36, 60, 55, 95",
        "turnip, 2, 6, 12, 24, 40, 70"
    })
    void plantingTables(String key, double from, double to, double rowFrom, double rowTo, int quick, int slow) {
        Crop crop = crop(key);
        overlaps(crop.spacing().inRow().times(1 / 0.0254), from, to);
        overlaps(crop.spacing().between().times(1 / 0.0254), rowFrom, rowTo);
        overlaps(crop.ripens(crop.fromSowing().isPresent() ? Raising.SOWN : Raising.RAISED), quick, slow);
    }

    private static void overlaps(Figure ours, double from, double to) {
        assertThat(ours.low()).isLessThanOrEqualTo(to);
        assertThat(ours.high()).isGreaterThanOrEqualTo(from);
    }

    @Test
    void aFigureIsReadWithItsRange() {
        assertThat(Figure.of("50 (45-60)")).isEqualTo(new Figure(50, 45, 60));
        assertThat(Figure.of("0.7")).isEqualTo(new Figure(0.7, 0.7, 0.7));
        assertThat(Figure.of("2 (1-4)").times(0.01).high()).isCloseTo(0.04, within(1e-12));
        assertThatThrownBy(() -> Figure.of("about 50")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Figure(70, 45, 60)).isInstanceOf(IllegalArgumentException.class);
    }
}
