package fairacre.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static tech.units.indriya.unit.Units.CUBIC_METRE;
import static tech.units.indriya.unit.Units.METRE;
import static tech.units.indriya.unit.Units.SQUARE_METRE;

import javax.measure.Unit;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTest {

    @ParameterizedTest
    @DisplayName("centimetres of a table in inches as they are said (1 in = 2.54 cm exactly, NIST Handbook 44)")
    @CsvSource({
        "0.3, 0.125",
        "0.6, 0.25",
        "1.3, 0.5",
        "2, 0.75",
        "2.5, 1",
        "5, 2",
        "7.5, 3",
        "10, 4",
        "15, 6",
        "20, 8",
        "30, 12",
        "45, 18",
        "60, 24",
        "75, 30",
        "90, 36",
        "120, 48",
        "0.01, 0.125",
        "0, 0"
    })
    void rounded(double centimetres, double inches) {
        Length exact = Length.metres(centimetres / 100);
        assertThat(Units.FEET_AND_INCHES.round(exact)).isEqualTo(Length.inches(inches));
        assertThat(Units.METRIC.round(exact)).isEqualTo(exact);
        assertThat(Units.FEET_AND_INCHES.round(Length.inches(inches))).isEqualTo(Length.inches(inches));
    }

    /** The international foot, built up in the units library from its definition of 1959: 0.3048 m. */
    private static final Unit<javax.measure.quantity.Length> FOOT =
            METRE.multiply(3048).divide(10_000);

    @ParameterizedTest(name = "{0} in [Indriya units library]")
    @ValueSource(doubles = {0, 0.125, 1, 5.5, 42, 480})
    void inchesAgreeWithAnIndependentUnitsLibrary(double inches) {
        double metres = FOOT.divide(12).getConverterTo(METRE).convert(inches);
        assertThat(Length.inches(inches).metres()).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest(name = "{0} sq ft [Indriya units library]")
    @ValueSource(doubles = {1, 32, 500, 2400})
    void squareFeetAgreeWithAnIndependentUnitsLibrary(double squareFeet) {
        double squareMetres = FOOT.pow(2)
                .asType(javax.measure.quantity.Area.class)
                .getConverterTo(SQUARE_METRE)
                .convert(squareFeet);
        assertThat(Area.squareMetres(squareMetres).squareFeet()).isCloseTo(squareFeet, within(0.0006));
    }

    @ParameterizedTest(name = "{0} cu ft [Indriya units library]")
    @ValueSource(doubles = {1, 18, 42.4, 270})
    void cubicFeetAgreeWithAnIndependentUnitsLibrary(double cubicFeet) {
        double cubicMetres = FOOT.pow(3)
                .asType(javax.measure.quantity.Volume.class)
                .getConverterTo(CUBIC_METRE)
                .convert(cubicFeet);
        assertThat(Volume.cubicFeet(cubicFeet).cubicMetres()).isCloseTo(cubicMetres, within(1e-6));
    }

    @Test
    @DisplayName("27 cubic feet are a cubic yard [derived]")
    void cubicYards() {
        assertThat(Volume.cubicFeet(27).cubicYards()).isCloseTo(1, within(1e-6));
    }

    @Test
    void inchesEighthsAndMillimetresAreExact() {
        assertThat(Length.inches(1)).isEqualTo(new Length(25_400));
        assertThat(Length.inches(0.125)).isEqualTo(new Length(3_175));
        assertThat(Length.millimetres(1)).isEqualTo(new Length(1_000));
        assertThat(Length.inches(42).exactMetres()).hasToString("1.0668");
        assertThat(Length.metres(100).exactMetres()).hasToString("100");
    }

    @Test
    void whatIsNoMeasureIsRefused() {
        assertThatThrownBy(() -> Length.metres(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Area(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Volume(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Length(Long.MAX_VALUE).plus(new Length(1)))
                .isInstanceOf(ArithmeticException.class);
    }

    @Test
    void halfRoundsDown() {
        assertThat(new Length(3).half()).isEqualTo(new Length(1));
        assertThat(new Length(-3).half()).isEqualTo(new Length(-2));
    }
}
