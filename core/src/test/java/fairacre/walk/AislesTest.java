package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.leaning;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.shaped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A bed's own aisles are measured like walks. */
class AislesTest {

    private static List<Aisle> aisles(Bed bed) {
        Plan plan = plot(20, 20, List.of(), bed);
        return WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON)).aisles();
    }

    @ParameterizedTest(name = "{0} fingers of {1} m on {2} m, turned {3}")
    @DisplayName("Fingers of a comb are (length - n x finger) / (n - 1) apart [arithmetic]")
    @CsvSource({"2, 0.6, 3, 0", "3, 0.6, 4, 0", "4, 0.4, 5, 33", "2, 0.9144, 2.7432, 90", "5, 0.5, 7.3, 211.7"})
    void aCombHasAnAisleBetweenEachTwoFingers(int fingers, double finger, double length, double turn) {
        List<Aisle> aisles = aisles(shaped("Comb", rectangle(10, 10, length, 2, turn), comb(fingers, 0.5, finger)));
        assertThat(aisles).hasSize(fingers - 1).allSatisfy(aisle -> {
            assertThat(aisle.width().metres()).isCloseTo((length - fingers * finger) / (fingers - 1), within(1e-5));
            assertThat(aisle.keyhole()).isFalse();
        });
    }

    @Test
    void aKeyholeIsAnAisleToStepInto() {
        Bed bed = shaped(
                "Notched", rectangle(10, 10, 3, 2, 20), new Shape(Form.RECTANGLE, List.of(keyhole(0, 1.5, 0.3, 0.9))));
        assertThat(aisles(bed)).singleElement().satisfies(aisle -> {
            assertThat(aisle.keyhole()).isTrue();
            assertThat(aisle.width().metres()).isCloseTo(0.3, within(1e-5));
        });
    }

    @Test
    void whatLeansOutTakesOfAnAisleFromBothSides() {
        assertThat(aisles(shaped("Comb", rectangle(10, 10, 3, 2, 0), comb(2, 0.5, 1), leaning(0.1))))
                .singleElement()
                .satisfies(aisle -> assertThat(aisle.width().metres()).isCloseTo(0.8, within(1e-5)));
    }

    @Test
    void rectanglesEllsAndOctagonsHaveNone() {
        assertThat(aisles(shaped("Plain", rectangle(10, 10, 3, 2, 0), Shape.RECTANGLE)))
                .isEmpty();
        assertThat(aisles(shaped(
                        "Ell",
                        rectangle(10, 10, 3, 2, 40),
                        new Shape(new Form.Ell(Length.metres(0.8), Length.metres(0.8), false), List.of()))))
                .isEmpty();
        assertThat(aisles(shaped(
                        "Eight",
                        rectangle(10, 10, 2, 2, 0),
                        new Shape(new Form.Octagon(Length.metres(0.5)), List.of()))))
                .isEmpty();
    }
}
