package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.drier;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Snag;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import fairacre.walk.WalkStudy;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BedNeedsTest {

    private static final Plan BARE =
            plot(20, 20, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 6, 10, 2, 1), bed("Kale", 10, 10, 2, 1));
    /** April to October. */
    private static final Plan GARDEN = with(BARE, Put.of(climate("Weather", "Harbour")));

    /** Of the first bed in a month, 1 to 12. */
    private static BedNeeds.BedMonth month(Plan plan, int month) {
        return BedNeeds.of(plan, SEASON).of(id("Beans")).months().get(month - 1);
    }

    private static Change tomatoes(String from, String until) {
        return Put.of(planting("Tomatoes", "tomato", "Beans", from, until));
    }

    @ParameterizedTest
    @CsvSource({"0, 0.6", "0.2, 0.6", "0.35, 0.875", "0.5, 1.15", "0.7, 1.15", "0.85, 1.15", "0.925, 0.975", "1, 0.8"})
    @DisplayName("tomatoes 0.6, 1.15, 0.8 [FAO-56, table 12; memory], evenly between [equation 66 there, by hand]")
    void theCoefficientGrowsAndFades(double grown, double coefficient) {
        assertThat(new CropCoefficient(0.6, 1.15, 0.8).at(grown)).isCloseTo(coefficient, within(1e-9));
    }

    @Test
    @DisplayName("100 days from 1 June: 21 days of June at 0.6, nine on the way to 1.15; July, August [by hand]")
    void theMeanOfTheDaysOfAMonth() {
        Plan plan = with(GARDEN, tomatoes("2027-06-01", "2027-09-09"));
        double june = (21 * 0.6
                        + IntStream.rangeClosed(1, 9)
                                .mapToDouble(day -> 0.6 + 0.55 * day / 30)
                                .sum())
                / 30;
        assertThat(month(plan, 6).need().crop()).isCloseTo(june, within(1e-9));
        double july = (IntStream.rangeClosed(10, 30)
                                .mapToDouble(day -> 0.6 + 0.55 * day / 30)
                                .sum()
                        + 10 * 1.15)
                / 31;
        assertThat(month(plan, 7).need().crop()).isCloseTo(july, within(1e-9));
        assertThat(month(plan, 5).need().days()).isZero();
        assertThat(month(plan, 5).need().week()).isZero();
        assertThat(month(plan, 6).need().days()).isEqualTo(30);
        assertThat(month(plan, 9).need().days()).isEqualTo(8);
        assertThat(month(plan, 9).thirstiest()).contains("Tomatoes");
        assertThat(month(plan, 10).thirstiest()).isEmpty();
    }

    @Test
    void aBedGetsWhatTheThirstiestWants() {
        Plan alone = with(GARDEN, tomatoes("2027-05-01", "2027-10-01"));
        Plan both = with(alone, Put.of(planting("Salad", "lettuce", "Beans", "2027-04-01", "2027-05-16")));
        assertThat(month(both, 4).thirstiest()).contains("Salad");
        assertThat(month(both, 7)).isEqualTo(month(alone, 7));
        assertThat(month(both, 5).need().crop())
                .isGreaterThan(month(alone, 5).need().crop());
    }

    @Test
    void untilSomethingIsPlantedMixedVegetablesAreTaken() {
        Plan plan = with(GARDEN, Put.of(planting("Later", "tomato", "Beans", "2028-05-01", "2028-10-01")));
        List<MonthNeed> mixed = WaterNeed.of(
                        climate("Weather", "Harbour"), plan.site().latitude())
                .orElseThrow();
        IntStream.rangeClosed(1, 12)
                .forEach(month -> assertThat(month(plan, month).need()).isEqualTo(mixed.get(month - 1)));
        assertThat(BedNeeds.of(plan, SEASON).of(id("Beans")).planted()).isFalse();
        assertThat(BedNeeds.of(plan, SEASON + 1).of(id("Beans")).planted()).isTrue();
        assertThat(BedNeeds.of(BARE, SEASON).of(id("Beans")).months()).isEmpty();
    }

    @Test
    void whatLastsForYearsBeginsAnewEachSpring() {
        Plan plan = with(GARDEN, Put.of(planting("Berries", "strawberry", "Beans", "2025-04-10", "2030-04-10")));
        // FAO-56, table 12, strawberries: 0.4, 0.85, 0.75 (from memory); 7 growing months, so 0.2 of them is 13 May.
        assertThat(month(plan, 4).need().crop()).isCloseTo(0.4, within(1e-9));
        assertThat(month(plan, 8).need().crop()).isCloseTo(0.85, within(1e-9));
        assertThat(month(plan, 3).need().days()).isZero();
    }

    @Test
    @DisplayName("in the south, where the year begins in July, February is that of the next year")
    void inTheSouth() {
        Plan south = with(
                BARE,
                new Change.DescribeGarden("South", Units.METRIC, MonthDay.of(7, 1)),
                Put.of(new Climate(
                        id("Weather"),
                        "Bay",
                        Gardens.climate("Weather", "Bay").elevation(),
                        10,
                        4,
                        Gardens.climate("Weather", "Bay").months())),
                tomatoes("2027-11-01", "2028-03-01"));
        assertThat(month(south, 2).need().days()).isEqualTo(29);
        assertThat(month(south, 11).need().days()).isEqualTo(30);
        assertThat(month(south, 7).need().days()).isZero();
    }

    @Test
    void noRainFallsInATunnel() {
        Plan open = with(GARDEN, tomatoes("2027-05-01", "2027-10-01"));
        Plan under = with(open, Put.of(Gardens.tunnel("Tunnel", 6, 10, 6, 3)));
        MonthNeed july = month(under, 7).need();
        assertThat(july.rain()).isZero();
        assertThat(july.week()).isCloseTo(july.use() / 31 * 7, within(1e-9));
        assertThat(july.use()).isEqualTo(month(open, 7).need().use());
        assertThat(month(with(GARDEN, Put.of(Gardens.tunnel("Tunnel", 6, 10, 6, 3))), 7)
                        .need()
                        .rain())
                .isZero();
    }

    private static Plan watered(Change... plantings) {
        return with(
                with(
                        with(BARE, Put.of(drier(climate("Weather", "Harbour"), 0.2))),
                        Put.of(tap("Tap", 2, 4, 20)),
                        Put.of(dripline("Beans", "Tap")),
                        Put.of(dripline("Kale", "Tap"))),
                plantings);
    }

    private static ZoneMinutes minutes(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .water()
                .programme()
                .zones()
                .get(0);
    }

    /** Both beds are alike, so that the zone runs by what the thirstier of them wants. */
    @Test
    void aZoneRunsForItsThirstiestBed() {
        Plan plan = watered(
                tomatoes("2027-05-01", "2027-10-01"),
                Put.of(planting("Onions", "onion", "Kale", "2027-04-01", "2027-07-11")));
        ZoneMinutes zone = minutes(plan);
        double july = month(plan, 7).need().week();
        assertThat(july).isGreaterThan(BedNeeds.of(plan, SEASON).week(id("Kale"), Optional.of(7)));
        assertThat(zone.months().get(6).minutes()).isCloseTo(zone.ruleOfThumb().minutes() * july / 25, within(0.01));
        assertThat(zone.ruleOfThumb()).isEqualTo(minutes(watered()).ruleOfThumb());
    }

    @ParameterizedTest
    @DisplayName("a bed is told that gets 1.5 times what it wants or more, by the week's litres of both beds")
    @CsvSource({"true", "false"})
    void theOtherGetsTooMuch(boolean over) {
        Plan plan = watered(
                tomatoes("2027-05-01", "2027-10-01"),
                over
                        ? Put.of(planting("Beets", "beet", "Kale", "2027-07-08", "2027-11-01"))
                        : Put.of(planting("Onions", "onion", "Kale", "2027-04-01", "2027-09-20")));
        double tomatoes = BedNeeds.of(plan, SEASON).week(id("Beans"), Optional.of(7));
        double others = BedNeeds.of(plan, SEASON).week(id("Kale"), Optional.of(7));
        assertThat(tomatoes / others > 1.5).isEqualTo(over);
        assertThat(minutes(plan).tooMuch().isPresent()).isEqualTo(over);
        minutes(plan).tooMuch().ifPresent(most -> {
            assertThat(most.bed()).isEqualTo(id("Kale"));
            assertThat(most.month()).isEqualTo(7);
            assertThat(most.times()).isCloseTo(tomatoes / others, within(0.01));
        });
        assertThat(minutes(watered()).tooMuch()).as("both want the same").isEmpty();
    }

    @Test
    @DisplayName("the litres of a year are those of the days on which something grows [by hand]")
    void litresOfTheYear() {
        Plan plan = watered(
                tomatoes("2027-06-16", "2027-08-01"),
                Put.of(planting("Beets", "beet", "Kale", "2027-06-20", "2027-07-20")));
        ZoneMinutes zone = minutes(plan);
        double june = zone.months().get(5).litres();
        double july = zone.months().get(6).litres();
        assertThat(june).isPositive();
        assertThat(zone.year()).isCloseTo(june * 15 / 7 + july * 31 / 7, within(0.01));
    }

    @Test
    void wateredByHandEachBedGetsItsOwn() {
        Plan plan = watered(tomatoes("2027-05-01", "2027-10-01"));
        HandWatering july = HandWatering.of(
                plan, SEASON, WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON)), Optional.of(7));
        BedNeeds needs = BedNeeds.of(plan, SEASON);
        assertThat(july.beds())
                .hasSize(2)
                .allSatisfy(bed -> assertThat(bed.litres().litres())
                        .isCloseTo(needs.week(bed.bed(), Optional.of(7)) * 2 / Soaker.EFFICIENCY, within(0.01)));
        assertThat(july.beds().get(0).litres()).isNotEqualTo(july.beds().get(1).litres());
    }

    @Test
    void aBarrelGivesWhatGrowsThere() {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.underRoof(Gardens.barrel("Butt", 1, 3, 3), 12)),
                Put.of(dripline("Beans", "Butt")),
                Put.of(planting("Salad", "lettuce", "Beans", "2027-04-01", "2027-06-01")));
        List<BarrelYear.Month> year = WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .barrels()
                .get(0)
                .months();
        assertThat(year.get(4).wanted().litres()).isPositive();
        assertThat(year.get(7).wanted().litres()).isZero();
    }

    private static List<Snag> unwatered(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WaterRule.CROPS_UNWATERED)
                .toList();
    }

    @Test
    void whatNothingWatersIsNamedOnce() {
        Plan dry = with(BARE, Put.of(drier(climate("Weather", "Harbour"), 0.5)));
        Plan plan = with(
                dry,
                tomatoes("2027-05-01", "2027-10-01"),
                Put.of(planting("Cabbage", "cabbage", "Kale", "2027-05-01", "2027-10-01")));
        assertThat(unwatered(dry)).isEmpty();
        assertThat(unwatered(plan))
                .singleElement()
                .satisfies(snag -> assertThat(snag.words())
                        .contains("Tomatoes in Beans, Cabbage in Kale: in July")
                        .contains("of water a week beyond the rain"));
        assertThat(unwatered(with(plan, Put.of(Gardens.barrel("Butt", 1, 1, 1)))))
                .isEmpty();
        assertThat(unwatered(with(plan, Put.of(Gardens.feature("Tap", FeatureKind.TAP, 0, 0, 1, 1)))))
                .isEmpty();
        Plan wet = with(plan, Put.of(drier(climate("Weather", "Harbour"), 9)));
        assertThat(unwatered(wet)).isEmpty();
        assertThat(unwatered(with(BARE, tomatoes("2027-05-01", "2027-10-01")))).isEmpty();
    }

    /** Loam holds 0.15 of 0.3 m, of which 0.4 and 0.04 for each millimetre a day below 5 [FAO-56, tables 19, 22]. */
    @Test
    void onlyWhereTheSoilRunsOut() {
        Plan two = with(BARE, tomatoes("2027-05-01", "2027-10-01"));
        double low = 0.5;
        double high = 9;
        for (int i = 0; i < 50; i++) {
            double share = (low + high) / 2;
            if (runsOut(with(two, Put.of(drier(climate("Weather", "Harbour"), share))))) {
                low = share;
            } else {
                high = share;
            }
        }
        assertThat(unwatered(with(two, Put.of(drier(climate("Weather", "Harbour"), low)))))
                .hasSize(1);
        assertThat(unwatered(with(two, Put.of(drier(climate("Weather", "Harbour"), high)))))
                .isEmpty();
    }

    private static boolean runsOut(Plan plan) {
        return IntStream.rangeClosed(1, 12).anyMatch(month -> {
            MonthNeed need = month(plan, month).need();
            double readily = 1000 * 0.15 * 0.3 * (0.4 + 0.04 * (5 - need.reference() * need.crop()));
            return need.week() / 7 * need.days() > readily;
        });
    }
}
