package fairacre.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.water.Evapotranspiration.Place;
import fairacre.water.Evapotranspiration.Weather;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against worked examples of FAO Irrigation and Drainage Paper 56; their figures are from memory. */
class EvapotranspirationTest {

    @Test
    @DisplayName(
            "20 degrees south on 3 September: 32.2 MJ/m² above the air, 11.7 hours of daylight [FAO 56, examples 8 and 9]")
    void radiationAndDaylight() {
        Evapotranspiration day = Evapotranspiration.on(new Place(-20, 0), 246);
        assertThat(day.radiationAboveTheAir()).isCloseTo(32.2, within(0.05));
        assertThat(day.daylight()).isCloseTo(11.7, within(0.05));
    }

    @Test
    @DisplayName("Bangkok in April: 5.7 mm a day [FAO 56, example 17]")
    void aMonthByItsMeans() {
        Weather april = new Weather(
                34.8, 25.6, OptionalDouble.of(2.85), OptionalDouble.of(2), OptionalDouble.of(8.5), 30.2 - 29.2);
        assertThat(Evapotranspiration.on(new Place(13 + 44 / 60.0, 2), 105).penmanMonteith(april))
                .isCloseTo(5.72, within(0.03));
    }

    @Test
    @DisplayName("Uccle on 6 July: 3.9 mm [FAO 56, example 18]; its wind of 10 km/h was measured 10 m up")
    void aDay() {
        double vapour = (Evapotranspiration.saturation(12.3) * 0.84 + Evapotranspiration.saturation(21.5) * 0.63) / 2;
        double wind = Evapotranspiration.windAtTwoMetres(10 / 3.6, 10);
        assertThat(wind).isCloseTo(2.078, within(0.001));
        Weather day =
                new Weather(21.5, 12.3, OptionalDouble.of(vapour), OptionalDouble.of(wind), OptionalDouble.of(9.25), 0);
        assertThat(Evapotranspiration.on(new Place(50 + 48 / 60.0, 100), 187).penmanMonteith(day))
                .isCloseTo(3.88, within(0.02));
    }

    @Test
    @DisplayName("Lyon in July from temperatures alone: 4.56 mm a day, 5.04 by Hargreaves [FAO 56, example 20]")
    void fromTemperaturesAlone() {
        Evapotranspiration july = Evapotranspiration.on(new Place(45 + 43 / 60.0, 200), 196);
        assertThat(july.penmanMonteith(Weather.ofTemperatures(26.6, 14.8))).isCloseTo(4.56, within(0.02));
        assertThat(july.hargreaves(Weather.ofTemperatures(26.6, 14.8))).isCloseTo(5.04, within(0.03));
    }

    @Test
    void nothingIsGivenOffInTheDepthOfWinter() {
        Evapotranspiration january = Evapotranspiration.on(new Place(60, 0), 15);
        assertThat(january.hargreaves(Weather.ofTemperatures(-20, -28))).isZero();
        assertThat(january.penmanMonteith(Weather.ofTemperatures(-20, -28))).isBetween(0.0, 0.2);
    }

    @ParameterizedTest
    @CsvSource({"67, 0, 1", "NaN, 0, 1", "50, 9000, 1", "50, 0, 0", "50, 0, 367"})
    void placesAndDaysThatAreNoneAreRefused(double latitude, double height, int day) {
        assertThatThrownBy(() -> Evapotranspiration.on(new Place(latitude, height), day))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void temperaturesTheWrongWayRoundAreRefused() {
        assertThatThrownBy(() -> Weather.ofTemperatures(10, 20)).hasMessageContaining("20.0 to 10.0");
        assertThatThrownBy(() -> Weather.ofTemperatures(Double.NaN, 20)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    @DisplayName(
            "Rio de Janeiro in May: 14.5 MJ reach a square metre on a day with 7.1 hours of sun [FAO 56, example 10]")
    void radiation() {
        Evapotranspiration rio = Evapotranspiration.on(new Evapotranspiration.Place(-22.9, 0), 135);
        Weather may =
                new Weather(25, 19, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.of(220.0 / 31), 0);
        assertThat(rio.radiation(may)).isCloseTo(14.5, within(0.1));
        // No more than from a clear sky (equation 37).
        Weather hot = Weather.ofTemperatures(45, 5);
        assertThat(rio.radiation(hot)).isCloseTo(0.75 * rio.radiationAboveTheAir(), within(1e-9));
    }
}
