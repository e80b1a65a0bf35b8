package fairacre.reach;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Line;
import fairacre.shape.Ring;
import fairacre.walk.Stretch;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;

/**
 * Which part of each bed is within whose reach. Make one with {@link #of} and ask it bed by bed.
 *
 * <p>Areas are rounded to 1 cm2; curved borders are drawn by chords that stay within 1 mm inside of the true curve, so
 * what is out of reach is never understated by more than that.
 */
public final class ReachStudy {

    private final Supplier<WalkStudy> walks;
    private final List<Gardener> gardeners;

    private ReachStudy(Supplier<WalkStudy> walks, List<Gardener> gardeners) {
        this.walks = walks;
        this.gardeners = gardeners;
    }

    public static ReachStudy of(WalkStudy walks, List<Gardener> gardeners) {
        return of(() -> walks, gardeners);
    }

    /** @param walks asked for when the first bed is */
    public static ReachStudy of(Supplier<WalkStudy> walks, List<Gardener> gardeners) {
        return new ReachStudy(walks, List.copyOf(gardeners));
    }

    public BedReach reach(StandingBed bed) {
        return reach(bed, gardeners);
    }

    /** @param tending of all gardeners those who tend the bed */
    public BedReach reach(StandingBed bed, List<Gardener> tending) {
        List<List<Stretch>> stretches =
                tending.stream().map(gardener -> stretches(bed, gardener)).toList();
        return walks.get()
                .memo()
                .recall(
                        new Reached(bed.id(), bed.revision(), tending, stretches),
                        () -> reached(bed, tending, stretches));
    }

    /** The question who reaches what of a bed from where they can be. */
    private record Reached(UUID id, BedRevision bed, List<Gardener> gardeners, List<List<Stretch>> stretches) {}

    private static BedReach reached(StandingBed bed, List<Gardener> gardeners, List<List<Stretch>> stretches) {
        Soil soil = Soil.of(bed);
        List<Geometry> beyond = IntStream.range(0, gardeners.size())
                .mapToObj(i -> soil.beyond(
                        gardeners.get(i).reach().minus(bed.revision().keptOff()), stretches.get(i)))
                .toList();
        List<GardenerReach> byGardener = IntStream.range(0, gardeners.size())
                .mapToObj(i -> new GardenerReach(gardeners.get(i).id(), soil.unreached(beyond.get(i))))
                .toList();
        Optional<Geometry> nobody = beyond.stream().reduce(ReachStudy::both);
        Unreached byNobody = nobody.map(soil::unreached).orElse(Unreached.NOTHING);
        return new BedReach(bed.id(), soil.area(), byGardener, byNobody);
    }

    /**
     * Edge by edge where each gardener can be, gardener by gardener; corners that can be touched alone are left out.
     */
    public List<EdgeAccess> edges(StandingBed bed) {
        Ring ring = Ring.of(bed.corners());
        List<EdgeAccess> all = new ArrayList<>();
        for (Gardener gardener : gardeners) {
            List<Stretch> stretches = stretches(bed, gardener);
            for (int edge = 0; edge < ring.edges(); edge++) {
                all.add(access(gardener, ring, edge, stretches));
            }
        }
        return all;
    }

    private static EdgeAccess access(Gardener gardener, Ring ring, int edge, List<Stretch> stretches) {
        Line line = ring.besideEdge(edge, 0);
        double free = 0;
        List<EdgeAccess.Part> open = new ArrayList<>();
        for (Stretch stretch : stretches) {
            if (stretch.edge() == edge && stretch.end() > stretch.start()) {
                free += stretch.end() - stretch.start();
                open.add(new EdgeAccess.Part(place(line, stretch.start()), place(line, stretch.end())));
            }
        }
        return new EdgeAccess(
                gardener.id(),
                edge,
                place(line, 0),
                place(line, ring.edgeLength(edge)),
                Length.metres(ring.edgeLength(edge)),
                Length.metres(free),
                open);
    }

    private static Point place(Line line, double at) {
        return Point.metres(line.xAt(at), line.yAt(at));
    }

    /** The widest a bed can be that is reached from both long sides (twice the reach) or from one. */
    public static Length widest(Gardener gardener, boolean bothSides) {
        return bothSides ? gardener.reach().times(2) : gardener.reach();
    }

    private List<Stretch> stretches(StandingBed bed, Gardener gardener) {
        return gardener.posture() == Posture.SEATED
                ? walks.get().stretches(bed.id(), gardener.passing())
                : walks.get().stretchesOnFoot(bed.id(), gardener.passing());
    }

    private static Geometry both(Geometry one, Geometry other) {
        return one.isEmpty() || other.isEmpty() ? one.getFactory().createPolygon() : Areas.shared(one, other);
    }
}
