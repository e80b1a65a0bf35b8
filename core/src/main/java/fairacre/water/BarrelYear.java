package fairacre.water;

import fairacre.measure.Volume;
import java.util.List;
import java.util.UUID;

/**
 * How a barrel under a roof fares over the year: by the usual month, and over {@link DailyWeather#YEARS} years of days.
 *
 * @param months January to December
 * @param levels what it holds in each half-month of the year, January first
 * @param years so many were tried
 */
public record BarrelYear(UUID barrel, List<Month> months, List<Level> levels, int years) {

    public BarrelYear {
        months = List.copyOf(months);
        levels = List.copyOf(levels);
    }

    /**
     * A usual month, and what becomes of it.
     *
     * @param comes from the roof with the usual rain
     * @param wanted by the beds that hang on the barrel, on the mean of the years, if they got all of it
     * @param overflows on the mean of the years
     * @param dryYears in so many of the years the beds want for water on some day
     * @param usuallyDry whether that is half of the years or more
     */
    public record Month(int month, Volume comes, Volume wanted, Volume overflows, int dryYears, boolean usuallyDry) {}

    /** In one of ten years it holds no more than {@code low}, in half of them the middle, in nine of ten the high. */
    public record Level(Volume low, Volume middle, Volume high) {}

    /** Whether it runs dry in some month in half of the years or more. */
    boolean isUsuallyDry() {
        return months.stream().anyMatch(Month::usuallyDry);
    }
}
