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
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Runs and pipes to beds that lead where no pipe should: over ground that is kept free, or over a buried line. */
final class PipeSnags {

    /** A pipe led round something keeps so far off, metres. */
    private static final double OFF = 0.1;
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
        List<Feature> kept = context.setting().features().stream()
                .filter(feature -> feature.kind() == FeatureKind.KEEP_OFF || feature.kind() == FeatureKind.BURIED_LINE)
                .toList();
        return Stream.concat(
                        piping.runs().stream()
                                .flatMap(laid -> kept.stream().flatMap(feature -> over(laid, feature).stream())),
                        piping.lines().stream()
                                .flatMap(laid -> kept.stream().flatMap(feature -> over(laid, feature).stream())))
                .toList();
    }

    private static WaterRule rule(Feature feature) {
        return feature.kind() == FeatureKind.KEEP_OFF ? WaterRule.PIPE_IN_KEEP_OFF : WaterRule.PIPE_OVER_LINE;
    }

    /** Where no pipe leads: as far round it as its setback or strip, and a hand's breadth at least. */
    static Geometry ground(Feature feature) {
        boolean area = feature.kind() == FeatureKind.KEEP_OFF;
        Geometry drawn = area ? Polygons.of(feature.places()) : Polygons.line(feature.places());
        double off = feature.margin().metres() + feature.breadth().metres() / 2;
        return BufferOp.bufferOp(drawn, area ? off : Math.max(off, OFF));
    }

    private Optional<Snag> over(LaidRun laid, Feature feature) {
        return within(laid.course(), feature)
                .map(inside -> Snag.of(
                                rule(feature),
                                Weight.WARNING,
                                laid.run().name() + " leads over " + feature.name() + ".",
                                Optional.of(middle(inside)),
                                List.of(),
                                List.of(),
                                context.remedies(() -> round(laid, feature)))
                        .about(context.ref(laid.run().id()))
                        .by(inside.getLength()));
    }

    private Optional<Snag> over(LaidLines laid, Feature feature) {
        return within(laid.stub(), feature)
                .map(inside -> Snag.of(
                                rule(feature),
                                Weight.WARNING,
                                "The pipe to " + laid.bed().name() + " leads over " + feature.name() + ".",
                                Optional.of(middle(inside)),
                                List.of(laid.bed().id()),
                                List.of(),
                                context.remedies(() -> new WaterRemedies(context, piping).elsewhere(laid)))
                        .about(context.ref(laid.lines().id()))
                        .by(inside.getLength()));
    }

    private static Optional<Geometry> within(Course course, Feature feature) {
        Geometry inside = Areas.along(course.line(), ground(feature));
        return Optional.of(inside).filter(part -> part.getLength() > TOUCHES);
    }

    private static Point middle(Geometry line) {
        Coordinate middle = line.getCentroid().getCoordinate();
        return Point.metres(middle.x, middle.y);
    }

    /** On either side of it, the shorter way first; or else the run goes. */
    private List<Remedy> round(LaidRun laid, Feature feature) {
        List<Remedy> ways = new ArrayList<>();
        Geometry hull = ground(feature).convexHull();
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
                "Lead " + laid.run().name() + " round " + feature.name() + " ("
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
