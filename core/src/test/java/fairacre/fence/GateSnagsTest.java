package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.leaf;
import static fairacre.testing.Gardens.pest;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.walk;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.plan.WayIn.Leaf;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GateSnagsTest {

    private static final int SEASON = Gardens.SEASON;
    /** A ring counter-clockwise and the same clockwise: inward is the same. */
    private static final Fence RING = fence("Ring", FenceKind.WELDED_MESH, 1.2, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5);

    private static final Fence CLOCKWISE = fence("Ring", FenceKind.WELDED_MESH, 1.2, 5, 5, 5, 15, 15, 15, 15, 5, 5, 5);
    /** One metre wide in the lower side, hinged on the left of whoever looks out: at x 10.5. */
    private static final WayIn GATE = gate("Gate", 10, 5, 1).in(id("Ring")).hung(leaf(1, 0.05));

    private static Plan garden(List<Bed> beds, Change... changes) {
        return with(plot(20, 20, List.of(), beds.toArray(Bed[]::new)), changes);
    }

    private static List<Snag> of(Plan plan, FenceRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    /** A bed of 1 x 1 m whose lower side is so far from the gate. */
    private static List<Bed> behind(double metres) {
        return List.of(bed("Beans", 10, 5 + metres + 0.5, 1, 1));
    }

    @ParameterizedTest
    @CsvSource({"1.0, false", "0.99, false", "0.97, true", "0.5, true"})
    @DisplayName("a leaf of 1 m hits what stands nearer than 1 m, but for what it brushes: plane geometry")
    void aLeafHitsWhatStandsWithinItsLength(double off, boolean hits) {
        for (Fence ring : List.of(RING, CLOCKWISE)) {
            Plan plan = garden(behind(off), Put.of(ring), Put.of(GATE));
            assertThat(of(plan, FenceRule.GATE_HITS)).hasSize(hits ? 1 : 0);
        }
    }

    @Test
    void aLeafOfAGateThatOpensOutwardOrSlidesHitsNothingWithin() {
        Plan plan = garden(behind(0.4), Put.of(RING), Put.of(GATE));
        for (Swing swing : List.of(Swing.OUTWARD, Swing.SLIDING)) {
            assertThat(of(with(plan, Put.of(GATE.withSwing(swing))), FenceRule.GATE_HITS))
                    .isEmpty();
        }
        Leaf panel = GATE.leaf().orElseThrow().with(Leaf.Kind.PANEL);
        assertThat(of(with(plan, Put.of(GATE.hung(panel))), FenceRule.GATE_HITS))
                .isEmpty();
    }

    @Test
    void twoLeavesReachHalfAsFar() {
        Leaf two = GATE.leaf().orElseThrow().with(Leaf.Kind.DOUBLE);
        assertThat(of(garden(behind(0.51), Put.of(RING), Put.of(GATE.hung(two))), FenceRule.GATE_HITS))
                .isEmpty();
        assertThat(of(garden(behind(0.47), Put.of(RING), Put.of(GATE.hung(two))), FenceRule.GATE_HITS))
                .hasSize(1);
    }

    @Test
    void whatStandsBesideTheHingeIsHitAndWhatStandsBesideTheLatchIsNot() {
        Change atHinge = Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 10.3, 5.8));
        Change atLatch = Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 9.5, 6));
        Plan plan = garden(behind(5), Put.of(RING), Put.of(GATE));
        assertThat(of(with(plan, atHinge), FenceRule.GATE_HITS)).hasSize(1);
        assertThat(of(with(plan, atLatch), FenceRule.GATE_HITS)).isEmpty();
        Leaf other = GATE.leaf().orElseThrow().hinged(Leaf.Hand.RIGHT);
        assertThat(of(with(plan, atHinge, Put.of(GATE.hung(other))), FenceRule.GATE_HITS))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.05, false", "0.0501, true"})
    void aGateOpensUphillWhereTheGroundRisesMoreThanItIsOffIt(double rise, boolean told) {
        Change slope = new GroundChange.SetLevels(List.of(height(10, 5, 0), height(10, 6, rise), height(0, 5, 0)));
        assertThat(of(garden(behind(5), Put.of(RING), Put.of(GATE), slope), FenceRule.GATE_UPHILL))
                .hasSize(told ? 1 : 0);
        assertThat(of(
                        garden(behind(5), Put.of(RING), Put.of(GATE.withSwing(Swing.OUTWARD)), slope),
                        FenceRule.GATE_UPHILL))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"34, false", "33.9, true", "48, false", "48.1, true"})
    @DisplayName("from a chair a latch is 34 to 48 in above the ground (2010 ADA Standards 404.2.7)")
    void latches(double inches, boolean told) {
        WayIn latched = GATE.hung(GATE.leaf().orElseThrow().latched(Length.inches(inches)));
        Plan plan = garden(behind(5), Put.of(RING), Put.of(latched));
        assertThat(of(plan, FenceRule.GATE_LATCH)).isEmpty();
        assertThat(of(with(plan, Put.of(seated("Ines", 0.5, 0.92))), FenceRule.GATE_LATCH))
                .hasSize(told ? 1 : 0);
    }

    @ParameterizedTest
    @CsvSource({"1.524, false", "1.51, true", "1.2, true"})
    @DisplayName("on the pull side a chair has 60 in of depth (2010 ADA Standards 404.2.4)")
    void roomToPull(double off, boolean told) {
        Plan plan = garden(behind(off), Put.of(RING), Put.of(GATE), Put.of(seated("Ines", 0.5, 0.92)));
        assertThat(of(plan, FenceRule.GATE_NO_ROOM)).hasSize(told ? 1 : 0);
    }

    @ParameterizedTest
    @CsvSource({"1.3048, false", "1.305, true", "2, true"})
    void aGateIsAsWideAsItsWalkWithinAFoot(double wide, boolean told) {
        Plan plan = garden(behind(8), Put.of(RING), Put.of(GATE), Put.of(walk("Path", 10 - wide / 2, 5, wide, 6)));
        List<Snag> snags = of(plan, FenceRule.GATE_NARROWER_THAN_WALK);
        assertThat(snags).hasSize(told ? 1 : 0);
        snags.stream()
                .map(snag -> snag.remedies().get(0))
                .map(Remedy::change)
                .map(change -> plan.apply(change).orThrow().waysIn().get(0).width())
                .forEach(
                        width -> assertThat(width.metres()).isCloseTo(wide, org.assertj.core.data.Offset.offset(1e-6)));
    }

    @ParameterizedTest
    @CsvSource({"0.0254, 0, false", "0.0255, 0, true", "0.06, 0.04, false", "0.07, 0.04, true"})
    @DisplayName("rabbits slip through more than 1 in below a gate, less what a sill closes")
    void roomBelowAGate(double clearance, double sill, boolean told) {
        FenceFoot foot = FenceFoot.apron(FenceFoot.Mesh.NETTING, Length.inches(24), Length.inches(12));
        Plan plan = garden(
                behind(5),
                Put.of(RING.on(foot)),
                Put.of(GATE.hung(leaf(1, clearance)).withSill(Length.metres(sill))),
                Put.of(pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW)));
        assertThat(of(plan, FenceRule.FENCE_GAP)).hasSize(told ? 1 : 0);
    }
}
