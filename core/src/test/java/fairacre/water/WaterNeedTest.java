package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.format.ClimateFile;
import fairacre.format.FaultyFileException;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaterNeedTest {

    private static Climate all(MonthNormals month, int first, int last) {
        return new Climate(
                UUID.randomUUID(),
                "Even",
                Length.ZERO,
                first,
                last,
                IntStream.range(0, 12).mapToObj(i -> month).toList());
    }

    @Test
    @DisplayName(
            "Bangkok in April by its normals: 5.7 mm a day [FAO-56, example 17: e_a 2.85 kPa, wind 2 m/s, 8.5 h of sun]")
    void whereAllIsKnownPenmanAndMonteithTell() {
        // Mean humidity that makes 2.85 kPa of 34.8 and 25.6 degrees: saturated 4.42 kPa (table 2.3 there).
        MonthNormals april = new MonthNormals(
                25.6, 34.8, 0, Optional.of(2.85 / 4.42 * 100), Optional.of(2.0), Optional.of(8.5), Optional.empty());
        MonthNormals march = new MonthNormals(
                24.6, 33.8, 0, Optional.of(64.0), Optional.of(2.0), Optional.of(8.5), Optional.empty());
        Climate bangkok = new Climate(
                UUID.randomUUID(),
                "Bangkok",
                Length.metres(2),
                1,
                12,
                IntStream.range(0, 12).mapToObj(i -> i == 3 ? april : march).toList());
        assertThat(WaterNeed.of(bangkok, 13.73).orElseThrow().get(3).reference())
                .isCloseTo(5.7, within(0.1));
    }

    @Test
    @DisplayName("Lyon in July by temperatures alone: 5.0 mm a day [FAO-56, example 20, Hargreaves]")
    void whereOnlyTemperaturesAreKnownHargreavesTells() {
        Climate lyon = all(MonthNormals.of(14.8, 26.6, 0), 1, 12);
        assertThat(WaterNeed.of(lyon, 45.72).orElseThrow().get(6).reference()).isCloseTo(5.04, within(0.06));
    }

    /** Effective rain in inches of 1, 2, 4 and 8 in when 2, 4, 6 and 8 in are used, worked from the formula by hand. */
    @ParameterizedTest
    @CsvSource({"1, 2, 0.66", "2, 4, 1.43", "4, 6, 2.95", "8, 8, 5.97"})
    @DisplayName("effective rain of the USDA SCS [formula from memory, worked by hand]")
    void someOfTheRainStays(double rain, double use, double stays) {
        assertThat(WaterNeed.effective(rain * 25.4, use * 25.4) / 25.4).isCloseTo(stays, within(0.01));
    }

    @Test
    void noMoreRainStaysThanFallsOrIsUsed() {
        assertThat(WaterNeed.effective(0, 100)).isZero();
        assertThat(WaterNeed.effective(3, 100)).isBetween(0.0, 3.0);
        assertThat(WaterNeed.effective(500, 60)).isEqualTo(60);
    }

    @Test
    void nothingIsWateredOutsideTheGrowingMonthsOrWhereRainIsEnough() {
        List<MonthNeed> dry =
                WaterNeed.of(all(MonthNormals.of(10, 22, 0), 4, 10), 50).orElseThrow();
        assertThat(dry)
                .filteredOn(month -> month.week() > 0)
                .extracting(MonthNeed::month)
                .containsExactly(4, 5, 6, 7, 8, 9, 10);
        List<MonthNeed> south =
                WaterNeed.of(all(MonthNormals.of(10, 22, 0), 10, 3), -35).orElseThrow();
        assertThat(south)
                .filteredOn(month -> month.week() > 0)
                .extracting(MonthNeed::month)
                .containsExactly(1, 2, 3, 10, 11, 12);
        List<MonthNeed> wet =
                WaterNeed.of(all(MonthNormals.of(10, 22, 900), 4, 10), 50).orElseThrow();
        assertThat(wet).allSatisfy(month -> assertThat(month.week()).isZero());
        assertThat(WaterNeed.of(all(MonthNormals.of(10, 22, 0), 4, 10), 66.01)).isEmpty();
    }

    @Test
    @DisplayName("mixed vegetables: 0.7 at first, 1.05 in full leaf, about 0.95 at the end [FAO-56, table 12]")
    void cropsGrowAndFade() {
        List<MonthNeed> year =
                WaterNeed.of(all(MonthNormals.of(10, 22, 0), 1, 12), 50).orElseThrow();
        assertThat(year.get(0).crop()).isEqualTo(0.7);
        assertThat(year.get(8).crop()).isEqualTo(1.05);
        assertThat(year.get(11).crop()).isBetween(0.95, 1.05);
    }

    /** 2 m² by drippers of 28 times 2 L/h at 1.72 bar: 73.4 L/h; 25 L/m² and a tenth lost are 55.6 L. */
    @Test
    @DisplayName("25 mm on 2 m² of dripline at 73.4 L/h take 45 minutes [by hand]")
    void minutesOfTheRuleOfThumb() {
        Plan plan = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1)),
                Put.of(tap("Tap", 2, 4.4, 20)),
                Put.of(dripline("Beans", "Tap")),
                Put.of(soaker("Kale", "Tap", 0.2)));
        Plan drip = with(
                plan, new fairacre.plan.Remove<>(WaterKinds.SOAKERS, fairacre.testing.Gardens.id("Lines of Kale")));
        WaterStudy.Water water = water(drip);
        double flow = water.zones().get(0).flow().litresAnHour();
        assertThat(water.programme().zones().get(0).ruleOfThumb().minutes())
                .isCloseTo(50 / 0.9 / flow * 60, within(0.01));
        assertThat(water.programme().zones().get(0).ruleOfThumb().minutes()).isBetween(44.0, 47.0);
        assertThat(water.programme().months()).isEmpty();
        assertThat(water.programme().zones().get(0).months()).isEmpty();
        WaterStudy.Water summer = water(with(drip, Put.of(climate("Weather", "Harbour"))));
        ZoneMinutes minutes = summer.programme().zones().get(0);
        assertThat(minutes.months()).hasSize(12);
        MonthNeed july = summer.programme().months().get(6);
        assertThat(minutes.months().get(6).minutes())
                .isCloseTo(minutes.ruleOfThumb().minutes() * july.week() / 25, within(0.01));
        assertThat(minutes.months().get(6).setting().days()).hasSizeBetween(1, 7);
        assertThat(minutes.months().get(0).setting().days()).isEmpty();
    }

    private static WaterStudy.Water water(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).water();
    }

    private static Climate read(String text) throws FaultyFileException {
        return ClimateFile.read(text.getBytes(StandardCharsets.UTF_8), UUID.randomUUID(), 50);
    }

    private static String months(String separator, int least, int most) {
        StringBuilder text = new StringBuilder();
        for (int month = least; month <= most; month++) {
            text.append(String.join(separator, String.valueOf(month), "1.5", "9", "50"))
                    .append('\n');
        }
        return text.toString();
    }

    @Test
    void normalsAreReadFromATable() throws FaultyFileException {
        Climate read = read("Month,Lowest,Highest,Rain\n" + months(",", 1, 12));
        assertThat(read.months()).hasSize(12).allMatch(month -> month.equals(MonthNormals.of(1.5, 9, 50)));
        assertThat(read.firstMonth()).isEqualTo(4);
        Climate commas =
                read("month;lowest;highest;rain;sun\n" + months(";", 1, 12).replace('.', ','));
        assertThat(commas.months().get(3).lowest()).isEqualTo(1.5);
    }

    @ParameterizedTest
    @CsvSource({
        "'month,lowest,highest\n1,2,3', no column",
        "'month,lowest,highest,rain\n1,9,2,50', below the lowest",
        "'month,lowest,highest,rain\n13,2,9,50', is no month",
        "'month,lowest,highest,rain\n1,cold,9,50', is no number",
        "'month,lowest,highest,rain\n1,2,,50', it is missing",
        "'month,lowest,highest,rain\n1,2,9,50\n1,2,9,50', there twice",
        "'month,lowest,highest,rain\n1,2,9,50\n2,NaN,9,50', is no number",
        "'', no column"
    })
    void whatIsWrongWithATableIsSaidAtItsLine(String text, String why) {
        assertThatThrownBy(() -> read(text)).hasMessageContaining(why);
    }

    @Test
    void aMissingMonthIsNamed() {
        assertThatThrownBy(() -> read("month,lowest,highest,rain\n" + months(",", 1, 6) + months(",", 8, 12)))
                .hasMessageContaining("month 7 is missing");
    }

    @Test
    void aMonthThatIsWarmerAtNightIsRefused() {
        assertThatThrownBy(() -> MonthNormals.of(9, 8.99, 0)).isInstanceOf(RefusedException.class);
        assertThat(MonthNormals.of(9, 9, 0).mean()).isEqualTo(9);
    }
}
