package fairacre.frost;

import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** The frosts of a garden: those that were noted, else those by the normals of its weather, else a guess. */
public final class FrostCalendar {

    /**
     * Half of the last frosts come before the day on which the mean of the lowest temperatures passes this, and half of
     * the first ones before it falls below it, degrees Celsius (a rough guess, tried on places whose days are known).
     */
    private static final double FREEZING = 6;

    private static final MonthDay NORTH_LAST = MonthDay.of(5, 1);
    private static final MonthDay NORTH_FIRST = MonthDay.of(10, 10);
    private static final MonthDay SOUTH_LAST = MonthDay.of(11, 1);
    private static final MonthDay SOUTH_FIRST = MonthDay.of(4, 10);
    /** In a shorter time without frost nothing grows, days. */
    private static final int SHORTEST = 30;
    /** Where it never freezes the year of the garden begins here: in the coldest weeks. */
    private static final MonthDay NORTH_COLDEST = MonthDay.of(1, 20);

    private static final MonthDay SOUTH_COLDEST = MonthDay.of(7, 20);

    /** What the days are taken from. */
    public enum Basis {
        NOTED,
        WEATHER,
        GUESS
    }

    private record Frosts(Basis basis, Optional<FrostSpread> last, Optional<FrostSpread> first) {}

    private final MonthDay yearBegins;
    private final boolean south;
    private final Frosts frosts;

    private FrostCalendar(Plan plan) {
        this.yearBegins = plan.yearBegins();
        this.south = plan.site().latitude() < 0;
        this.frosts = FrostKinds.frosts(plan)
                .map(noted -> new Frosts(Basis.NOTED, noted.last(), noted.first()))
                .orElseGet(() -> unnoted(plan));
    }

    public static FrostCalendar of(Plan plan) {
        return new FrostCalendar(plan);
    }

    /** What holds until something is noted. */
    private Frosts unnoted(Plan plan) {
        return Warmth.of(plan).flatMap(FrostCalendar::byWeather).orElseGet(() -> {
            FrostSpread last = FrostSpread.around(south ? SOUTH_LAST : NORTH_LAST);
            FrostSpread first = FrostSpread.around(south ? SOUTH_FIRST : NORTH_FIRST);
            return new Frosts(Basis.GUESS, Optional.of(last), Optional.of(first));
        });
    }

    /** By the longest stretch of warm nights; empty where there is none in which anything grows. */
    private static Optional<Frosts> byWeather(Warmth warmth) {
        boolean[] warm = new boolean[FrostSpread.DAYS];
        for (int day = 0; day < warm.length; day++) {
            warm[day] = warmth.lowest(FrostSpread.dayOfYear(day + 1)) >= FREEZING;
        }
        int longest = 0;
        int since = 0;
        int run = 0;
        for (int day = 0; day < 2 * warm.length; day++) {
            run = warm[day % warm.length] ? run + 1 : 0;
            if (run > longest) {
                longest = run;
                since = day - run + 1;
            }
        }
        if (longest >= warm.length) {
            return Optional.of(new Frosts(Basis.WEATHER, Optional.empty(), Optional.empty()));
        }
        return longest < SHORTEST
                ? Optional.empty()
                : Optional.of(new Frosts(
                        Basis.WEATHER,
                        Optional.of(FrostSpread.around(FrostSpread.dayOfYear(since + 1))),
                        Optional.of(FrostSpread.around(FrostSpread.dayOfYear(since + 1 + longest)))));
    }

    public Basis basis() {
        return frosts.basis();
    }

    /** The last frost of spring; empty where it never freezes. */
    public Optional<FrostSpread> last() {
        return frosts.last();
    }

    /** The first frost of autumn; empty where it never freezes. */
    public Optional<FrostSpread> first() {
        return frosts.first();
    }

    /** The day of a season on which spring is counted from: its last frost in five years of ten. */
    public LocalDate spring(int season) {
        MonthDay coldest = south ? SOUTH_COLDEST : NORTH_COLDEST;
        return inSeason(last().map(FrostSpread::middle).orElse(coldest), season);
    }

    /** A day of the year in a season of the garden. */
    public LocalDate inSeason(MonthDay day, int season) {
        LocalDate sameYear = day.atYear(season);
        return Plan.season(sameYear, yearBegins) == season ? sameYear : day.atYear(season + 1);
    }

    /** The same day of the year, next after a day. */
    public static LocalDate next(MonthDay day, LocalDate after) {
        LocalDate sameYear = day.atYear(after.getYear());
        return sameYear.isAfter(after) ? sameYear : day.atYear(after.getYear() + 1);
    }

    /** By which of the days of frost comes next after a day. */
    public FrostRisk risk(LocalDate day) {
        if (last().isEmpty() || first().isEmpty()) {
            return FrostRisk.NONE;
        }
        FrostSpread spring = last().get();
        FrostSpread autumn = first().get();
        // Of days that fall together the later stage of the season counts, so the stages stand backwards.
        return Stream.of(
                        new Stage(autumn.late(), FrostRisk.AUTUMN_OFTEN),
                        new Stage(autumn.middle(), FrostRisk.AUTUMN_RARELY),
                        new Stage(autumn.early(), FrostRisk.NONE),
                        new Stage(spring.late(), FrostRisk.SPRING_RARELY),
                        new Stage(spring.middle(), FrostRisk.SPRING_OFTEN),
                        new Stage(spring.early(), FrostRisk.WINTER))
                .min(Comparator.comparing(stage -> next(stage.until(), day)))
                .map(Stage::risk)
                .orElseThrow();
    }

    private record Stage(MonthDay until, FrostRisk risk) {}
}
