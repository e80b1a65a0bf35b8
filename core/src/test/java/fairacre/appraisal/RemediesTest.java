package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bed.BedRule;
import fairacre.bill.Acquired;
import fairacre.bill.BillPart;
import fairacre.bill.Sundry;
import fairacre.format.GardenJson;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.Wording;
import fairacre.ledger.PurseRule;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.reach.ReachRule;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is offered has to help, on any plot. */
class RemediesTest {

    static LongStream seeds() {
        return new Random(20270501).longs(25);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void onRandomPlotsEveryRemedyIsTakenAndMoveAndResizePutNoBedOnAnother(long seed) {
        Plan plan = random(seed);
        List<Snag> snags = Appraisal.of(plan, SEASON).snags();
        int overlapsNow = count(snags, BedRule.BED_OVERLAP) + count(snags, BedRule.BED_OFF_PLOT);
        for (Snag snag : snags) {
            assertThat(snag.remedies()).as(snag.words()).isNotEmpty();
            for (Remedy remedy : snag.remedies()) {
                assertThat(plan.apply(remedy.change())).as(remedy.words()).isInstanceOf(Outcome.Applied.class);
                List<Snag> after = Appraisal.of(plan.apply(remedy.change()).orThrow(), SEASON)
                        .preview()
                        .snags();
                assertThat(count(after, BedRule.BED_OVERLAP) + count(after, BedRule.BED_OFF_PLOT))
                        .as(remedy.words())
                        .isLessThanOrEqualTo(overlapsNow);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void onRandomPlotsWhatBringsABedWithinReachDoes(long seed) {
        Plan plan = random(seed);
        for (Snag snag : Appraisal.of(plan, SEASON).snags()) {
            for (Remedy remedy : snag.rule() == ReachRule.REACH_NOBODY ? snag.remedies() : List.<Remedy>of()) {
                Plan cured = plan.apply(remedy.change()).orThrow();
                assertThat(Appraisal.of(cured, SEASON).preview().snags())
                        .as(remedy.words())
                        .noneMatch(s ->
                                s.rule() == ReachRule.REACH_NOBODY && s.beds().equals(snag.beds()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSamePlanIsJudgedTheSameByteForByte(long seed) {
        String once = GardenJson.mapper()
                .writeValueAsString(Appraisal.of(random(seed), SEASON).report());
        assertThat(GardenJson.mapper()
                        .writeValueAsString(Appraisal.of(random(seed), SEASON).report()))
                .isEqualTo(once);
    }

    @Test
    void whatStandsOnTheBillWithoutAPriceCanBeCountedAsAGift() throws Exception {
        Sundry bench = new Sundry(
                id("Bench"), "Bench", SEASON, BillPart.OTHER, BigDecimal.ONE, Optional.empty(), Acquired.BOUGHT);
        Plan plan = with(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6))), Put.of(bench));
        Snag missing = Appraisal.of(plan, SEASON).snags().stream()
                .filter(s -> s.rule() == PurseRule.PRICE_MISSING)
                .findFirst()
                .orElseThrow();
        assertThat(missing.words()).isEqualTo("There is no price for Bench.");
        String asSent =
                GardenJson.mapper().writeValueAsString(missing.remedies().get(0).change());
        Change asRead = GardenJson.mapper().readValue(asSent, Change.class);
        assertThat(Appraisal.of(plan.apply(asRead).orThrow(), SEASON).snags()).isEmpty();
    }

    @Test
    void figuresAreInTheGardenersUnits() {
        Plan metric = plot(10, 10, List.of(gardener("Ada", 0.6096, 0.6)), bed("Beans", 5, 5, 3, 1.6));
        Plan imperial = metric.apply(new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES))
                .orThrow();
        assertThat(Appraisal.of(metric, SEASON).snags().get(0).words()).contains("m²");
        Snag snag = Appraisal.of(imperial, SEASON).snags().get(0);
        assertThat(snag.words()).contains("sq ft");
        assertThat(snag.remedies())
                .anySatisfy(r -> assertThat(r.words()).contains("4′").contains("sq ft less soil"));
    }

    @ParameterizedTest(name = "{0} m: up to {1}, down to {2}")
    @CsvSource({"0.531, 0.535, 0.53", "0.53, 0.53, 0.53"})
    void typedFiguresAreTidy(double metres, double up, double down) {
        Wording wording = new Wording(Units.METRIC);
        assertThat(wording.tidyUp(Length.metres(metres))).isEqualTo(Length.metres(up));
        assertThat(wording.tidyDown(Length.metres(metres))).isEqualTo(Length.metres(down));
    }

    @Test
    void directionsAreThoseOfTheDrawing() {
        Wording wording = new Wording(Units.METRIC);
        assertThat(wording.direction(0, 1)).isEqualTo("up");
        assertThat(wording.direction(-1, 0.01)).isEqualTo("left");
        assertThat(wording.direction(1, -1)).isEqualTo("down and right");
        assertThat(Wording.names(List.of("Ada", "Bo", "Cy"))).isEqualTo("Ada, Bo and Cy");
        assertThat(wording.share(0.001)).isEqualTo("under 1 %");
    }

    private static int count(List<Snag> snags, Rule rule) {
        return (int) snags.stream().filter(s -> s.rule() == rule).count();
    }

    private static Plan random(long seed) {
        Random random = new Random(seed);
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(5); i++) {
            double turn = random.nextInt(3) == 0 ? random.nextDouble() * 90 : 0;
            beds.add(bed(
                    "Bed " + i,
                    1 + random.nextDouble() * 7,
                    1 + random.nextDouble() * 6,
                    1 + random.nextDouble() * 2,
                    0.6 + random.nextDouble() * 1.4,
                    turn,
                    Optional.empty()));
        }
        List<Gardener> gardeners =
                List.of(gardener("Ada", 0.5 + random.nextDouble() * 0.2, 0.6), gardener("Bo", 0.5, 0.9));
        return plot(9, 8, gardeners, beds.toArray(Bed[]::new));
    }
}
