package fairacre.water;

import fairacre.measure.Volume;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * Follows a barrel under a roof day by day: what the roof brings, what runs over, and what the beds on it draw. The
 * beds are watered, and their soil filled, when they have taken up what they readily take, or when what the barrel
 * holds just makes it up (the water balance of FAO-56, equation 85, without what runs off or rises). The barrel runs
 * dry on a day on which it can't keep them from wanting for water. It begins full on the first of January.
 */
final class BarrelDays {

    private static final int MONTHS = Climate.MONTHS;
    private static final int HALVES = 2 * MONTHS;
    private static final double LOW = 0.1;
    private static final double MIDDLE = 0.5;
    private static final double HIGH = 0.9;

    private final Roof roof;
    private final double holds;
    private final Demand demand;
    private final double[] wanted = new double[MONTHS];
    private final double[] overflows = new double[MONTHS];
    private final int[] dryYears = new int[MONTHS];
    private double level;
    /** What the soil has lost, millimetres; and what it would have lost if the barrel were never empty. */
    private double lost;

    private double plenty;

    /**
     * What hangs on a barrel.
     *
     * @param litresAMillimetre that are drawn so that the soil of all beds gets a millimetre; 0 without beds
     * @param soil that dries out first
     * @param open share of the rain that reaches the beds, 0 to 1
     */
    record Demand(double litresAMillimetre, RootSoil soil, double open) {}

    private BarrelDays(Roof roof, Volume holds, Demand demand) {
        this.roof = roof;
        this.holds = holds.litres();
        this.demand = demand;
        this.level = this.holds;
    }

    static BarrelYear follow(
            UUID barrel,
            Roof roof,
            Volume holds,
            Demand demand,
            List<MonthNormals> normals,
            List<List<DailyWeather.Day>> years) {
        return new BarrelDays(roof, holds, demand).run(barrel, normals, years);
    }

    private BarrelYear run(UUID barrel, List<MonthNormals> normals, List<List<DailyWeather.Day>> years) {
        double[][] means = new double[HALVES][years.size()];
        for (int year = 0; year < years.size(); year++) {
            int[] days = new int[HALVES];
            boolean[] dry = new boolean[MONTHS];
            for (DailyWeather.Day day : years.get(year)) {
                dry[day.month() - 1] |= !pass(day);
                means[day.half()][year] += level;
                days[day.half()]++;
            }
            for (int half = 0; half < HALVES; half++) {
                means[half][year] /= days[half];
            }
            IntStream.range(0, MONTHS).filter(month -> dry[month]).forEach(month -> dryYears[month]++);
        }
        return new BarrelYear(
                barrel,
                IntStream.range(0, MONTHS)
                        .mapToObj(i -> new BarrelYear.Month(
                                i + 1,
                                Volume.litres(roof.litres(normals.get(i).rain())),
                                Volume.litres(wanted[i] / years.size()),
                                Volume.litres(overflows[i] / years.size()),
                                dryYears[i],
                                2 * dryYears[i] >= years.size()))
                        .toList(),
                Arrays.stream(means).map(BarrelDays::level).toList(),
                years.size());
    }

    /** Whether the beds get what they want. */
    private boolean pass(DailyWeather.Day day) {
        int month = day.month() - 1;
        level += roof.litres(day.rain());
        overflows[month] += Math.max(0, level - holds);
        level = Math.min(level, holds);
        if (day.use() <= 0) {
            lost = 0;
            plenty = 0;
            return true;
        }
        double readily = demand.soil().readily(day.use());
        plenty = after(plenty, day);
        if (plenty >= readily) {
            wanted[month] += plenty * demand.litresAMillimetre();
            plenty = 0;
        }
        lost = after(lost, day);
        double wish = lost * demand.litresAMillimetre();
        if (wish > 0 && (lost >= readily || wish >= level)) {
            double given = Math.min(wish, level);
            level -= given;
            lost -= lost * given / wish;
        }
        return wish <= 0 || lost < readily;
    }

    /** What the soil has lost at the end of a day. */
    private double after(double before, DailyWeather.Day day) {
        return Math.min(demand.soil().store(), Math.max(0, before + day.use() - demand.open() * day.rain()));
    }

    static BarrelYear.Level level(double[] years) {
        double[] sorted = years.clone();
        Arrays.sort(sorted);
        return new BarrelYear.Level(quantile(sorted, LOW), quantile(sorted, MIDDLE), quantile(sorted, HIGH));
    }

    /** Between the two years next to it, by its distance from each. */
    private static Volume quantile(double[] sorted, double share) {
        double at = share * (sorted.length - 1);
        int below = (int) Math.floor(at);
        int above = Math.min(sorted.length - 1, below + 1);
        return Volume.litres(sorted[below] + (at - below) * (sorted[above] - sorted[below]));
    }
}
