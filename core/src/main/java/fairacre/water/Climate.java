package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.time.LocalDate;
import java.time.Month;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * The weather that is usual where the garden is, and the months in which vegetables grow there. Its latitude is the
 * site's.
 *
 * @param name where it was measured
 * @param elevation above the sea, -500 to 6000 m
 * @param firstMonth in which beds are sown and planted, 1 to 12
 * @param lastMonth in which they are cleared; before the first one where it lies in the next year
 * @param months January to December
 */
public record Climate(
        UUID id, String name, Length elevation, int firstMonth, int lastMonth, List<MonthNormals> months) {

    static final int MONTHS = 12;
    private static final int FIRST = 4;
    private static final int LAST = 10;
    private static final Length LOWEST = Length.metres(-500);
    private static final Length HIGHEST = Length.metres(6000);

    public Climate {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.between(elevation, LOWEST, HIGHEST, "elevation");
        Limits.between(firstMonth, 1, MONTHS, "firstMonth");
        Limits.between(lastMonth, 1, MONTHS, "lastMonth");
        Limits.atMost(MONTHS, months, "months");
        if (months.size() < MONTHS) {
            throw new RefusedException(
                    "months", "there are only " + months.size() + " months", "give all twelve, January first");
        }
        months = List.copyOf(months);
    }

    /** The growing months to begin with: April to October, or half a year on in the south (common practice). */
    public static int firstMonth(double latitude) {
        return latitude < 0 ? LAST : FIRST;
    }

    public static int lastMonth(double latitude) {
        return latitude < 0 ? FIRST : LAST;
    }

    /** The month with the coldest usual night, if that is below zero. */
    Optional<Month> coldest() {
        return IntStream.rangeClosed(1, MONTHS)
                .boxed()
                .min(Comparator.comparingDouble(month -> months.get(month - 1).lowest()))
                .filter(month -> months.get(month - 1).lowest() < 0)
                .map(Month::of);
    }

    /** Share of the growing months that is over on a day, 0 to 1; negative outside them. */
    double grown(LocalDate day) {
        int since = Math.floorMod(day.getMonthValue() - firstMonth, MONTHS);
        double month = (day.getDayOfMonth() - 0.5) / day.lengthOfMonth();
        return since < growing() ? (since + month) / growing() : -1;
    }

    /** So many months things grow, the first and the last counted. */
    int growing() {
        return Math.floorMod(lastMonth - firstMonth, MONTHS) + 1;
    }
}
