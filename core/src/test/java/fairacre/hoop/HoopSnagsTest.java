package fairacre.hoop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.over.OverRule;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HoopSnagsTest {

    private static Plan plan(Bed... beds) {
        return plot(20, 20, List.of(gardener("Ada", 0.6, 0.6)), beds);
    }

    private static HoopSet set(HoopPipe pipe, Optional<Double> rise, Optional<Double> length, String... beds) {
        return Gardens.hoops("Tunnel", pipe, rise.map(Length::metres), length.map(Length::metres), Fabric.FLEECE, beds);
    }

    private static List<Snag> snags(Plan plan, Rule rule) {
        return snags(plan, SEASON, rule);
    }

    private static List<Snag> snags(Plan plan, int season, Rule rule) {
        return Appraisal.of(plan, season).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    /** Every remedy puts it right, and nothing of hoops is wrong after it. */
    private static void allCure(Plan plan, int season, Snag snag) {
        assertThat(snag.remedies()).isNotEmpty().allSatisfy(remedy -> {
            Plan after = plan.apply(remedy.change()).orThrow();
            Stream.of(HoopRule.values())
                    .forEach(rule -> assertThat(snags(after, season, rule))
                            .as(remedy.words())
                            .isEmpty());
        });
    }

    @Test
    @DisplayName("A pipe as long as the bed is wide makes no bow; a millimetre more does")
    void aBowIsLongerThanTheBedIsWide() {
        Plan garden = plan(bed("Beans", 10, 10, 2, 1.02));
        Plan tooShort = with(garden, Put.of(set(HoopPipe.WIRE_4, Optional.empty(), Optional.of(1.616), "Beans")));
        Snag snag = snags(tooShort, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(snag.words())
                .isEqualTo("Tunnel can't stand over Beans: it is 1.016 m wide inside, and a bow has 1.016 m of pipe"
                        + " above the soil.");
        allCure(tooShort, SEASON, snag);
        assertThat(snag.remedies()).extracting(Remedy::words).first().asString().startsWith("Cut longer bows");
        Plan enough = with(garden, Put.of(set(HoopPipe.WIRE_4, Optional.empty(), Optional.of(1.617), "Beans")));
        assertThat(snags(enough, HoopRule.HOOPS_DONT_FIT)).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("A half circle of PE pipe of 20 mm over a bed 0.82 m wide has a radius of 0.4 m, which it bears")
    @CsvSource({
        "0.82, 0.4, false",
        "0.82, 0.6, false",
        "0.819998, 0.6, true",
        "0.7, 0.18, false",
        "0.7, 0.19, true",
        "0.6, 0.5, true"
    })
    void noBowIsBentTighterThanItsPipeBears(double wide, double rise, boolean isTight) {
        Plan tunnel = with(
                plan(bed("Beans", 10, 10, 2, wide)),
                Put.of(set(HoopPipe.PE_20, Optional.of(rise), Optional.empty(), "Beans")));
        List<Snag> snags = snags(tunnel, HoopRule.HOOP_TOO_TIGHT);
        assertThat(snags).hasSize(isTight ? 1 : 0);
        snags.forEach(snag -> allCure(tunnel, SEASON, snag));
    }

    @Test
    @DisplayName("The highest that a pipe bears is found: a step higher is too tight again")
    void theHighestIsFound() {
        Plan tunnel = with(
                plan(bed("Beans", 10, 10, 2, 0.7)),
                Put.of(set(HoopPipe.PE_25, Optional.of(0.5), Optional.empty(), "Beans")));
        Snag snag = snags(tunnel, HoopRule.HOOP_TOO_TIGHT).get(0);
        HoopSet lower = snag.remedies().stream()
                .filter(remedy -> remedy.words().endsWith(" high"))
                .map(remedy -> (HoopSet) ((Put<?>) remedy.change()).thing())
                .findFirst()
                .orElseThrow();
        double half = (0.7 - 0.025) / 2;
        double highest = 0.5 - Math.sqrt(0.25 - half * half);
        assertThat(lower.rise().orElseThrow().metres()).isBetween(highest - 0.005, highest);
    }

    @Test
    @DisplayName("A pipe of 12 m over 0.7 m rises higher than any set may: what helps is told all the same")
    void aVeryLongPipeIsHelpedToo() {
        Plan tunnel = with(
                plan(bed("Beans", 10, 10, 2, 0.7)),
                Put.of(set(HoopPipe.PE_20, Optional.empty(), Optional.of(12.0), "Beans")));
        Snag snag = snags(tunnel, HoopRule.HOOP_TOO_TIGHT).get(0);
        allCure(tunnel, SEASON, snag);
        assertThat(snag.remedies()).extracting(Remedy::words).anyMatch(words -> words.endsWith(" high"));
    }

    @Test
    void bowsNeedStraightSidesAndSleevesBoards() {
        Plan comb = with(
                plan(Gardens.shaped("Comb", rectangle(10, 10, 3, 1.2, 0), Gardens.comb(2, 0.4, 0.5))),
                Put.of(Gardens.hoops("Tunnel", 0.4, "Comb")));
        Snag shape = snags(comb, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(shape.words()).contains("four corners");
        allCure(comb, SEASON, shape);
        HoopSet sleeved = Gardens.hoops("Tunnel", 0.4, "Beans").withAnchor(HoopAnchor.IN_SLEEVES, Length.metres(0.2));
        Plan bare = with(plan(bed("Beans", 10, 10, 2, 1)), Put.of(sleeved));
        Snag boards = snags(bare, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(boards.words()).contains("no boards");
        allCure(bare, SEASON, boards);
        Plan boxed = with(plan(bed("Beans", 10, 10, 2, 1, 0, Optional.of(cedar(Board.B2X10, 1)))), Put.of(sleeved));
        assertThat(snags(boxed, HoopRule.HOOPS_DONT_FIT)).isEmpty();
    }

    @ParameterizedTest
    @DisplayName("Feet go no deeper than a table's soil, to the micrometre")
    @ValueSource(ints = {-1, 0, 1})
    void feetGoNoDeeperThanATablesSoil(int more) {
        Plan table = plan(bed("Beans", 10, 10, 2, 1, 0, Optional.of(cedar(Board.B2X10, 1))));
        table = Gardens.rebuilt(
                table,
                "Beans",
                r -> r.withBuild(
                        new Build(Optional.empty(), Optional.empty(), Length.metres(0.6), Length.ZERO, Length.ZERO)));
        Length soil = HoopFit.soil(table.standing(SEASON).get(0).revision());
        assertThat(soil).isLessThan(Board.B2X10.width());
        HoopSet set = Gardens.hoops("Tunnel", 0.4, "Beans")
                .withAnchor(HoopAnchor.IN_SOIL, new Length(soil.micrometres() + more));
        Plan tunnel = with(table, Put.of(set));
        List<Snag> snags = snags(tunnel, HoopRule.HOOPS_DONT_FIT);
        assertThat(snags).hasSize(more > 0 ? 1 : 0);
        for (Snag snag : snags) {
            assertThat(snag.remedies()).hasSize(2);
            allCure(tunnel, SEASON, snag);
        }
    }

    @Test
    void metalIsBentForOneWidth() {
        Plan two = with(
                plan(bed("Wide", 10, 5, 2, 1.2), bed("Slim", 10, 10, 2, 1)),
                Put.of(set(HoopPipe.WIRE_4, Optional.of(0.5), Optional.empty(), "Wide", "Slim")));
        Snag snag = snags(two, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(snag.beds()).containsExactly(id("Slim"));
        allCure(two, SEASON, snag);
        Plan sprung = with(two, Put.of(set(HoopPipe.PE_20, Optional.of(0.5), Optional.empty(), "Wide", "Slim")));
        assertThat(snags(sprung, HoopRule.HOOPS_DONT_FIT)).isEmpty();
    }

    @Test
    @DisplayName("Over a bed that comes two seasons later it stands from then on only, or not at all")
    void aSetStandsOverABedOfItsSeasons() {
        Plan garden = with(
                plan(bed("Beans", 10, 5, 2, 1.2)),
                new Change.PlaceBed(later(bed("Later", 10, 10, 2, 1.2), SEASON + 2)),
                Put.of(Gardens.hoops("Tunnel", 0.5, "Beans", "Later")));
        Snag snag = snags(garden, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(snag.words()).isEqualTo("Tunnel is to stand over Later, which isn't there in 2027.");
        assertThat(snag.remedies())
                .extracting(Remedy::words)
                .containsExactly("Put it there only while the bed stands", "Take Later off the list of Tunnel");
        allCure(garden, SEASON, snag);
        assertThat(snags(garden, SEASON + 2, HoopRule.HOOPS_DONT_FIT)).isEmpty();
        Plan after = garden.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(HoopKinds.sets(after, SEASON + 2).get(0).beds(SEASON + 2)).contains(id("Later"));
        Plan gone = with(garden, new Change.RemoveBed(id("Later")));
        Snag without = snags(gone, SEASON + 2, HoopRule.HOOPS_DONT_FIT).get(0);
        assertThat(without.words()).contains("a bed that is gone");
        allCure(gone, SEASON + 2, without);
    }

    private static Bed later(Bed bed, int season) {
        return new Bed(
                bed.id(),
                bed.name(),
                bed.revisions().stream().map(r -> r.startingIn(season)).toList(),
                Optional.empty());
    }

    @Test
    void oneSetStandsOverABedAtATime() {
        Plan two = with(
                plan(bed("Beans", 10, 5, 2, 1.2)),
                Put.of(Gardens.hoops("Tunnel", 0.5, "Beans")),
                Put.of(Gardens.hoops("Second", 0.5, "Beans")));
        Snag snag = snags(two, HoopRule.HOOPS_TWICE).get(0);
        assertThat(snag.words()).contains("Second").contains("Tunnel");
        allCure(two, SEASON, snag);
    }

    @Test
    @DisplayName("Common practice: flea beetles need 0.8 mm, carrot and cabbage flies 1.3 mm, cabbage whites 7 mm")
    void aNetIsAsFineAsWhatFliesIn() {
        assertThat(letsThrough(Fabric.FINE_NET, PestKind.FLEA_BEETLE)).isFalse();
        assertThat(letsThrough(Fabric.INSECT_NET, PestKind.FLEA_BEETLE)).isTrue();
        assertThat(letsThrough(Fabric.INSECT_NET, PestKind.ROOT_FLIES)).isFalse();
        assertThat(letsThrough(Fabric.BUTTERFLY_NET, PestKind.ROOT_FLIES)).isTrue();
        assertThat(letsThrough(Fabric.BUTTERFLY_NET, PestKind.CABBAGE_WHITE)).isFalse();
        assertThat(letsThrough(Fabric.BIRD_NET, PestKind.CABBAGE_WHITE)).isTrue();
        assertThat(letsThrough(Fabric.FLEECE, PestKind.FLEA_BEETLE)).isFalse();
        assertThat(letsThrough(Fabric.BIRD_NET, PestKind.DEER)).isFalse();
    }

    private static boolean letsThrough(Fabric cover, PestKind pest) {
        Plan plan = with(
                plan(bed("Beans", 10, 5, 2, 1.2)),
                Put.of(Gardens.hoops("Tunnel", 0.5, "Beans").withCover(cover)),
                Put.of(Gardens.pest(pest.label(), pest, Pest.Pressing.LOW)));
        List<Snag> snags = snags(plan, OverRule.NET_TOO_WIDE);
        snags.forEach(snag -> allCure(plan, SEASON, snag));
        return !snags.isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"BIRD_NET, true", "BUTTERFLY_NET, true", "INSECT_NET, false", "FILM, false", "NONE, false"})
    @DisplayName("Victoria (Australia), 2019: mesh of 5 mm at most")
    void aWideMeshCatchesAnimals(Fabric cover, boolean catches) {
        Plan plan = with(
                plan(bed("Beans", 10, 5, 2, 1.2)),
                Put.of(Gardens.hoops("Tunnel", 0.5, "Beans").withCover(cover)));
        List<Snag> snags = snags(plan, OverRule.NET_CATCHES);
        assertThat(snags).hasSize(catches ? 1 : 0);
        snags.forEach(snag -> allCure(plan, SEASON, snag));
    }

    @Test
    void aSetThatStandsOverNothingHasNoFlaw() {
        Plan plan = with(
                plan(bed("Beans", 10, 5, 2, 1.2)),
                Put.of(Gardens.hoops("Tunnel", 0.5).withCover(Fabric.BIRD_NET)));
        assertThat(snags(plan, OverRule.NET_CATCHES)).isEmpty();
    }

    @Test
    void whatCantBeIsRefusedWithTheNextStep() {
        Assertions.assertThatThrownBy(() -> set(HoopPipe.PE_20, Optional.of(0.5), Optional.of(2.0)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("give one of the two");
        Assertions.assertThatThrownBy(() -> set(HoopPipe.PE_20, Optional.empty(), Optional.empty()))
                .isInstanceOf(RefusedException.class);
        Assertions.assertThatThrownBy(() -> set(HoopPipe.PE_20, Optional.empty(), Optional.of(0.6)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("above the soil");
        Assertions.assertThatThrownBy(() -> Gardens.hoops("Tunnel", 0.5, "Beans", "Beans"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("twice");
        HoopSet once = Gardens.hoops("Tunnel", 0.5, "Beans");
        assertThat(once.withPlaces(List.of(
                        new BedPlace(id("Beans"), Lifetime.until(SEASON + 2)),
                        new BedPlace(id("Beans"), Lifetime.from(SEASON + 2)))))
                .isNotNull();
    }
}
