package fairacre.frost;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.water.Climate;
import fairacre.water.MonthNormals;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrostCalendarTest {

    private static final Plan NORTH = plot(20, 20, List.of());
    private static final FrostSpread SPRING = spread("--04-10", "--04-25", "--05-10");
    private static final FrostSpread AUTUMN = spread("--09-25", "--10-10", "--10-25");

    private static FrostSpread spread(String early, String middle, String late) {
        return new FrostSpread(MonthDay.parse(early), MonthDay.parse(middle), MonthDay.parse(late));
    }

    private static FrostCalendar noted() {
        return FrostCalendar.of(with(NORTH, Put.of(frosts("--04-10", "--04-25", "--05-10"))));
    }

    private static Plan south(Plan plan) {
        Site site = plan.site();
        return with(
                plan,
                new Change.DescribeGarden(plan.name(), plan.units(), MonthDay.of(7, 1)),
                new GroundChange.SetSite(new Site(site.corners(), 0, -38)));
    }

    private static Climate climate(int... lowestAndHighest) {
        return new Climate(
                id("Weather"),
                "Weather",
                Length.ZERO,
                4,
                10,
                IntStream.range(0, 12)
                        .mapToObj(i ->
                                MonthNormals.of(lowestAndHighest[2 * i] / 10.0, lowestAndHighest[2 * i + 1] / 10.0, 50))
                        .toList());
    }

    @ParameterizedTest
    @DisplayName("the stage of the year changes on the days that were noted, and not a day before")
    @CsvSource({
        "04-09, WINTER",
        "04-10, SPRING_OFTEN",
        "04-24, SPRING_OFTEN",
        "04-25, SPRING_RARELY",
        "05-09, SPRING_RARELY",
        "05-10, NONE",
        "09-24, NONE",
        "09-25, AUTUMN_RARELY",
        "10-09, AUTUMN_RARELY",
        "10-10, AUTUMN_OFTEN",
        "10-24, AUTUMN_OFTEN",
        "10-25, WINTER",
        "12-31, WINTER"
    })
    void stages(String day, FrostRisk risk) {
        assertThat(noted().risk(LocalDate.parse("2028-" + day))).isEqualTo(risk);
    }

    @Test
    void whereItNeverFreezesNoDayIsAtRisk() {
        FrostCalendar never = FrostCalendar.of(
                with(NORTH, Put.of(new FrostDates(id("Frosts"), "The coast", Optional.empty(), Optional.empty()))));
        assertThat(never.last()).isEmpty();
        assertThat(LocalDate.of(SEASON, 1, 1)
                        .datesUntil(LocalDate.of(SEASON + 1, 1, 1))
                        .map(never::risk))
                .containsOnly(FrostRisk.NONE);
        assertThat(never.spring(SEASON)).isEqualTo(LocalDate.of(SEASON, 1, 20));
    }

    @Test
    void aSeasonInTheSouthBeginsInJulyAndHasItsFrostsInIt() {
        FrostCalendar guess = FrostCalendar.of(south(NORTH));
        assertThat(guess.basis()).isEqualTo(FrostCalendar.Basis.GUESS);
        assertThat(guess.spring(SEASON)).isEqualTo(LocalDate.of(SEASON, 11, 1));
        assertThat(guess.inSeason(guess.first().orElseThrow().middle(), SEASON))
                .isEqualTo(LocalDate.of(SEASON + 1, 4, 10));
        assertThat(guess.risk(LocalDate.of(SEASON, 12, 24))).isEqualTo(FrostRisk.NONE);
        assertThat(guess.risk(LocalDate.of(SEASON, 7, 1))).isEqualTo(FrostRisk.WINTER);
    }

    /** Mean lowest and highest of the months in tenths of a degree, and mean days of 0 degrees, all from memory. */
    @ParameterizedTest
    @DisplayName("by normals the frosts come within ten days of those that stations report (from memory)")
    @CsvSource(
            delimiter = '|',
            value = {
                "Des Moines (NOAA normals)|-113 -14 -90 12 -30 85 37 164 102 222 157 274 182 296 169 284 118 242 50 172"
                        + " -19 84 -86 12|--04-24|--10-12",
                "Berlin (DWD)|-19 29 -15 42 13 85 42 132 90 189 123 216 147 237 141 236 106 188 64 134 22 71 -4"
                        + " 44|--04-22|--10-21",
                "Minneapolis (NOAA normals)|-138 -44 -112 -14 -45 52 22 137 91 204 146 257 174 285 163 271 110 222 37"
                        + " 142 -40 52 -107 -21|--04-30|--10-06"
            })
    void byTheWeather(String station, String normals, String last, String first) {
        int[] tenths = java.util.Arrays.stream(normals.split(" "))
                .mapToInt(Integer::parseInt)
                .toArray();
        FrostCalendar calendar = FrostCalendar.of(with(NORTH, Put.of(climate(tenths))));
        assertThat(calendar.basis()).isEqualTo(FrostCalendar.Basis.WEATHER);
        assertThat(apart(calendar.last().orElseThrow().middle(), MonthDay.parse(last)))
                .as("last frost")
                .isLessThanOrEqualTo(10);
        assertThat(apart(calendar.first().orElseThrow().middle(), MonthDay.parse(first)))
                .as("first frost")
                .isLessThanOrEqualTo(10);
    }

    private static long apart(MonthDay one, MonthDay other) {
        return Math.abs(ChronoUnit.DAYS.between(one.atYear(SEASON), other.atYear(SEASON)));
    }

    @Test
    void coldAllYearIsAGuessAndWarmAllYearNeverFreezes() {
        int[] cold = IntStream.range(0, 24).map(i -> i % 2 == 0 ? 20 : 90).toArray();
        assertThat(FrostCalendar.of(with(NORTH, Put.of(climate(cold)))).basis()).isEqualTo(FrostCalendar.Basis.GUESS);
        int[] warm = IntStream.range(0, 24).map(i -> i % 2 == 0 ? 180 : 290).toArray();
        FrostCalendar tropics = FrostCalendar.of(with(NORTH, Put.of(climate(warm))));
        assertThat(tropics.basis()).isEqualTo(FrostCalendar.Basis.WEATHER);
        assertThat(tropics.last()).isEmpty();
    }

    @Test
    void soilIsAsWarmAsTheMonthInItsMiddleAndHalfWayBetweenInBetween() {
        int[] tenths = IntStream.range(0, 24)
                .map(i -> 10 * (i / 2) + (i % 2 == 0 ? 0 : 100))
                .toArray();
        Warmth warmth = Warmth.of(with(NORTH, Put.of(climate(tenths)))).orElseThrow();
        assertThat(warmth.soil(Month.MARCH)).isEqualTo(7);
        assertThat(warmth.soil(MonthDay.of(3, 15))).isEqualTo(7);
        // From 15 March to 15 April there are 31 days.
        assertThat(warmth.soil(MonthDay.of(3, 31))).isCloseTo(7 + 16 / 31.0, within(1e-9));
        assertThat(warmth.soil(MonthDay.of(1, 1))).isCloseTo(16 - 11 * 17 / 31.0, within(1e-9));
        assertThat(warmth.soilReaches(8, LocalDate.of(SEASON, 2, 1))).contains(LocalDate.of(SEASON, 4, 15));
    }

    @Test
    void daysInTheWrongOrderAreRefusedWhereTheyStand() {
        MonthDay april = MonthDay.of(4, 25);
        assertThatThrownBy(() -> new FrostSpread(april, MonthDay.of(4, 24), MonthDay.of(5, 10)))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("middle"));
        assertThat(new FrostSpread(april, april, april).middleToLate()).isZero();
        FrostSpread summer = spread("--05-01", "--05-10", "--09-26");
        assertThatThrownBy(() -> new FrostDates(id("F"), "Frosts", Optional.of(summer), Optional.of(AUTUMN)))
                .hasMessageContaining("before the last frost of spring");
        assertThatThrownBy(() -> new FrostDates(id("F"), "Frosts", Optional.of(SPRING), Optional.empty()))
                .hasMessageContaining("only one of the two");
        FrostSpread touching = spread("--05-01", "--05-10", "--09-25");
        assertThat(new FrostDates(id("F"), "Frosts", Optional.of(touching), Optional.of(AUTUMN)).last())
                .contains(touching);
    }
}
