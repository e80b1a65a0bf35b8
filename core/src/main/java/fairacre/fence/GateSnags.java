package fairacre.fence;

import fairacre.ground.Levels;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.plan.WayIn.Leaf;
import fairacre.shape.Areas;
import fairacre.shape.FenceLine;
import fairacre.shape.Footprint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Gates whose leaf hits something, opens uphill or can't be opened from a chair, and that don't match the walk behind.
 */
final class GateSnags {

    /** Latches from a chair (2010 ADA Standards 404.2.7). */
    private static final Length LOWEST_LATCH = Length.inches(34);

    private static final Length HIGHEST_LATCH = Length.inches(48);
    /** Room on the pull side: 60 in deep, and 18 in beside the latch (2010 ADA Standards 404.2.4.1), metres. */
    private static final double DEEP = 60 * 0.0254;

    private static final double BESIDE = 18 * 0.0254;
    /** What a leaf only brushes, metres; and area that is only touched, square metres. */
    private static final double BRUSHED = 0.01;

    private static final double TOUCHED = 1e-4;
    /** A tap takes up so much, metres. */
    private static final double TAP = 0.1;
    /** The walk behind a gate is measured so far from it, and so far to either side, metres. */
    private static final double BEHIND = 0.3;

    private static final double FAR = 6;
    /** A gate this much narrower than its walk still matches it: a foot (common practice). */
    private static final Length MATCHES = Length.feet(1);

    private static final double ROUNDING = 2e-6;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final SnagContext context;
    private final List<Gardener> seated;
    private final List<Fence> fences;

    GateSnags(SnagContext context) {
        this.context = context;
        this.fences = FenceKinds.fences(context.plan(), context.season());
        this.seated = context.plan().gardeners().stream()
                .filter(gardener -> gardener.posture() == Posture.SEATED)
                .toList();
    }

    List<Snag> find() {
        Optional<Levels> levels = Levels.of(context);
        return context.setting().gates().stream()
                .flatMap(gate -> Stream.of(
                        hits(gate),
                        levels.flatMap(lie -> uphill(gate, lie)),
                        latch(gate),
                        noRoom(gate),
                        walk(gate),
                        weak(gate)))
                .flatMap(Optional::stream)
                .toList();
    }

    /** What stands in the way of a leaf or of somebody, by its name. */
    private record Standing(String name, Geometry ground) {}

    private List<Standing> standing(WayIn gate) {
        List<Standing> standing = new ArrayList<>();
        context.standing().forEach(bed -> standing.add(new Standing(bed.name(), Polygons.of(bed.corners()))));
        context.setting().features().stream()
                .filter(feature -> feature.kind().inTheWay() || feature.kind() == FeatureKind.TAP)
                .filter(feature -> gate.fence().filter(feature.id()::equals).isEmpty())
                .forEach(feature -> standing.add(new Standing(feature.name(), ground(feature))));
        return standing;
    }

    private Geometry ground(Feature feature) {
        return feature.kind() == FeatureKind.TAP
                ? Polygons.line(feature.places()).buffer(TAP)
                : Areas.joined(Footprint.of(feature, context.setting()).stream()
                        .map(ring -> ring.polygon())
                        .toList());
    }

    /** The names of what a gate hits. */
    private List<String> hit(WayIn gate) {
        List<Polygon> swept = GateGround.of(gate, context.setting()).swept();
        return standing(gate).stream()
                .filter(each -> swept.stream().anyMatch(leaf -> shares(leaf.buffer(-BRUSHED), each.ground)))
                .map(Standing::name)
                .toList();
    }

    private Optional<Snag> hits(WayIn gate) {
        List<String> hit = hit(gate);
        if (hit.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(snag(
                gate,
                FenceRule.GATE_HITS,
                Weight.WARNING,
                gate.name() + " hits " + Wording.names(hit) + " as it opens.",
                List.of(),
                () -> otherwise(gate, other -> hit(other).isEmpty())));
    }

    private static boolean shares(Geometry one, Geometry other) {
        return one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())
                && Areas.shared(one, other).getArea() > TOUCHED;
    }

    /** A gate that opens otherwise. */
    private record Otherwise(String words, WayIn gate) {}

    /** Hinged on the other side, swung the other way, with two leaves, or sliding, as far as that is fine. */
    private static List<Remedy> otherwise(WayIn gate, Predicate<WayIn> isFine) {
        List<Otherwise> ways = new ArrayList<>();
        Leaf leaf = gate.leaf().orElseThrow();
        boolean one = leaf.kind() == Leaf.Kind.SINGLE;
        Leaf.Hand other = leaf.hinges() == Leaf.Hand.LEFT ? Leaf.Hand.RIGHT : Leaf.Hand.LEFT;
        Swing way = gate.swing() == Swing.INWARD ? Swing.OUTWARD : Swing.INWARD;
        if (one) {
            ways.add(new Otherwise("Hinge " + gate.name() + " on the other side", gate.hung(leaf.hinged(other))));
        }
        ways.add(new Otherwise(
                "Let " + gate.name() + " open " + (way == Swing.INWARD ? "inward" : "outward"), gate.withSwing(way)));
        if (one) {
            ways.add(new Otherwise("Give " + gate.name() + " two leaves", gate.hung(leaf.with(Leaf.Kind.DOUBLE))));
        }
        ways.add(new Otherwise("Let " + gate.name() + " slide", gate.withSwing(Swing.SLIDING)));
        return ways.stream()
                .filter(each -> isFine.test(each.gate))
                .map(each -> new Remedy(each.words, Put.of(each.gate)))
                .toList();
    }

    /** How far the ground rises where a gate swings, metres. */
    private double rise(WayIn gate, Levels levels) {
        GateGround ground = GateGround.of(gate, context.setting());
        double foot = levels.at(ground.middle());
        return ground.swept().stream()
                .flatMap(swept -> Arrays.stream(swept.getCoordinates()))
                .mapToDouble(place -> levels.at(place.x, place.y) - foot)
                .max()
                .orElse(0);
    }

    private Optional<Snag> uphill(WayIn gate, Levels levels) {
        double rise = rise(gate, levels);
        double clearance = gate.leaf().map(leaf -> leaf.clearance().metres()).orElse(0.0);
        if (rise <= clearance + ROUNDING) {
            return Optional.empty();
        }
        Leaf leaf = gate.leaf().orElseThrow();
        return Optional.of(snag(
                        gate,
                        FenceRule.GATE_UPHILL,
                        Weight.WARNING,
                        gate.name() + " opens uphill: the ground rises "
                                + context.wording().length(Length.metres(rise)) + " where it swings, and "
                                + context.wording().length(leaf.clearance()) + " are free below it.",
                        List.of(),
                        () -> otherwise(gate, other -> rise(other, levels) <= clearance + ROUNDING))
                .by(rise - clearance));
    }

    private Optional<Snag> latch(WayIn gate) {
        Optional<Leaf> leaf = gate.leaf().filter(each -> each.kind().leaves() > 0);
        boolean low =
                leaf.filter(each -> each.latch().compareTo(LOWEST_LATCH) < 0).isPresent();
        boolean high =
                leaf.filter(each -> each.latch().compareTo(HIGHEST_LATCH) > 0).isPresent();
        if (seated.isEmpty() || !low && !high) {
            return Optional.empty();
        }
        Length bound = low ? LOWEST_LATCH : HIGHEST_LATCH;
        Leaf there = leaf.orElseThrow();
        return Optional.of(snag(
                        gate,
                        FenceRule.GATE_LATCH,
                        Weight.WARNING,
                        "The latch of " + gate.name() + " is "
                                + context.wording().length(there.latch()) + " above the ground, too "
                                + (low ? "low" : "high") + " for " + names(seated) + ", seated.",
                        seated,
                        () -> List.of(new Remedy(
                                "Fix its latch " + context.wording().length(bound) + " above the ground",
                                Put.of(gate.hung(there.latched(bound))))))
                .by(there.latch().minus(bound).abs().metres()));
    }

    private static String names(List<Gardener> gardeners) {
        return Wording.names(gardeners.stream().map(Gardener::name).toList());
    }

    /** The names of what stands where somebody in a chair has to be who pulls a gate open. */
    private List<String> inTheWay(WayIn gate) {
        return GateGround.of(gate, context.setting()).pulled(DEEP, BESIDE).stream()
                .flatMap(room -> standing(gate).stream()
                        .filter(each -> shares(room.buffer(-BRUSHED), each.ground))
                        .map(Standing::name))
                .toList();
    }

    private Optional<Snag> noRoom(WayIn gate) {
        List<String> there = seated.isEmpty() ? List.of() : inTheWay(gate);
        if (there.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(snag(
                gate,
                FenceRule.GATE_NO_ROOM,
                Weight.WARNING,
                names(seated) + " can't pull " + gate.name() + " open from a chair: " + Wording.names(there)
                        + (there.size() == 1 ? " stands" : " stand") + " where the chair has to be.",
                seated,
                () -> otherwise(gate, other -> inTheWay(other).isEmpty())));
    }

    private Optional<Snag> walk(WayIn gate) {
        GateGround ground = GateGround.of(gate, context.setting());
        Geometry across = ground.behind(BEHIND, FAR).toGeometry(GEOMETRY);
        Coordinate before = ground.at(0, BEHIND);
        return context.plan().walks(context.season()).stream()
                .filter(walk -> Polygons.of(walk.corners()).intersects(GEOMETRY.createPoint(before)))
                .findFirst()
                .flatMap(walk -> narrower(gate, walk, width(walk, across, before)));
    }

    /** Of the part of a walk that lies behind the middle of a gate. */
    private static Length width(Walk walk, Geometry across, Coordinate before) {
        Geometry parts = Areas.along(across, Polygons.of(walk.corners()));
        Geometry place = GEOMETRY.createPoint(before);
        double width = 0;
        for (int i = 0; i < parts.getNumGeometries(); i++) {
            Geometry part = parts.getGeometryN(i);
            width = part.distance(place) < ROUNDING ? Math.max(width, part.getLength()) : width;
        }
        return Length.metres(width);
    }

    private Optional<Snag> narrower(WayIn gate, Walk walk, Length wide) {
        Length less = wide.minus(gate.width());
        if (less.compareTo(MATCHES) <= 0 || wide.metres() >= 2 * FAR - ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(snag(
                        gate,
                        FenceRule.GATE_NARROWER_THAN_WALK,
                        Weight.NOTE,
                        gate.name() + " is " + context.wording().length(gate.width()) + " wide, "
                                + context.wording().length(less) + " less than " + walk.name() + " behind it.",
                        List.of(),
                        () -> List.of(new Remedy(
                                "Make " + gate.name() + " " + context.wording().length(wide) + " wide",
                                Put.of(gate.withWidth(wide)))))
                .by(less.metres()));
    }

    private Optional<GateTold.PostLoad> load(WayIn gate) {
        return fences.stream()
                .filter(fence -> FenceLine.gates(fence.standing(), context.setting()).stream()
                        .anyMatch(each -> each.id().equals(gate.id())))
                .findFirst()
                .flatMap(fence ->
                        GateMaker.of(gate, Optional.of(fence), context.plan().units()))
                .flatMap(GateMaker::post);
    }

    private Optional<Snag> weak(WayIn gate) {
        return load(gate)
                .filter(GateTold.PostLoad::fails)
                .map(load -> snag(
                                gate,
                                FenceRule.GATE_POST_WEAK,
                                Weight.WARNING,
                                "A leaf of " + gate.name() + " bends its post with " + stress(load.stress()) + " where "
                                        + stress(load.allowed()) + " are allowed.",
                                List.of(),
                                () -> otherwise(
                                        gate,
                                        other -> load(other)
                                                .filter(GateTold.PostLoad::fails)
                                                .isEmpty()))
                        .by(load.stress() - load.allowed()));
    }

    private static String stress(double megapascals) {
        return String.format(Locale.ROOT, "%.1f MPa", megapascals);
    }

    private Snag snag(
            WayIn gate,
            FenceRule rule,
            Weight weight,
            String words,
            List<Gardener> whom,
            Supplier<List<Remedy>> remedies) {
        Point place = gate.place();
        return Snag.of(
                        rule,
                        weight,
                        words,
                        Optional.of(place),
                        List.of(),
                        whom.stream().map(Gardener::id).toList(),
                        context.remedies(remedies))
                .about(context.ref(gate.id()));
    }
}
