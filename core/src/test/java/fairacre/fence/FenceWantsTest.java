package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FenceWantsTest {

    private static final int SEASON = Gardens.SEASON;
    private static final double FOOT = 0.3048;

    private static Fence fence(FenceKind kind, double feetHigh, double... feet) {
        double[] metres = java.util.Arrays.stream(feet).map(each -> each * FOOT).toArray();
        return Gardens.fence("Fence", kind, feetHigh * FOOT, metres);
    }

    /** 40 x 60 ft with a gate of 4 ft in the middle of either short side. */
    private static Plan fortyBySixty(Fence fence) {
        return with(
                Gardens.plot(40 * FOOT, 60 * FOOT, List.of(), bed("Beans", 6, 9, 2, 1)),
                new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES),
                Put.of(gate("Front", 20 * FOOT, 0, 4 * FOOT)),
                Put.of(gate("Back", 20 * FOOT, 60 * FOOT, 4 * FOOT)),
                Put.of(fence));
    }

    private static final Fence WELDED = fence(FenceKind.WELDED_MESH, 5, 0, 0, 40, 0, 40, 60, 0, 60, 0, 0);

    private static FenceTold told(Plan plan) {
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .fences()
                .get(0);
    }

    private static Map<String, Double> sold(Plan plan) {
        return Takeoff.of(plan, Memo.none()).sold().stream()
                .filter(sold -> sold.line().part() == BillPart.FENCE)
                .collect(Collectors.toMap(sold -> sold.line().item().key(), sold -> sold.units(plan.units())));
    }

    @Test
    @DisplayName("40 x 60 ft with two gates of 4 ft: posts, concrete and mesh counted by hand")
    void fortyBySixtyFeet() {
        Plan plan = fortyBySixty(WELDED);
        FenceTold told = told(plan);
        assertThat(told.length()).isEqualTo(Length.feet(192));
        Map<Post.Role, Long> roles =
                told.posts().stream().collect(Collectors.groupingBy(Post::role, Collectors.counting()));
        assertThat(roles).isEqualTo(Map.of(Post.Role.CORNER, 4L, Post.Role.GATE, 4L, Post.Role.LINE, 2L * 7 + 4 * 2));
        assertThat(told.widest()).contains(Length.feet(7.5));
        double line = (Math.PI / 4 * 10.5 * 10.5 - 3.5 * 3.5) / 144 * 2.5;
        double strong = (Math.PI / 4 * 16.5 * 16.5 - 5.5 * 5.5) / 144 * 2.5;
        double bags = (22 * line + 8 * strong) / 0.60;
        assertThat(told.bags()).isEqualTo((int) Math.ceil(bags));
        Map<String, Double> sold = sold(plan);
        assertThat(sold.get("fence/wooden-post/96in")).isEqualTo(22);
        assertThat(sold.get("fence/stout-wooden-post/96in")).isEqualTo(8);
        assertThat(sold.get("fence/post-mix/80lb")).isCloseTo(bags, within(0.001));
        assertThat(sold.get("fence/welded-mesh/60in/600in")).isBetween(4.0, 5.0);
        assertThat(sold.get("fence/staples")).isCloseTo(30 * 6 / 250.0, within(1e-9));
    }

    @Test
    @DisplayName(
            "a ring without a way in is hung all round: 15 m round take two rolls of 15 m, for what is wrapped round posts")
    void aRingIsHungAllRound() {
        Fence ring = Gardens.fence("Fence", FenceKind.WELDED_MESH, 1.2, 1, 1, 5, 1, 5, 4.5, 1, 4.5, 1, 1);
        FenceTold told = told(with(Gardens.plot(12, 18, List.of()), Put.of(ring)));
        assertThat(told.posts()).hasSize(8);
        assertThat(told.stretches()).isEqualTo(4);
        FenceTold.Tier tier = told.mesh().get(0);
        assertThat(tier.rolls().rolls()).isEqualTo(2);
        assertThat(tier.rolls().left().metres()).isCloseTo(30 - 15 - 2 * 2 * FenceRolls.WRAP, within(1e-6));
    }

    @Test
    void whatIsThereAlreadyCostsNothing() {
        Fence there = WELDED.during(Lifetime.ALWAYS);
        assertThat(sold(fortyBySixty(there))).isEmpty();
        assertThat(told(fortyBySixty(there)).posts()).hasSize(30);
    }

    @Test
    @DisplayName("a stretched fence is braced at either end of each stretch: rail, cable with 2 ft to spare, tensioner")
    void bracesOfAStretchedFence() {
        Plan plan = fortyBySixty(fence(FenceKind.WOVEN_WIRE, 5, 0, 0, 40, 0, 40, 60, 0, 60, 0, 0));
        FenceTold told = told(plan);
        assertThat(told.stretches()).isEqualTo(6);
        assertThat(told.braces()).hasSize(12);
        // Half of what is left of 18 ft beside a post of 5 1/2 in whose face is at the gate.
        double beside = (18 - 2.75 / 12) / 2;
        assertThat(told.braces().stream().filter(each -> Math.abs(each.inches() / 12 - beside) < 1e-4))
                .hasSize(8);
        assertThat(told.braces().stream().filter(Length.feet(12)::equals)).hasSize(4);
        assertThat(told.posts().stream().filter(post -> post.role() == Post.Role.BRACE))
                .hasSize(2 * 2 + 4);
        assertThat(told.widest()).contains(Length.feet(12));
        Map<String, Double> sold = sold(plan);
        assertThat(sold.get("fence/brace-rail/foot")).isCloseTo(8 * beside + 4 * 12, within(0.01));
        assertThat(sold.get("fence/cable/foot"))
                .isCloseTo(8 * (2 * Math.hypot(beside, 5) + 2) + 4 * (2 * 13 + 2), within(0.01));
        assertThat(sold.get("fence/tensioner")).isEqualTo(12);
    }

    @Test
    void gravelIsBoughtLooseAndSteelNeedsNoHole() {
        Takeoff gravel = Takeoff.of(fortyBySixty(WELDED.with(PostKind.WOOD_IN_GRAVEL)), Memo.none());
        double filled = told(fortyBySixty(WELDED)).fill().litres();
        assertThat(gravel.loose())
                .singleElement()
                .satisfies(loose -> assertThat(loose.volume().litres()).isCloseTo(1.2 * filled, within(0.1)));
        Map<String, Double> steel = sold(fortyBySixty(WELDED.with(PostKind.DRIVEN_STEEL)));
        assertThat(steel).containsKeys("fence/steel-post/96in", "fence/ties").doesNotContainKey("fence/post-mix/80lb");
    }

    @Test
    @DisplayName(
            "mesh on posts that stand there: 192 ft in spans of 8 ft are 25 posts with 6 staples each, and no post is bought")
    void meshOnWhatStandsThere() {
        Map<String, Double> sold = sold(fortyBySixty(WELDED.with(PostKind.EXISTING)));
        assertThat(sold.keySet()).noneMatch(item -> item.contains("post"));
        assertThat(sold.get("fence/staples")).isCloseTo(25 * 6 / 250.0, within(1e-9));
    }

    @Test
    void stringsAndCanes() {
        Fence strings =
                fence(FenceKind.STRINGS, 4.5, 0, 0, 40, 0, 40, 60, 0, 60, 0, 0).with(PostKind.CANES);
        Map<String, Double> sold = sold(fortyBySixty(strings));
        assertThat(sold.get("fence/string/foot")).isCloseTo(3 * 192, within(0.01));
        assertThat(sold).containsKey("fence/cane/72in");
    }

    @Test
    void twoFencesShareThePostWhereTheyMeet() {
        Fence first = fence(FenceKind.WELDED_MESH, 5, 0, 0, 16, 0);
        Fence second = new Fence(
                id("Second"),
                "Second",
                List.of(Point.metres(16 * FOOT, 0), Point.metres(16 * FOOT, 8 * FOOT)),
                FenceKind.WELDED_MESH,
                Length.feet(5),
                FenceFoot.OPEN,
                PostKind.WOOD_IN_CONCRETE,
                List.of(),
                Lifetime.from(SEASON + 1));
        Plan plan = with(Gardens.plot(12, 18, List.of()), Put.of(first), Put.of(second));
        List<FenceTold> told =
                FenceStudy.of(plan, SEASON + 1, List.of(), Memo.none()).fences();
        assertThat(told.get(0).posts()).hasSize(3);
        assertThat(told.get(1).posts()).extracting(Post::mark).containsExactly("P4");
    }

    @Test
    void aPostStaysWhereItWasFixedAndTheRestIsDividedEvenly() {
        Fence fence = fence(FenceKind.WELDED_MESH, 5, 0, 0, 24, 0).withFixed(List.of(Point.metres(7 * FOOT, 0.2)));
        Plan plan = with(Gardens.plot(12, 18, List.of()), Put.of(fence));
        assertThat(told(plan).posts())
                .extracting(post -> post.place().x().inches() / 12)
                .usingComparatorForType((a, b) -> Math.abs(a - b) < 1e-4 ? 0 : 1, Double.class)
                .containsExactly(0.0, 7.0, 7 + 17 / 3.0, 7 + 34 / 3.0, 24.0);
    }

    @Test
    void aPostKeepsOffABuriedLineAndSaysHowFar() {
        Fence fence = fence(FenceKind.WELDED_MESH, 5, 0, 10, 14, 10);
        Change cable = Put.of(Gardens.feature("Cable", FeatureKind.BURIED_LINE, 0.02, 0, 7 * FOOT, 0, 7 * FOOT, 10));
        List<Post> posts = told(with(Gardens.plot(12, 18, List.of()), Put.of(fence), cable))
                .posts();
        assertThat(posts).hasSize(3);
        assertThat(posts).allMatch(post -> post.blocked().isEmpty());
        double off = 0.01 + 10.5 / 12 / 2 * FOOT;
        assertThat(posts.get(1).shifted().metres()).isCloseTo(off, within(1e-5));
        assertThat(Math.abs(posts.get(1).place().x().metres() - 7 * FOOT)).isCloseTo(off, within(1e-5));
    }

    /**
     * 12 m of a kind whose foot is of the same netting: the rolls of the foot are 15 m long, those of the fence 25 m.
     */
    @Test
    void theFootIsBoughtInItsOwnRollsWhereItIsOfTheSameNetting() {
        Fence fence = Gardens.fence("Fence", FenceKind.RABBIT_NETTING, 1.2, 0, 1, 12, 1)
                .on(FenceFoot.apron(FenceFoot.Mesh.NETTING, Length.metres(0.6), Length.metres(0.3)));
        Map<String, Double> sold = sold(with(Gardens.plot(12, 18, List.of()), Put.of(fence)));
        assertThat(sold.get("fence/rabbit-netting/1200mm/25000mm")).isEqualTo(1);
        assertThat(sold.get("fence/foot-netting/900mm/15000mm")).isEqualTo(1);
        assertThat(sold).doesNotContainKey("fence/rabbit-netting/900mm/25000mm");
    }
}
