package fairacre.sun;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.IntStream;
import net.e175.klaus.solarpositioning.DeltaT;
import net.e175.klaus.solarpositioning.SPA;
import net.e175.klaus.solarpositioning.SolarPosition;

/** Where the sun stands in the sky. Angles are in radians. */
final class SunTrack {

    /** A day is looked at so often: hours of sun are right within one step. */
    static final int MINUTES = 10;

    private static final int A_DAY = 24 * 60;
    private static final int HALF_AN_HOUR = 30;
    /** By which the sun is later for each degree further west. */
    private static final double SECONDS_A_DEGREE = 240;

    /** Air pressure in hPa and temperature in degrees Celsius for the bending of light near the horizon. */
    private static final double PRESSURE = 1010;

    private static final double TEMPERATURE = 10;

    private SunTrack() {}

    /**
     * A place of the sun in the sky.
     *
     * @param altitude above the horizon as it is seen
     * @param azimuth clockwise from north
     */
    record Place(double altitude, double azimuth) {}

    /**
     * @param latitude degrees, north positive
     * @param longitude degrees, east positive
     */
    static Place at(ZonedDateTime time, double latitude, double longitude) {
        SolarPosition sun = SPA.calculateSolarPosition(
                time, latitude, longitude, 0, DeltaT.estimate(time.toLocalDate()), PRESSURE, TEMPERATURE);
        return new Place(Math.toRadians(90 - sun.zenithAngle()), Math.toRadians(sun.azimuth()));
    }

    /** Through a day from midnight to midnight of the sun's own time, while it is up, one for each step. */
    static List<Place> of(LocalDate day, double latitude) {
        ZonedDateTime midnight = day.atStartOfDay(ZoneOffset.UTC);
        return IntStream.range(0, A_DAY / MINUTES)
                .mapToObj(i -> at(midnight.plusMinutes(i * MINUTES + MINUTES / 2), latitude, 0))
                .filter(place -> place.altitude > 0)
                .toList();
    }

    /**
     * A moment.
     *
     * @param minute of the sun's own time since midnight
     */
    record Moment(int minute, Place place) {}

    /** Every half-hour of the sun's own time while it is up. */
    static List<Moment> halfHours(LocalDate day, double latitude) {
        ZonedDateTime midnight = day.atStartOfDay(ZoneOffset.UTC);
        return IntStream.range(0, A_DAY / HALF_AN_HOUR)
                .map(i -> i * HALF_AN_HOUR)
                .mapToObj(minute -> new Moment(minute, at(midnight.plusMinutes(minute), latitude, 0)))
                .filter(moment -> moment.place.altitude > 0)
                .toList();
    }

    /**
     * What a clock shows at a minute of the sun's mean time, minutes since its midnight.
     *
     * @param east longitude, degrees
     */
    static int clock(LocalDate day, int minute, double east, String zone) {
        ZonedDateTime time = day.atStartOfDay(ZoneOffset.UTC)
                .plusSeconds(Math.round(minute * 60.0 - east * SECONDS_A_DEGREE))
                .withZoneSameInstant(ZoneId.of(zone));
        return time.getHour() * 60 + time.getMinute();
    }
}
