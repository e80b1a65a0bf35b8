package fairacre.ground;

import fairacre.measure.Area;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Box;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Whether the beds of a season fit on the plot and beside each other. Beds that share no more than {@link #TOUCHING}
 * metres in depth touch and do not overlap, and so for the plot's edge.
 */
public final class FitStudy {

    /** Half a millimetre: below what anyone can build. */
    static final double TOUCHING = 0.0005;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Plot plot;
    private final Setting setting;
    private final List<StandingBed> beds;
    private final Claimed claimed;
    private final Memo memo;

    private FitStudy(Setting setting, List<StandingBed> beds, Memo memo) {
        this.setting = setting;
        this.beds = beds;
        this.memo = memo;
        this.plot = memo.recall(
                new Pieces(setting.site().pieces()),
                () -> Plot.of(setting.site().ground()));
        this.claimed = memo.recall(
                new Standing(setting.features()),
                () -> new Claimed(setting.features().stream().map(Claims::of).toList()));
    }

    public static FitStudy of(Setting setting, List<StandingBed> beds) {
        return of(setting, beds, Memo.none());
    }

    /** @param memo of what was found of these beds before */
    public static FitStudy of(Setting setting, List<StandingBed> beds, Memo memo) {
        return new FitStudy(setting, List.copyOf(beds), memo);
    }

    public static FitStudy of(Site site, List<StandingBed> beds) {
        return of(Setting.of(site), beds);
    }

    /** The question where the plot lies. */
    private record Pieces(List<List<Point>> pieces) {}

    /** The plot, and how far a bed may reach that only touches its edge. Each is the same only as the same object. */
    private static final class Plot {
        private final Geometry ground;
        private final PreparedGeometry grown;

        private Plot(Geometry ground, PreparedGeometry grown) {
            this.ground = ground;
            this.grown = grown;
        }

        static Plot of(Geometry ground) {
            return new Plot(ground, PreparedGeometryFactory.prepare(ground.buffer(TOUCHING)));
        }

        Optional<OffPlot> without(StandingBed bed) {
            Polygon outline = Polygons.of(bed.corners());
            if (grown.covers(outline)) {
                return Optional.empty();
            }
            Geometry outside = Areas.without(outline, ground);
            return outside.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new OffPlot(bed.id(), Area.squareMetres(outside.getArea()), inside(outside)));
        }
    }

    /** The question what stands on the plot. */
    private record Standing(List<Feature> features) {}

    /** What the features speak for; the same only as the same object. */
    private static final class Claimed {
        private final List<Claims> claims;

        private Claimed(List<Claims> claims) {
            this.claims = claims;
        }

        List<Encroachment> by(StandingBed bed) {
            Polygon outline = Polygons.of(bed.corners());
            List<Encroachment> found = new ArrayList<>();
            for (Claims claiming : claims) {
                claiming.on(outline)
                        .ifPresent(claim -> found.add(new Encroachment(
                                bed.id(),
                                claiming.feature().id(),
                                claim.kind(),
                                Area.squareMetres(claim.shared().getArea()),
                                inside(claim.shared()))));
            }
            return List.copyOf(found);
        }

        boolean forbids(Polygon bed) {
            return claims.stream().anyMatch(claiming -> claiming.forbids(bed));
        }
    }

    /** The questions whether a bed leaves the plot, and what it stands on. */
    private record Leaves(UUID bed, List<Point> corners, Plot plot) {}

    private record StandsOn(UUID bed, List<Point> corners, Claimed claimed) {}

    /** Every pair of beds on the same ground, in the order of the beds. */
    public List<Overlap> overlaps() {
        STRtree index = new STRtree();
        for (int i = 0; i < beds.size(); i++) {
            index.insert(envelope(beds.get(i).outline()), i);
        }
        List<Overlap> overlaps = new ArrayList<>();
        for (int i = 0; i < beds.size(); i++) {
            for (int other : later(index, i)) {
                overlap(beds.get(i), beds.get(other), overlaps);
            }
        }
        return overlaps;
    }

    /** Every bed that leaves the plot, in the order of the beds. */
    public List<OffPlot> offPlot() {
        return beds.stream()
                .flatMap(
                        bed -> memo.recall(new Leaves(bed.id(), bed.corners(), plot), () -> plot.without(bed)).stream())
                .toList();
    }

    /**
     * Every bed on ground that something else takes or that wants care, in the order of the beds and then of the
     * features.
     */
    public List<Encroachment> encroachments() {
        return beds.stream()
                .flatMap(bed ->
                        memo.recall(new StandsOn(bed.id(), bed.corners(), claimed), () -> claimed.by(bed)).stream())
                .toList();
    }

    /** Whether one more bed would lie on the plot, on no other bed and on nothing that takes ground. */
    public boolean hasRoomFor(BedRevision revision) {
        Polygon candidate = Polygons.of(revision.corners());
        if (!plot.grown.covers(candidate) || claimed.forbids(candidate)) {
            return false;
        }
        return beds.stream().noneMatch(bed -> areOverlapping(revision, bed.revision()));
    }

    /**
     * A move that brings a bed back onto the plot: pushed in across each edge that it crosses, at most a few times. The
     * result may still lie outside where the plot is narrower than the bed; check with {@link #hasRoomFor}.
     */
    public Rectangle pushedIn(Rectangle outline) {
        Rectangle moved = outline;
        for (int round = 0; round < plot.ground.getNumPoints(); round++) {
            Rectangle next = pushedAcrossWorstEdge(moved);
            if (next == moved) {
                break;
            }
            moved = next;
        }
        return moved;
    }

    private Rectangle pushedAcrossWorstEdge(Rectangle outline) {
        Coordinate[] ring = piece(outline).getExteriorRing().getCoordinates();
        boolean counterClockwise = Orientation.isCCW(ring);
        double worst = TOUCHING;
        double[] push = null;
        for (int i = 0; i + 1 < ring.length; i++) {
            Coordinate from = counterClockwise ? ring[i] : ring[i + 1];
            Coordinate to = counterClockwise ? ring[i + 1] : ring[i];
            double length = from.distance(to);
            double inX = -(to.y - from.y) / length;
            double inY = (to.x - from.x) / length;
            double out = outline.corners().stream()
                    .mapToDouble(c -> -((c.x().metres() - from.x) * inX + (c.y().metres() - from.y) * inY))
                    .max()
                    .orElse(0);
            if (out > worst && crosses(outline, from, to)) {
                worst = out;
                push = new double[] {inX * out, inY * out};
            }
        }
        return push == null ? outline : outline.shifted(push[0], push[1]);
    }

    /** The piece of ground that a bed lies on, or lies nearest to. */
    private Polygon piece(Rectangle outline) {
        Polygon bed = Polygons.of(outline.corners());
        return setting.site().pieces().stream()
                .map(Polygons::of)
                .min(Comparator.comparingDouble(
                                (Polygon p) -> -Areas.shared(p, bed).getArea())
                        .thenComparingDouble(p -> p.distance(bed)))
                .orElseThrow();
    }

    private static boolean crosses(Rectangle outline, Coordinate from, Coordinate to) {
        return Polygons.of(outline.corners()).intersects(GEOMETRY.createLineString(new Coordinate[] {from, to}));
    }

    private void overlap(StandingBed first, StandingBed second, List<Overlap> found) {
        if (!areOverlapping(first.revision(), second.revision())) {
            return;
        }
        Separation separation = Separation.of(Box.of(first.outline()), Box.of(second.outline()));
        Geometry shared = Areas.shared(Polygons.of(first.corners()), Polygons.of(second.corners()));
        found.add(new Overlap(
                first.id(),
                second.id(),
                Area.squareMetres(shared.getArea()),
                inside(shared),
                separation.moveX(),
                separation.moveY()));
    }

    /** Rectangles by their axes; other shapes by whether what they share is deeper than a touch. */
    private static boolean areOverlapping(BedRevision first, BedRevision second) {
        if (Separation.of(Box.of(first.outline()), Box.of(second.outline())).depth() <= TOUCHING) {
            return false;
        }
        if (first.shape().plain() && second.shape().plain()) {
            return true;
        }
        Geometry shared = Areas.shared(Polygons.of(first.corners()), Polygons.of(second.corners()));
        return !shared.buffer(-TOUCHING / 2).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private List<Integer> later(STRtree index, int than) {
        List<Integer> near = index.query(envelope(beds.get(than).outline()));
        return near.stream()
                .filter(i -> i > than)
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    private static Envelope envelope(Rectangle outline) {
        Box box = Box.of(outline);
        return new Envelope(
                box.centreX() - box.reachX(),
                box.centreX() + box.reachX(),
                box.centreY() - box.reachY(),
                box.centreY() + box.reachY());
    }

    private static Point inside(Geometry geometry) {
        Coordinate at = geometry.getInteriorPoint().getCoordinate();
        return Point.metres(at.x, at.y);
    }
}
