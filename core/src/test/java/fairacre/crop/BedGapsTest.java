package fairacre.crop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.catalogue.Family;
import fairacre.frost.FrostDates;
import fairacre.judging.Snag;
import fairacre.plan.Change;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BedGapsTest {

    /** Without frost from 28 April to 10 October. */
    private static final Plan GARDEN = with(
            plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2), bed("Kale", 10, 14, 4, 1.2)),
            Put.of(frosts("--04-12", "--04-28", "--05-15")));

    private static List<BedGap> gaps(Plan plan) {
        return BedGaps.of(plan, SEASON, plan.standing(SEASON));
    }

    private static List<String> told(Plan plan) {
        return gaps(plan).stream()
                .filter(gap -> gap.bed().equals(id("Beans")))
                .map(gap -> gap.from() + " " + gap.until())
                .toList();
    }

    private static Planting in(double from, double to, Planting planting) {
        return planting.in(new BedPart(from, to, 0, 1));
    }

    @ParameterizedTest
    @DisplayName("more than four weeks, at it and a day over")
    @CsvSource({
        "2027-04-12, 2027-09-12, ''",
        "2027-04-12, 2027-09-11, 2027-09-11 2027-10-10",
        "2027-05-26, 2027-12-01, ''",
        "2027-05-27, 2027-12-01, 2027-04-28 2027-05-27"
    })
    void longerThanFourWeeks(String from, String until, String gap) {
        Plan plan = with(GARDEN, Put.of(planting("Kale", "kale", "Beans", from, until)));
        assertThat(String.join("", told(plan))).isEqualTo(gap);
    }

    @Test
    void aPartOfABedMayLieBareAndWhatLiesBareTogetherIsToldOnce() {
        Plan half = with(GARDEN, Put.of(in(0, 0.5, planting("Kale", "kale", "Beans", "2027-04-12", "2027-10-25"))));
        assertThat(gaps(half).stream().filter(gap -> gap.bed().equals(id("Beans"))))
                .containsExactly(new BedGap(
                        id("Beans"), new BedPart(0.5, 1, 0, 1), LocalDate.of(2027, 4, 28), LocalDate.of(2027, 10, 10)));
        Plan thirds = with(
                GARDEN,
                Put.of(in(0, 0.3, planting("Kale", "kale", "Beans", "2027-04-12", "2027-08-01"))),
                Put.of(in(0.3, 1, planting("Leeks", "leek", "Beans", "2027-04-12", "2027-08-01"))));
        assertThat(told(thirds)).containsExactly("2027-08-01 2027-10-10");
    }

    @Test
    void whereItNeverFreezesAllOfTheYearCounts() {
        Plan coast =
                with(GARDEN, Put.of(new FrostDates(id("Frosts"), "The coast", Optional.empty(), Optional.empty())));
        assertThat(told(coast)).containsExactly("2027-01-01 2028-01-01");
    }

    @Test
    @DisplayName("in the south a calendar year has two growing times, a year from July one")
    void inTheSouth() {
        Plan south = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2)),
                new GroundChange.SetSite(new Site(GARDEN.site().corners(), 0, -38)));
        assertThat(told(south)).containsExactly("2027-01-01 2027-04-10", "2027-11-01 2028-01-01");
        Plan fromJuly = with(south, new Change.DescribeGarden(south.name(), south.units(), MonthDay.of(7, 1)));
        assertThat(told(fromJuly)).containsExactly("2027-11-01 2028-04-10");
    }

    /** Every part of the bed on every day, one by one. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void asCountedDayByDay(long seed) {
        Random random = new Random(seed);
        List<Planting> plantings = IntStream.range(0, 1 + random.nextInt(6))
                .mapToObj(i -> {
                    LocalDate from = LocalDate.of(2027, 1, 1).plusDays(random.nextInt(330));
                    double low = random.nextInt(4) / 4.0;
                    double left = random.nextInt(4) / 4.0;
                    return planting(
                                    "P" + i,
                                    "kale",
                                    "Beans",
                                    from.toString(),
                                    from.plusDays(5 + random.nextInt(150)).toString())
                            .in(new BedPart(left, left + 0.25 * (1 + random.nextInt((int) (4 - 4 * left))), low, 1));
                })
                .toList();
        Plan plan = with(GARDEN, plantings.stream().map(Put::of).toArray(Change[]::new));
        List<BedGap> gaps =
                gaps(plan).stream().filter(gap -> gap.bed().equals(id("Beans"))).toList();
        for (double x = 0.125; x < 1; x += 0.25) {
            for (double y = 0.125; y < 1; y += 0.25) {
                BedPart spot = new BedPart(x - 0.01, x + 0.01, y - 0.01, y + 0.01);
                assertThat(gaps.stream()
                                .filter(gap -> gap.part().shares(spot))
                                .flatMap(gap -> gap.from().datesUntil(gap.until()))
                                .sorted())
                        .containsExactlyElementsOf(bareDays(plantings, spot));
            }
        }
    }

    private static List<LocalDate> bareDays(List<Planting> plantings, BedPart spot) {
        List<LocalDate> bare = new java.util.ArrayList<>();
        List<LocalDate> run = new java.util.ArrayList<>();
        LocalDate end = LocalDate.of(2027, 10, 10);
        for (LocalDate day = LocalDate.of(2027, 4, 28); !day.isAfter(end); day = day.plusDays(1)) {
            LocalDate today = day;
            boolean covered = day.equals(end)
                    || plantings.stream()
                            .anyMatch(each -> each.part().shares(spot)
                                    && !today.isBefore(each.from())
                                    && today.isBefore(each.until()));
            if (!covered) {
                run.add(day);
            } else {
                if (run.size() > 28) {
                    bare.addAll(run);
                }
                run.clear();
            }
        }
        return bare;
    }

    private static List<GapFilling> fillings(Plan plan, String from, String until) {
        return GapFillings.of(
                plan, SEASON, new BedGap(id("Beans"), BedPart.WHOLE, LocalDate.parse(from), LocalDate.parse(until)));
    }

    @Test
    @DisplayName(
            "from mid July to the end: roots, greens and beans, no melons (fall planting tables of extension services)")
    void whatStillRipens() {
        List<String> crops = fillings(GARDEN, "2027-07-15", "2027-10-25").stream()
                .map(filling -> filling.planting().crop())
                .toList();
        assertThat(crops)
                .contains("carrot", "beet", "lettuce", "radish", "spinach", "turnip", "kale", "bush-bean", "phacelia")
                .doesNotContain("melon", "winter-squash", "tomato", "sweet-pepper", "pumpkin", "asparagus", "garlic");
    }

    @Test
    void whatIsProposedHasNoFlawAndLiesInTheGap() {
        Stream.of("2027-04-12 2027-07-01", "2027-06-01 2027-08-20", "2027-08-15 2027-10-25", "2027-09-20 2027-10-25")
                .map(gap -> gap.split(" "))
                .flatMap(gap -> fillings(GARDEN, gap[0], gap[1]).stream().peek(filling -> {
                    assertThat(filling.planting().from()).isAfterOrEqualTo(gap[0]);
                    assertThat(filling.planting().until()).isBeforeOrEqualTo(gap[1]);
                }))
                .forEach(filling -> {
                    Plan plan = with(GARDEN, Put.of(filling.planting()));
                    assertThat(Appraisal.of(plan, SEASON).snags().stream()
                                    .map(Snag::rule)
                                    .filter(CropRule.class::isInstance))
                            .as(filling.planting().name())
                            .containsOnly(CropRule.CROP_BARE);
                });
    }

    @Test
    void theFamilyThatGrewThereIsLeftOutAndSoIsWhatComesTooLate() {
        Plan after = with(GARDEN, Put.of(planting("Peas", "shelling-pea", "Beans", "2027-04-12", "2027-07-10")));
        assertThat(fillings(after, "2027-07-10", "2027-10-25"))
                .extracting(filling -> filling.planting().grown(GARDEN).family())
                .contains(Family.CARROT, Family.CABBAGE)
                .doesNotContain(Family.PEA);
        assertThat(fillings(GARDEN, "2027-10-10", "2027-10-25")).isEmpty();
        assertThatThrownBy(() -> fillings(GARDEN, "2027-10-10", "2027-10-10")).hasMessageContaining("ends before");
    }

    @Test
    void bedsWithoutAnythingAreToldTogether() {
        Plan plan = with(GARDEN, Put.of(planting("Peas", "shelling-pea", "Beans", "2027-04-12", "2027-07-10")));
        List<Snag> bare = Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == CropRule.CROP_BARE)
                .toList();
        assertThat(bare)
                .extracting(Snag::words)
                .containsExactlyInAnyOrder(
                        "Beans lies bare from 10 July 2027 to 10 October 2027.", "Nothing grows in Kale in 2027.");
        assertThat(bare).allSatisfy(snag -> assertThat(snag.remedies()).isNotEmpty());
        assertThat(Appraisal.of(GARDEN, SEASON).snags()).noneMatch(snag -> snag.rule() == CropRule.CROP_BARE);
    }
}
