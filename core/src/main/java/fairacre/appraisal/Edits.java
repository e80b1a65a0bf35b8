package fairacre.appraisal;

import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Rectangle;
import fairacre.plan.StandingBed;
import java.util.Optional;

/** Changes of a bed as it stands in the season that is looked at. */
record Edits(Plan plan, int season) {

    static Change move(StandingBed bed, Rectangle to) {
        return new Change.MoveBed(bed.id(), bed.revision().from(), to.centre(), to.turn());
    }

    static Change reshape(StandingBed bed, Rectangle to) {
        return new Change.ReshapeBed(bed.id(), bed.revision().from(), to);
    }

    /** The remedy that always remains: the bed goes, from this season on if it stood before. */
    Remedy takeOut(StandingBed standing) {
        Bed bed = plan.bed(standing.id());
        int last = bed.revisions().get(bed.revisions().size() - 1).from();
        if (season > last) {
            return new Remedy("Retire " + standing.name() + " from " + season + " on",
                    new Change.RetireBed(bed.id(), Optional.of(season)));
        }
        return new Remedy("Take " + standing.name() + " out of the plan", new Change.RemoveBed(bed.id()));
    }
}
