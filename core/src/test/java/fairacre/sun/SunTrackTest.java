package fairacre.sun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.shredzone.commons.suncalc.SunTimes;

class SunTrackTest {

    @Test
    @DisplayName(
            "17 October 2003, 12:30:30 UTC-7 near Golden: zenith 50.11162, azimuth 194.34024 (NREL/TP-560-34302, appendix A.5)")
    void theWorkedExample() {
        ZonedDateTime time = ZonedDateTime.of(2003, 10, 17, 12, 30, 30, 0, ZoneOffset.ofHours(-7));
        SunTrack.Place sun = SunTrack.at(time, 39.742476, -105.1786);
        assertThat(90 - Math.toDegrees(sun.altitude())).isCloseTo(50.11162, within(0.01));
        assertThat(Math.toDegrees(sun.azimuth())).isCloseTo(194.34024, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"2028-03-20, 0", "2028-06-21, 23.44", "2028-09-22, 0", "2028-12-21, -23.44"})
    @DisplayName("at noon the sun stands 90 - |latitude - declination| high: closed form at solstices and equinoxes")
    void noon(String day, double declination) {
        for (double latitude : new double[] {-52, -23, 0, 12, 40, 61}) {
            double highest = SunTrack.of(LocalDate.parse(day), latitude).stream()
                    .mapToDouble(place -> Math.toDegrees(place.altitude()))
                    .max()
                    .orElseThrow();
            // Ten minutes are at most 1.25 degrees of the sun's way from noon: high up that is some tenths.
            assertThat(highest).isCloseTo(90 - Math.abs(latitude - declination), within(1.0));
        }
    }

    @ParameterizedTest
    @CsvSource({"0", "35", "-35", "52", "60", "-47"})
    @DisplayName(
            "length of the day within 20 minutes of that of commons-suncalc, which leaves out the bending of light")
    void dayLength(double latitude) {
        for (int month = 1; month <= 12; month++) {
            LocalDate day = LocalDate.of(2028, month, 15);
            SunTimes times = SunTimes.compute()
                    .on(day.atStartOfDay(ZoneOffset.UTC))
                    .at(latitude, 0)
                    .twilight(SunTimes.Twilight.HORIZON)
                    .execute();
            double hours =
                    java.time.Duration.between(times.getRise(), times.getSet()).toSeconds() / 3600.0;
            assertThat(SunTrack.of(day, latitude).size() * SunTrack.MINUTES / 60.0)
                    .isCloseTo(hours, within(1.0 / 3));
        }
    }

    @Test
    void inThePolarNightThereIsNoSunAndInSummerItStaysUp() {
        assertThat(SunTrack.of(LocalDate.of(2028, 12, 21), 78)).isEmpty();
        assertThat(SunTrack.of(LocalDate.of(2028, 6, 21), 78)).hasSize(24 * 60 / SunTrack.MINUTES);
    }
}
