package fairacre.sun;

import java.time.LocalDate;
import java.util.List;

/**
 * A day on which the sun is followed.
 *
 * @param track where the sun stands while it is up
 * @param seen of that, what the horizon does not hide
 * @param bare whether leaves are down
 */
record SunDay(LocalDate date, List<SunTrack.Place> track, List<SunTrack.Place> seen, boolean bare) {

    /** Steps of the day, each by the sine of the sun's height. */
    double onTheLevel() {
        return track.stream().mapToDouble(place -> Math.sin(place.altitude())).sum();
    }
}
