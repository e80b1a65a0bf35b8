package fairacre.ground;

import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.height;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.ground.DrainStudy.Side;
import fairacre.ground.DrainStudy.Undrained;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrainStudyTest {

    /** Drawn from left to right, so that up the plot is to its left. */
    private static final Feature WALL = feature("Wall", FeatureKind.RETAINING_WALL, 0.3, 0, 0, 5, 10, 5);

    private static final Optional<Levels> RISES_UP_THE_PLOT =
            Levels.of(List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 1), height(10, 10, 1)));
    private static final Optional<Levels> FALLS_UP_THE_PLOT =
            Levels.of(List.of(height(0, 0, 1), height(10, 0, 1), height(0, 10, 0), height(10, 10, 0)));

    private static Feature drain(double... places) {
        return feature("Drain", FeatureKind.DRAIN, 0.3, 0, places);
    }

    private static List<Undrained> undrained(Optional<Levels> levels, Feature... drains) {
        List<Feature> features = new ArrayList<>(List.of(WALL));
        features.addAll(List.of(drains));
        return DrainStudy.of(features, () -> levels);
    }

    @Test
    void theHigherSideIsBehind() {
        assertThat(undrained(RISES_UP_THE_PLOT))
                .singleElement()
                .satisfies(found -> assertThat(found.behind()).containsExactly(Side.LEFT));
        assertThat(undrained(FALLS_UP_THE_PLOT))
                .singleElement()
                .satisfies(found -> assertThat(found.behind()).containsExactly(Side.RIGHT));
        assertThat(undrained(Optional.empty()))
                .singleElement()
                .satisfies(found -> assertThat(found.behind()).containsExactly(Side.LEFT, Side.RIGHT));
    }

    @Test
    @DisplayName("A drain belongs behind a retaining wall, never only in front of it [common practice]")
    void aDrainInFrontDoesNotHelp() {
        assertThat(undrained(RISES_UP_THE_PLOT, drain(0, 4.7, 10, 4.7)))
                .singleElement()
                .satisfies(found -> assertThat(found.inFront()).isTrue());
        assertThat(undrained(RISES_UP_THE_PLOT, drain(0, 5.3, 10, 5.3))).isEmpty();
        assertThat(undrained(FALLS_UP_THE_PLOT, drain(0, 4.7, 10, 4.7))).isEmpty();
        assertThat(undrained(Optional.empty(), drain(10, 5.3, 0, 5.3))).isEmpty();
    }

    @ParameterizedTest(name = "from {0} to {1} m, {2} m off: drained {3}")
    @CsvSource({
        "0, 10, 0.5, true",
        "0, 10, 0.9, true",
        "0, 10, 1.2, false",
        "0, 5, 0.3, false",
        "0.3, 9.7, 0.3, true",
        "-5, 15, 0.3, true"
    })
    void itRunsCloseAndNearlyAlongTheWhole(double from, double to, double off, boolean drained) {
        assertThat(undrained(RISES_UP_THE_PLOT, drain(from, 5 + off, to, 5 + off))
                        .isEmpty())
                .isEqualTo(drained);
    }

    @Test
    void twoDrainsShareAWall() {
        assertThat(undrained(RISES_UP_THE_PLOT, drain(0, 5.3, 5, 5.3), drain(5, 5.4, 10, 5.4)))
                .isEmpty();
    }

    @Test
    @DisplayName(
            "Drains proposed for 200 random walls lie at half of both breadths from them [distances by JTS] and drain them")
    void aProposedDrainTouchesItsWall() {
        Random random = new Random(19);
        for (int i = 0; i < 200; i++) {
            double bend = 2 + 4 * random.nextDouble();
            Feature wall = feature(
                    "Wall",
                    FeatureKind.RETAINING_WALL,
                    0.1 + 0.4 * random.nextDouble(),
                    0,
                    0,
                    5 * random.nextDouble(),
                    5,
                    bend,
                    10,
                    bend + 3 * random.nextDouble());
            for (Side side : Side.values()) {
                List<Point> places = DrainStudy.along(wall, side, Length.metres(0.3));
                Feature laid =
                        Feature.drain(wall.id(), "Drain", places, Length.metres(0.3), Length.ZERO, Lifetime.ALWAYS);
                assertThat(Polygons.line(wall.places()).distance(Polygons.line(places)))
                        .isCloseTo((wall.breadth().metres() + 0.3) / 2, within(1e-3));
                assertThat(DrainStudy.of(List.of(wall, laid), Optional::empty)).isEmpty();
            }
        }
    }
}
