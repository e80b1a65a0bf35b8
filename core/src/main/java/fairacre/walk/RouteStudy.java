package fairacre.walk;

import fairacre.limits.Stop;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Carrier;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Line;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.interfaces.ShortestPathAlgorithm.SingleSourcePaths;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * Shortest ways of a carrier from a place to the beds, along ground it can use: a visibility graph over the corners
 * that a taut string would touch (Lozano-Perez and Wesley 1979), searched by Dijkstra's method.
 *
 * <p>Round corners are cut to chords within 15 mm of the curve; a way is right to two centimetres a corner. A bed is
 * reached at the nearest place of any stretch of edge the carrier can be at. The way begins where the carrier can stand
 * with nothing between it and the place it comes from.
 */
public final class RouteStudy {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Round corners are cut to chords that stay within so much of them, metres. */
    private static final double CURVE = 0.015;
    /** The string may lie so far outside of the ground: a curve's worth and rounding, metres. */
    private static final double ROUNDING = 0.016;
    /** A place further from the carrier's ground than this can't be fetched from, metres. */
    private static final double AT_HAND = 2;

    private final WalkStudy walks;
    private final List<StandingBed> beds;
    private final Carrier carrier;
    private final Geometry centres;
    private final Sight sight;
    private final Graph<Coordinate, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
    private final List<Coordinate> bends = new ArrayList<>();

    private RouteStudy(WalkStudy walks, List<StandingBed> beds, Carrier carrier) {
        this.walks = walks;
        this.beds = beds;
        this.carrier = carrier;
        List<Polygon> parts = new ArrayList<>(
                walks.edges(carrier.wheels()).access(carrier.width()).centres());
        this.centres = GEOMETRY.buildGeometry(
                parts.stream().map(part -> Bends.coarse(part, CURVE)).toList());
        this.sight = new Sight(centres.buffer(ROUNDING));
    }

    public static RouteStudy of(WalkStudy walks, List<StandingBed> beds, Carrier carrier) {
        RouteStudy study = new RouteStudy(walks, List.copyOf(beds), carrier);
        study.join();
        return study;
    }

    /** The shortest way to each bed that can be come to, shortest first; none if the place itself can't be come to. */
    public List<Route> from(Point place) {
        Optional<Coordinate> start = onGround(place);
        if (start.isEmpty()) {
            return List.of();
        }
        double before = start.get()
                .distance(new Coordinate(place.x().metres(), place.y().metres()));
        boolean added = attach(start.get());
        Reached reached = new Reached(start.get(), new DijkstraShortestPath<>(graph).getPaths(start.get()));
        List<Route> routes = new ArrayList<>();
        for (StandingBed bed : beds) {
            reached.nearest(sidesOf(bed)).ifPresent(places -> routes.add(route(bed, before + length(places), places)));
        }
        if (added) {
            graph.removeVertex(start.get());
        }
        routes.sort(Comparator.comparing(Route::length).thenComparing(Route::bed));
        return routes;
    }

    /** The bends as far as they are from one place. */
    private final class Reached {
        private final Coordinate start;
        private final SingleSourcePaths<Coordinate, DefaultWeightedEdge> paths;
        private final List<Coordinate> stops = new ArrayList<>();
        private final double[] far;

        Reached(Coordinate start, SingleSourcePaths<Coordinate, DefaultWeightedEdge> paths) {
            this.start = start;
            this.paths = paths;
            stops.add(start);
            bends.stream()
                    .filter(bend -> paths.getWeight(bend) < Double.POSITIVE_INFINITY)
                    .forEach(stops::add);
            this.far = stops.stream()
                    .mapToDouble(stop -> stop == start ? 0 : paths.getWeight(stop))
                    .toArray();
        }

        /** The places along the shortest way to one of the sides. */
        Optional<List<Coordinate>> nearest(List<Side> sides) {
            double least = Double.POSITIVE_INFINITY;
            Coordinate last = null;
            Coordinate reached = null;
            for (Side side : sides) {
                for (int stop : soonest(side, least)) {
                    Coordinate target = side.nearest(stops.get(stop));
                    if (far[stop] + stops.get(stop).distance(target) < least
                            && sight.isOn(target)
                            && sight.isClear(stops.get(stop), target)) {
                        least = far[stop] + stops.get(stop).distance(target);
                        last = stops.get(stop);
                        reached = target;
                        break;
                    }
                }
            }
            if (last == null) {
                return Optional.empty();
            }
            List<Coordinate> places = new ArrayList<>(
                    last == start ? List.of(start) : paths.getPath(last).getVertexList());
            places.add(reached);
            return Optional.of(places);
        }

        /** Stops from which the side would be nearer than a way that is known, the best first. */
        private int[] soonest(Side side, double known) {
            return IntStream.range(0, far.length)
                    .filter(i -> far[i] + side.distance(stops.get(i)) < known)
                    .boxed()
                    .sorted(Comparator.comparingDouble(i -> far[i] + side.distance(stops.get(i))))
                    .mapToInt(i -> i)
                    .toArray();
        }
    }

    private static double length(List<Coordinate> places) {
        double sum = 0;
        for (int i = 1; i < places.size(); i++) {
            sum += places.get(i - 1).distance(places.get(i));
        }
        return sum;
    }

    private static Route route(StandingBed bed, double length, List<Coordinate> places) {
        return new Route(
                bed.id(),
                Length.metres(length),
                places.stream().map(c -> Point.metres(c.x, c.y)).toList());
    }

    private void join() {
        for (int i = 0; i < centres.getNumGeometries(); i++) {
            bends.addAll(Bends.of((Polygon) centres.getGeometryN(i)));
        }
        bends.forEach(graph::addVertex);
        Bends.Tangents tangents = new Bends.Tangents(centres);
        for (int i = 0; i < bends.size(); i++) {
            Stop.look();
            for (int j = i + 1; j < bends.size(); j++) {
                if (tangents.couldJoin(bends.get(i), bends.get(j))) {
                    connect(bends.get(i), bends.get(j));
                }
            }
        }
    }

    /** False if the place is a bend itself. */
    private boolean attach(Coordinate start) {
        boolean added = graph.addVertex(start);
        if (added) {
            Stop.look();
            bends.forEach(bend -> connect(start, bend));
        }
        return added;
    }

    private void connect(Coordinate a, Coordinate b) {
        if (!a.equals(b) && !graph.containsEdge(a, b) && sight.isClear(a, b)) {
            graph.setEdgeWeight(graph.addEdge(a, b), a.distance(b));
        }
    }

    /** Where the middle of the carrier is when it stands as near to a place as it can with nothing in between. */
    private Optional<Coordinate> onGround(Point place) {
        return new AtHand(walks.edges(carrier.wheels()).layout(), Areas.parts(centres))
                .nearest(place, AT_HAND + carrier.width().metres() / 2);
    }

    /**
     * Where the middle of the carrier is while it touches part of an edge of a bed, or a corner: then the line has no
     * length.
     *
     * @param off how far the middle is from the line
     */
    private record Side(LineSegment line, double off) {

        Coordinate nearest(Coordinate from) {
            Coordinate on = line.closestPoint(from);
            double far = on.distance(from);
            return off == 0 || far <= off ? on : new LineSegment(on, from).pointAlong(off / far);
        }

        double distance(Coordinate from) {
            return Math.max(0, line.distance(from) - off);
        }
    }

    private List<Side> sidesOf(StandingBed bed) {
        Ring ring = Ring.of(bed.corners()).leaning(bed.revision().leansOut().metres());
        double radius = carrier.width().metres() / 2;
        List<Side> sides = new ArrayList<>();
        for (Stretch stretch : carrier.wheels()
                ? walks.stretches(bed.id(), carrier.width())
                : walks.edges(false).stretches(bed.id(), carrier.width())) {
            Line beside = ring.besideEdge(stretch.edge(), radius);
            sides.add(new Side(
                    new LineSegment(
                            beside.xAt(stretch.start()),
                            beside.yAt(stretch.start()),
                            beside.xAt(stretch.end()),
                            beside.yAt(stretch.end())),
                    0));
            if (stretch.start() == 0) {
                sides.add(corner(ring, stretch.edge(), radius + ring.lean()));
            }
            if (stretch.end() >= ring.edgeLength(stretch.edge())) {
                sides.add(corner(ring, stretch.edge() + 1, radius + ring.lean()));
            }
        }
        return sides;
    }

    private static Side corner(Ring ring, int corner, double off) {
        Coordinate at = new Coordinate(ring.cornerX(corner), ring.cornerY(corner));
        return new Side(new LineSegment(at, at), off);
    }
}
