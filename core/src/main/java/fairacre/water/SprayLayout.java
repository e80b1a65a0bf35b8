package fairacre.water;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.shape.BedSoil;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * Sets sprinklers in a bed: on a grid along its sides, the outermost on the edge of the soil, as many as keep
 * neighbours no further apart than they throw. What falls beside the soil by less than half a step is set on its edge.
 * Each throws as far as the wider step of the grid, in the arc in which it finds soil. A pipe joins them, head to head.
 */
final class SprayLayout {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** What is on the edge may be beside it by rounding, metres. */
    private static final double HAIR = 1e-4;
    /** Arcs are set in steps of 15 degrees. */
    private static final int STEPS = 24;

    private static final double STEP = 2 * Math.PI / STEPS;

    /** A sprinkler at a place of the grid. */
    private record Head(int column, int row, Coordinate place) {}

    private final AffineTransformation toPlot;
    private final double turned;
    private final Polygon soil;
    private final PreparedGeometry within;
    private final double radius;
    private final List<Head> heads = new ArrayList<>();

    static BedLayout of(BedRevision bed, Sprinklers sprinklers) {
        return new SprayLayout(bed, sprinklers).lay();
    }

    private SprayLayout(BedRevision bed, Sprinklers sprinklers) {
        Rectangle outline = bed.outline();
        double cos = outline.alongX();
        double sin = outline.alongY();
        double x = outline.centre().x().metres();
        double y = outline.centre().y().metres();
        this.toPlot = new AffineTransformation(cos, -sin, x, sin, cos, y);
        this.turned = Math.atan2(sin, cos);
        AffineTransformation toBed =
                new AffineTransformation(cos, sin, -(cos * x + sin * y), -sin, cos, sin * x - cos * y);
        this.soil = (Polygon) toBed.transform(BedSoil.of(bed));
        this.within = PreparedGeometryFactory.prepare(soil.buffer(HAIR));
        this.radius = sprinklers.radius().metres();
    }

    private BedLayout lay() {
        if (soil.isEmpty()) {
            return BedLayout.NONE;
        }
        double length = soil.getEnvelopeInternal().getWidth();
        double width = soil.getEnvelopeInternal().getHeight();
        int columns = steps(length);
        int rows = steps(width);
        double apart = Math.max(length / columns, width / rows);
        for (int column = 0; column <= columns; column++) {
            for (int row = 0; row <= rows; row++) {
                set(
                        column,
                        row,
                        new Coordinate(
                                soil.getEnvelopeInternal().getMinX() + column * length / columns,
                                soil.getEnvelopeInternal().getMinY() + row * width / rows),
                        Math.min(length / columns, width / rows) / 2);
            }
        }
        List<Point> places = heads.stream().map(head -> onPlot(head.place())).toList();
        List<BedLayout.Pipe> pipes = joined();
        return new BedLayout(
                places,
                pipes,
                IntStream.range(0, heads.size()).boxed().toList(),
                IntStream.range(0, heads.size()).boxed().toList(),
                pipes.stream()
                        .map(pipe -> List.of(places.get(pipe.from()), places.get(pipe.to())))
                        .toList(),
                heads.stream().map(head -> spray(head, apart)).toList());
    }

    private int steps(double side) {
        return Math.max(1, (int) Math.ceil(side / radius - DripLayout.ROUNDING));
    }

    private void set(int column, int row, Coordinate place, double near) {
        Geometry at = GEOMETRY.createPoint(place);
        Optional<Coordinate> found = within.covers(at)
                ? Optional.of(place)
                : Optional.of(DistanceOp.nearestPoints(soil, at)[0]).filter(edge -> edge.distance(place) <= near);
        found.filter(spot -> heads.stream().noneMatch(head -> head.place().distance(spot) < near))
                .ifPresent(spot -> heads.add(new Head(column, row, spot)));
    }

    private Point onPlot(Coordinate place) {
        Coordinate there = new Coordinate();
        toPlot.transform(place, there);
        return Point.metres(there.x, there.y);
    }

    /** In the least arc in which it finds soil half as far as it throws. */
    private Spray spray(Head head, double reach) {
        boolean[] soilThere = new boolean[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double angle = (i + 0.5) * STEP;
            soilThere[i] = within.covers(GEOMETRY.createPoint(new Coordinate(
                    head.place().x + reach / 2 * Math.cos(angle), head.place().y + reach / 2 * Math.sin(angle))));
        }
        int first = 0;
        int longest = 0;
        for (int i = 0; i < STEPS; i++) {
            int bare = 0;
            while (bare < STEPS && !soilThere[(i + bare) % STEPS]) {
                bare++;
            }
            if (bare > longest) {
                longest = bare;
                first = i + bare;
            }
        }
        int steps = longest == STEPS ? STEPS : STEPS - longest;
        double from = first * STEP + turned;
        return new Spray(
                onPlot(head.place()),
                Length.metres(reach),
                from - 2 * Math.PI * Math.floor(from / (2 * Math.PI)),
                steps * STEP);
    }

    /** From each head to its neighbours through soil, from the first on; what is left by the shortest way. */
    private List<BedLayout.Pipe> joined() {
        List<BedLayout.Pipe> pipes = new ArrayList<>();
        boolean[] reached = new boolean[heads.size()];
        Deque<Integer> waiting = new ArrayDeque<>();
        for (Optional<BedLayout.Pipe> next = Optional.of(new BedLayout.Pipe(0, 0, 0));
                next.isPresent();
                next = shortest(reached)) {
            if (next.get().from() != next.get().to()) {
                pipes.add(next.get());
            }
            reached[next.get().to()] = true;
            waiting.add(next.get().to());
            while (!waiting.isEmpty()) {
                int from = waiting.remove();
                for (int to = 0; to < reached.length; to++) {
                    if (!reached[to] && areNeighbours(heads.get(from), heads.get(to))) {
                        reached[to] = true;
                        pipes.add(pipe(from, to));
                        waiting.add(to);
                    }
                }
            }
        }
        return pipes;
    }

    private boolean areNeighbours(Head one, Head other) {
        return Math.abs(one.column() - other.column()) + Math.abs(one.row() - other.row()) == 1
                && within.covers(GEOMETRY.createLineString(new Coordinate[] {one.place(), other.place()}));
    }

    private BedLayout.Pipe pipe(int from, int to) {
        return new BedLayout.Pipe(
                from, to, heads.get(from).place().distance(heads.get(to).place()));
    }

    private Optional<BedLayout.Pipe> shortest(boolean[] reached) {
        return IntStream.range(0, reached.length)
                .filter(from -> reached[from])
                .boxed()
                .flatMap(from -> IntStream.range(0, reached.length)
                        .filter(to -> !reached[to])
                        .mapToObj(to -> pipe(from, to)))
                .min(Comparator.comparingDouble(BedLayout.Pipe::length));
    }
}
