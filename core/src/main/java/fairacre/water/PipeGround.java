package fairacre.water;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Where pipes may lead: from corner to corner of what stands in the way, a hand's breadth off it, straight where
 * nothing is between. Nodes are places, the first is the source; each bed is come to at any corner of its own.
 */
final class PipeGround {

    /** Pipes keep so far off beds and what stands there, metres. */
    static final double OFF = 0.1;
    /** What only touches is not crossed, metres. */
    private static final double TOUCHING = 0.01;

    private static final double SHARPEST_CORNER = 2;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Coordinate> nodes = new ArrayList<>();
    private final Map<UUID, List<Integer>> corners = new LinkedHashMap<>();
    private final STRtree obstacles = new STRtree();
    private final double[][] lengths;

    PipeGround(Point source, List<StandingBed> standing, Setting setting) {
        nodes.add(new Coordinate(source.x().metres(), source.y().metres()));
        for (StandingBed bed : standing) {
            corners.put(bed.id(), around(Polygons.of(bed.corners()), true));
        }
        setting.features().stream()
                .filter(PipeGround::isInTheWay)
                .flatMap(feature -> Footprint.of(feature, setting).stream())
                .map(Ring::polygon)
                .forEach(ground -> around(ground, false));
        setting.features().stream()
                .filter(feature -> feature.kind() == FeatureKind.KEEP_OFF)
                .forEach(feature -> around(PipeSnags.ground(feature), false));
        this.lengths = lengths();
    }

    private static boolean isInTheWay(Feature feature) {
        return feature.kind().inTheWay() && feature.kind().extent() == FeatureKind.Extent.AREA;
    }

    /** The corners round an area, which is in the way from now on. */
    private List<Integer> around(Geometry area, boolean bed) {
        Geometry off = BufferOp.bufferOp(
                area,
                OFF,
                new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, SHARPEST_CORNER));
        PreparedGeometry inTheWay = PreparedGeometryFactory.prepare(BufferOp.bufferOp(area, OFF - TOUCHING));
        obstacles.insert(inTheWay.getGeometry().getEnvelopeInternal(), inTheWay);
        List<Integer> found = new ArrayList<>();
        Coordinate[] ring =
                ((Polygon) (bed ? off : off.convexHull())).getExteriorRing().getCoordinates();
        for (int i = 0; i + 1 < ring.length; i++) {
            found.add(nodes.size());
            nodes.add(ring[i]);
        }
        return found;
    }

    private double[][] lengths() {
        double[][] all = new double[nodes.size()][nodes.size()];
        for (double[] row : all) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        boolean[] blocked = new boolean[nodes.size()];
        for (int node = 1; node < nodes.size(); node++) {
            blocked[node] = isBlocked(GEOMETRY.createPoint(nodes.get(node)));
        }
        for (int from = 0; from < nodes.size(); from++) {
            for (int to = from + 1; to < nodes.size(); to++) {
                if (!blocked[from] && !blocked[to] && isFree(from, to)) {
                    all[from][to] = nodes.get(from).distance(nodes.get(to));
                    all[to][from] = all[from][to];
                }
            }
        }
        return all;
    }

    private boolean isFree(int from, int to) {
        return !isBlocked(GEOMETRY.createLineString(new Coordinate[] {nodes.get(from), nodes.get(to)}));
    }

    private boolean isBlocked(Geometry pipe) {
        Envelope place = pipe.getEnvelopeInternal();
        for (Object found : obstacles.query(place)) {
            if (((PreparedGeometry) found).intersects(pipe)) {
                return true;
            }
        }
        return false;
    }

    int size() {
        return nodes.size();
    }

    Point place(int node) {
        return Point.metres(nodes.get(node).x, nodes.get(node).y);
    }

    /** Metres; infinite where something is between. */
    double length(int from, int to) {
        return lengths[from][to];
    }

    /** The shortest ways from a node to all others, by Dijkstra. */
    Ways ways(int from) {
        return new Ways(from);
    }

    /** Ways from one node. */
    final class Ways {

        private final double[] far = new double[nodes.size()];
        private final int[] before = new int[nodes.size()];

        private Ways(int from) {
            Arrays.fill(far, Double.POSITIVE_INFINITY);
            Arrays.fill(before, -1);
            far[from] = 0;
            boolean[] done = new boolean[far.length];
            for (int next = from; next >= 0; next = nearest(done)) {
                done[next] = true;
                for (int node = 0; node < far.length; node++) {
                    if (far[next] + lengths[next][node] < far[node]) {
                        far[node] = far[next] + lengths[next][node];
                        before[node] = next;
                    }
                }
            }
        }

        private int nearest(boolean[] done) {
            int nearest = -1;
            for (int node = 0; node < far.length; node++) {
                if (!done[node] && far[node] < (nearest < 0 ? Double.POSITIVE_INFINITY : far[nearest])) {
                    nearest = node;
                }
            }
            return nearest;
        }

        /** Metres; infinite where nothing leads. */
        double length(int to) {
            return far[to];
        }

        /** The nodes from where it begins to another. */
        List<Integer> to(int node) {
            LinkedList<Integer> way = new LinkedList<>();
            for (int at = node; at >= 0; at = before[at]) {
                way.addFirst(at);
            }
            return List.copyOf(way);
        }
    }

    /** The nodes at which a bed is come to. */
    List<Integer> corners(UUID bed) {
        return corners.get(bed);
    }
}
