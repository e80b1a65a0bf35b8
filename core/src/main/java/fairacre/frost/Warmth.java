package fairacre.frost;

import fairacre.frost.WarmthSource.MonthWarmth;
import fairacre.parts.Parts;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * How warm it usually is on a day: between the middles of the months it runs straight.
 *
 * <p>The soil where seed lies is taken to be as warm as the air is in the mean of day and night (FAO-56, on equation
 * 43: the temperature of the soil follows that of the air).
 */
public final class Warmth {

    private static final int MIDDLE = 15;
    private static final int MONTHS = 12;

    private final List<MonthWarmth> months;

    private Warmth(List<MonthWarmth> months) {
        this.months = months;
    }

    /** Empty where nothing is known of the weather. */
    public static Optional<Warmth> of(Plan plan) {
        List<MonthWarmth> months = Parts.bringing(WarmthSource.class).stream()
                .flatMap(source -> source.warmth(plan).stream())
                .toList();
        return months.size() == MONTHS ? Optional.of(new Warmth(months)) : Optional.empty();
    }

    /** Degrees Celsius. */
    public double soil(MonthDay day) {
        return on(day, MonthWarmth::mean);
    }

    /** In the middle of a month, degrees Celsius. */
    public double soil(Month month) {
        return months.get(month.getValue() - 1).mean();
    }

    /** The first day, from one on, on which the soil is so warm; empty if it isn't within a year. */
    public Optional<LocalDate> soilReaches(double celsius, LocalDate from) {
        return Stream.iterate(from, day -> day.plusDays(1))
                .limit(FrostSpread.DAYS)
                .filter(day -> soil(MonthDay.from(day)) >= celsius)
                .findFirst();
    }

    /** Mean of the days' lowest temperatures, degrees Celsius. */
    double lowest(MonthDay day) {
        return on(day, MonthWarmth::lowest);
    }

    private double on(MonthDay day, ToDoubleFunction<MonthWarmth> what) {
        boolean past = day.getDayOfMonth() >= MIDDLE;
        Month from = past ? day.getMonth() : day.getMonth().minus(1);
        MonthDay middle = MonthDay.of(from, MIDDLE);
        double share =
                (double) FrostSpread.days(middle, day) / FrostSpread.days(middle, MonthDay.of(from.plus(1), MIDDLE));
        double before = what.applyAsDouble(months.get(from.getValue() - 1));
        double after = what.applyAsDouble(months.get(from.plus(1).getValue() - 1));
        return before + share * (after - before);
    }
}
