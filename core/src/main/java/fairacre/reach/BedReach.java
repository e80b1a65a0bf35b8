package fairacre.reach;

import fairacre.measure.Area;
import fairacre.outline.Polygons;
import fairacre.plan.Gardener;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.UUID;

/**
 * How a bed is reached.
 *
 * @param soil area inside the frame
 * @param byGardener in the plan's order of gardeners
 * @param byNobody what no gardener reaches; nothing while there are no gardeners to ask
 */
public record BedReach(UUID bed, Area soil, List<GardenerReach> byGardener, Unreached byNobody) {

    public BedReach {
        byGardener = List.copyOf(byGardener);
    }

    /**
     * Of a bed for which it could not be worked out: nothing is said to be out of reach, and its soil is all of its
     * outline.
     */
    public static BedReach unknown(StandingBed bed, List<Gardener> gardeners) {
        return new BedReach(
                bed.id(),
                Area.squareMetres(Polygons.of(bed.corners()).getArea()),
                gardeners.stream()
                        .map(gardener -> new GardenerReach(gardener.id(), Unreached.NOTHING))
                        .toList(),
                Unreached.NOTHING);
    }
}
