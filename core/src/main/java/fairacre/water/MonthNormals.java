package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Optional;

/**
 * What is usual in a month.
 *
 * @param lowest mean of the days' lowest temperatures, degrees Celsius, -50 to 50
 * @param highest mean of the days' highest, not below the lowest, at most 55
 * @param rain millimetres in the month, 0 to 2000
 * @param humidity mean relative humidity, per cent, 1 to 100; empty if it is not known
 * @param wind mean two metres above ground, metres a second, 0 to 20; empty if it is not known
 * @param sun hours of sunshine a day, 0 to 24; empty if they are not known
 * @param rainyDays days with rain, 0 to 31; empty if they are not known
 */
public record MonthNormals(
        double lowest,
        double highest,
        double rain,
        Optional<Double> humidity,
        Optional<Double> wind,
        Optional<Double> sun,
        Optional<Double> rainyDays) {

    private static final double COLDEST = -50;
    private static final double HOTTEST = 55;
    private static final double MOST_RAIN = 2000;
    private static final double MOST_WIND = 20;
    private static final double LONGEST_MONTH = 31;

    public MonthNormals {
        Limits.between(lowest, COLDEST, -COLDEST, "lowest");
        Limits.between(highest, COLDEST, HOTTEST, "highest");
        if (highest < lowest) {
            throw new RefusedException(
                    "highest", highest + " is below the lowest, " + lowest, "give the mean of the days' highest");
        }
        Limits.between(rain, 0, MOST_RAIN, "rain");
        humidity = humidity == null ? Optional.empty() : humidity;
        humidity.ifPresent(share -> Limits.between(share, 1, 100, "humidity"));
        wind = wind == null ? Optional.empty() : wind;
        wind.ifPresent(speed -> Limits.between(speed, 0, MOST_WIND, "wind"));
        sun = sun == null ? Optional.empty() : sun;
        sun.ifPresent(hours -> Limits.between(hours, 0, 24, "sun"));
        rainyDays = rainyDays == null ? Optional.empty() : rainyDays;
        rainyDays.ifPresent(days -> Limits.between(days, 0, LONGEST_MONTH, "rainyDays"));
    }

    /** Where only temperatures and rain are known. */
    public static MonthNormals of(double lowest, double highest, double rain) {
        return new MonthNormals(
                lowest, highest, rain, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    double mean() {
        return (lowest + highest) / 2;
    }

    /** Whether all is known that the method of Penman and Monteith asks for. */
    boolean complete() {
        return humidity.isPresent() && wind.isPresent() && sun.isPresent();
    }
}
