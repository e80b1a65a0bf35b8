package fairacre.frost;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.LocalDate;
import java.time.MonthDay;

/**
 * How the day of a frost differs from year to year. A frost is 0 degrees Celsius in the air.
 *
 * @param early before this day it comes in one year of ten
 * @param middle before this day it comes in five years of ten
 * @param late before this day it comes in nine years of ten
 */
public record FrostSpread(MonthDay early, MonthDay middle, MonthDay late) {

    /** No frost differs by more, days. */
    private static final int MOST = 180;

    private static final int COMMON_YEAR = 2001;
    private static final int FORTNIGHT = 14;
    static final int DAYS = 365;

    public FrostSpread {
        Limits.present(early, "early");
        Limits.present(middle, "middle");
        Limits.present(late, "late");
        inOrder(early, middle, "middle");
        inOrder(middle, late, "late");
    }

    private static void inOrder(MonthDay first, MonthDay second, String field) {
        if (days(first, second) > MOST) {
            throw new RefusedException(
                    field, "it comes before the day that stands before it", "give the days in their order");
        }
    }

    /** Days. */
    public int middleToLate() {
        return days(middle, late);
    }

    /** Two weeks earlier or later in one year of ten (a rough guess). */
    static FrostSpread around(MonthDay middle) {
        int day = middle.atYear(COMMON_YEAR).getDayOfYear();
        return new FrostSpread(dayOfYear(day - FORTNIGHT), middle, dayOfYear(day + FORTNIGHT));
    }

    /** @param day of a common year, counted on into the next or back into the one before */
    static MonthDay dayOfYear(int day) {
        return MonthDay.from(LocalDate.ofYearDay(COMMON_YEAR, Math.floorMod(day - 1, DAYS) + 1));
    }

    /** From one day of the year on to the next other, 0 to 364. */
    static int days(MonthDay from, MonthDay to) {
        return Math.floorMod(
                to.atYear(COMMON_YEAR).getDayOfYear() - from.atYear(COMMON_YEAR).getDayOfYear(), DAYS);
    }
}
