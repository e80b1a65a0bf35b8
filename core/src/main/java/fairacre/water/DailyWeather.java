package fairacre.water;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.random.RandomDataGenerator;

/**
 * Days of weather as they might be where the normals are these: always the same ones for the same normals.
 *
 * <p>Whether it rains goes by whether it rained the day before (a Markov chain of two states), and how much by a gamma
 * distribution; both from the month's rain and rainy days by the equations of Geng, Penning de Vries and Supit (1986, A
 * simple method for generating daily rainfall data, Agricultural and Forest Meteorology 36; from memory): rain after a
 * dry day comes with 0.75 of the share of rainy days, after a rainy day with 0.25 more than that; the scale of the
 * gamma distribution is 1.83 times the mean of a rainy day less 2.16. Where rainy days are not known, a rainy day
 * brings 6 mm (a rough guess). On rainy days plants give off 0.6 of what they do on dry ones (a rough guess), so that
 * the month's mean stays.
 */
public final class DailyWeather {

    /** So many years are tried. */
    public static final int YEARS = 30;

    private static final int FIRST_YEAR = 2001;
    private static final long SEED = 19_370_501;
    /** Millimetres. */
    private static final double USUAL_RAINY_DAY = 6;

    private static final double AFTER_DRY = 0.75;
    private static final double MORE_AFTER_RAIN = 0.25;
    private static final double SCALE = 1.83;
    private static final double SCALE_LESS = 2.16;
    /** For very little rain the equation for the scale ends; a rainy day then varies by so little, millimetres. */
    private static final double LEAST_SCALE = 0.5;

    private static final double RAINY_USE = 0.6;

    private DailyWeather() {}

    /**
     * @param month 1 to 12
     * @param half 0 to 23, the half-month of the year: up to the 15th, and after
     * @param rain millimetres
     * @param use what vegetables would give off, millimetres; 0 outside the growing months
     */
    public record Day(int month, int half, double rain, double use) {}

    /**
     * One of the years.
     *
     * @param latitude degrees, 66 at most to either side
     * @param index 0 for the first of them
     */
    public static List<Day> year(Climate climate, double latitude, int index) {
        return years(climate, WaterNeed.of(climate, latitude).orElseThrow(), index + 1)
                .get(index);
    }

    /** Years of days, one year after the other. */
    static List<List<Day>> years(Climate climate, List<MonthNeed> needs, int count) {
        RandomDataGenerator chance = new RandomDataGenerator(SEED);
        List<List<Day>> years = new ArrayList<>();
        boolean rained = false;
        for (int year = 0; year < count; year++) {
            List<Day> days = new ArrayList<>();
            LocalDate end = LocalDate.of(FIRST_YEAR + year, 12, 31);
            for (LocalDate date = LocalDate.of(FIRST_YEAR + year, 1, 1); !date.isAfter(end); date = date.plusDays(1)) {
                int month = date.getMonthValue();
                MonthNormals normals = climate.months().get(month - 1);
                double rainy = rainyShare(normals, month);
                rained = chance.nextUniform(0, 1) < AFTER_DRY * rainy + (rained ? MORE_AFTER_RAIN : 0);
                double rain = rained ? rain(normals.rain() / (rainy * WaterNeed.days(month)), chance) : 0;
                days.add(new Day(
                        month,
                        2 * (month - 1) + (date.getDayOfMonth() > 15 ? 1 : 0),
                        rain,
                        use(needs.get(month - 1), rainy, rained)));
            }
            years.add(days);
        }
        return years;
    }

    /** Of the days of a month. */
    private static double rainyShare(MonthNormals normals, int month) {
        double days = WaterNeed.days(month);
        double rainy = normals.rainyDays().orElse(normals.rain() / USUAL_RAINY_DAY);
        return normals.rain() <= 0 ? 0 : Math.max(1 / days, Math.min(1, rainy / days));
    }

    private static double rain(double meanOfRainyDay, RandomDataGenerator chance) {
        double scale = Math.max(LEAST_SCALE, SCALE * meanOfRainyDay - SCALE_LESS);
        return chance.nextGamma(meanOfRainyDay / scale, scale);
    }

    private static double use(MonthNeed need, double rainy, boolean rained) {
        double dry = need.reference() * need.crop() / (1 - (1 - RAINY_USE) * rainy);
        return rained ? RAINY_USE * dry : dry;
    }
}
