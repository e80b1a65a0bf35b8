package fairacre.husbandry;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.hoops;
import static fairacre.testing.Gardens.laidOut;
import static fairacre.testing.Gardens.leftAside;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.trellis;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.catalogue.Family;
import fairacre.crop.BedPart;
import fairacre.crop.Layout;
import fairacre.crop.Planting;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.hoop.HoopPipe;
import fairacre.judging.Snag;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HusbandryTest {

    private static final Plan GARDEN = beds(4);

    /** Each 4 x 1.2 m, two metres apart. */
    private static Plan beds(int count) {
        return plot(
                20,
                4 + 3 * count,
                List.of(),
                IntStream.range(0, count)
                        .mapToObj(i -> bed("B" + i, 10, 3 + 3 * i, 4, 1.2))
                        .toArray(Bed[]::new));
    }

    private static List<Snag> snags(HusbandryRule rule, Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    private static Change grown(String name, String crop, String bed, String from, String until) {
        return Put.of(planting(name, crop, bed, from, until));
    }

    private static Planting part(double from, double to, Planting planting) {
        return planting.in(planting.bed(), new BedPart(from, to, 0, 1));
    }

    @ParameterizedTest
    @DisplayName("families wait three years or two (rotation tables of extension services, from memory)")
    @CsvSource({
        "potato, tomato, 2026, true",
        "potato, tomato, 2025, true",
        "potato, tomato, 2024, false",
        "cabbage, kale, 2025, true",
        "onion, leek, 2025, true",
        "carrot, parsnip, 2025, true",
        "bush-bean, shelling-pea, 2026, true",
        "bush-bean, shelling-pea, 2025, false",
        "zucchini, cucumber, 2026, true",
        "beet, chard, 2026, true",
        "beet, chard, 2025, false",
        "lettuce, endive, 2026, false",
        "tomato, cabbage, 2026, false"
    })
    void familiesWait(String before, String now, int year, boolean tooSoon) {
        Plan plan = with(
                GARDEN,
                grown("Before", before, "B0", year + "-05-20", year + "-09-20"),
                grown("Now", now, "B0", "2027-05-20", "2027-09-20"));
        assertThat(snags(HusbandryRule.FAMILY_BACK, plan)).hasSize(tooSoon ? 1 : 0);
    }

    @Test
    void onlyTheSameSoilAndWhatStoodLongEnoughCounts() {
        Planting before = planting("Before", "cabbage", "B0", "2026-05-20", "2026-09-20");
        Planting now = planting("Now", "kale", "B0", "2027-05-20", "2027-09-20");
        assertThat(snags(
                        HusbandryRule.FAMILY_BACK,
                        with(GARDEN, Put.of(part(0, 0.5, before)), Put.of(part(0.5, 1, now)))))
                .isEmpty();
        Change quick = grown("Before", "radish", "B0", "2026-05-20", "2026-07-18");
        assertThat(snags(HusbandryRule.FAMILY_BACK, with(GARDEN, quick, Put.of(now))))
                .as("59 days")
                .isEmpty();
        Change longer = grown("Before", "radish", "B0", "2026-05-20", "2026-07-19");
        assertThat(snags(HusbandryRule.FAMILY_BACK, with(GARDEN, longer, Put.of(now))))
                .as("60 days")
                .hasSize(1);
    }

    @Test
    void theyExchangePlacesSoThatNoFamilyReturnsTooSoon() {
        Plan plan = with(
                beds(6),
                grown("Old", "cabbage", "B0", "2026-05-20", "2026-09-20"),
                grown("Old beans", "bush-bean", "B1", "2026-05-20", "2026-09-20"),
                grown("Kale", "kale", "B0", "2027-05-20", "2027-10-10"),
                grown("Peas", "shelling-pea", "B2", "2027-04-20", "2027-10-10"),
                grown("Broccoli", "broccoli", "B3", "2027-05-20", "2027-10-10"));
        Snag snag = snags(HusbandryRule.FAMILY_BACK, plan).get(0);
        assertThat(snag.words())
                .isEqualTo("Kale grows in B0, where Old grew the year before: a wait of 3 years is usual"
                        + " (Cabbage family).");
        assertThat(snag.remedies().get(0).words()).isEqualTo("Grow Kale in B2 and Peas in B0");
        assertThat(snags(
                        HusbandryRule.FAMILY_BACK,
                        plan.apply(snag.remedies().get(0).change()).orThrow()))
                .isEmpty();
    }

    @Test
    @DisplayName("two beds of a family that waits three years need six: with five it is told once for all of them")
    void tooFewBeds() {
        Change[] cabbages = {
            grown("Old 0", "cabbage", "B0", "2026-05-20", "2026-10-10"),
            grown("Old 1", "cabbage", "B1", "2026-05-20", "2026-10-10"),
            grown("New 0", "cabbage", "B0", "2027-05-20", "2027-10-10"),
            grown("New 1", "cabbage", "B1", "2027-05-20", "2027-10-10")
        };
        assertThat(snags(HusbandryRule.FAMILY_BACK, with(beds(6), cabbages))).hasSize(2);
        assertThat(snags(HusbandryRule.TOO_FEW_BEDS, with(beds(6), cabbages))).isEmpty();
        Plan five = with(beds(5), cabbages);
        assertThat(snags(HusbandryRule.FAMILY_BACK, five)).isEmpty();
        Plan withRadish = with(five, grown("A radish", "radish", "B2", "2027-04-20", "2027-05-30"));
        assertThat(snags(HusbandryRule.TOO_FEW_BEDS, withRadish).get(0).remedies())
                .as("a quick one is not to blame")
                .noneMatch(remedy -> remedy.words().contains("radish"));
        assertThat(snags(HusbandryRule.TOO_FEW_BEDS, five))
                .extracting(Snag::words)
                .containsExactly("Cabbage family: in 2 of 5 beds in 2027; with a wait of 3 years that takes 6 beds.");
    }

    @ParameterizedTest
    @DisplayName("clubroot keeps cabbages away for 7 years and white rot onions for 8 [extension tables, memory]")
    @CsvSource({
        "CLUBROOT, cabbage, 2020-09-01, false",
        "CLUBROOT, cabbage, 2021-09-01, true",
        "CLUBROOT, radish, 2021-09-01, true",
        "CLUBROOT, onion, 2021-09-01, false",
        "WHITE_ROT, onion, 2019-12-31, false",
        "WHITE_ROT, onion, 2020-01-01, true",
        "CLUBROOT, cabbage, 2027-05-20, true",
        "CLUBROOT, cabbage, 2027-05-21, false"
    })
    void diseases(Disease disease, String crop, String found, boolean told) {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.disease("Found", disease, "B0", found)),
                grown("New", crop, "B0", "2027-05-20", "2027-09-10"),
                grown("Elsewhere", crop, "B1", "2027-05-20", "2027-09-10"));
        assertThat(snags(HusbandryRule.DISEASED_SOIL, plan)).hasSize(told ? 1 : 0);
    }

    @Test
    void aDiseasedBedChangesPlacesWithAHealthyOne() {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.disease("Clubs", Disease.CLUBROOT, "B0", "2025-09-01")),
                grown("Kale", "kale", "B0", "2027-05-20", "2027-09-10"),
                grown("Chard", "chard", "B1", "2027-05-20", "2027-09-10"));
        Snag snag = snags(HusbandryRule.DISEASED_SOIL, plan).get(0);
        assertThat(snag.words()).isEqualTo("Clubroot was found in B0 in 2025: Kale may grow there again from 2032 on.");
        assertThat(snag.remedies().get(0).words()).isEqualTo("Grow Kale in B1 and Chard in B0");
        assertThat(snags(
                        HusbandryRule.DISEASED_SOIL,
                        with(plan, snag.remedies().get(0).change())))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(HusbandryRule.class)
    void whatGardenersDifferAboutCanBeLeftAside(HusbandryRule rule) {
        if (rule.evidence().isEmpty()) {
            assertThatThrownBy(() -> leftAside(rule.name())).hasMessageContaining("no rule to be left aside");
            return;
        }
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.dripline("B0", "Tap")),
                Put.of(part(0, 0.3, planting("Onions", "onion", "B0", "2027-04-20", "2027-08-20"))),
                Put.of(part(0.3, 0.6, planting("Beans", "pole-bean", "B0", "2027-05-20", "2027-10-10"))),
                Put.of(part(0.6, 1, planting("Potatoes", "potato", "B0", "2027-04-20", "2027-08-20"))),
                grown("Pumpkins", "pumpkin", "B2", "2027-05-20", "2027-10-01"),
                Put.of(Gardens.gardener("Ada", 0.6, 1.5)));
        assertThat(snags(rule, plan)).hasSize(1);
        assertThat(snags(rule, with(plan, Put.of(leftAside(rule.name()))))).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("a support stands within half a metre of the bed, at it and a hair over")
    @CsvSource({"4.1, true", "4.101, false"})
    void supports(double y, boolean supported) {
        // The bed ends at 3.6 m.
        Plan plan = with(
                GARDEN,
                grown("Beans", "pole-bean", "B0", "2027-05-20", "2027-10-10"),
                Put.of(trellis("Net", 9, y, 11, y)));
        assertThat(snags(HusbandryRule.NO_SUPPORT, plan).isEmpty()).isEqualTo(supported);
        assertThat(snags(
                        HusbandryRule.NO_SUPPORT,
                        with(GARDEN, grown("Peas", "shelling-pea", "B0", "2027-04-20", "2027-07-10"))))
                .as("lower than a metre")
                .isEmpty();
    }

    @Test
    @DisplayName("what is planted along a trellis lacks one, however low it is; an arch has no foot to plant along")
    void alongNoTrellis() {
        Planting peas = planting("Peas", "shelling-pea", "B0", "2027-04-20", "2027-07-10");
        Plan plan = with(GARDEN, Put.of(laidOut(peas, Layout.ALONG_TRELLIS)));
        List<Snag> lacking = snags(HusbandryRule.NO_SUPPORT, plan);
        assertThat(lacking).hasSize(1);
        Plan mended = with(plan, lacking.get(0).remedies().get(0).change());
        assertThat(snags(HusbandryRule.NO_SUPPORT, mended)).isEmpty();
        assertThat(snags(HusbandryRule.NO_SUPPORT, with(plan, Put.of(Gardens.arch("Arch", 9, 3.5, 9, 5.5)))))
                .hasSize(1);
    }

    @ParameterizedTest
    @DisplayName("meshes that keep cabbage whites off are 7 mm and finer (common practice)")
    @CsvSource({"BUTTERFLY_NET, true", "INSECT_NET, true", "FLEECE, true", "BIRD_NET, false", "SHADE_CLOTH, false"})
    void nets(Fabric fabric, boolean kept) {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.pest("Whites", PestKind.CABBAGE_WHITE, Pest.Pressing.LOW)),
                grown("Kale", "kale", "B0", "2027-05-20", "2027-10-10"),
                Put.of(hoops(
                        "Hoops", HoopPipe.PE_20, Optional.of(Length.metres(0.8)), Optional.empty(), fabric, "B0")));
        assertThat(snags(HusbandryRule.NET_MISSING, plan).isEmpty()).isEqualTo(kept);
    }

    @Test
    void aPestComesForItsFamiliesOnlyAndIsToldOnce() {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.pest("Whites", PestKind.CABBAGE_WHITE, Pest.Pressing.LOW)),
                Put.of(Gardens.pest("Deer", PestKind.DEER, Pest.Pressing.LOW)),
                grown("Kale", "kale", "B0", "2027-05-20", "2027-10-10"),
                grown("Cabbage", "cabbage", "B1", "2027-05-20", "2027-10-10"),
                grown("Onions", "onion", "B2", "2027-04-20", "2027-08-20"));
        assertThat(snags(HusbandryRule.NET_MISSING, plan))
                .extracting(Snag::words)
                .containsExactly("Whites comes for Cabbage, Kale: nothing over the beds keeps it off.");
    }

    @Test
    void leavesAreKeptDryInABedWithoutSprinklers() {
        Plan plan = with(
                GARDEN,
                Put.of(Gardens.sprinklers("B0", "Tap", 2)),
                grown("Old", "zucchini", "B0", "2025-05-25", "2025-10-01"),
                grown("Squash", "zucchini", "B0", "2027-05-25", "2027-10-10"),
                grown("Chard", "chard", "B1", "2027-04-28", "2027-10-10"));
        assertThat(snags(HusbandryRule.WET_LEAVES, plan)
                        .get(0)
                        .remedies()
                        .get(0)
                        .words())
                .isEqualTo("Grow Squash in B1 and Chard in B0");
    }

    @Test
    @DisplayName(
            "potatoes are not earthed up over a dripline, but may be under sprinklers, or if the rule is left aside")
    void hilledCropsKeepOffLines() {
        Change potatoes = grown("Potatoes", "potato", "B0", "2027-04-25", "2027-09-01");
        Plan plan = with(GARDEN, Put.of(Gardens.dripline("B0", "Tap")), potatoes);
        assertThat(snags(HusbandryRule.HILLED_ON_LINES, plan)).hasSize(1);
        assertThat(snags(
                        HusbandryRule.HILLED_ON_LINES,
                        with(plan, Put.of(leftAside(HusbandryRule.HILLED_ON_LINES.name())))))
                .isEmpty();
        assertThat(snags(
                        HusbandryRule.HILLED_ON_LINES,
                        with(GARDEN, Put.of(Gardens.sprinklers("B0", "Tap", 2)), potatoes)))
                .isEmpty();
        assertThat(snags(
                        HusbandryRule.HILLED_ON_LINES,
                        with(
                                GARDEN,
                                Put.of(Gardens.dripline("B0", "Tap")),
                                grown("Chard", "chard", "B0", "2027-04-28", "2027-10-10"))))
                .isEmpty();
    }

    @Test
    void everyFamilyOfTheRotationTablesWaits() {
        assertThat(Arrays.stream(Family.values()).filter(family -> FamilyHistory.wait(family) > 0))
                .containsExactlyInAnyOrder(
                        Family.NIGHTSHADE,
                        Family.CABBAGE,
                        Family.PEA,
                        Family.ONION,
                        Family.GOURD,
                        Family.CARROT,
                        Family.BEET);
    }
}
