package fairacre.crop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Raising;
import fairacre.frost.FrostDates;
import fairacre.hoop.HoopPipe;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.over.Fabric;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SowingTest {

    private static final Plan GARDEN = with(
            plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2)), Put.of(frosts("--04-12", "--04-28", "--05-15")));

    private static Optional<Snag> snag(Plan plan, CropRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .findFirst();
    }

    private static Plan planted(Plan plan, String crop, Raising raising, String from, String until) {
        Planting planting = planting("It", crop, "Beans", from, until);
        return with(
                plan,
                Put.of(new Planting(
                        planting.id(),
                        planting.name(),
                        crop,
                        Optional.empty(),
                        planting.bed(),
                        planting.part(),
                        planting.layout(),
                        planting.inRow(),
                        planting.between(),
                        raising,
                        false,
                        planting.from(),
                        planting.until())));
    }

    @ParameterizedTest
    @DisplayName("what bears no frost stands in the open from the day on which frost comes in one year of ten")
    @CsvSource({"2027-05-15, none", "2027-05-14, NOTE", "2027-04-28, NOTE", "2027-04-27, WARNING"})
    void beforeTheLastFrost(String from, String weight) {
        Optional<Snag> early = snag(planted(GARDEN, "tomato", Raising.RAISED, from, "2027-09-30"), CropRule.CROP_EARLY);
        assertThat(early.map(Snag::weight).map(Weight::name).orElse("none")).isEqualTo(weight);
    }

    @ParameterizedTest
    @DisplayName("what bears a light frost may stand once winter is over; what bears frost may stand whenever")
    @CsvSource({
        "potato, 2027-03-22, true",
        "potato, 2027-03-21, false",
        "cauliflower, 2027-04-12, true",
        "cauliflower, 2027-04-11, false",
        "broad-bean, 2027-02-01, true"
    })
    void byWhatItBears(String crop, String from, boolean may) {
        // Potatoes come up three weeks after they are planted.
        Raising raising = crop.equals("broad-bean") ? Raising.SOWN : Raising.BOUGHT;
        assertThat(snag(planted(GARDEN, crop, raising, from, "2027-10-01"), CropRule.CROP_EARLY)
                        .isEmpty())
                .isEqualTo(may);
    }

    @ParameterizedTest
    @DisplayName("it goes out two weeks earlier under fleece, four under film (common practice)")
    @CsvSource({
        "FLEECE, 2027-05-01, true",
        "FLEECE, 2027-04-30, false",
        "FILM, 2027-04-17, true",
        "FILM, 2027-04-16, false",
        "INSECT_NET, 2027-05-01, false"
    })
    void underCover(Fabric fabric, String from, boolean may) {
        Plan covered = with(
                GARDEN,
                Put.of(Gardens.hoops(
                        "Hoops", HoopPipe.PE_20, Optional.of(Length.metres(0.6)), Optional.empty(), fabric, "Beans")));
        assertThat(snag(planted(covered, "tomato", Raising.RAISED, from, "2027-09-30"), CropRule.CROP_EARLY)
                        .isEmpty())
                .isEqualTo(may);
    }

    @Test
    void theRemedyIsTheFirstDayThatWorks() {
        Plan plan = planted(GARDEN, "tomato", Raising.RAISED, "2027-04-01", "2027-09-30");
        assertThat(snag(plan, CropRule.CROP_EARLY)
                        .orElseThrow()
                        .remedies()
                        .get(0)
                        .words())
                .isEqualTo("Plant it on 15 May 2027");
    }

    /**
     * Bush beans take 55 days; with two weeks for short days that is 69 days before 10 October, in five years of ten
     * the first frost: 2 August by java.time.
     */
    @ParameterizedTest
    @DisplayName("counted back from the first frost with two weeks for short days")
    @CsvSource({"2027-08-02, true", "2027-08-03, false"})
    void ripeBeforeTheFrost(String from, boolean may) {
        assertThat(LocalDate.of(2027, 10, 10).minusDays(69)).isEqualTo("2027-08-02");
        Optional<Snag> late = snag(planted(GARDEN, "bush-bean", Raising.SOWN, from, "2027-11-30"), CropRule.CROP_LATE);
        assertThat(late.isEmpty()).isEqualTo(may);
        late.ifPresent(snag -> assertThat(snag.remedies().get(0).words()).isEqualTo("Sow it on 2 August 2027"));
    }

    @Test
    void whatStandsThroughTheWinterOrIsNotEatenIsNotJudgedByTheFirstFrost() {
        Stream.of(
                        planted(GARDEN, "garlic", Raising.BOUGHT, "2027-10-05", "2028-07-10"),
                        planted(GARDEN, "winter-rye", Raising.SOWN, "2027-09-15", "2028-04-10"),
                        planted(GARDEN, "asparagus", Raising.BOUGHT, "2027-04-05", "2037-07-10"))
                .forEach(plan -> assertThat(snag(plan, CropRule.CROP_LATE)).isEmpty());
    }

    @Test
    void aTenderCropAfterTheFirstFrostIsLate() {
        assertThat(snag(planted(GARDEN, "bush-bean", Raising.SOWN, "2027-10-15", "2027-12-30"), CropRule.CROP_LATE))
                .isPresent();
    }

    @Test
    void seedGoesIntoWarmSoil() {
        Plan weather = with(GARDEN, Put.of(Gardens.climate("Weather", "Weather")));
        LocalDate warm = fairacre.frost.Warmth.of(weather)
                .orElseThrow()
                .soilReaches(12, LocalDate.of(SEASON, 3, 1))
                .orElseThrow();
        Plan plan = planted(weather, "bush-bean", Raising.SOWN, warm.toString(), "2027-11-01");
        assertThat(snag(plan, CropRule.CROP_COLD_SOIL)).isEmpty();
        Plan colder =
                planted(weather, "bush-bean", Raising.SOWN, warm.minusDays(1).toString(), "2027-11-01");
        Snag snag = snag(colder, CropRule.CROP_COLD_SOIL)
                .or(() -> snag(colder, CropRule.CROP_EARLY))
                .orElseThrow();
        assertThat(snag.remedies()).isNotEmpty();
        assertThat(snag(
                        planted(GARDEN, "bush-bean", Raising.SOWN, "2027-05-10", "2027-11-01"),
                        CropRule.CROP_COLD_SOIL))
                .as("nothing is known of the weather")
                .isEmpty();
    }

    /** Harrington and Minges, Vegetable Seed Germination, University of California 1954 (from memory). */
    @ParameterizedTest
    @DisplayName("days to come up by the temperature of the soil, within two fifths of counted ones")
    @CsvSource({
        "carrot, 10, 17",
        "carrot, 15, 10",
        "carrot, 20, 7",
        "lettuce, 5, 15",
        "lettuce, 10, 7",
        "lettuce, 15, 4",
        "tomato, 15, 14",
        "tomato, 20, 8",
        "cucumber, 15, 13",
        "cucumber, 20, 6",
        "shelling-pea, 10, 14",
        "shelling-pea, 15, 9",
        "shelling-pea, 20, 8",
        "bush-bean, 15, 16",
        "bush-bean, 20, 11",
        "cabbage, 10, 15",
        "cabbage, 15, 9",
        "cabbage, 20, 6",
        "spinach, 5, 23",
        "spinach, 10, 12",
        "spinach, 15, 7",
        "radish, 10, 11",
        "radish, 15, 6",
        "radish, 20, 4",
        "beet, 10, 17",
        "beet, 15, 10",
        "beet, 20, 6",
        "seed-onion, 10, 13",
        "seed-onion, 15, 7"
    })
    void comesUp(String crop, double soil, double days) {
        double told = Crops.of(crop).orElseThrow().comesUpAfter(soil).orElseThrow();
        assertThat(told).isCloseTo(days, within(Math.max(2, 0.4 * days)));
    }

    @Test
    void theCalendarTellsWhatIsToBeDoneInOrder() {
        Plan plan = planted(GARDEN, "tomato", Raising.RAISED, "2027-05-15", "2027-09-30");
        SowingTold told = SowingStudy.of(plan, SEASON);
        assertThat(told.days())
                .extracting(day -> day.deed() + " " + day.day())
                .containsExactly(
                        "SOW_INDOORS 2027-03-27", "PLANT 2027-05-15", "HARVEST 2027-07-29", "CLEAR 2027-09-30");
        SowingTold.CropTimes beans = told.crops().stream()
                .filter(crop -> crop.crop().equals("bush-bean"))
                .findFirst()
                .orElseThrow();
        // It comes up eight days after it is sown, on 15 May.
        assertThat(beans.from()).isEqualTo("2027-05-07");
        assertThat(beans.until()).contains(LocalDate.of(2027, 8, 2));
        assertThat(told.soil()).isEmpty();
    }

    @Test
    void whatIsPlantedAsIsUsualHasNoFlawAgainstFrost() {
        Crops.all().forEach(crop -> {
            Plan plan = with(
                    GARDEN,
                    NewPlantings.of(
                            GARDEN, SEASON, crop.key(), Optional.empty(), List.of(id("Beans")), () -> id("It")));
            assertThat(snag(plan, CropRule.CROP_EARLY)).as(crop.name()).isEmpty();
            assertThat(snag(plan, CropRule.CROP_COLD_SOIL)).as(crop.name()).isEmpty();
        });
    }

    @Test
    @DisplayName("days that are offered are four weeks apart or more, and the last is the last that ripens")
    void daysAreOfferedThroughTheYear() {
        SowingTimes times = new SowingTimes(GARDEN, SEASON);
        Crop radish = Crops.of("radish").orElseThrow();
        List<LocalDate> days = NewPlantings.days(times, radish, id("Beans"));
        SowingTimes.Sown sown = new SowingTimes.Sown(radish, Raising.SOWN, Optional.of(id("Beans")));
        LocalDate last = days.get(days.size() - 1);
        assertThat(days)
                .hasSize(5)
                .isSorted()
                .allMatch(day -> times.flaw(sown, day).isEmpty());
        assertThat(days.get(0)).isEqualTo(times.first(sown));
        assertThat(days.get(1)).isAfterOrEqualTo(days.get(0).plusWeeks(4));
        assertThat(times.last(sown, days.get(2))).contains(last);
        assertThat(NewPlantings.days(times, Crops.of("garlic").orElseThrow(), id("Beans")))
                .hasSize(1);
        assertThat(NewPlantings.days(times, Crops.of("strawberry").orElseThrow(), id("Beans")))
                .hasSize(1);
        Plan coast =
                with(GARDEN, Put.of(new FrostDates(id("Frosts"), "The coast", Optional.empty(), Optional.empty())));
        assertThat(NewPlantings.days(new SowingTimes(coast, SEASON), radish, id("Beans")))
                .hasSize(5);
    }

    @ParameterizedTest
    @DisplayName("where it never freezes days are offered all through the season, in whatever month it begins")
    @CsvSource({"radish, 1", "lettuce, 1", "tomato, 1", "kale, 7", "sweet-corn, 7", "bush-bean, 4"})
    void whereItNeverFreezes(String crop, int month) {
        MonthDay begins = MonthDay.of(month, 1);
        Plan coast = with(
                GARDEN,
                new Change.DescribeGarden("Coast", Units.METRIC, begins),
                Put.of(new FrostDates(id("Frosts"), "The coast", Optional.empty(), Optional.empty())));
        List<LocalDate> days =
                NewPlantings.days(new SowingTimes(coast, SEASON), Crops.of(crop).orElseThrow(), id("Beans"));
        assertThat(days).hasSize(5).allMatch(day -> Plan.season(day, begins) == SEASON);
        assertThat(days.get(0)).isEqualTo(begins.atYear(SEASON));
        assertThat(ChronoUnit.DAYS.between(days.get(0), days.get(4))).isBetween(300L, 365L);
    }
}
