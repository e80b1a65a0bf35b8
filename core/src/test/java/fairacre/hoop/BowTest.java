package fairacre.hoop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.special.elliptic.legendre.LegendreEllipticIntegral;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;

class BowTest {

    private static final double MICROMETRE = 1e-6;

    @ParameterizedTest
    @DisplayName("Trade figures: a 16 ft panel as legs and half a circle over 5 ft is 6.57 ft high, over 6 ft 6.29 ft")
    @CsvSource({"5, 6.57", "6, 6.29"})
    void aLongPanelStandsOnLegs(double span, double high) {
        Bow bow =
                Bow.ofLength(BowForm.CIRCLE, Length.feet(span), Length.feet(16)).orElseThrow();
        assertThat(bow.rise().metres())
                .isCloseTo(Length.feet(high).metres(), within(Length.feet(0.005).metres()));
        assertThat(bow.legs()).isEqualTo(bow.rise().minus(Length.feet(span).half()));
        assertThat(bow.tightest()).isEqualTo(Length.feet(span).half());
    }

    @Test
    @DisplayName("Trade figures: half an ellipse 14 ft wide and 8 ft high takes 23.6 ft of pipe")
    void halfAnEllipseTakesItsPipe() {
        assertThat(Bow.rising(BowForm.ELLIPSE, Length.feet(14), Length.feet(8))
                        .length()
                        .metres())
                .isCloseTo(Length.feet(23.6).metres(), within(Length.feet(0.05).metres()));
    }

    @ParameterizedTest
    @DisplayName("Closed form: R = (w²/4 + h²) / 2h and length 2R asin(w / 2R), in feet and in metres")
    @CsvSource({"1.2192, 0.3048", "1.2, 0.2", "0.9, 0.45", "3, 0.1"})
    void aLowBowIsPartOfACircle(double span, double rise) {
        Bow bow = Bow.rising(BowForm.CIRCLE, Length.metres(span), Length.metres(rise));
        double radius = (span * span / 4 + rise * rise) / (2 * rise);
        assertThat(bow.tightest().metres()).isCloseTo(radius, within(MICROMETRE));
        assertThat(bow.length().metres()).isCloseTo(2 * radius * Math.asin(span / (2 * radius)), within(MICROMETRE));
        assertThat(bow.legs()).isEqualTo(Length.ZERO);
    }

    @ParameterizedTest
    @DisplayName(
            "Closed form: half a circle up to a height h above its legs g is g + R asin((h - g) / R) from its foot")
    @CsvSource({"2, 1, 0.5", "2, 1, 0.99", "2, 1.4, 0.3", "2, 1.4, 1.1", "3, 0.9, 2"})
    void lengthUpToAHeight(double span, double rise, double height) {
        Bow bow = Bow.rising(BowForm.CIRCLE, Length.metres(span), Length.metres(rise));
        double radius = bow.tightest().metres();
        double legs = bow.legs().metres();
        double expected = height >= rise
                ? bow.length().metres() / 2
                : height <= legs ? height : legs + radius * Math.asin((height - legs) / radius);
        assertThat(bow.lengthUpTo(Length.metres(height)).metres()).isCloseTo(expected, within(1e-5));
    }

    @Test
    void anArcAndLegsAgreeWhereBothHold() {
        Length span = Length.feet(4);
        Length half = span.half();
        Bow at = Bow.rising(BowForm.CIRCLE, span, half);
        Bow under = Bow.rising(BowForm.CIRCLE, span, new Length(half.micrometres() - 1));
        Bow over = Bow.rising(BowForm.CIRCLE, span, new Length(half.micrometres() + 1));
        assertThat(at.length().metres()).isCloseTo(Math.PI * half.metres(), within(MICROMETRE));
        assertThat(under.length().metres()).isCloseTo(at.length().metres(), within(3 * MICROMETRE));
        assertThat(over.length().metres()).isCloseTo(at.length().metres(), within(3 * MICROMETRE));
        assertThat(at.legs()).isEqualTo(Length.ZERO);
        assertThat(over.legs()).isEqualTo(new Length(1));
        assertThat(Bow.rising(BowForm.ELLIPSE, span, half).length()).isEqualTo(at.length());
    }

    @ParameterizedTest
    @DisplayName("Hipparchus: the complete elliptic integral of the second kind; Ramanujan is at most 0.041 % short")
    @CsvSource({"1, 1, 1e-9", "1, 0.5, 1e-7", "1, 0.2, 2e-5", "1, 0.05, 1.5e-4", "0.6, 1.5, 1e-7", "1, 0.0001, 4.1e-4"})
    void ramanujansErrorIsAsStated(double half, double rise, double error) {
        double longer = Math.max(half, rise);
        double shorter = Math.min(half, rise);
        double exact = 2 * longer * LegendreEllipticIntegral.bigE(1 - shorter * shorter / (longer * longer));
        double told = new EllipseLine(half, rise).length();
        assertThat((exact - told) / exact).isBetween(-1e-12, error);
    }

    @Test
    @DisplayName("Closed form: full shoulders are arcs of a 3-4-5 triangle, radii span / 4 and 2/3 span")
    void shouldersTurnByATriangle() {
        Bow bow = Bow.rising(BowForm.SHOULDERED, Length.metres(2), Length.metres(1));
        double arched = 2 * 0.5 * Math.atan2(4, 3) + 2 * 4 / 3.0 * Math.atan2(3, 4);
        assertThat(bow.tightest()).isEqualTo(Length.metres(0.5));
        assertThat(bow.legs().metres()).isCloseTo(1 / 3.0, within(MICROMETRE));
        assertThat(bow.length().metres()).isCloseTo(arched + 2 / 3.0, within(MICROMETRE));
    }

    @ParameterizedTest
    @DisplayName("Numerical integration: the length of its drawn line, on legs and without")
    @EnumSource(BowForm.class)
    void theLengthIsThatOfTheLine(BowForm form) {
        for (double rise : List.of(0.1, 0.39, 0.41, 0.6, 0.61, 1.4)) {
            BowLine line = form.line(0.6, rise);
            assertThat(alongThe(line.places(4000))).isCloseTo(line.length(), within(4.2e-4 * line.length()));
            assertThat(alongThe(line.places(4000))).isLessThan(line.length() * (1 + 4.1e-4));
        }
    }

    @Test
    @DisplayName("Numerical integration (Legendre-Gauss) of a bow's arc by its height over the span")
    void anArcsLengthIsItsIntegral() {
        double radius = (0.36 + 0.09) / 0.6;
        double integral = new IterativeLegendreGaussIntegrator(10, 1e-12, 1e-12)
                .integrate(100_000, x -> radius / Math.sqrt(radius * radius - x * x), -0.6, 0.6);
        assertThat(BowForm.CIRCLE.line(0.6, 0.3).length()).isCloseTo(integral, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(BowForm.class)
    void aPipeRisesAsHighAsTheBowItWasCutFor(BowForm form) {
        for (double rise : List.of(0.1, 0.399, 0.4, 0.401, 0.6, 0.9, 2.5)) {
            Length high = Length.metres(rise);
            Length cut = Bow.rising(form, Length.metres(1.2), high).length();
            Bow bow = Bow.ofLength(form, Length.metres(1.2), cut).orElseThrow();
            assertThat(bow.rise().metres()).isCloseTo(rise, within(1e-5));
        }
    }

    @ParameterizedTest
    @EnumSource(BowForm.class)
    void itRunsFromFootToFootRoundToTheRightOnly(BowForm form) {
        for (double rise : List.of(0.2, 0.5, 1.3)) {
            List<Point> places =
                    Bow.rising(form, Length.metres(1), Length.metres(rise)).places();
            Coordinate[] line = places.stream()
                    .map(place -> new Coordinate(place.x().metres(), place.y().metres()))
                    .toArray(Coordinate[]::new);
            assertThat(line[0].distance(new Coordinate(-0.5, 0))).isLessThan(2e-6);
            assertThat(line[line.length - 1].distance(new Coordinate(0.5, 0))).isLessThan(2e-6);
            for (int i = 2; i < line.length; i++) {
                assertThat(Orientation.index(line[i - 2], line[i - 1], line[i]))
                        .isNotEqualTo(Orientation.COUNTERCLOCKWISE);
            }
        }
    }

    @Test
    void aPipeNoLongerThanItsSpanMakesNoBow() {
        Length span = Length.feet(4);
        assertThat(Bow.ofLength(BowForm.CIRCLE, span, span)).isEmpty();
        assertThat(Bow.ofLength(BowForm.CIRCLE, span, Length.ZERO)).isEmpty();
        assertThat(Bow.ofLength(BowForm.CIRCLE, span, span.plus(Length.millimetres(1))))
                .isPresent();
        assertThatThrownBy(() -> Bow.rising(BowForm.CIRCLE, Length.ZERO, span))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static double alongThe(List<Coordinate> places) {
        double length = 0;
        for (int i = 1; i < places.size(); i++) {
            length += places.get(i - 1).distance(places.get(i));
        }
        return length;
    }
}
