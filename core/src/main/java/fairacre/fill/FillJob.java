package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.measure.Volume;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SortedMap;
import java.util.UUID;

/**
 * What one revision of a bed takes to fill it. Soil that is in the bed is used again, so only the difference is bought,
 * of the mix that goes on top. A bed that stood already takes nothing until it is rebuilt.
 *
 * @param soil what of each good is added
 */
public record FillJob(UUID bed, int season, SortedMap<BulkGood, Volume> soil) {

    /** One for each revision. */
    public static List<FillJob> of(Bed bed) {
        List<FillJob> jobs = new ArrayList<>();
        BedRevision before = null;
        for (BedRevision revision : bed.revisions()) {
            jobs.add(new FillJob(bed.id(), revision.from(), soil(before, revision)));
            before = revision;
        }
        return jobs;
    }

    private static SortedMap<BulkGood, Volume> soil(BedRevision before, BedRevision revision) {
        if (before == null && revision.existing()) {
            return Collections.emptySortedMap();
        }
        Volume now = FillTakeoff.of(revision).volume();
        Volume there = before == null ? Volume.ZERO : FillTakeoff.of(before).volume();
        Filling filling = there.equals(Volume.ZERO) && !revision.flat()
                ? revision.build().fill()
                : revision.build().fill().withoutBelow();
        return Ingredients.of(filling, now.lessOrNone(there));
    }
}
