package fairacre.fence;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.PlotSides;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;

/** Fences that lead through what is built, and gates that are in no fence or have no room in it. */
final class LineSnags {

    private static final Set<FeatureKind> BUILT =
            Set.of(FeatureKind.HOUSE, FeatureKind.SHED, FeatureKind.COMPOST, FeatureKind.BENCH);

    /** A fence may reach so far into a wall that it ends at, metres. */
    private static final double INTO_A_WALL = 0.1;
    /** What is left of a fence that is shorter closes nothing, metres. */
    private static final double SHORTEST = 0.3;
    /** Lengths are whole micrometres, metres. */
    private static final double ROUNDING = 2e-6;

    private final SnagContext context;

    LineSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return Stream.concat(
                        FenceKinds.fences(context.plan(), context.season()).stream()
                                .flatMap(this::through),
                        context.setting().gates().stream()
                                .filter(gate -> gate.fence().isPresent())
                                .flatMap(gate -> gate(gate).stream()))
                .toList();
    }

    private Stream<Snag> through(Fence fence) {
        Geometry line = Polygons.line(fence.places());
        return context.setting().features().stream()
                .filter(feature -> BUILT.contains(feature.kind()))
                .flatMap(feature -> through(fence, line, feature).stream());
    }

    private Optional<Snag> through(Fence fence, Geometry line, Feature built) {
        Geometry ground = Polygons.of(built.places());
        Geometry inside = Areas.along(line, ground.buffer(-INTO_A_WALL));
        if (inside.isEmpty() || inside.getLength() < ROUNDING) {
            return Optional.empty();
        }
        double within = Areas.along(line, ground).getLength();
        Coordinate at = inside.getCoordinate();
        return Optional.of(Snag.of(
                        FenceRule.FENCE_THROUGH,
                        Weight.WARNING,
                        fence.name() + " leads through " + built.name() + " for "
                                + context.wording().length(Length.metres(within)) + ".",
                        Optional.of(Point.metres(at.x, at.y)),
                        List.of(),
                        List.of(),
                        context.remedies(() -> ended(fence, line, ground, built)))
                .about(context.ref(fence.id()))
                .by(within));
    }

    /** The longest part outside stays; a ring is opened where it went through. */
    private static List<Remedy> ended(Fence fence, Geometry line, Geometry ground, Feature built) {
        List<Remedy> remedies = new ArrayList<>();
        outside(fence, line, ground).stream()
                .filter(part -> Polygons.line(part).getLength() >= SHORTEST)
                .max(Comparator.comparingDouble(part -> Polygons.line(part).getLength()))
                .flatMap(fence::ifSoundAlong)
                .map(ended -> new Remedy("End " + fence.name() + " at " + built.name(), Put.of(ended)))
                .ifPresent(remedies::add);
        remedies.add(new Remedy("Do without " + fence.name(), new Remove<>(FenceKinds.FENCES, fence.id())));
        return remedies;
    }

    private static List<List<Point>> outside(Fence fence, Geometry line, Geometry ground) {
        Geometry left = line.difference(ground);
        List<List<Point>> parts = new ArrayList<>(IntStream.range(0, left.getNumGeometries())
                .mapToObj(i -> Arrays.stream(left.getGeometryN(i).getCoordinates())
                        .map(at -> Point.metres(at.x, at.y))
                        .toList())
                .filter(part -> part.size() > 1)
                .toList());
        if (fence.closed() && parts.size() > 1) {
            List<Point> last = parts.remove(parts.size() - 1);
            List<Point> first = parts.remove(0);
            parts.add(Stream.concat(last.stream(), first.stream().skip(1)).toList());
        }
        return parts;
    }

    private Optional<Snag> gate(WayIn gate) {
        Optional<Feature> fence = context.setting().features().stream()
                .filter(line -> gate.fence().filter(line.id()::equals).isPresent())
                .findFirst();
        if (fence.isEmpty()) {
            return Optional.of(Snag.of(
                            FenceRule.GATE_WITHOUT_FENCE,
                            Weight.NOTE,
                            gate.name() + " is in a fence that does not stand in " + context.season() + ".",
                            Optional.of(gate.place()),
                            List.of(),
                            List.of(),
                            context.remedies(() -> List.of(new Remedy(
                                    "Take " + gate.name() + " out", new Remove<>(Things.WAYS_IN, gate.id())))))
                    .about(context.ref(gate.id())));
        }
        return tooWide(gate, fence.get());
    }

    private Optional<Snag> tooWide(WayIn gate, Feature fence) {
        LineSegment side = PlotSides.of(gate, context.setting());
        Coordinate place = side.closestPoint(
                new Coordinate(gate.place().x().metres(), gate.place().y().metres()));
        double half = gate.width().metres() / 2;
        double room = Math.min(place.distance(side.p0), place.distance(side.p1));
        if (room >= half - ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(Snag.of(
                        FenceRule.GATE_WIDER_THAN_SIDE,
                        Weight.WARNING,
                        gate.name() + " is " + context.wording().length(gate.width())
                                + " wide and reaches over the end of the stretch of " + fence.name()
                                + " that it is in.",
                        Optional.of(gate.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> fitted(gate, side, place, room)))
                .about(context.ref(gate.id()))
                .by(half - room));
    }

    /** Moved along its side so far that it has room, or made narrower where it is; or taken out. */
    private List<Remedy> fitted(WayIn gate, LineSegment side, Coordinate place, double room) {
        List<Remedy> remedies = new ArrayList<>();
        double half = gate.width().metres() / 2;
        if (side.getLength() >= 2 * half) {
            double along = Math.max(half, Math.min(side.getLength() - half, side.p0.distance(place)));
            Coordinate to = side.pointAlong(along / side.getLength());
            remedies.add(new Remedy(
                    "Move " + gate.name() + " " + context.wording().length(Length.metres(to.distance(place)))
                            + " along the fence",
                    Put.of(gate.withPlace(Point.metres(to.x, to.y)))));
        }
        Length narrower = context.wording().tidyDown(Length.metres(2 * room));
        if (narrower.compareTo(WayIn.NARROWEST) >= 0) {
            remedies.add(new Remedy(
                    "Make " + gate.name() + " " + context.wording().length(narrower) + " wide",
                    Put.of(gate.withWidth(narrower))));
        }
        remedies.add(new Remedy("Take " + gate.name() + " out", new Remove<>(Things.WAYS_IN, gate.id())));
        return remedies;
    }
}
