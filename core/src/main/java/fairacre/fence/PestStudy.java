package fairacre.fence;

import fairacre.build.Fittings;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Which beds a pest gets to, and by which hole. */
final class PestStudy {

    /** A bed may stand so far into a fence that it leans on, metres. */
    private static final double LEANING = 0.1;
    /** Ends of two fences within this are meant to meet, metres. */
    private static final double MEANT_TO_MEET = 3;
    /** What touches is closed: so much is rounding, metres. */
    private static final double HAIR = 1e-5;
    /** Where a clear place is no wider than this, deer don't jump in (common practice: 2 to 3 m), metres. */
    private static final double LANDING = 2.5;
    /** To which a clear place is measured, metres. */
    private static final double TO_A_HAND = 0.05;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** The corner of a bed leans out as far as its sides do. */
    private static final BufferParameters MITRED = new BufferParameters();

    static {
        MITRED.setJoinStyle(BufferParameters.JOIN_MITRE);
    }

    private final List<StandingBed> standing;
    private final List<Barrier> barriers;
    private final int season;
    private final Memo memo;
    private final Units units;

    PestStudy(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.standing = standing;
        this.season = season;
        this.memo = memo;
        this.units = plan.units();
        this.barriers = Barrier.all(plan, season, standing);
    }

    PestRow row(Pest pest) {
        return pest.needs(units)
                .map(needs -> onFoot(pest, needs))
                .orElseGet(() -> new PestRow(
                        pest.id(),
                        Optional.empty(),
                        pest.kind().net(),
                        standing.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        List.of()));
    }

    /** Where deer seldom come, a lower fence is high enough if they see no place to land behind it. */
    private PestRow onFoot(Pest pest, Needs needs) {
        PestRow row = onFoot(pest.id(), needs);
        return pest.withoutLanding(units)
                .filter(lower -> !row.open().isEmpty())
                .map(lower -> onFoot(pest.id(), lower))
                .filter(lower ->
                        lower.open().isEmpty() && !hasLanding(lower.needs().orElseThrow()))
                .orElse(row);
    }

    private PestRow onFoot(UUID pest, Needs needs) {
        List<Barrier> holding = barriers.stream()
                .filter(barrier -> barrier.against().apply(needs, season).isEmpty())
                .toList();
        Geometry held = enclosed(holding, needs.mesh());
        List<StandingBed> open = standing.stream()
                .filter(bed -> !isWithin(bed, held, needs.mesh()) && !isLined(bed, needs))
                .toList();
        List<StandingBed> closed =
                standing.stream().filter(bed -> !open.contains(bed)).toList();
        return new PestRow(
                pest,
                Optional.of(needs),
                Optional.empty(),
                open.stream().map(StandingBed::id).sorted().toList(),
                round(holding, held, closed, needs.mesh()),
                open.isEmpty() ? List.of() : holes(needs, open));
    }

    /** Cloth under a bed stops what digs, and that alone. */
    private static boolean isLined(StandingBed bed, Needs needs) {
        return needs.digs()
                && !needs.height().isPositive()
                && bed.revision()
                        .build()
                        .fittings()
                        .filter(fittings -> fittings.underlay() == Fittings.Underlay.CLOTH)
                        .isPresent();
    }

    /** The question what some lines close in. */
    private record Enclosed(List<Geometry> lines, Length gap) {}

    /** Ground that some barriers close in, for what gets through a gap. */
    private Geometry enclosed(List<Barrier> closing, Length gap) {
        Enclosed question = new Enclosed(closing.stream().map(Barrier::line).toList(), gap);
        return memo.recall(question, () -> enclosed(question));
    }

    private static Geometry enclosed(Enclosed question) {
        double half = question.gap().metres() / 2 + HAIR;
        Geometry thick = Areas.joined(
                question.lines().stream().map(line -> line.buffer(half)).toList());
        List<Polygon> holes = new ArrayList<>();
        for (Polygon part : Areas.parts(thick)) {
            for (int i = 0; i < part.getNumInteriorRing(); i++) {
                holes.add(GEOMETRY.createPolygon(part.getInteriorRingN(i).getCoordinateSequence()));
            }
        }
        return Areas.joined(holes);
    }

    private static boolean isWithin(StandingBed bed, Geometry enclosed, Length gap) {
        return BufferOp.bufferOp(enclosed, gap.metres() / 2 + LEANING, MITRED).covers(Polygons.of(bed.corners()));
    }

    /** What of some barriers stands round the closed ground that some beds are in. */
    private static List<UUID> round(List<Barrier> barriers, Geometry enclosed, List<StandingBed> beds, Length gap) {
        List<Polygon> ground = Areas.parts(enclosed).stream()
                .filter(part -> beds.stream().anyMatch(bed -> isWithin(bed, part, gap)))
                .toList();
        return barriers.stream()
                .filter(barrier ->
                        ground.stream().anyMatch(part -> barrier.line().distance(part) <= gap.metres() / 2 + 2 * HAIR))
                .map(Barrier::thing)
                .distinct()
                .toList();
    }

    private List<PestRow.Hole> holes(Needs needs, List<StandingBed> open) {
        List<PestRow.Hole> holes = new ArrayList<>();
        Geometry all = enclosed(barriers, needs.mesh());
        boolean allIn = open.stream().allMatch(bed -> isWithin(bed, all, needs.mesh()));
        for (Polygon part : Areas.parts(all)) {
            if (open.stream().noneMatch(bed -> isWithin(bed, part, needs.mesh()))) {
                continue;
            }
            barriers.stream()
                    .filter(barrier ->
                            barrier.line().distance(part) <= needs.mesh().metres() / 2 + 2 * HAIR)
                    .forEach(barrier -> {
                        List<FenceFlaw> flaws = barrier.against().apply(needs, season);
                        if (!flaws.isEmpty()
                                && holes.stream().noneMatch(hole -> hole.thing().equals(barrier.thing()))) {
                            holes.add(new PestRow.Hole(barrier.thing(), barrier.name(), middle(barrier), flaws));
                        }
                    });
        }
        if (!allIn) {
            holes.addAll(gaps(needs.mesh()));
        }
        return holes;
    }

    private static Point middle(Barrier barrier) {
        Coordinate[] places = barrier.line().getCoordinates();
        int longest = 0;
        for (int i = 0; i + 1 < places.length; i++) {
            if (places[i].distance(places[i + 1]) > places[longest].distance(places[longest + 1])) {
                longest = i;
            }
        }
        return Point.metres(
                (places[longest].x + places[longest + 1].x) / 2, (places[longest].y + places[longest + 1].y) / 2);
    }

    /** Ends that nothing joins on to, each with how far off the nearest other barrier is. */
    private List<PestRow.Hole> gaps(Length passed) {
        return barriers.stream()
                .flatMap(barrier -> barrier.ends().stream().flatMap(end -> gap(barrier, end, passed).stream()))
                .toList();
    }

    private Optional<PestRow.Hole> gap(Barrier barrier, Point end, Length passed) {
        Geometry at = Polygons.line(List.of(end));
        double wide = Stream.concat(
                        barriers.stream().filter(other -> other != barrier).map(Barrier::line),
                        barrier.ends().stream()
                                .filter(other -> !other.equals(end))
                                .map(other -> Polygons.line(List.of(other))))
                .mapToDouble(other -> other.distance(at))
                .min()
                .orElse(Double.MAX_VALUE);
        if (wide <= passed.metres() + HAIR || wide > MEANT_TO_MEET) {
            return Optional.empty();
        }
        return Optional.of(new PestRow.Hole(
                barrier.thing(),
                barrier.name(),
                end,
                List.of(new FenceFlaw(FenceFlaw.Reason.GAP, passed, Length.metres(wide)))));
    }

    /** The place to which an end could go on so that it meets the nearest other barrier. */
    Optional<Point> joint(UUID fence, Point end) {
        Geometry at = Polygons.line(List.of(end));
        return barriers.stream()
                .filter(other -> !other.thing().equals(fence))
                .map(Barrier::line)
                .min(Comparator.comparingDouble(other -> other.distance(at)))
                .map(other -> DistanceOp.nearestPoints(other, at)[0])
                .map(place -> Point.metres(place.x, place.y));
    }

    private boolean hasLanding(Needs needs) {
        Geometry within = enclosed(
                barriers.stream()
                        .filter(barrier ->
                                barrier.against().apply(needs, season).isEmpty())
                        .toList(),
                needs.mesh());
        Geometry free = Areas.without(
                within,
                Areas.joined(
                        standing.stream().map(bed -> Polygons.of(bed.corners())).toList()));
        return Areas.parts(free).stream()
                .filter(part -> standing.stream().anyMatch(bed -> isWithin(bed, within, needs.mesh())))
                .anyMatch(part ->
                        MaximumInscribedCircle.getRadiusLine(part, TO_A_HAND).getLength() > LANDING / 2);
    }
}
