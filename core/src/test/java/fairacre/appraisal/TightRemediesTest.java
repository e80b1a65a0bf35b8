package fairacre.appraisal;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.shaped;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import fairacre.reach.ReachRule;
import fairacre.testing.RandomGardens;
import fairacre.walk.WalkRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Remedies at walls, edges and in tight rows: they cure, and leave nothing behind that the plan did not have. */
class TightRemediesTest {

    private static final Gardener ADA = gardener("Ada", 0.6, 0.6);

    private static List<Snag> of(Plan plan, Rule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    /** How often each rule is broken, at which weight. */
    private static Map<String, Integer> flaws(Plan plan) {
        Map<String, Integer> flaws = new TreeMap<>();
        Appraisal.of(plan, SEASON)
                .flawsOnTheGround()
                .forEach(snag -> flaws.merge(snag.rule() + " " + snag.weight(), 1, Integer::sum));
        return flaws;
    }

    private static Cured narrowed(Plan plan, Snag snag, String bed) {
        Remedy remedy = snag.remedies().stream()
                .filter(r -> r.words().startsWith("Narrow " + bed))
                .findFirst()
                .orElseThrow();
        Plan after = plan.apply(remedy.change()).orThrow();
        StandingBed standing = after.standing(SEASON).stream()
                .filter(b -> b.id().equals(id(bed)))
                .findFirst()
                .orElseThrow();
        return new Cured(after, standing.outline().shorterSide());
    }

    private record Cured(Plan after, Length width) {}

    @ParameterizedTest(name = "against the {0} edge")
    @CsvSource({"left, 0.5", "right, 9.5"})
    void aBedAgainstTheEdgeIsNarrowedFromItsFreeSideToOneReach(String where, double x) {
        // Reached from one long side only: 0.6 m wide, still against the edge.
        Plan plan = plot(10, 10, List.of(ADA), bed("Beans", x, 5, 1, 4));
        Cured cured = narrowed(plan, of(plan, ReachRule.REACH_NOBODY).get(0), "Beans");
        assertThat(cured.width()).isEqualTo(Length.metres(0.6));
        assertThat(of(cured.after(), WalkRule.EDGE_STRIP)).isEmpty();
        assertThat(of(cured.after(), ReachRule.REACH_NOBODY)).isEmpty();
        double kept = x < 5 ? 0.3 : 9.7;
        assertThat(cured.after().standing(SEASON).get(0).outline().centre().x().metres())
                .isCloseTo(kept, within(1e-6));
    }

    @ParameterizedTest(name = "{0}, turned {1}")
    @CsvSource({"METRIC, 0, 1.2", "FEET_AND_INCHES, 0, 1.2", "METRIC, 33, 1.2", "FEET_AND_INCHES, 75.5, 1.2"})
    void theWidestThatWorksIsFound(Units units, double turn, double reachable) {
        Plan plan = plot(10, 10, List.of(ADA), bed("Beans", 5, 5, 4, 1.9, turn, Optional.empty()));
        Plan measured = with(plan, new Change.DescribeGarden("G", units));
        Cured cured = narrowed(measured, of(measured, ReachRule.REACH_NOBODY).get(0), "Beans");
        double step = units == Units.METRIC ? 0.005 : 0.00635;
        assertThat(cured.width().metres()).isBetween(reachable - step + 1e-9, reachable + step);
        assertThat(of(cured.after(), ReachRule.REACH_NOBODY)).isEmpty();
    }

    @Test
    void aCrumbIsANoteAndItsBedIsNotTakenOut() {
        // Twice the reach and a hair: a line of 4 mm by 1.4 m is out of reach.
        for (double width : new double[] {1.203, 1.205, 1.22}) {
            Plan plan = plot(10, 10, List.of(ADA), bed("Beans", 5, 5, 1.5, width));
            for (Snag snag : of(plan, ReachRule.REACH_NOBODY)) {
                assertThat(snag.weight()).isNotEqualTo(Weight.SERIOUS);
                assertThat(snag.remedies()).noneMatch(remedy -> remedy.words().startsWith("Take"));
            }
        }
        assertThat(of(plot(10, 10, List.of(ADA), bed("Beans", 5, 5, 1.5, 1.2)), ReachRule.REACH_NOBODY))
                .isEmpty();
        assertThat(of(plot(10, 10, List.of(ADA), bed("Beans", 5, 5, 4, 2)), ReachRule.REACH_NOBODY)
                        .get(0)
                        .weight())
                .isEqualTo(Weight.SERIOUS);
    }

    @Test
    void keyholesAreNoDeeperThanAWalkAndAsWideAsWhoNeedsThem() {
        List<Keyhole> found = new ArrayList<>();
        for (double length : new double[] {2.4, 4, 7}) {
            for (Gardener who : List.of(ADA, seated("Ines", 0.5, 0.92))) {
                Plan plan = plot(14, 14, List.of(who), bed("Squash", 7, 7, length, 2.4));
                for (Snag snag : of(plan, ReachRule.REACH_NOBODY)) {
                    snag.remedies().stream()
                            .filter(r -> r.words().startsWith("Cut a keyhole"))
                            .forEach(remedy -> {
                                Keyhole keyhole = plan.apply(remedy.change())
                                        .orThrow()
                                        .standing(SEASON)
                                        .get(0)
                                        .revision()
                                        .shape()
                                        .keyholes()
                                        .get(0);
                                assertThat(keyhole.depth().metres()).isLessThanOrEqualTo(1.53);
                                assertThat(keyhole.width())
                                        .isGreaterThanOrEqualTo(
                                                who.name().equals("Ines") ? who.passing() : Keyhole.FOOT);
                                found.add(keyhole);
                            });
                }
            }
        }
        assertThat(found).isNotEmpty();
    }

    @Test
    void aCombIsCuredByItsOwnMeasures() {
        Bed fingers = shaped("Comb", rectangle(6, 6, 6, 3, 0), comb(2, 0.5, 1.9));
        Plan plan = plot(12, 12, List.of(ADA), fingers);
        Snag snag = of(plan, ReachRule.REACH_NOBODY).get(0);
        Remedy slimmer = snag.remedies().stream()
                .filter(r -> r.words().startsWith("Make the fingers of Comb"))
                .findFirst()
                .orElseThrow();
        Plan after = plan.apply(slimmer.change()).orThrow();
        assertThat(of(after, ReachRule.REACH_NOBODY)).isEmpty();
        Length finger =
                ((Form.Comb) after.standing(SEASON).get(0).revision().shape().form()).finger();
        assertThat(finger.metres()).isBetween(1.1, 1.2);
        Plan wider = plot(
                12, 12, List.of(ADA), shaped("Comb", rectangle(6, 6, 6, 3, 0), comb(2, 0.5, finger.metres() + 0.005)));
        assertThat(of(wider, ReachRule.REACH_NOBODY)).isNotEmpty();
    }

    @Test
    void aRowGivesWayTogetherWhereOneBedCannot() {
        // Three rows of three, their ends 0.1 m apart along the row, walks of 0.5 m between the rows for somebody of
        // 0.6 m.
        List<Bed> beds = new ArrayList<>();
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                beds.add(bed("Bed " + row + column, 2.5 + column * 2.02, 2 + row * 1.5, 2, 1));
            }
        }
        Plan plan = plot(12, 12, List.of(ADA), beds.toArray(Bed[]::new));
        Snag snag = of(plan, WalkRule.WALK_TOO_NARROW).get(0);
        Remedy together = snag.remedies().stream()
                .filter(r -> r.words().contains(" beds"))
                .findFirst()
                .orElseThrow();
        Plan after = plan.apply(together.change()).orThrow();
        assertThat(of(after, WalkRule.WALK_TOO_NARROW))
                .hasSizeLessThan(of(plan, WalkRule.WALK_TOO_NARROW).size());
    }

    @Test
    void twelveBedsThatShareOneFlawArePutRightAtOnce() {
        Bed[] beds = IntStream.range(0, 12)
                .mapToObj(i -> bed("Bed " + i, 2 + i % 4 * 3.5, 2 + i / 4 * 3, 2.4, 1.5))
                .toArray(Bed[]::new);
        Plan plan = plot(16, 11, List.of(ADA), beds);
        List<Snag> snags = of(plan, ReachRule.REACH_NOBODY);
        assertThat(snags).hasSize(12);
        for (Snag snag : snags) {
            Remedy all = snag.remedies().stream()
                    .filter(r -> r.words().startsWith("Narrow all 12 beds"))
                    .findFirst()
                    .orElseThrow();
            assertThat(flaws(plan.apply(all.change()).orThrow())).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 4, 5, 7, 8, 10, 11, 13, 14, 16, 17, 19, 20, 22, 23})
    void noRemedyMakesMoreFlawsOfAnyKindThanThereWere(long seed) {
        Plan open = RandomGardens.tidy(seed);
        Plan walled = with(open, Put.of(feature("Wall", FeatureKind.WALL, 0.2, 0, 1, 1, 4, 1.2)));
        for (Plan plan : List.of(open, walled)) {
            Map<String, Integer> before = flaws(plan);
            for (Snag snag : Appraisal.of(plan, SEASON).snags()) {
                for (Remedy remedy : snag.remedies()) {
                    Map<String, Integer> after =
                            flaws(plan.apply(remedy.change()).orThrow());
                    if (saysWhatItBrings(plan, remedy)) {
                        continue;
                    }
                    assertThat(serious(after)).as(remedy.words()).isLessThanOrEqualTo(serious(before));
                    assertThat(total(after)).as(remedy.words()).isLessThanOrEqualTo(total(before));
                }
            }
        }
    }

    /** Whether a remedy says that it brings something; then that is told of the plan after it, and was not before. */
    private static boolean saysWhatItBrings(Plan plan, Remedy remedy) {
        String[] words = remedy.words().split("; but then: ");
        if (words.length == 1) {
            return false;
        }
        String told = words[1].replaceFirst(" \\(and \\d+ more\\)$", "");
        assertThat(told(plan.apply(remedy.change()).orThrow())).anyMatch(each -> each.startsWith(told));
        assertThat(told(plan)).noneMatch(each -> each.startsWith(told));
        return true;
    }

    private static List<String> told(Plan plan) {
        Appraisal appraisal = Appraisal.of(plan, SEASON);
        return Stream.concat(appraisal.flawsOnTheGround().stream(), appraisal.slowFlaws().stream())
                .map(Snag::words)
                .toList();
    }

    private static int serious(Map<String, Integer> flaws) {
        return flaws.entrySet().stream()
                .filter(entry -> entry.getKey().endsWith("SERIOUS"))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private static int total(Map<String, Integer> flaws) {
        return flaws.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** What the rules about wheels are broken at: dead ends counted, beds by name. */
    private static Map<String, Integer> wheelFlaws(Plan plan) {
        Map<String, Integer> flaws = new TreeMap<>();
        for (Snag snag : Appraisal.of(plan, SEASON).slowFlaws()) {
            if (snag.beds().isEmpty()) {
                flaws.merge(snag.rule().toString(), 1, Integer::sum);
            }
            snag.beds().forEach(bed -> flaws.put(snag.rule() + " " + bed, 1));
        }
        return flaws;
    }

    /** The plot of the next test, turned about its corner. */
    private static Plan slotShutByBeans(Units units, double scale, double turn) {
        return with(
                on(
                        List.of(
                                at(0, 0, turn),
                                at(6 * scale, 0, turn),
                                at(6 * scale, 8 * scale, turn),
                                at(0, 8 * scale, turn)),
                        List.of(seated("Ines", 0.5 * scale, 0.92 * scale)),
                        turned("Squash", 1.3 * scale, 5 * scale, 1.2 * scale, 4 * scale, turn),
                        turned("Beans", 0.95 * scale, 7.5 * scale, 1.9 * scale, scale, turn)),
                Put.of(gate(
                        "Gate",
                        at(4 * scale, 0, turn).x().metres(),
                        at(4 * scale, 0, turn).y().metres(),
                        1.2)),
                new Change.DescribeGarden("G", units));
    }

    private static Bed turned(String name, double x, double y, double length, double width, double turn) {
        Point centre = at(x, y, turn);
        return bed(name, centre.x().metres(), centre.y().metres(), length, width, turn, Optional.empty());
    }

    private static Point at(double x, double y, double turn) {
        double angle = Math.toRadians(-turn);
        return Point.metres(x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle));
    }

    @ParameterizedTest(name = "{0}, {1} times as large, turned {2}")
    @CsvSource({
        "METRIC, 1, 0",
        "FEET_AND_INCHES, 1, 0",
        "METRIC, 1.0668, 0",
        "METRIC, 1, 30",
        "FEET_AND_INCHES, 1, 90",
        "METRIC, 1.0668, 254.5"
    })
    void aBedIsNotNarrowedSoThatWheelsGetIntoADeadEnd(Units units, double scale, double turn) {
        // The slot on the left of Squash is shut by Beans at its end. Narrowed as far as a chair reaches from both
        // sides, the slot would be wide enough to get into, but not to turn there.
        Plan plan = slotShutByBeans(units, scale, turn);
        assertThat(wheelFlaws(plan)).doesNotContainKey(WalkRule.DEAD_END.toString());
        Snag reach = of(plan, ReachRule.REACH_NOBODY).stream()
                .filter(snag -> snag.beds().contains(id("Squash")))
                .findFirst()
                .orElseThrow();
        assertThat(reach.remedies())
                .extracting(Remedy::words)
                .anyMatch(words -> words.startsWith("Narrow Squash") && words.contains("brings no other snag"))
                .noneMatch(words -> words.startsWith("Narrow Squash") && words.contains("can be reached"));
        for (Remedy remedy : reach.remedies()) {
            assertThat(wheelFlaws(plan.apply(remedy.change()).orThrow()))
                    .as(remedy.words())
                    .doesNotContainKey(WalkRule.DEAD_END.toString());
        }
        noWiderOneWouldDo(plan, narrowed(plan, reach, "Squash").width(), units);
    }

    /** Tries all wider ones: either side stays, or both give way. */
    private static void noWiderOneWouldDo(Plan plan, Length told, Units units) {
        double step = units == Units.METRIC ? 0.005 : 0.00635;
        int before = total(flaws(plan));
        Rectangle now = plan.bed(id("Squash")).revisions().get(0).outline();
        double most = now.shorterSide().metres();
        for (double width = told.metres() + step; width < most; width += 5 * step) {
            for (int side : new int[] {-1, 0, 1}) {
                Rectangle outline = now.slimmed(Length.metres(width), side * (most - width) / 2);
                Plan after = with(plan, Edits.reshape(plan.standing(SEASON).get(0), outline));
                List<Snag> left = Appraisal.of(after, SEASON).flawsOnTheGround();
                boolean reached = left.stream()
                        .noneMatch(snag -> snag.rule() == ReachRule.REACH_NOBODY
                                && snag.beds().contains(id("Squash")));
                assertThat(reached && left.size() <= before && wheelFlaws(after).isEmpty())
                        .as("%s m wide, side %s", width, side)
                        .isFalse();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 4, 5, 7, 8})
    void noEditOfBedsLeavesWheelsInTroubleThatTheyWereNotIn(long seed) {
        Plan tidy = RandomGardens.tidy(seed);
        // A gate in the middle of the foot, and pavers on the left half: ends to get stuck in, and bare ground.
        Length length = tidy.site().corners().get(2).x();
        Length width = tidy.site().corners().get(2).y();
        Plan plan = with(
                tidy,
                Put.of(gate("Gate", length.metres() / 2, 0, 1.2)),
                Put.of(new Walk(
                        id("Pavers"),
                        "Pavers",
                        WalkGrade.WORK,
                        Surfacing.PAVERS,
                        Site.rectangle(length.metres() / 2, width.metres()))),
                Put.of(seated("Ines", 0.5, 0.92)),
                Put.of(carrier("Barrow", 0.7, true, 0)));
        Map<String, Integer> before = wheelFlaws(plan);
        for (Snag snag : Appraisal.of(plan, SEASON).snags()) {
            for (Remedy remedy : snag.remedies()) {
                Plan after = plan.apply(remedy.change()).orThrow();
                if (saysWhatItBrings(plan, remedy)) {
                    continue;
                }
                List<String> known =
                        plan.beds().stream().map(bed -> bed.id().toString()).toList();
                wheelFlaws(after).forEach((flaw, times) -> {
                    boolean atABedThatComes =
                            flaw.contains("-") && known.stream().noneMatch(flaw::endsWith);
                    if (!atABedThatComes) {
                        assertThat(times)
                                .as(remedy.words() + ": " + flaw)
                                .isLessThanOrEqualTo(before.getOrDefault(flaw, 0));
                    }
                });
            }
        }
    }
}
