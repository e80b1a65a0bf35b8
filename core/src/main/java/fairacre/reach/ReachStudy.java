package fairacre.reach;

import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.walk.Stretch;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;

/**
 * Which part of each bed is within whose reach. Make one with {@link #of} and ask it bed by bed.
 *
 * <p>Areas are rounded to 1 cm2; curved borders are drawn by chords that stay within 1 mm inside of the true curve, so what
 * is out of reach is never understated by more than that.
 */
public final class ReachStudy {

    private final WalkStudy walks;
    private final List<Gardener> gardeners;

    private ReachStudy(WalkStudy walks, List<Gardener> gardeners) {
        this.walks = walks;
        this.gardeners = gardeners;
    }

    public static ReachStudy of(WalkStudy walks, List<Gardener> gardeners) {
        return new ReachStudy(walks, List.copyOf(gardeners));
    }

    public BedReach of(StandingBed bed) {
        List<List<Stretch>> stretches = gardeners.stream().map(gardener -> stretches(bed, gardener)).toList();
        return walks.memo().recall(new Reached(bed.id(), bed.revision(), gardeners, stretches), () -> reached(bed, stretches));
    }

    /** The question who reaches what of a bed from where they can be. */
    private record Reached(UUID id, BedRevision bed, List<Gardener> gardeners, List<List<Stretch>> stretches) {}

    private BedReach reached(StandingBed bed, List<List<Stretch>> stretches) {
        Soil soil = Soil.of(bed);
        List<GardenerReach> byGardener = new ArrayList<>();
        Geometry nobody = null;
        for (int i = 0; i < gardeners.size(); i++) {
            Geometry out = soil.beyond(gardeners.get(i).reach(), stretches.get(i));
            byGardener.add(new GardenerReach(gardeners.get(i).id(), soil.unreached(out)));
            nobody = nobody == null ? out : both(nobody, out);
        }
        Unreached byNobody = nobody == null ? Unreached.NOTHING : soil.unreached(nobody);
        return new BedReach(bed.id(), soil.area(), byGardener, byNobody);
    }

    /** The widest a bed can be that is reached from both long sides (twice the reach) or from one. */
    public static Length widest(Gardener gardener, boolean bothSides) {
        return bothSides ? gardener.reach().times(2) : gardener.reach();
    }

    private List<Stretch> stretches(StandingBed bed, Gardener gardener) {
        return gardener.posture() == Posture.SEATED ? walks.stretches(bed.id(), gardener.passing())
                : walks.stretchesOnFoot(bed.id(), gardener.passing());
    }

    private static Geometry both(Geometry one, Geometry other) {
        return one.isEmpty() || other.isEmpty() ? one.getFactory().createPolygon() : Areas.shared(one, other);
    }
}
