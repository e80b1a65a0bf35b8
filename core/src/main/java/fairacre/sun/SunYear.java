package fairacre.sun;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/** The days of the year on which the sun is followed, and what they are where the garden is. */
final class SunYear {

    private static final int FIRST_HALF = 8;
    private static final int SECOND_HALF = 23;
    private static final int MONTHS = 12;
    /** Leaves are down from November to March, in the south from May to September (common practice). */
    private static final List<Integer> BARE = List.of(11, 12, 1, 2, 3);

    private static final List<Integer> GROWING = List.of(4, 5, 6, 7, 8, 9);

    private static final int HALF_A_YEAR = 6;

    private final boolean north;

    SunYear(double latitude) {
        this.north = latitude >= 0;
    }

    /** The middle day of each half-month of a calendar year. */
    static List<LocalDate> days(int year) {
        return IntStream.rangeClosed(1, MONTHS)
                .boxed()
                .flatMap(month -> IntStream.of(FIRST_HALF, SECOND_HALF).mapToObj(day -> LocalDate.of(year, month, day)))
                .toList();
    }

    /** Whether leaves are down. */
    boolean isBare(LocalDate day) {
        return BARE.contains(asInTheNorth(day.getMonthValue()));
    }

    boolean isGrowing(LocalDate day) {
        return GROWING.contains(asInTheNorth(day.getMonthValue()));
    }

    private int asInTheNorth(int month) {
        return north ? month : (month + HALF_A_YEAR - 1) % MONTHS + 1;
    }
}
