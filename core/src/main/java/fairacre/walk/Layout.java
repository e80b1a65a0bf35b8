package fairacre.walk;

import fairacre.plan.BedRevision;
import fairacre.plan.Feature;
import fairacre.plan.Point;
import fairacre.plan.Polygons;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.Memo;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * What stands in the way in a season, as rings with an index over them: the beds first, then the features nobody walks
 * through (and for wheels the steps), then the sides of the plot apart.
 */
final class Layout {

    private final List<StandingBed> beds;
    private final Memo memo;
    private final List<WayIn> waysIn;
    private final List<Ring> rings = new ArrayList<>();
    private final List<UUID> ids = new ArrayList<>();
    private final List<Ring> plotSides = new ArrayList<>();
    private final List<Polygon> pieces;
    private final Geometry plot;
    private final IndexedPointInAreaLocator inPlot;
    private final STRtree index = new STRtree();
    private final Map<Double, List<List<Ring>>> clusters = new HashMap<>();

    Layout(Setting setting, List<StandingBed> beds, boolean wheels, Memo memo) {
        this.beds = List.copyOf(beds);
        this.memo = memo;
        this.waysIn = setting.waysIn();
        this.plot = setting.site().ground();
        this.inPlot = new IndexedPointInAreaLocator(plot);
        this.pieces = setting.site().pieces().stream().map(Polygons::of).toList();
        for (StandingBed bed : this.beds) {
            rings.add(memo.recall(new RingOf(bed.revision()), () -> Ring.of(bed.corners()).leaning(bed.revision().leansOut().metres())));
            ids.add(bed.id());
        }
        for (Feature feature : setting.features()) {
            for (Ring ring : Obstacles.of(feature, wheels)) {
                rings.add(ring);
                ids.add(feature.id());
            }
        }
        setting.site().pieces().forEach(this::addSides);
        for (int i = 0; i < rings.size(); i++) {
            index.insert(rings.get(i).within(0), i);
        }
        index.build();
    }

    /** The question which outline a bed has. */
    private record RingOf(BedRevision bed) {}

    private void addSides(List<Point> corners) {
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            plotSides.add(Ring.segment(from.x().metres(), from.y().metres(), to.x().metres(), to.y().metres()));
        }
    }

    Memo memo() {
        return memo;
    }

    /** Number of beds; what stands in the way besides is numbered after them. */
    int beds() {
        return beds.size();
    }

    int size() {
        return rings.size();
    }

    StandingBed bed(int position) {
        return beds.get(position);
    }

    UUID id(int position) {
        return ids.get(position);
    }

    Ring ring(int position) {
        return rings.get(position);
    }

    List<Ring> plotSides() {
        return plotSides;
    }

    Geometry plot() {
        return plot;
    }

    List<Polygon> pieces() {
        return pieces;
    }

    List<WayIn> waysIn() {
        return waysIn;
    }

    /** Groups of what stands in the way that leave no way through for a disk of this radius, as {@link Clusters#of}. */
    List<List<Ring>> clusters(double radius) {
        return clusters.computeIfAbsent(radius, r -> Clusters.of(this, r));
    }

    boolean onPlot(double x, double y) {
        return inPlot.locate(new Coordinate(x, y)) != Location.EXTERIOR;
    }

    /** Positions of the rings whose upright rectangle comes within a distance of the ring's, in order; both with what leans out. */
    @SuppressWarnings("unchecked")
    int[] within(Ring ring, double distance) {
        List<Integer> found = index.query(ring.within(distance));
        return found.stream().mapToInt(Integer::intValue).sorted().toArray();
    }
}
