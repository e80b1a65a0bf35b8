package fairacre.tunnel;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import fairacre.tunnel.TunnelTold.TunnelAisle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Where one walks in a tunnel, found on lines across it every foot: between two beds, right across where no bed is in
 * the way, and beside the sides where a walk is drawn or a door opens.
 */
final class TunnelAisles {

    /** Nobody walks where it is narrower: 12 in. */
    private static final double SLIMMEST = Length.inches(12).metres();
    /**
     * The head is no nearer to a bed than this, or in the middle of a narrower aisle: 10 in (an estimate of our own).
     */
    private static final double BESIDE = Length.inches(10).metres();

    private static final double STEP = 0.3;
    /** Off the ends, so that a bed that begins there counts, metres. */
    private static final double WITHIN = 0.005;

    private static final double HAIR = 1e-6;
    private static final double MILLIMETRES = 1000;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final WalkInTunnel tunnel;
    private final TunnelFrame frame;
    private final List<Geometry> beds;
    private final List<PreparedGeometry> walks;

    TunnelAisles(Plan plan, int season, List<StandingBed> standing, WalkInTunnel tunnel) {
        this.tunnel = tunnel;
        this.frame = new TunnelFrame(plan.units(), tunnel);
        Geometry ground = Polygons.of(tunnel.place().corners());
        this.beds = standing.stream()
                .<Geometry>map(bed -> Polygons.of(bed.corners()))
                .filter(ground::intersects)
                .toList();
        this.walks = plan.walks(season).stream()
                .map(Walk::corners)
                .map(corners -> PreparedGeometryFactory.prepare(Polygons.of(corners)))
                .toList();
    }

    /** The lowest first; those at one distance from the middle once. */
    List<TunnelAisle> all() {
        double end = tunnel.place().length().metres() / 2 - WITHIN;
        int steps = (int) Math.ceil(2 * end / STEP);
        Map<Long, TunnelAisle> byAside = new TreeMap<>();
        IntStream.rangeClosed(0, steps)
                .mapToDouble(i -> -end + 2 * end * i / steps)
                .forEach(along -> across(along)
                        .forEach(aside -> byAside.putIfAbsent(Math.round(aside * MILLIMETRES), aisle(along, aside))));
        return byAside.values().stream()
                .sorted(Comparator.comparing(TunnelAisle::headroom))
                .toList();
    }

    private TunnelAisle aisle(double along, double aside) {
        Length off = Length.metres(Math.abs(aside));
        return new TunnelAisle(
                tunnel.place().at(along, aside),
                off,
                frame.bow().heightAt(off).minus(tunnel.pipe().diameter().half()));
    }

    /** Where one walks on a line across, metres to the left of the middle. */
    private DoubleStream across(double along) {
        return gaps(along).stream()
                .filter(gap -> gap.width() >= SLIMMEST - HAIR)
                .filter(gap -> isWalked(along, gap))
                .mapToDouble(TunnelAisles::nearest);
    }

    /** Free ground on a line across, metres to the left of the middle. */
    record Span(double from, double to) {

        double width() {
            return to - from;
        }

        /** The place that is nearest to another, with so much room on either side. */
        double nearest(double inset, double place) {
            return Math.max(from + inset, Math.min(to - inset, place));
        }

        Span shared(Span other) {
            return new Span(Math.max(from, other.from), Math.min(to, other.to));
        }
    }

    /** What is free at both ends. */
    List<Span> atTheEnds() {
        double end = tunnel.place().length().metres() / 2 - WITHIN;
        return gaps(-end).stream()
                .flatMap(one -> gaps(end).stream().map(one::shared))
                .filter(span -> span.width() > 0)
                .toList();
    }

    private List<Span> gaps(double along) {
        double half = tunnel.place().width().metres() / 2;
        double from = -half;
        List<Span> gaps = new ArrayList<>();
        for (Span bed : taken(along, half)) {
            gaps.add(new Span(from, bed.from));
            from = Math.max(from, bed.to);
        }
        gaps.add(new Span(from, half));
        return gaps;
    }

    /** What beds take of a line across, from right to left. */
    private List<Span> taken(double along, double half) {
        Point right = tunnel.place().at(along, -half);
        Geometry line = Polygons.line(List.of(right, tunnel.place().at(along, half)));
        Coordinate start = new Coordinate(right.x().metres(), right.y().metres());
        return beds.stream()
                .map(line::intersection)
                .filter(part -> !part.isEmpty())
                .map(part -> DoubleStream.of(Arrays.stream(part.getCoordinates())
                                .mapToDouble(start::distance)
                                .toArray())
                        .summaryStatistics())
                .map(reach -> new Span(reach.getMin() - half, reach.getMax() - half))
                .sorted(Comparator.comparingDouble(Span::from))
                .toList();
    }

    /** Where one walks in it: as near to the middle of the tunnel as there is room beside the head. */
    private static double nearest(Span gap) {
        return gap.nearest(Math.min(BESIDE, gap.width() / 2), 0);
    }

    /** Between beds or right across; beside a side only on a walk or behind a door. */
    private boolean isWalked(double along, Span gap) {
        double half = tunnel.place().width().metres() / 2;
        boolean besideASide = gap.from <= -half + HAIR ^ gap.to >= half - HAIR;
        double door = tunnel.doorAside().metres();
        return !besideASide
                || gap.from - HAIR <= door && door <= gap.to + HAIR
                || isWalk(tunnel.place().at(along, nearest(gap)));
    }

    private boolean isWalk(Point place) {
        Geometry spot = GEOMETRY.createPoint(
                new Coordinate(place.x().metres(), place.y().metres()));
        return walks.stream().anyMatch(walk -> walk.covers(spot));
    }
}
