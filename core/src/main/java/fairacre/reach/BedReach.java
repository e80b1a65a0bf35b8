package fairacre.reach;

import fairacre.measure.Area;
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
}
