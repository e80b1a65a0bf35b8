package fairacre.fence;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * A piece of what may keep a pest out: a stretch of a fence, the gate in it, a wall, a house.
 *
 * @param thing the fence, gate or feature
 * @param line where it stands, metres
 * @param ends where it could be passed by if nothing joins on; none for what ends nowhere
 * @param against why it does not hold against what has certain needs in a season; nothing if it does
 */
record Barrier(
        UUID thing, String name, Geometry line, List<Point> ends, BiFunction<Needs, Integer, List<FenceFlaw>> against) {

    Barrier {
        ends = List.copyOf(ends);
    }

    /** All of a season. */
    static List<Barrier> all(Plan plan, int season, List<StandingBed> standing) {
        Setting setting = plan.setting(season);
        Length snow = FenceKinds.snow(plan);
        List<Barrier> all = new ArrayList<>();
        for (Fence fence : FenceKinds.fences(plan, season)) {
            boolean paired = FencePair.has(fence, plan, season);
            Strength strength = (height, needs, alone) ->
                    paired ? FencePair.flaws(alone, height, needs, snow, plan.units()) : alone;
            FootSoil soil = FootSoil.of(fence, setting, standing);
            all.addAll(along(
                    fence.standing(),
                    setting,
                    (needs, in) -> strength.of(fence.height(), needs, FenceHold.flaws(fence, soil, needs, snow, in)),
                    (gate, needs) -> gate.leaf()
                            .map(leaf -> strength.of(leaf.height(), needs, ofGate(gate, needs, snow)))
                            .orElseGet(() -> ofGate(gate, needs, snow))));
        }
        FenceKinds.kept(plan, season)
                .forEach(kept -> all.addAll(along(
                        kept,
                        setting,
                        (needs, in) -> FenceHold.ofKept(kept, needs, snow),
                        (gate, needs) -> ofGate(gate, needs, snow))));
        for (Feature feature : setting.features()) {
            if (feature.kind() == FeatureKind.WALL || feature.kind() == FeatureKind.RETAINING_WALL) {
                all.addAll(along(
                        feature,
                        setting,
                        (needs, in) -> FenceHold.ofWall(feature, needs, snow),
                        (gate, needs) -> ofGate(gate, needs, snow)));
            } else if (feature.kind() == FeatureKind.HOUSE || feature.kind() == FeatureKind.SHED) {
                all.add(new Barrier(
                        feature.id(),
                        feature.name(),
                        Polygons.of(feature.places()).getExteriorRing(),
                        List.of(),
                        (needs, in) -> List.of()));
            }
        }
        return all;
    }

    /** What flaws are left of something so high. */
    private interface Strength {
        List<FenceFlaw> of(Length height, Needs needs, List<FenceFlaw> alone);
    }

    /** What stands of a line, and the gates in it. */
    private static List<Barrier> along(
            Feature feature,
            Setting setting,
            BiFunction<Needs, Integer, List<FenceFlaw>> against,
            BiFunction<WayIn, Needs, List<FenceFlaw>> ofGate) {
        List<WayIn> gates = FenceLine.gates(feature, setting);
        List<Point> places = feature.places();
        List<List<Point>> parts = FenceLine.of(feature, setting).parts();
        boolean closed = Fence.isRing(places);
        List<Barrier> barriers = new ArrayList<>();
        Point at = places.get(0);
        for (List<Point> part : parts) {
            gate(at, part.get(0), gates, ofGate).ifPresent(barriers::add);
            barriers.add(new Barrier(
                    feature.id(),
                    feature.name(),
                    Polygons.line(part),
                    closed ? List.of() : ends(places, part),
                    against));
            at = part.get(part.size() - 1);
        }
        gate(at, places.get(places.size() - 1), gates, ofGate).ifPresent(barriers::add);
        return barriers;
    }

    private static List<Point> ends(List<Point> places, List<Point> part) {
        return Stream.of(part.get(0), part.get(part.size() - 1))
                .filter(end -> end.equals(places.get(0)) || end.equals(places.get(places.size() - 1)))
                .toList();
    }

    /** The way in that opened a line between two places: a gate of which nobody told more is like its line. */
    private static Optional<Barrier> gate(
            Point from, Point to, List<WayIn> gates, BiFunction<WayIn, Needs, List<FenceFlaw>> ofGate) {
        if (from.equals(to)) {
            return Optional.empty();
        }
        Geometry across = Polygons.line(List.of(from, to));
        return gates.stream()
                .min(Comparator.comparingDouble((WayIn gate) -> across.distance(Polygons.line(List.of(gate.place())))))
                .map(gate -> new Barrier(
                        gate.id(), gate.name(), across, List.of(), (needs, in) -> ofGate.apply(gate, needs)));
    }

    private static List<FenceFlaw> ofGate(WayIn gate, Needs needs, Length snow) {
        return gate.swing() == Swing.OPEN
                ? List.of(FenceFlaw.of(FenceFlaw.Reason.NO_GATE))
                : gate.leaf()
                        .map(leaf -> FenceHold.ofLeaf(leaf, gate.sill(), needs, snow))
                        .orElse(List.of());
    }
}
