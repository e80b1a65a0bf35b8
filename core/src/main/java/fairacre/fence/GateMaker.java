package fairacre.fence;

import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.fence.FencePiece.Part;
import fairacre.fence.GateTold.Brace;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.plan.WayIn.Leaf;
import fairacre.takeoff.Sawn;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a gate is made: frames of 2 x 4, laid flat, with what its fence has hung on them. The width of a way in is what
 * is free when it is open, so its posts stand further apart: by the open leaf, the room at its hinges and the stop.
 *
 * <p>Sizes are common practice: half an inch free at each side of a leaf; a third hinge above 4 ft and a rail in the
 * middle with it; a wheel under a leaf of more than 8 ft; panels of no more than 8 ft with four bolts each; a timber
 * brace where the leaf is at most one and a half times as wide as high, else a cable, since a flat brace bears nothing.
 */
final class GateMaker {

    /** How long one lasts off the ground (common practice, a middling figure). */
    static final int YEARS = 15;

    private static final double FREE = 0.5 * 0.0254;
    private static final double HIGH = 4 * 0.3048;
    private static final double WIDE = 8 * 0.3048;
    private static final double FLAT = 1.5;
    /** A leaf that slides reaches past each post by this, metres. */
    private static final double PAST = 0.1;
    /** Hinges, latch and screws of a leaf, kilograms. */
    private static final double IRON = 2;

    private static final double ROUNDING = 1e-6;
    private static final int BOLTS = 4;

    private static final Length USUAL_HEIGHT = Length.feet(4);
    private static final Length USUAL_HEIGHT_IN_METRES = Length.metres(1.2);
    private static final Length USUAL_LATCH = Length.inches(40);
    private static final Length USUAL_LATCH_IN_METRES = Length.metres(1);
    private static final Length USUAL_CLEARANCE = Length.inches(2);
    private static final Length USUAL_CLEARANCE_IN_METRES = Length.millimetres(50);
    /** Wider gates have two leaves, and still wider ones panels that are unbolted (common practice). */
    private static final Length WIDEST_LEAF = Length.metres(1.5);

    private static final Length WIDEST_PAIR = Length.metres(4);

    private final WayIn gate;
    private final Leaf leaf;
    private final Optional<Fence> fence;
    private final Units units;

    private GateMaker(WayIn gate, Leaf leaf, Optional<Fence> fence, Units units) {
        this.gate = gate;
        this.leaf = leaf;
        this.fence = fence;
        this.units = units;
    }

    /** Empty until somebody says how it is made. */
    static Optional<GateMaker> of(WayIn gate, Optional<Fence> fence, Units units) {
        return gate.leaf().map(leaf -> new GateMaker(gate, leaf, fence, units));
    }

    /** How a gate is made where nobody says otherwise: as high as its fence, with a latch within anybody's reach. */
    static Leaf usual(WayIn gate, Optional<Length> fence, Units units) {
        boolean metric = units == Units.METRIC;
        return new Leaf(
                usualKind(gate.width()),
                Leaf.Hand.LEFT,
                fence.orElse(metric ? USUAL_HEIGHT_IN_METRES : USUAL_HEIGHT),
                metric ? USUAL_LATCH_IN_METRES : USUAL_LATCH,
                metric ? USUAL_CLEARANCE_IN_METRES : USUAL_CLEARANCE);
    }

    private static Leaf.Kind usualKind(Length width) {
        if (width.compareTo(WIDEST_LEAF) <= 0) {
            return Leaf.Kind.SINGLE;
        }
        return width.compareTo(WIDEST_PAIR) <= 0 ? Leaf.Kind.DOUBLE : Leaf.Kind.PANEL;
    }

    private boolean swings() {
        return gate.swing() != Swing.SLIDING && leaf.kind().leaves() > 0;
    }

    private boolean slides() {
        return gate.swing() == Swing.SLIDING && leaf.kind().leaves() > 0;
    }

    private Board frame() {
        return FencePiece.frame(units);
    }

    /** Of its posts, metres. */
    double between() {
        double free = gate.width().metres();
        if (!swings()) {
            return free + 2 * FREE;
        }
        double open = frame().thickness().metres() + FREE;
        return free + (leaf.kind() == Leaf.Kind.DOUBLE ? 2 * open : open + FREE);
    }

    int leaves() {
        return leaf.kind() == Leaf.Kind.PANEL
                ? Math.max(1, (int) Math.ceil(between() / WIDE - ROUNDING))
                : leaf.kind().leaves();
    }

    /** Width of one leaf, metres. */
    double width() {
        if (slides()) {
            return (between() + 2 * PAST) / leaves();
        }
        return (between() - (leaves() + 1) * FREE) / leaves();
    }

    /** From foot to upper edge, metres. */
    double height() {
        return leaf.height().minus(leaf.clearance()).metres();
    }

    private Material timber() {
        return fence.map(Fence::timber).orElse(Material.TREATED);
    }

    /** What is hung on it: as its fence has it, else welded mesh. */
    FenceKind infill() {
        return fence.map(Fence::kind).filter(kind -> kind != FenceKind.STRINGS).orElse(FenceKind.WELDED_MESH);
    }

    private Brace brace() {
        if (!swings()) {
            return Brace.NONE;
        }
        return width() <= FLAT * height() + ROUNDING ? Brace.TIMBER : Brace.CABLE;
    }

    /** Whether a wheel bears its far end. */
    private boolean rolls() {
        return swings() && width() > WIDE + ROUNDING;
    }

    private boolean tall() {
        return height() > HIGH + ROUNDING;
    }

    List<FencePiece> pieces() {
        double face = frame().width().metres();
        double within = Math.max(face, width() - 2 * face);
        int rails = tall() ? 3 : 2;
        List<FencePiece> pieces = new ArrayList<>();
        pieces.add(piece(Part.STILE, frame(), height(), 2));
        pieces.add(piece(Part.RAIL, frame(), within, rails));
        if (brace() == Brace.TIMBER) {
            pieces.add(piece(Part.BRACE, frame(), Math.hypot(within, Math.max(face, height() - 2 * face)), 1));
        }
        if (infill().boarded()) {
            pieces.add(piece(
                    Part.BOARD,
                    FencePiece.cladding(units),
                    height(),
                    Math.max(1, FenceBoards.boards(infill(), width(), units))));
        }
        return pieces;
    }

    private FencePiece piece(Part part, Board board, double metres, int toALeaf) {
        return FencePiece.of(part, timber(), board, metres, toALeaf * leaves(), units);
    }

    /** Of one leaf, kilograms. */
    double mass() {
        double wood = pieces().stream().mapToDouble(FencePiece::mass).sum() / leaves();
        return wood + IRON + infill().mass() * width() * height();
    }

    /** What is bought for it by the piece. */
    Map<PriceItem, Integer> fittings() {
        Map<PriceItem, Integer> fittings = new LinkedHashMap<>();
        if (leaf.kind() == Leaf.Kind.PANEL) {
            fittings.put(FencePrices.BOLT, BOLTS * leaves());
            return fittings;
        }
        fittings.put(slides() ? FencePrices.TRACK : FencePrices.HINGE, (slides() ? 1 : tall() ? 3 : 2) * leaves());
        fittings.put(FencePrices.LATCH, 1);
        if (leaf.kind() == Leaf.Kind.DOUBLE) {
            fittings.put(FencePrices.DROP_BOLT, 2);
        }
        if (brace() == Brace.CABLE) {
            fittings.put(FencePrices.TENSIONER, leaves());
        }
        if (rolls()) {
            fittings.put(FencePrices.WHEEL, leaves());
        }
        return fittings;
    }

    /** All cables together, metres. */
    double cable() {
        return brace() == Brace.CABLE ? leaves() * Math.hypot(width(), height()) : 0;
    }

    /** Of a leaf that swings freely: a wheel bears it, as a track or bolts do. */
    Optional<GateTold.PostLoad> post() {
        return fence.filter(each -> swings() && !rolls() && each.posts() != PostKind.CANES)
                .map(each -> {
                    PostKind kind = each.posts();
                    double arm = width() / 2 + FREE + kind.width(true).metres() / 2;
                    double moment = mass() * PostStatics.GRAVITY * arm;
                    double above = leaf.height().metres();
                    return new GateTold.PostLoad(
                            moment,
                            PostStatics.stress(kind, true, moment),
                            PostStatics.allowed(kind),
                            PostStatics.embedment(
                                    moment / above,
                                    above,
                                    PostDepth.hole(kind, true).metres()));
                });
    }

    WayIn gate() {
        return gate;
    }

    /** Whether it is made in the season in which a fence is put up. */
    boolean comesWith(Fence with) {
        return gate.lifetime().from().isPresent()
                && gate.lifetime().from().equals(with.lifetime().from());
    }

    /** What mesh spans: each leaf, from one of its stiles to the other. */
    Stream<List<Double>> spans() {
        return Stream.generate(() -> List.of(0.0, width())).limit(leaves());
    }

    GateTold.Made made() {
        return new GateTold.Made(
                Length.metres(between()),
                leaves(),
                Sawn.length(width(), units),
                leaf.height().minus(leaf.clearance()),
                pieces(),
                brace(),
                fittings().entrySet().stream()
                        .map(each -> new GateTold.Fitting(each.getKey().label(), each.getValue()))
                        .toList(),
                mass(),
                post());
    }
}
