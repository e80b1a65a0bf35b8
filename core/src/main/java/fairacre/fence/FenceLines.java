package fairacre.fence;

import fairacre.build.Frame;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.FenceLine;
import fairacre.shape.Footprint;
import fairacre.shape.Insets;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines that a fence could take, each with the gate that it needs. */
final class FenceLines {

    /** Between beds and a fence round them one walks and reaches its inner face (common practice), metres. */
    private static final double ALLOWANCE = 0.9144;
    /** Corners that turn so little are left out, metres off the line. */
    private static final double STRAIGHT = 0.01;
    /** A fence keeps so far off a house or a tree that stands in its line, metres. */
    private static final double OFF = 0.05;

    private static final int MOST_CORNERS = 58;
    /** For a barrow: 42 in (common practice: 36 to 42). */
    private static final Length GATE = Length.inches(42);
    /** Beside a gate there is room for its posts, metres. */
    private static final double BESIDE = 0.3;

    private static final Set<FeatureKind> WENT_ROUND =
            Set.of(FeatureKind.HOUSE, FeatureKind.SHED, FeatureKind.COMPOST, FeatureKind.BENCH, FeatureKind.TREE);

    private final Plan plan;
    private final int season;
    private final Setting setting;
    private final List<StandingBed> standing;
    private final Function<String, UUID> ids;

    /** @param ids for what is new, by what it is */
    FenceLines(Plan plan, int season, Function<String, UUID> ids) {
        this.plan = plan;
        this.season = season;
        this.setting = plan.setting(season);
        this.standing = plan.standing(season);
        this.ids = ids;
    }

    /**
     * A fence that could be put up, or two that belong together.
     *
     * @param fences the outer one first
     * @param change that puts them up, with a gate where nobody could come in
     */
    record Line(List<Fence> fences, Change change) {
        Line {
            fences = List.copyOf(fences);
        }
    }

    /** Round the first piece of ground, of the cheapest mesh that holds against all pests. */
    Optional<Line> alongThePlot() {
        return make().map(make -> line("along the plot", closed(setting.site().corners()), make::applied));
    }

    /**
     * Round some beds and the walks beside them: the convex hull, a walk wider, as far as the plot goes.
     *
     * @param beds all that stand if there are none
     */
    Optional<Line> roundBeds(List<UUID> beds) {
        List<Polygon> wanted = standing.stream()
                .filter(bed -> beds.isEmpty() || beds.contains(bed.id()))
                .map(bed -> Polygons.of(bed.corners()))
                .toList();
        return make().filter(make -> !wanted.isEmpty())
                .flatMap(make -> hull(wanted).map(places -> line("round the beds", places, make::applied)));
    }

    /**
     * Along the plot, and a second ring within it: both low, for deer. The outer one holds against all else. Empty
     * where another than deer jumps higher, and where the second would lead through something.
     */
    Optional<Line> twoRings() {
        Length high = FencePair.height(plan.units()).plus(FenceKinds.snow(plan));
        if (!hasDeer() || high.compareTo(Fence.HIGHEST) > 0) {
            return Optional.empty();
        }
        List<Needs> others = FenceKinds.pests(plan, season).stream()
                .filter(pest -> pest.kind() != PestKind.DEER)
                .flatMap(pest -> pest.needs(plan.units()).stream())
                .toList();
        Optional<FittingFence> outer = FittingFence.all(plan, others).stream()
                .findFirst()
                .map(make -> new FittingFence(make.kind(), Length.max(make.height(), high), make.foot()));
        return outer.flatMap(make -> inner().map(places -> {
            Line first = line("two rings", closed(setting.site().corners()), make::applied);
            Fence ring = first.fences().get(0);
            Fence second = fence("second ring", places)
                    .named(Limits.shortened(ring.name(), ", inside"))
                    .high(high);
            return new Line(List.of(ring, second), paired(first, second));
        }));
    }

    /**
     * In the soil of raised beds along the plot's edge, which close its foot. Empty if nothing that comes digs, and
     * where the beds find no room.
     */
    Optional<Line> inEdgeBeds() {
        EdgeBeds edge = new EdgeBeds(plan, season, allowance());
        Optional<Frame> frame = edge.frame(FittingFence.deepest(plan, season));
        return frame.flatMap(boards -> FittingFence.inBeds(plan, season, boards.height())
                .flatMap(make -> edge.line(boards).map(places -> line("in edge beds", places, make::applied)))
                .flatMap(fenced -> bedded(edge, boards, fenced)));
    }

    private Optional<Line> bedded(EdgeBeds edge, Frame boards, Line fenced) {
        Fence fence = fenced.fences().get(0);
        Plan after = plan.apply(fenced.change()).orThrow();
        List<BedRevision> beds = edge.beds(boards, FenceLine.gates(fence.standing(), after.setting(season)));
        if (beds.isEmpty()) {
            return Optional.empty();
        }
        List<Change> changes = new ArrayList<>(parts(fenced.change()));
        List<String> names = new ArrayList<>(plan.beds().stream().map(Bed::name).toList());
        for (int i = 0; i < beds.size(); i++) {
            String name = Names.free(names, "Edge bed");
            names.add(name);
            changes.add(new Change.PlaceBed(Bed.of(ids.apply("edge bed " + i), name, beds.get(i))));
        }
        return Optional.of(new Line(fenced.fences(), new Change.Batch("Fence in raised edge beds", changes)));
    }

    private static List<Change> parts(Change change) {
        return change instanceof Change.Batch batch ? batch.changes() : List.of(change);
    }

    boolean hasDeer() {
        return FenceKinds.pests(plan, season).stream().anyMatch(pest -> pest.kind() == PestKind.DEER);
    }

    private Optional<List<Point>> inner() {
        Geometry within = Insets.of(Polygons.of(setting.site().corners()), FencePair.APART.metres());
        Geometry inTheWay = Areas.joined(Stream.concat(
                        standing.stream().map(bed -> (Geometry) Polygons.of(bed.corners())), Stream.of(inTheWay()))
                .toList());
        List<Polygon> parts = Areas.parts(within);
        if (parts.size() != 1 || parts.get(0).getExteriorRing().intersects(inTheWay)) {
            return Optional.empty();
        }
        return Optional.of(Arrays.stream(parts.get(0).getExteriorRing().getCoordinates())
                        .map(corner -> Point.metres(corner.x, corner.y))
                        .toList())
                .filter(ring -> ring.size() <= MOST_CORNERS);
    }

    /** Behind each way in, and each gate that comes with the outer ring, the inner one has a gate as wide. */
    private Change paired(Line first, Fence second) {
        Plan fenced = plan.apply(first.change()).orThrow();
        List<Change> changes = new ArrayList<>(parts(first.change()));
        changes.add(Put.of(second));
        List<String> names =
                new ArrayList<>(plan.waysIn().stream().map(WayIn::name).toList());
        for (WayIn gate : FenceLine.gates(first.fences().get(0).standing(), fenced.setting(season))) {
            String name = Names.free(names, Limits.shortened(gate.name(), ", inside"));
            names.add(name);
            Coordinate[] nearest =
                    DistanceOp.nearestPoints(Polygons.line(second.places()), Polygons.line(List.of(gate.place())));
            changes.add(Put.of(new WayIn(
                            ids.apply("gate within " + gate.id()),
                            name,
                            Point.metres(nearest[0].x, nearest[0].y),
                            gate.width(),
                            gate.swing() == Swing.OPEN ? Swing.INWARD : gate.swing(),
                            second.lifetime(),
                            Length.ZERO)
                    .in(second.id())));
        }
        return new Change.Batch("Two fences with gates", changes);
    }

    /** Along the plot, three strings on canes for this season. */
    Line strings() {
        return line(
                "strings",
                closed(setting.site().corners()),
                fence -> fence.of(FenceKind.STRINGS)
                        .high(FenceKind.STRINGS.topString().orElseThrow())
                        .with(PostKind.CANES)
                        .during(new Lifetime(Optional.of(season), Optional.of(season + 1))));
    }

    /** As it was drawn, without a gate. */
    Change drawn(List<Point> places) {
        Fence plain = fence("drawn", places);
        return Put.of(make().map(make -> make.applied(plain)).orElse(plain));
    }

    private Optional<FittingFence> make() {
        return FittingFence.all(plan, season).stream().findFirst();
    }

    private Optional<List<Point>> hull(List<Polygon> beds) {
        Geometry hull = Areas.joined(beds).convexHull();
        BufferParameters mitred = new BufferParameters();
        mitred.setJoinStyle(BufferParameters.JOIN_MITRE);
        Geometry wide = BufferOp.bufferOp(hull, allowance(), mitred);
        Geometry ground = Areas.without(Areas.shared(wide, setting.site().ground()), inTheWay());
        return Areas.parts(DouglasPeuckerSimplifier.simplify(ground, STRAIGHT)).stream()
                .max(Comparator.comparingDouble(Polygon::getArea))
                .map(part -> part.getExteriorRing().getCoordinates())
                .filter(ring -> ring.length <= MOST_CORNERS)
                .map(ring -> Arrays.stream(ring)
                        .map(corner -> Point.metres(corner.x, corner.y))
                        .toList());
    }

    private double allowance() {
        return plan.gardeners().stream()
                .map(Gardener::passing)
                .mapToDouble(Length::metres)
                .reduce(ALLOWANCE, Math::max);
    }

    private Geometry inTheWay() {
        return Areas.joined(setting.features().stream()
                .filter(feature -> WENT_ROUND.contains(feature.kind()))
                .flatMap(feature -> Footprint.of(feature, setting).stream())
                .map(Ring::polygon)
                .map(ground -> ground.buffer(OFF))
                .toList());
    }

    private static List<Point> closed(List<Point> corners) {
        List<Point> ring = new ArrayList<>(corners);
        ring.add(corners.get(0));
        return ring;
    }

    private Line line(String what, List<Point> places, UnaryOperator<Fence> made) {
        Fence fence = made.apply(fence(what, places));
        Change put = Put.of(fence);
        return new Line(
                List.of(fence),
                gate(fence, ids.apply("gate " + what))
                        .<Change>map(gate -> new Change.Batch("Fence with a gate", List.of(put, Put.of(gate))))
                        .orElse(put));
    }

    private Fence fence(String what, List<Point> places) {
        return new Fence(
                ids.apply("fence " + what),
                Names.free(
                        plan.list(FenceKinds.FENCES).stream().map(Fence::name).toList(), "Fence"),
                places,
                FenceKind.WELDED_MESH,
                FittingFence.usual(plan.units()),
                FenceFoot.OPEN,
                PostKind.WOOD_IN_CONCRETE,
                List.of(),
                Lifetime.from(season));
    }

    /** Where no way in opens the ring, a gate in the side that is nearest to where one comes from. */
    private Optional<WayIn> gate(Fence fence, UUID id) {
        Feature ring = fence.standing();
        double all = Polygons.line(fence.places()).getLength();
        if (FenceLine.of(ring, setting).length().metres() < all - STRAIGHT) {
            return Optional.empty();
        }
        Length width = plan.carriers().stream()
                .filter(Carrier::wheels)
                .map(Carrier::width)
                .reduce(GATE, Length::max);
        boolean inner = !setting.waysIn().isEmpty() || !FenceLine.runsAlongTheEdge(ring, setting);
        return sides(fence.places())
                .filter(side -> side.length() >= width.metres() + 2 * BESIDE)
                .min(Comparator.comparingDouble(this::fromTheHouse))
                .map(side -> new WayIn(
                        id,
                        Names.free(plan.waysIn().stream().map(WayIn::name).toList(), "Gate"),
                        side.middle(),
                        width,
                        Swing.INWARD,
                        fence.lifetime(),
                        Length.ZERO))
                .map(gate -> inner ? gate.in(fence.id()) : gate);
    }

    private record Side(Coordinate from, Coordinate to) {
        double length() {
            return from.distance(to);
        }

        Point middle() {
            return Point.metres((from.x + to.x) / 2, (from.y + to.y) / 2);
        }
    }

    private static Stream<Side> sides(List<Point> places) {
        Coordinate[] all = Polygons.line(places).getCoordinates();
        return IntStream.range(0, all.length - 1).mapToObj(i -> new Side(all[i], all[i + 1]));
    }

    /** From the first way in, or else a door, or the house; without any of them the longest side is taken. */
    private double fromTheHouse(Side side) {
        Geometry middle = Polygons.line(List.of(side.middle()));
        return Stream.concat(
                        setting.waysIn().stream().limit(1).map(way -> Polygons.line(List.of(way.place()))),
                        setting.features().stream()
                                .filter(feature ->
                                        feature.kind() == FeatureKind.DOOR || feature.kind() == FeatureKind.HOUSE)
                                .map(feature -> Polygons.line(feature.places())))
                .findFirst()
                .map(from -> from.distance(middle))
                .orElse(-side.length());
    }
}
