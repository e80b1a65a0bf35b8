package fairacre.husbandry;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.crop.Planting;
import fairacre.judging.Snag;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Winter squash spreads 2 m; in one row along the middle of a bed 1.2 m wide it leans 0.4 m out of both sides. */
class SprawlTest {

    private static final double FOOT = 0.3048;

    /** Two beds of 4 x 1.2 m side by side, turned together, and Ada, who wants 0.6 m. */
    private static Plan beds(double gap, double turn, boolean mirrored) {
        double across = (mirrored ? -1 : 1) * (gap + 1.2);
        double radians = Math.toRadians(turn);
        Bed second = bed(
                "Other",
                10 + across * Math.sin(radians),
                10 + across * Math.cos(radians),
                4,
                1.2,
                turn,
                Optional.empty());
        return plot(
                20,
                20,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Squash bed", 10, 10, 4, 1.2, turn, Optional.empty()),
                second);
    }

    private static Change squash(String name, String bed) {
        return Put.of(planting(name, "winter-squash", bed, "2027-05-20", "2027-10-01"));
    }

    private static List<Snag> sprawls(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == HusbandryRule.SPRAWLS)
                .toList();
    }

    @ParameterizedTest
    @DisplayName(
            "0.4 m of vines leave 0.6 m of a walk of 1 m: exactly, a millimetre less and more, turned and mirrored")
    @CsvSource({
        "1.0, 0, false, false",
        "0.999, 0, false, true",
        "1.001, 0, false, false",
        "0.999, 0, true, true",
        "1.0, 30, false, false",
        "0.999, 30, false, true",
        "1.001, 90, true, false",
        "0.999, 137, true, true"
    })
    void whatIsLeftOfAWalk(double gap, double turn, boolean mirrored, boolean closed) {
        assertThat(sprawls(with(beds(gap, turn, mirrored), squash("Squash", "Squash bed"))))
                .hasSize(closed ? 1 : 0);
    }

    @ParameterizedTest
    @DisplayName("in feet: a bed of 4 ft leaves 2 ft of 3 ft 3 3/8 in, since 1 m less 2 ft lean out")
    @CsvSource({"0, false", "-0.001, true", "0.001, false"})
    void inFeet(double by, boolean closed) {
        double gap = 2 * FOOT + 1 - 2 * FOOT + by;
        Plan plan = plot(
                20,
                20,
                List.of(gardener("Ada", 0.6, 2 * FOOT)),
                bed("Squash bed", 10, 10, 12 * FOOT, 4 * FOOT),
                bed("Other", 10, 10 + 4 * FOOT + gap, 12 * FOOT, 4 * FOOT));
        assertThat(sprawls(with(plan, squash("Squash", "Squash bed")))).hasSize(closed ? 1 : 0);
    }

    @Test
    void whoIsStuckIsNamed() {
        Plan plan = with(beds(0.95, 0, false), squash("Squash", "Squash bed"));
        assertThat(sprawls(plan).get(0).words())
                .isEqualTo(
                        "At full size Squash reaches 0.40 m out of Squash bed: the walk to Other is then 0.55 m wide,"
                                + " too narrow for Ada (0.60 m).");
        // Who came through before neither is not stuck by it.
        assertThat(sprawls(with(beds(0.55, 0, false), squash("Squash", "Squash bed"))))
                .isEmpty();
    }

    @ParameterizedTest
    @DisplayName("planned anew it is only offered where it keeps to itself, at it and a hair under")
    @CsvSource({"1.0, true", "0.999, false", "0.3, false"})
    void offeredWhereItHasRoom(double gap, boolean room) {
        Planting planting = planting("Squash", "winter-squash", "Squash bed", "2027-05-20", "2027-10-01");
        Plan plan = beds(gap, 0, false);
        assertThat(new BedCare(plan, SEASON).lacksRoom(planting)).isEqualTo(!room);
        Plan aside = with(plan, Put.of(new RulesLeftAside(id("Aside"), List.of("SPRAWLS"))));
        assertThat(new BedCare(aside, SEASON).lacksRoom(planting)).isFalse();
    }

    @Test
    void vinesFromBothSidesMeet() {
        assertThat(sprawls(with(beds(1.4, 0, false), squash("One", "Squash bed"), squash("Two", "Other"))))
                .isEmpty();
        assertThat(sprawls(with(beds(1.39, 0, false), squash("One", "Squash bed"), squash("Two", "Other"))))
                .hasSize(2);
        assertThat(sprawls(with(
                        beds(1.39, 0, false),
                        Put.of(planting("One", "winter-squash", "Squash bed", "2027-05-20", "2027-08-01")),
                        Put.of(planting("Two", "winter-squash", "Other", "2027-08-01", "2027-10-20")))))
                .isEmpty();
    }

    @Test
    void creepingOverWhatGrowsInTheNextBed() {
        Plan close = with(beds(0.3, 0, false), squash("Squash", "Squash bed"));
        assertThat(sprawls(close)).isEmpty();
        Plan carrots = with(close, Put.of(planting("Carrots", "carrot", "Other", "2027-04-20", "2027-08-20")));
        assertThat(sprawls(carrots))
                .singleElement()
                .satisfies(snag -> assertThat(snag.words()).endsWith("and creeps over Carrots in Other."));
        assertThat(sprawls(with(close, Put.of(planting("Carrots", "carrot", "Other", "2027-02-20", "2027-05-20")))))
                .isEmpty();
        assertThat(sprawls(with(beds(0.4, 0, false), squash("Squash", "Squash bed"), carrotsInOther())))
                .isEmpty();
        assertThat(sprawls(with(close, squash("More", "Other")))).isEmpty();
    }

    private static Change carrotsInOther() {
        return Put.of(planting("Carrots", "carrot", "Other", "2027-04-20", "2027-08-20"));
    }

    @Test
    void whatIsClearedYoungOrDoesNotSprawlKeepsToItsBed() {
        assertThat(sprawls(with(
                        beds(0.95, 0, false),
                        Put.of(planting("Young", "winter-squash", "Squash bed", "2027-05-20", "2027-06-20")))))
                .isEmpty();
        assertThat(sprawls(with(
                        beds(0.61, 0, false),
                        Put.of(planting("Beans", "bush-bean", "Squash bed", "2027-05-20", "2027-08-20")))))
                .isEmpty();
    }

    @Test
    void placesAreExchangedOrTheRuleLeftAside() {
        List<Bed> beds = new ArrayList<>(beds(0.95, 0, false).beds());
        beds.add(bed("Far", 10, 3, 4, 1.2));
        Plan plan = with(
                plot(20, 20, List.of(gardener("Ada", 0.6, 0.6)), beds.toArray(Bed[]::new)),
                squash("Squash", "Squash bed"),
                Put.of(planting("Chard", "chard", "Far", "2027-04-28", "2027-10-01")));
        Snag snag = sprawls(plan).get(0);
        assertThat(snag.remedies().get(0).words()).isEqualTo("Grow Squash in Far and Chard in Squash bed");
        assertThat(sprawls(with(plan, snag.remedies().get(0).change()))).isEmpty();
        assertThat(sprawls(with(plan, Put.of(new RulesLeftAside(id("Aside"), List.of(HusbandryRule.SPRAWLS.name()))))))
                .isEmpty();
    }
}
