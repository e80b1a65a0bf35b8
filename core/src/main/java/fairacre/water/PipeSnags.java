package fairacre.water;

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
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Runs and pipes to beds that lead where no pipe should: over ground that is kept free, over a buried line, or through
 * the soil of a bed that they don't water.
 */
final class PipeSnags {

    /** A pipe led round something keeps so far off, metres. */
    private static final double OFF = 0.1;
    /** A pipe may lie so far inside the edge of a bed, metres: along its boards, a hand's breadth. */
    private static final double EDGE = 0.1;
    /** What is exactly so far inside is not further by rounding, metres. */
    private static final double HAIR = 1e-6;
    /** Shorter than this, metres, a pipe only touches. */
    private static final double TOUCHES = 1e-4;

    private static final double SHARPEST_CORNER = 3;

    private final SnagContext context;
    private final Piping piping;

    PipeSnags(SnagContext context) {
        this.context = context;
        this.piping = context.study(WaterStudy.class).piping();
    }

    List<Snag> find() {
        List<Obstacle> obstacles = Stream.concat(
                        context.setting().features().stream()
                                .filter(feature -> feature.kind() == FeatureKind.KEEP_OFF
                                        || feature.kind() == FeatureKind.BURIED_LINE)
                                .map(PipeSnags::obstacle),
                        context.standing().stream().map(PipeSnags::obstacle))
                .toList();
        return pipes().flatMap(pipe -> obstacles.stream().flatMap(obstacle -> over(pipe, obstacle).stream()))
                .toList();
    }

    /**
     * Where a pipe shouldn't lead.
     *
     * @param where "over the septic field"
     * @param ground that it keeps off
     * @param round what it is led round
     * @param bed that it is; empty of other things
     */
    private record Obstacle(
            WaterRule rule, String name, String where, Geometry ground, Geometry round, Optional<UUID> bed) {}

    private static Obstacle obstacle(Feature feature) {
        WaterRule rule = feature.kind() == FeatureKind.KEEP_OFF ? WaterRule.PIPE_IN_KEEP_OFF : WaterRule.PIPE_OVER_LINE;
        Geometry ground = ground(feature);
        return new Obstacle(rule, feature.name(), "over " + feature.name(), ground, ground, Optional.empty());
    }

    /** A spade goes wherever there is soil but along the edge of a bed. */
    private static Obstacle obstacle(StandingBed bed) {
        Polygon outline = Polygons.of(bed.corners());
        return new Obstacle(
                WaterRule.PIPE_THROUGH_BED,
                bed.name(),
                "through the soil of " + bed.name(),
                outline.buffer(-EDGE - HAIR),
                outline,
                Optional.of(bed.id()));
    }

    /**
     * A run, or the pipe to a manifold or bed.
     *
     * @param waters the bed to which it leads; empty of a run and of what leads to a manifold
     * @param round the ways of doing otherwise
     */
    private record Pipe(
            UUID id, String name, Course course, Optional<UUID> waters, Function<Obstacle, List<Remedy>> round) {}

    private Stream<Pipe> pipes() {
        WaterRemedies remedies = new WaterRemedies(context, piping);
        return Stream.of(
                        piping.runs().stream()
                                .map(laid -> new Pipe(
                                        laid.run().id(),
                                        laid.run().name(),
                                        laid.course(),
                                        Optional.empty(),
                                        obstacle -> round(laid, obstacle.round(), obstacle.name()))),
                        piping.manifolds().stream()
                                .map(hung -> new Pipe(
                                        hung.manifold().id(),
                                        "The pipe to " + hung.manifold().name(),
                                        hung.stub(),
                                        Optional.empty(),
                                        obstacle -> remedies.feeding(hung.manifold()))),
                        piping.lines().stream()
                                .map(laid -> new Pipe(
                                        laid.lines().id(),
                                        "The pipe to " + laid.bed().name(),
                                        laid.stub(),
                                        Optional.of(laid.bed().id()),
                                        obstacle -> remedies.elsewhere(laid))))
                .flatMap(part -> part)
                .filter(pipe -> pipe.course().places().size() > 1);
    }

    private Optional<Snag> over(Pipe pipe, Obstacle obstacle) {
        boolean ownBed = pipe.waters().isPresent() && pipe.waters().equals(obstacle.bed());
        return Optional.of(pipe.course().line())
                .filter(line -> !ownBed
                        && line.getEnvelopeInternal()
                                .intersects(obstacle.ground().getEnvelopeInternal()))
                .map(line -> Areas.along(line, obstacle.ground()))
                .filter(inside -> inside.getLength() > TOUCHES)
                .map(inside -> Snag.of(
                                obstacle.rule(),
                                Weight.WARNING,
                                pipe.name() + " leads " + obstacle.where() + ".",
                                Optional.of(middle(inside)),
                                Stream.concat(obstacle.bed().stream(), pipe.waters().stream())
                                        .toList(),
                                List.of(),
                                context.remedies(() -> pipe.round().apply(obstacle)))
                        .about(context.ref(pipe.id()))
                        .by(inside.getLength()));
    }

    /** Where no pipe leads: as far round it as its setback or strip, and a hand's breadth at least. */
    static Geometry ground(Feature feature) {
        boolean area = feature.kind() == FeatureKind.KEEP_OFF;
        Geometry drawn = area ? Polygons.of(feature.places()) : Polygons.line(feature.places());
        double off = feature.margin().metres() + feature.breadth().metres() / 2;
        return BufferOp.bufferOp(drawn, area ? off : Math.max(off, OFF));
    }

    private static Point middle(Geometry line) {
        Coordinate middle = line.getCentroid().getCoordinate();
        return Point.metres(middle.x, middle.y);
    }

    /** On either side of it, the shorter way first; or else the run goes. */
    private List<Remedy> round(LaidRun laid, Geometry area, String name) {
        List<Remedy> ways = new ArrayList<>();
        Geometry hull = area.convexHull();
        Polygon round = (Polygon) BufferOp.bufferOp(
                hull,
                OFF,
                new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, SHARPEST_CORNER));
        List<Course> courses = new ArrayList<>();
        for (boolean forward : new boolean[] {true, false}) {
            round(laid.course(), round, forward).ifPresent(courses::add);
        }
        courses.sort((a, b) -> Double.compare(a.length(), b.length()));
        courses.forEach(course -> ways.add(new Remedy(
                "Lead " + laid.run().name() + " round " + name + " ("
                        + context.wording().length(Length.metres(course.length())) + " long)",
                Put.of(laid.run().withPlaces(course.places())))));
        ways.add(new Remedy(
                "Take up " + laid.run().name(),
                new Remove<>(WaterKinds.RUNS, laid.run().id())));
        return ways;
    }

    /** Empty where the course begins or ends within. */
    private static Optional<Course> round(Course course, Polygon round, boolean forward) {
        Geometry outside = course.line().difference(round);
        if (outside.getNumGeometries() != 2) {
            return Optional.empty();
        }
        List<Coordinate> before = List.of(outside.getGeometryN(0).getCoordinates());
        List<Coordinate> after = List.of(outside.getGeometryN(1).getCoordinates());
        List<Coordinate> places = new ArrayList<>(before);
        places.addAll(between(round, before.get(before.size() - 1), after.get(0), forward));
        places.addAll(after);
        List<Point> all =
                places.stream().map(place -> Point.metres(place.x, place.y)).toList();
        return Optional.of(Course.from(all.get(0), all.subList(1, all.size())));
    }

    /** The corners of a ring from one place on it to another. */
    private static List<Coordinate> between(Polygon round, Coordinate from, Coordinate to, boolean forward) {
        List<Coordinate> ring = new ArrayList<>(List.of(round.getExteriorRing().getCoordinates()));
        if (!forward) {
            Collections.reverse(ring);
        }
        int first = side(ring, from);
        int last = side(ring, to);
        List<Coordinate> corners = new ArrayList<>();
        int sides = ring.size() - 1;
        int steps = Math.floorMod(last - first, sides);
        boolean wholeRound =
                steps == 0 && ring.get(first).distance(from) > ring.get(first).distance(to);
        for (int i = 1; i <= (wholeRound ? sides : steps); i++) {
            corners.add(ring.get((first + i) % sides));
        }
        return corners;
    }

    /** The side of a ring that is nearest to a place, by its first corner. */
    private static int side(List<Coordinate> ring, Coordinate place) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < ring.size(); i++) {
            double off = new LineSegment(ring.get(i), ring.get(i + 1)).distance(place);
            if (off < least) {
                least = off;
                nearest = i;
            }
        }
        return nearest;
    }
}
