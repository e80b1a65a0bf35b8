package fairacre.rotation;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.disease;
import static fairacre.testing.Gardens.frosts;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.leftAside;
import static fairacre.testing.Gardens.lock;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.wish;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Family;
import fairacre.catalogue.Feeding;
import fairacre.crop.BedGaps;
import fairacre.crop.CropRule;
import fairacre.crop.GapFilling;
import fairacre.crop.GapFillings;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.harvest.Enough;
import fairacre.harvest.HarvestStudy;
import fairacre.harvest.HarvestTold.Food;
import fairacre.harvest.Want;
import fairacre.husbandry.Company;
import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryRule;
import fairacre.husbandry.RulesLeftAside;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class YearsTest {

    private static final double WORK = 0.5;

    /** Beds of 4 x 1.2 m, half a metre apart from north to south: two crops grow in each. */
    private static Plan garden(int beds, Change... changes) {
        Bed[] all = IntStream.range(0, beds)
                .mapToObj(i -> bed("Bed " + i, 3 + 5 * (i / 4), 3 + 1.7 * (i % 4), 4, 1.2))
                .toArray(Bed[]::new);
        Plan plan = with(plot(24, 24, List.of(), all), Put.of(frosts("--04-12", "--04-28", "--05-15")));
        return with(plan, changes);
    }

    private static List<YearsPlan> told(Plan plan, int years, UUID... beds) {
        return told(plan, new YearsAsked(SEASON, years, List.of(beds), false));
    }

    private static List<YearsPlan> told(Plan plan, YearsAsked asked) {
        List<YearsPlan> told = new ArrayList<>();
        YearsStudy.of(plan, asked, WORK, Memo.none()).run(told::add);
        assertThat(told).hasSize(YearsStudy.steps());
        assertThat(told.get(0).solved()).isFalse();
        assertThat(told.get(1).solved()).isTrue();
        assertThat(told.get(1).cost()).isLessThanOrEqualTo(told.get(0).cost());
        return told;
    }

    private static YearsPlan solved(Plan plan, int years, UUID... beds) {
        return told(plan, years, beds).get(1);
    }

    private static Plan after(Plan plan, YearsPlan years) {
        return ((Outcome.Applied) plan.apply(years.edit())).plan();
    }

    /** Of crops, but that a bed lies bare: nobody wished for more. */
    private static List<Snag> snags(Plan plan, int season) {
        List<Rule> rules = new ArrayList<>(List.of(CropRule.values()));
        rules.addAll(List.of(HusbandryRule.values()));
        rules.remove(CropRule.CROP_BARE);
        return Appraisal.of(plan, season).snags().stream()
                .filter(snag -> rules.contains(snag.rule()))
                .toList();
    }

    private static final Change[] WISHES = {
        Put.of(wish("tomato", Want.MUST, 10)),
        Put.of(wish("potato", Want.MUST, 12)),
        Put.of(wish("carrot", Want.MUST, 8)),
        Put.of(wish("onion", Want.MAY, 8)),
        Put.of(wish("bush-bean", Want.MAY, 3)),
        Put.of(wish("kale", Want.MAY, 6)),
        Put.of(wish("sweet-corn", Want.FUN, 4)),
        Put.of(wish("melon", Want.NEVER))
    };

    @Test
    @DisplayName("what is planned for three years breaks no rule of crops in any of them, quick or solved")
    void noRuleIsBroken() {
        Plan plan = with(garden(8, WISHES), Put.of(trellis("Wires", 1, 7.3, 5, 7.3)));
        for (YearsPlan years : told(plan, 3)) {
            Plan planted = after(plan, years);
            IntStream.rangeClosed(SEASON, SEASON + 2)
                    .forEach(season -> assertThat(snags(planted, season)).isEmpty());
            assertThat(planted.list(PlantingKinds.PLANTINGS))
                    .extracting(Planting::crop)
                    .contains("tomato", "potato", "carrot")
                    .doesNotContain("melon");
        }
        YearsPlan years = solved(plan, 3);
        assertThat(years).isEqualTo(solved(plan, 3));
        assertThat(years.bound()).isLessThanOrEqualTo(years.cost());
        // What it says of the harvest is what the page of the harvest says.
        Plan planted = after(plan, years);
        years.wishes().forEach(met -> {
            Food food = HarvestStudy.of(planted, met.season()).foods().stream()
                    .filter(each -> each.crop().equals(met.crop()))
                    .findFirst()
                    .orElseThrow();
            assertThat(met.got()).isCloseTo(food.harvest().usual(), within(1e-6));
            assertThat(met.wanted()).isEqualTo(food.wanted());
            if (met.got() >= met.wanted()) {
                assertThat(food.enough()).isIn(Enough.ENOUGH, Enough.PLENTY);
            }
        });
        // Planned again, nothing changes.
        assertThat(solved(planted, 3).edit()).isEqualTo(new Change.Batch("Plan the years 2027 to 2029", List.of()));
    }

    private static int bareDays(Plan plan, int season) {
        return BedGaps.of(plan, season, plan.standing(season)).stream()
                .mapToInt(gap -> (int) ChronoUnit.DAYS.between(gap.from(), gap.until()))
                .sum();
    }

    @Test
    @DisplayName("green manure covers what would lie bare, breaks no rule, and costs nothing of what is eaten")
    void greenManure() {
        Plan plan = with(garden(5, WISHES), Put.of(trellis("Wires", 1, 7.3, 5, 7.3)));
        YearsAsked asked = new YearsAsked(SEASON, 2, List.of(), true);
        YearsPlan bare = solved(plan, 2);
        YearsPlan covered = told(plan, asked).get(1);
        assertThat(covered.cost()).isEqualTo(bare.cost());
        assertThat(covered.wishes()).isEqualTo(bare.wishes());
        assertThat(covered.plantings()).containsAll(bare.plantings());
        List<Planting> covers = covered.plantings().stream()
                .filter(planting -> !bare.plantings().contains(planting))
                .toList();
        assertThat(covers).isNotEmpty().allSatisfy(cover -> {
            Crop crop = cover.grown(plan);
            assertThat(crop.feeding()).isEqualTo(Feeding.GIVER);
            assertThat(crop.yield().usual()).isZero();
        });
        Plan planted = after(plan, covered);
        IntStream.rangeClosed(SEASON, SEASON + 1).forEach(season -> {
            assertThat(snags(planted, season)).isEmpty();
            assertThat(bareDays(planted, season)).isLessThan(bareDays(after(plan, bare), season) / 2);
            // Nothing more that covers the soil goes there.
            BedGaps.of(planted, season, planted.standing(season))
                    .forEach(gap -> assertThat(GapFillings.covers(planted, season, gap)
                                    .map(GapFilling::planting)
                                    .filter(cover -> covers.stream()
                                            .map(Planting::crop)
                                            .toList()
                                            .contains(cover.crop()))
                                    .filter(cover -> planted.list(PlantingKinds.PLANTINGS).stream()
                                            .noneMatch(other -> Rivals.isTooSoon(planted, other, cover)
                                                    || Company.isBad(planted, other, cover))))
                            .isEmpty());
        });
        assertThat(told(planted, asked).get(1).edit())
                .isEqualTo(new Change.Batch("Plan the years 2027 to 2028", List.of()));
    }

    @Test
    @DisplayName("with four beds nightshades stand once in three years in each place")
    void familiesWait() {
        Plan plan = garden(4, Put.of(wish("potato", Want.MUST, 5)), Put.of(wish("sweet-pepper", Want.MUST, 5)));
        Plan planted = after(plan, solved(plan, 6));
        Map<List<Object>, List<Integer>> seasons = planted.list(PlantingKinds.PLANTINGS).stream()
                .filter(each -> each.grown(plan).family() == Family.NIGHTSHADE)
                .sorted(Comparator.comparing(Planting::from))
                .collect(Collectors.groupingBy(
                        each -> List.of(each.bed(), each.part()),
                        Collectors.mapping(each -> each.from().getYear(), Collectors.toList())));
        seasons.values()
                .forEach(years -> IntStream.range(1, years.size())
                        .forEach(
                                i -> assertThat(years.get(i) - years.get(i - 1)).isGreaterThanOrEqualTo(3)));
        assertThat(seasons).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    @DisplayName("what grew before the first year counts: a family is back after three years, not after two")
    void whatGrewBeforeCounts(int ago) {
        int year = SEASON - ago;
        Plan plan = garden(
                1,
                Put.of(planting("Old potatoes", "potato", "Bed 0", year + "-04-20", year + "-09-01")),
                Put.of(wish("potato", Want.MUST, 3)));
        YearsPlan years = solved(plan, 1);
        assertThat(years.plantings().isEmpty()).isEqualTo(ago < 3);
        assertThat(years.removed()).isEmpty();
        if (ago < 3) {
            assertThat(years.unmet())
                    .containsExactly("Potato can't grow: its family grew there too short a time before.");
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 6, 7})
    @DisplayName("no cabbage is planned where clubroot was found less than seven years ago [extension tables, memory]")
    void diseasedSoilIsSpared(int ago) {
        Plan plan = garden(
                1,
                Put.of(disease("Clubs", Disease.CLUBROOT, "Bed 0", (SEASON - ago) + "-09-01")),
                Put.of(wish("cabbage", Want.MUST, 3)));
        YearsPlan years = solved(plan, 1);
        assertThat(years.plantings().isEmpty()).isEqualTo(ago < 7);
        if (ago < 7) {
            assertThat(years.unmet())
                    .singleElement()
                    .asString()
                    .endsWith("can't grow: a disease of its family was found in the free beds.");
        }
    }

    @Test
    @DisplayName("a locked planting stays where it is, another gives way, and those of other beds and years stay")
    void locksHold() {
        Plan plan = garden(
                3,
                Put.of(planting("Peppers", "sweet-pepper", "Bed 0", "2027-06-01", "2027-09-20")),
                Put.of(planting("Radish", "radish", "Bed 1", "2027-04-10", "2027-06-01")),
                Put.of(planting("Dill", "dill", "Bed 2", "2027-05-10", "2027-08-01")),
                Put.of(planting("Later", "dill", "Bed 1", "2029-05-10", "2029-08-01")),
                Put.of(lock("Lock", "Peppers")),
                Put.of(wish("carrot", Want.MUST, 4)));
        YearsPlan years = solved(plan, 2, id("Bed 0"), id("Bed 1"));
        assertThat(years.removed()).containsExactly(id("Radish"));
        Plan planted = after(plan, years);
        assertThat(planted.list(PlantingKinds.PLANTINGS))
                .extracting(Planting::name)
                .contains("Peppers", "Dill", "Later", "Carrot")
                .doesNotContain("Radish");
        assertThat(years.plantings())
                .allMatch(each -> !each.bed().equals(id("Bed 2"))
                        && (!each.bed().equals(id("Bed 0"))
                                || !each.meets(planted.list(PlantingKinds.PLANTINGS).stream()
                                        .filter(other -> other.name().equals("Peppers"))
                                        .findFirst()
                                        .orElseThrow())));
        assertThat(snags(planted, SEASON)).isEmpty();
    }

    @Test
    @DisplayName("who climbs is planned at the trellis alone, unless that rule is left aside")
    void climbersStandAtTheirTrellis() {
        Plan plan = garden(4, Put.of(wish("pole-bean", Want.MUST, 3)));
        assertThat(solved(plan, 1).unmet()).singleElement().asString().contains("nothing to climb on");
        Plan wired = with(plan, Put.of(trellis("Wires", 1, 7.3, 5, 7.3)));
        assertThat(solved(wired, 1).plantings())
                .isNotEmpty()
                .allMatch(each -> each.bed().equals(id("Bed 2")));
        RulesLeftAside aside = leftAside(HusbandryRule.NO_SUPPORT.name());
        assertThat(solved(with(plan, Put.of(aside)), 1).plantings()).isNotEmpty();
    }

    @Test
    @DisplayName("what can't all grow is told with the smallest set of wishes that clash")
    void clashesAreNamed() {
        // Potatoes and carrots want all of the one bed: one can follow the other, but there is no time for a third.
        Plan plan = garden(1, Put.of(wish("potato", Want.MUST, 12)), Put.of(wish("carrot", Want.MUST, 16)));
        Plan more = with(plan, Put.of(wish("radish", Want.MUST, 1)));
        YearsPlan years = solved(more, 1);
        assertThat(years.unmet()).hasSize(1);
        assertThat(years.unmet().get(0))
                .startsWith("Carrot, Potato, Radish: the beds can't give so much of all of these");
        assertThat(solved(plan, 1).unmet()).isEmpty();
        Plan modest = with(more, Put.of(wish("carrot", Want.MAY, 16)));
        assertThat(solved(modest, 1).unmet()).isEmpty();
        Plan greedy = garden(1, Put.of(wish("carrot", Want.MUST, 400)));
        assertThat(solved(greedy, 1).unmet()).containsExactly("Carrot: the beds can't give so much of it every year.");
    }

    @Test
    void whatIsPlantedInAutumnIsRipeTheYearAfter() {
        Plan plan = garden(2, Put.of(wish("garlic", Want.MUST, 2)), Put.of(wish("strawberry", Want.MUST, 2)));
        YearsPlan years = solved(plan, 2);
        assertThat(years.unmet())
                .containsExactlyInAnyOrder(
                        "Garlic can't be ripe in 2027: it would have been planted the year before.",
                        "Strawberry lasts for years and is not planned here: plant it where it is to stay.");
        assertThat(years.wishes().stream()
                        .filter(met -> met.crop().equals("garlic") && met.season() == SEASON + 1)
                        .findFirst()
                        .orElseThrow()
                        .got())
                .isGreaterThanOrEqualTo(2);
    }

    @Test
    @DisplayName("a year in which its family still waits is told as such, not as one in which it was planted too late")
    void aYearWithoutAPlaceIsTold() {
        Plan plan = garden(
                1,
                Put.of(planting("Old potatoes", "potato", "Bed 0", "2025-04-20", "2025-09-01")),
                Put.of(wish("potato", Want.MUST, 3)));
        assertThat(solved(plan, 2).unmet())
                .containsExactly("Potato can't be ripe in 2027: no place is free and fit for it in that year.");
    }

    @Test
    void whatCannotBeAskedForIsRefused() {
        Plan plan = garden(1);
        assertThatThrownBy(() -> told(plan, 1))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nothing is wished for");
        Plan wished = with(plan, Put.of(wish("kale", Want.MAY)));
        assertThatThrownBy(() -> told(wished, 7)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> told(wished, 0)).isInstanceOf(RefusedException.class);
        Change[] everything = Crops.all().stream()
                .filter(crop -> crop.eaten() > 0)
                .map(crop -> Put.of(wish(crop.key(), Want.MAY)))
                .toArray(Change[]::new);
        assertThatThrownBy(() -> told(garden(16, everything), 6)).hasMessageContaining("too much to plan at once");
        assertThatThrownBy(() -> told(wished, 1, id("Gone"))).hasMessageContaining("no bed is there");
    }
}
