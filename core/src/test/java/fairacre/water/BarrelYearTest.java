package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.barrel;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.underRoof;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BarrelYearTest {

    private static final Roof TEN_METRES = new Roof(Area.squareMetres(10), 0.8, Optional.empty());
    /** Takes up 18 mm of 45 before plants want for water, at 5 mm a day. */
    private static final RootSoil LOAM = new RootSoil(0.15, OptionalDouble.empty());

    private static final Climate MILD = climate("Weather", "Harbour");

    private static List<DailyWeather.Day> year(double rain, double use) {
        return IntStream.range(0, 365)
                .mapToObj(day -> {
                    int month = Math.min(11, day * 12 / 365);
                    int half = Math.min(23, day * 24 / 365);
                    return new DailyWeather.Day(month + 1, half, rain, use);
                })
                .toList();
    }

    private static BarrelYear follow(double holds, double litresAMillimetre, List<DailyWeather.Day> year) {
        return BarrelDays.follow(
                new UUID(0, 1),
                TEN_METRES,
                Volume.litres(holds),
                new BarrelDays.Demand(litresAMillimetre, LOAM, 1),
                MILD.months(),
                List.of(year));
    }

    @Test
    @DisplayName(
            "100 sq ft of roof and an inch of rain are 62.3 gal [0.623 gal a square foot and inch: common practice]")
    void whatARoofBrings() {
        Roof roof = new Roof(Area.squareMetres(100 * 0.3048 * 0.3048), 1, Optional.empty());
        assertThat(roof.litres(25.4) / 3.785411784).isCloseTo(62.3, within(0.05));
        assertThat(TEN_METRES.litres(50)).isCloseTo(400, within(1e-9));
    }

    @Test
    @DisplayName("2 mm a day on 10 m² bring 16 L, the beds take 3 mm less 2 of 16 L each: all of it, and never dry")
    void whatComesIsJustWhatIsWanted() {
        BarrelYear year = follow(2000, 16, year(2, 3));
        assertThat(year.isUsuallyDry()).isFalse();
        double wanted = year.months().stream()
                .mapToDouble(month -> month.wanted().litres())
                .sum();
        assertThat(wanted).isCloseTo(16 * 365, within(16 * 19.0));
    }

    @Test
    @DisplayName("400 L and no rain: 4 mm a day for 20 L each last 5 days, the soil 4 more; dry from January on")
    void withoutRainItRunsDry() {
        BarrelYear year = follow(400, 20, year(0, 4));
        assertThat(year.months()).allMatch(BarrelYear.Month::usuallyDry);
        assertThat(year.levels().get(23).high()).isEqualTo(Volume.ZERO);
        assertThat(year.months().get(5).overflows()).isEqualTo(Volume.ZERO);
        assertThat(year.months().get(5).wanted().litres()).isCloseTo(4 * 30.4 * 20, within(18.0 * 20));
    }

    @Test
    @DisplayName("Beds that use nothing: a full barrel sends every drop of 2 mm a day over, 16 L")
    void inWinterItRunsOver() {
        BarrelYear year = follow(200, 20, year(2, 0));
        assertThat(year.months().stream()
                        .mapToDouble(month -> month.overflows().litres())
                        .sum())
                .isCloseTo(16 * 365, within(1e-6));
        assertThat(year.levels()).allMatch(level -> level.low().equals(Volume.litres(200)));
        assertThat(year.isUsuallyDry()).isFalse();
    }

    @Test
    @DisplayName("Days of 2 000 years have the rain, the rainy days and the use of the normals, within 3 %")
    void daysAgreeWithTheirNormals() {
        List<MonthNeed> needs = WaterNeed.of(MILD, 52).orElseThrow();
        List<DailyWeather.Day> days = DailyWeather.years(MILD, needs, 2000).stream()
                .flatMap(List::stream)
                .toList();
        for (int month = 1; month <= 12; month++) {
            int wanted = month;
            List<DailyWeather.Day> some =
                    days.stream().filter(day -> day.month() == wanted).toList();
            double rain = some.stream().mapToDouble(DailyWeather.Day::rain).sum() / 2000;
            double normal = MILD.months().get(month - 1).rain();
            assertThat(rain).as("rain of month " + month).isCloseTo(normal, within(0.03 * normal));
            double rainy = some.stream().filter(day -> day.rain() > 0).count() / 2000.0;
            assertThat(rainy).as("rainy days of month " + month).isCloseTo(normal / 6, within(0.03 * normal / 6));
            MonthNeed need = needs.get(month - 1);
            double use = some.stream().mapToDouble(DailyWeather.Day::use).sum() / 2000;
            assertThat(use).as("use of month " + month).isCloseTo(need.use(), within(0.03 * need.use() + 1e-9));
        }
    }

    @Test
    @DisplayName(
            "Of 0, 100 to 1 000 L a tenth lies at 100 L, the middle at 500 L, nine tenths at 900 L; between two years by"
                    + " the distance from each [by hand]")
    void levelsArePercentiles() {
        double[] years =
                IntStream.rangeClosed(0, 10).mapToDouble(i -> 100 * (10 - i)).toArray();
        assertThat(BarrelDays.level(years))
                .isEqualTo(new BarrelYear.Level(Volume.litres(100), Volume.litres(500), Volume.litres(900)));
        assertThat(BarrelDays.level(new double[] {100, 200}).low()).isEqualTo(Volume.litres(110));
    }

    @Test
    void aRoofIsWithinItsLimits() {
        assertThatThrownBy(() -> new Roof(Area.squareMetres(0.4), 0.8, Optional.empty()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("area");
        assertThatThrownBy(() -> new Roof(Area.squareMetres(10), 1.01, Optional.empty()))
                .hasMessageContaining("runoff");
        assertThatThrownBy(() -> new Roof(Area.squareMetres(10), Double.NaN, Optional.empty()))
                .hasMessageContaining("runoff");
    }

    private static Plan watered(double holds, double roof) {
        Barrel butt = barrel("Butt", 1, 3, 1.5);
        return with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 4, 1.2)),
                Put.of(MILD),
                Put.of(underRoof(butt.holding(Volume.litres(holds)), roof)),
                Put.of(dripline("Beans", "Butt")));
    }

    private static BarrelYear year(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .water()
                .barrels()
                .get(0);
    }

    @Test
    void aLargerBarrelOrRoofIsNeverDryMoreOften() {
        List<Integer> byBarrel = List.of(50, 100, 200, 400, 800, 1600).stream()
                .map(holds -> dryYears(year(watered(holds, 6))))
                .collect(Collectors.toList());
        assertThat(byBarrel).isSortedAccordingTo((a, b) -> b - a);
        List<Integer> byRoof = List.of(1, 2, 4, 8, 16).stream()
                .map(roof -> dryYears(year(watered(200, roof))))
                .collect(Collectors.toList());
        assertThat(byRoof).isSortedAccordingTo((a, b) -> b - a);
        assertThat(byRoof.get(0)).isPositive();
    }

    private static int dryYears(BarrelYear year) {
        return year.months().stream().mapToInt(BarrelYear.Month::dryYears).sum();
    }

    @Test
    void withoutNormalsOrARoofNothingIsTold() {
        Plan plan = watered(200, 6);
        Plan unknown = with(plan, new Remove<>(WaterKinds.CLIMATES, MILD.id()));
        assertThat(WaterStudy.of(unknown, SEASON, unknown.standing(SEASON), Memo.none())
                        .water()
                        .barrels())
                .isEmpty();
        Plan roofless = with(plan, Put.of(barrel("Butt", 1, 3, 1.5)));
        assertThat(WaterStudy.of(roofless, SEASON, roofless.standing(SEASON), Memo.none())
                        .water()
                        .barrels())
                .isEmpty();
    }
}
