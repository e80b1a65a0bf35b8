package fairacre.watch;

import fairacre.water.Climate;
import fairacre.water.DailyWeather;
import java.time.LocalDate;
import java.util.List;

/** A weather station that is none: a year of days that could be where the normals are those. */
public final class SimulatedStation implements WeatherStation {

    private final List<DailyWeather.Day> days;

    /**
     * @param latitude degrees, 66 at most to either side
     * @param year which of {@link DailyWeather#YEARS} years, from 0 on
     */
    public SimulatedStation(Climate climate, double latitude, int year) {
        this.days = DailyWeather.year(climate, latitude, year);
    }

    @Override
    public double rain(LocalDate date) {
        return days.get(Math.min(date.getDayOfYear(), days.size()) - 1).rain();
    }
}
