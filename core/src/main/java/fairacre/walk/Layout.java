package fairacre.walk;

import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Memo;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * What stands in the way in a season, as rings with an index over them: the beds first, then the features nobody walks
 * through (and for wheels the steps), then the sides of the plot apart.
 */
final class Layout {

    /** As far as carriers and most of their turning circles go, metres. */
    private static final double NOT_FAR = 1;

    private final List<StandingBed> beds;
    private final Memo memo;
    private final Outlines outlines;
    private final FencesInBeds fencesInBeds;
    private final List<WayIn> waysIn;
    private final List<Ring> rings = new ArrayList<>();
    private final List<UUID> ids = new ArrayList<>();
    private final List<Ring> plotSides = new ArrayList<>();
    private final List<Ring> fences = new ArrayList<>();
    private final List<Polygon> pieces;
    private final Geometry plot;
    private final IndexedPointInAreaLocator inPlot;
    private final STRtree index = new STRtree();
    private final Map<Integer, Vicinity> notFar = new ConcurrentHashMap<>();
    /** Positions of the rings near a tile: asked for again for each width. */
    private final Map<Envelope, int[]> nearTiles = new ConcurrentHashMap<>();

    Layout(Setting setting, List<StandingBed> beds, Outlines outlines, boolean wheels, Memo memo) {
        this.beds = List.copyOf(beds);
        this.memo = memo;
        this.waysIn = setting.waysIn();
        this.plot = setting.site().ground();
        this.inPlot = new IndexedPointInAreaLocator(plot);
        this.pieces = setting.site().pieces().stream().map(Polygons::of).toList();
        this.outlines = outlines;
        this.fencesInBeds = new FencesInBeds(setting, this.beds);
        rings.addAll(outlines.all());
        this.beds.forEach(bed -> ids.add(bed.id()));
        for (Feature feature : setting.features()) {
            List<Ring> inTheWay = FenceLine.standsInBeds(feature)
                    ? fencesInBeds.outside(feature)
                    : Obstacles.of(feature, setting, wheels);
            for (Ring ring : inTheWay) {
                rings.add(ring);
                ids.add(feature.id());
                if (FenceLine.runsAlongTheEdge(feature, setting)) {
                    fences.add(ring);
                }
            }
        }
        setting.site().pieces().forEach(corners -> plotSides.addAll(Ring.sides(corners)));
        for (int i = 0; i < rings.size(); i++) {
            index.insert(rings.get(i).within(0), i);
        }
        index.build();
    }

    FencesInBeds fencesInBeds() {
        return fencesInBeds;
    }

    Memo memo() {
        return memo;
    }

    /** Whether this outline hasn't been seen before this judgement, as of a bed that has just moved. */
    boolean isFresh(Ring ring) {
        return outlines.isFresh(ring);
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

    /**
     * What stands of the plot's own fences about an upright rectangle: where nobody says how one comes in, one comes
     * from there too.
     */
    List<Ring> fences(Envelope place, double distance) {
        return fences.isEmpty()
                ? fences
                : fences.stream()
                        .filter(ring -> ring.within(distance).intersects(place))
                        .toList();
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

    boolean onPlot(double x, double y) {
        return inPlot.locate(new Coordinate(x, y)) != Location.EXTERIOR;
    }

    /** Positions of the rings whose upright rectangle comes into another, in order. */
    @SuppressWarnings("unchecked")
    private int[] found(Envelope place) {
        List<Integer> found = index.query(place);
        int[] positions = new int[found.size()];
        for (int i = 0; i < positions.length; i++) {
            positions[i] = found.get(i);
        }
        Arrays.sort(positions);
        return positions;
    }

    /**
     * Positions of the rings whose upright rectangle comes within a distance of the ring's, in order; both with what
     * leans out.
     */
    int[] within(Ring ring, double distance) {
        return found(ring.within(distance));
    }

    /** The same about one of these rings by its position. */
    int[] within(int position, double distance) {
        return within(rings.get(position), distance);
    }

    /**
     * What stands about a place: the same object as long as nothing of it has changed, so that questions about the
     * place are told apart at a glance.
     */
    static final class Vicinity {}

    private record AboutRing(Ring ring, List<Ring> others, List<Ring> plotSides, double distance) {}

    private record AboutTile(Envelope tile, List<Ring> rings, double distance) {}

    /** What stands about a ring as far as a distance, or a little further. */
    Vicinity vicinity(int position, double distance) {
        if (distance > NOT_FAR) {
            return aboutRing(position, distance);
        }
        return notFar.computeIfAbsent(position, p -> aboutRing(position, NOT_FAR));
    }

    private Vicinity aboutRing(int position, double distance) {
        int[] near = within(position, distance);
        List<Ring> others = new ArrayList<>(near.length);
        for (int other : near) {
            if (other != position) {
                others.add(rings.get(other));
            }
        }
        return memo.recall(new AboutRing(rings.get(position), others, plotSides, distance), Vicinity::new);
    }

    /** What stands about an upright rectangle as far as a distance. */
    Vicinity vicinity(Envelope tile, double distance) {
        return memo.recall(new AboutTile(tile, near(tile, distance), distance), Vicinity::new);
    }

    /**
     * What stands within a distance of an upright rectangle, going by upright rectangles, with what leans out; in
     * order.
     */
    List<Ring> near(Envelope place, double distance) {
        Envelope round = grown(place, distance);
        int[] positions = distance > NOT_FAR
                ? found(round)
                : nearTiles.computeIfAbsent(place, tile -> found(grown(tile, NOT_FAR)));
        List<Ring> near = new ArrayList<>(positions.length);
        for (int position : positions) {
            if (rings.get(position).within(0).intersects(round)) {
                near.add(rings.get(position));
            }
        }
        return near;
    }

    private static Envelope grown(Envelope place, double distance) {
        Envelope round = new Envelope(place);
        round.expandBy(distance);
        return round;
    }
}
