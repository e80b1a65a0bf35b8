package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.leaf;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.build.Material;
import fairacre.fence.FencePiece.Part;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.plan.WayIn.Leaf;
import fairacre.shape.Memo;
import fairacre.takeoff.Boards;
import fairacre.takeoff.Sold;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GateMakerTest {

    private static final int SEASON = Gardens.SEASON;
    private static final double INCH = 0.0254;
    private static final Fence RING = fence("Ring", FenceKind.WELDED_MESH, 1.2, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5);
    private static final WayIn GATE = gate("Gate", 10, 5, 1).in(id("Ring")).hung(leaf(1, 0.05));

    private static GateMaker maker(WayIn gate, Fence fence, Units units) {
        return GateMaker.of(gate, Optional.of(fence), units).orElseThrow();
    }

    private static GateMaker metric(WayIn gate) {
        return maker(gate, RING, Units.METRIC);
    }

    private static Map<Part, String> pieces(GateMaker maker) {
        return maker.pieces().stream()
                .collect(Collectors.toMap(
                        FencePiece::part,
                        piece -> piece.count() + " x "
                                + Math.round(piece.length().millimetres())));
    }

    private static Plan garden(WayIn gate, Fence fence) {
        return with(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)), Put.of(fence), Put.of(gate));
    }

    private static FenceStudy study(Plan plan) {
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none());
    }

    @Test
    @DisplayName("a gate of 36 in in feet: posts 38 1/2 in apart, a leaf of 37 1/2 in, frame by hand")
    void aGateOfThirtySixInches() {
        Leaf four = new Leaf(Leaf.Kind.SINGLE, Leaf.Hand.LEFT, Length.inches(48), Length.inches(40), Length.inches(2));
        GateMaker maker = maker(GATE.withWidth(Length.inches(36)).hung(four), RING, Units.FEET_AND_INCHES);
        assertThat(maker.between() / INCH).isCloseTo(36 + 1.5 + 0.5 + 0.5, within(1e-6));
        assertThat(maker.width() / INCH).isCloseTo(37.5, within(1e-6));
        Map<Part, FencePiece> pieces =
                maker.pieces().stream().collect(Collectors.toMap(FencePiece::part, piece -> piece));
        assertThat(pieces.get(Part.STILE).length()).isEqualTo(Length.inches(46));
        assertThat(pieces.get(Part.RAIL).length()).isEqualTo(Length.inches(30.5));
        assertThat(pieces.get(Part.RAIL).count()).isEqualTo(2);
        // The brace from corner to corner of 30.5 x 39 in, up to the next sixteenth.
        assertThat(pieces.get(Part.BRACE).length().inches())
                .isBetween(Math.hypot(30.5, 39), Math.hypot(30.5, 39) + 0.0625);
    }

    @Test
    @DisplayName("1 m in metres: 47 x 100 mm frame, one leaf and two, by hand")
    void aGateOfOneMetre() {
        // The open leaf takes 47 mm, half an inch at its hinges and half an inch at the stop.
        assertThat(metric(GATE).between()).isCloseTo(1 + 0.047 + 0.0254, within(1e-9));
        assertThat(pieces(metric(GATE))).containsEntry(Part.STILE, "2 x 1150").containsEntry(Part.RAIL, "2 x 847");
        GateMaker two = metric(GATE.hung(GATE.leaf().orElseThrow().with(Leaf.Kind.DOUBLE)));
        assertThat(two.between()).isCloseTo(1 + 2 * 0.0597, within(1e-9));
        assertThat(two.width()).isCloseTo((two.between() - 3 * 0.0127) / 2, within(1e-9));
        assertThat(two.leaves()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({"1.2192, 2, 2", "1.2193, 3, 3"})
    @DisplayName("above 4 ft a leaf has a third hinge and a rail in the middle (common practice)")
    void tallLeaves(double high, int hinges, int rails) {
        Leaf tall = leaf(1, 0).high(Length.metres(high));
        GateMaker maker = metric(GATE.hung(tall));
        assertThat(maker.fittings()).containsEntry(FencePrices.HINGE, hinges);
        assertThat(pieces(maker).get(Part.RAIL)).startsWith(rails + " x");
    }

    @ParameterizedTest
    @CsvSource({"1.678, TIMBER", "1.6781, CABLE"})
    @DisplayName("a leaf up to 1.5 times as wide as high has a timber brace, a wider one a cable (common practice)")
    void braces(double width, GateTold.Brace brace) {
        // The leaf is 47 mm wider than what is free, and 1.15 m high.
        WayIn wide = GATE.withWidth(Length.metres(width));
        assertThat(metric(wide).made().brace()).isEqualTo(brace);
        assertThat(metric(wide).cable() > 0).isEqualTo(brace == GateTold.Brace.CABLE);
    }

    @ParameterizedTest
    @CsvSource({"2.413, 1", "2.4131, 2", "4.8, 2", "7, 3"})
    @DisplayName("panels are no wider than 8 ft, with four bolts each (common practice)")
    void panels(double width, int panels) {
        WayIn wide = GATE.withWidth(Length.metres(width))
                .hung(GATE.leaf().orElseThrow().with(Leaf.Kind.PANEL));
        assertThat(metric(wide).leaves()).isEqualTo(panels);
        assertThat(metric(wide).fittings()).isEqualTo(Map.of(FencePrices.BOLT, 4 * panels));
        assertThat(metric(wide).post()).isEmpty();
    }

    @Test
    @DisplayName("moment at the post of an open leaf: its weight times half its width and the way to the post's middle")
    void aLeafPullsAtItsPost() {
        GateMaker maker = metric(GATE);
        double wood = (2 * 1.15 + 2 * 0.847 + Math.hypot(0.847, 0.95)) * 0.047 * 0.1 * 800;
        double mass = wood + 2 + 0.8 * 1.047 * 1.15;
        assertThat(maker.mass()).isCloseTo(mass, within(0.05));
        double arm = 1.047 / 2 + 0.0127 + 5.5 * INCH / 2;
        assertThat(maker.post().orElseThrow().moment()).isCloseTo(mass * 9.80665 * arm, within(0.5));
        assertThat(metric(GATE.withSwing(Swing.SLIDING)).post()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = PostKind.class,
            names = {"WOOD_IN_CONCRETE", "DRIVEN_STEEL"})
    @DisplayName(
            "between the faces of a gate's posts there is room for its leaf, and what is free is as wide as was said")
    void theFacesOfItsPosts(PostKind kind) {
        List<Post> posts = study(garden(GATE, RING.with(kind))).fences().get(0).posts().stream()
                .filter(post -> post.role() == Post.Role.GATE)
                .toList();
        double apart = posts.get(0).place().distance(posts.get(1).place()).metres();
        assertThat(apart - kind.width(true).metres())
                .isCloseTo(maker(GATE, RING.with(kind), Units.METRIC).between(), within(1e-5));
    }

    @Test
    @DisplayName(
            "a gate's post stands as deep as its leaf asks for: International Building Code 1807.3.2.1 (from memory)")
    void aHeavyLeafAsksForADeeperPost() {
        Fence boards = fence("Ring", FenceKind.BOARDS, 1.8, 5, 5, 15, 5, 15, 15, 5, 15, 5, 5)
                .with(PostKind.DRIVEN_STEEL);
        WayIn heavy = GATE.withWidth(Length.metres(2.2)).hung(leaf(1, 0.05).high(Length.metres(1.8)));
        Length asked = maker(heavy, boards, Units.METRIC).post().orElseThrow().depth();
        List<Post> posts = study(garden(heavy, boards)).fences().get(0).posts();
        assertThat(asked).isGreaterThan(PostDepth.of(PostKind.DRIVEN_STEEL, Length.metres(1.8), Length.ZERO));
        posts.forEach(post -> assertThat(post.depth().compareTo(asked) >= 0).isEqualTo(post.role() == Post.Role.GATE));
    }

    @Test
    void aGateIsBoughtInItsSeasonWithItsMeshOutOfItsFencesRolls() {
        Lifetime coming = Lifetime.from(SEASON + 1);
        Fence fence = RING.during(coming);
        WayIn with = new WayIn(
                GATE.id(),
                "Gate",
                GATE.place(),
                GATE.width(),
                GATE.swing(),
                coming,
                Length.ZERO,
                GATE.fence(),
                GATE.leaf());
        assertThat(Takeoff.of(garden(GATE, fence), Memo.none()).boards()).isEmpty();
        Takeoff takeoff = Takeoff.of(garden(with, fence), Memo.none());
        assertThat(takeoff.boards()).allSatisfy(boards -> {
            assertThat(boards.season()).isEqualTo(SEASON + 1);
            assertThat(boards.part()).isEqualTo(BillPart.FENCE);
            assertThat(boards.kind().material()).isEqualTo(Material.TREATED);
            assertThat(boards.served().id()).isEqualTo(id("Gate"));
        });
        assertThat(takeoff.boards().stream()
                        .map(Boards::pieces)
                        .mapToInt(List::size)
                        .sum())
                .isEqualTo(5);
        assertThat(mesh(takeoff)).containsOnlyKeys(SEASON + 1).containsEntry(SEASON + 1, 3.0);
        // One that comes a year later is hung with a roll of its own.
        Takeoff later = Takeoff.of(garden(with.withLifetime(Lifetime.from(SEASON + 2)), fence), Memo.none());
        assertThat(mesh(later)).containsEntry(SEASON + 2, 1.0);
    }

    private static Map<Integer, Double> mesh(Takeoff takeoff) {
        return takeoff.sold().stream()
                .filter(sold -> sold.line().item().key().startsWith("fence/welded-mesh"))
                .collect(Collectors.toMap(
                        sold -> sold.line().season(), (Sold sold) -> sold.units(Units.METRIC), Double::sum));
    }

    @Test
    void theUsualGateIsAsHighAsItsFence() {
        Plan plan = garden(gate("Gate", 10, 5, 1).in(id("Ring")), RING);
        GateTold told = study(plan).gates().get(0);
        assertThat(told.made()).isEmpty();
        assertThat(told.fence()).contains(id("Ring"));
        assertThat(told.usual().height()).isEqualTo(RING.height());
        assertThat(GateMaker.usual(GATE.withWidth(Length.metres(1.6)), Optional.empty(), Units.METRIC)
                        .kind())
                .isEqualTo(Leaf.Kind.DOUBLE);
        assertThat(GateMaker.usual(GATE.withWidth(Length.metres(4.1)), Optional.empty(), Units.METRIC)
                        .kind())
                .isEqualTo(Leaf.Kind.PANEL);
    }

    @Test
    void deerJumpOverALowGateInAHighFence() {
        Fence high = RING.of(FenceKind.WOVEN_WIRE).high(Length.feet(8));
        Plan plan = with(garden(GATE, high), Put.of(Gardens.pest("Deer", PestKind.DEER, Pest.Pressing.HIGH)));
        PestRow row = study(plan).pests().get(0);
        assertThat(row.holes()).singleElement().satisfies(hole -> {
            assertThat(hole.thing()).isEqualTo(GATE.id());
            assertThat(hole.flaws().get(0).reason()).isEqualTo(FenceFlaw.Reason.TOO_LOW);
        });
        WayIn raised = GATE.hung(GATE.leaf().orElseThrow().high(Length.feet(8)));
        assertThat(study(with(plan, Put.of(raised))).pests().get(0).open()).isEmpty();
    }
}
