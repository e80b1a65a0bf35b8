package fairacre.arrange;

import fairacre.goods.WalkGrade;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.Intervals;
import fairacre.shape.PlotSides;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Ground that an arrangement leaves as it is: beds that stay or come in a later season with a walk round them, main
 * walks, and the ground behind ways in. Beds of a draft that would lie there are cut back to what is left of their
 * length.
 */
final class Given {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final BufferParameters SHARP =
            new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);
    /** Shorter beds are not worth a frame, metres. */
    private static final double SHORTEST = 0.6;
    /** What is shared less than this only touches, square metres. */
    private static final double TOUCHING = 1e-4;

    private final Wish wish;
    private final List<Polygon> ground = new ArrayList<>();

    /** @param plan without the beds that give way */
    Given(Plan plan, int season, Wish wish) {
        this.wish = wish;
        plan.beds().stream()
                .filter(bed -> bed.retired().isEmpty() || bed.retired().get() > season)
                .flatMap(bed -> bed.revisions().stream())
                .filter(revision -> revision.from() > season)
                .forEach(this::addWithWalk);
        plan.standing(season).stream()
                .filter(bed -> wish.conditions().keep().contains(bed.id()))
                .map(StandingBed::revision)
                .forEach(this::addWithWalk);
        plan.walks().stream()
                .filter(walk ->
                        walk.grade() == WalkGrade.MAIN && !walk.lifetime().isOver(season))
                .map(Walk::corners)
                .map(Polygons::of)
                .forEach(ground::add);
        double room = plan.gardeners().stream()
                .map(Gardener::passing)
                .reduce(wish.walk(), Length::max)
                .metres();
        plan.waysIn(season).forEach(gate -> ground.add(behind(plan, gate, room)));
    }

    private void addWithWalk(BedRevision revision) {
        ground.addAll(Areas.parts(
                BufferOp.bufferOp(Polygons.of(revision.corners()), wish.walk().metres(), SHARP)));
    }

    /** As wide as the way in, or as who has to come in, and as deep. */
    private static Polygon behind(Plan plan, WayIn gate, double room) {
        LineSegment side = PlotSides.nearest(plan.site(), gate.place());
        double half = Math.max(gate.width().metres(), room) / 2;
        double x = gate.place().x().metres();
        double y = gate.place().y().metres();
        double dx = (side.p1.x - side.p0.x) / side.getLength();
        double dy = (side.p1.y - side.p0.y) / side.getLength();
        return (Polygon) GEOMETRY.createLineString(
                        new Coordinate[] {new Coordinate(x, y), new Coordinate(x - dy * 2 * half, y + dx * 2 * half)})
                .buffer(half, 1, BufferParameters.CAP_FLAT);
    }

    /** The beds of a draft, each cut back to the parts of it that are free. */
    List<Block> leftOf(List<Block> draft) {
        return draft.stream().flatMap(block -> leftOf(block).stream()).toList();
    }

    private List<Block> leftOf(Block block) {
        Geometry outline = outline(block);
        List<Geometry> taken = ground.stream()
                .filter(each -> each.getEnvelopeInternal().intersects(outline.getEnvelopeInternal()))
                .map(each -> Areas.shared(outline, each))
                .filter(shared -> shared.getArea() > TOUCHING)
                .toList();
        if (taken.isEmpty()) {
            return List.of(block);
        }
        return block.turn() != 0 || !block.shape().plain() ? List.of() : parts(block, taken);
    }

    private List<Block> parts(Block block, List<Geometry> taken) {
        boolean lengthwise = block.length() >= block.width();
        double from = lengthwise
                ? wish.low().x().metres() + block.left()
                : wish.low().y().metres() + block.foot();
        Intervals left = Intervals.whole(lengthwise ? block.length() : block.width());
        for (Geometry shared : taken) {
            Envelope bounds = shared.getEnvelopeInternal();
            left = left.without(
                    (lengthwise ? bounds.getMinX() : bounds.getMinY()) - from,
                    (lengthwise ? bounds.getMaxX() : bounds.getMaxY()) - from);
        }
        return left.parts().stream()
                .filter(part -> part.length() >= SHORTEST)
                .map(part -> lengthwise
                        ? Block.plain(block.left() + part.start(), block.foot(), part.length(), block.width())
                        : Block.plain(block.left(), block.foot() + part.start(), block.length(), part.length()))
                .toList();
    }

    private Geometry outline(Block block) {
        double x = wish.low().x().metres() + block.left();
        double y = wish.low().y().metres() + block.foot();
        return GEOMETRY.toGeometry(new Envelope(x, x + block.length(), y, y + block.width()));
    }
}
