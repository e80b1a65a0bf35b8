package fairacre.judging;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.measure.Units;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Changes of a bed as it stands in the season that is looked at. */
public record Edits(Plan plan, int season) {

    public static Change move(StandingBed bed, Rectangle to) {
        return new Change.MoveBed(bed.id(), bed.revision().from(), to.centre(), to.turn());
    }

    public static Change reshape(StandingBed bed, Rectangle to) {
        return new Change.ReshapeBed(bed.id(), bed.revision().from(), to);
    }

    /** What a new bed is framed with: as another bed of the garden is, else cedar boards two inches thick. */
    public Frame usualFrame() {
        return plan.standing(season).stream()
                .flatMap(bed -> bed.frame().stream())
                .findFirst()
                .orElse(new Frame(
                        Material.CEDAR,
                        plan.units() == Units.METRIC ? Board.M47X200 : Board.B2X8,
                        1,
                        Joint.SIDES_PAST));
    }

    /**
     * Whoever walks takes over beds that somebody on wheels doesn't get to; empty if nobody walks or there is no bed.
     */
    public Optional<Remedy> leaveToWhoeverWalks(List<StandingBed> beds, List<Change> more) {
        List<Gardener> onFoot = plan.gardeners().stream()
                .filter(gardener -> gardener.posture() != Posture.SEATED)
                .toList();
        if (onFoot.isEmpty() || beds.isEmpty()) {
            return Optional.empty();
        }
        List<UUID> walkers = onFoot.stream().map(Gardener::id).toList();
        List<Change> changes = new ArrayList<>(beds.stream()
                .map(bed -> (Change) new Change.TendBed(bed.id(), walkers))
                .toList());
        changes.addAll(more);
        String words = "Leave " + Wording.named(beds) + " to "
                + Wording.names(onFoot.stream().map(Gardener::name).toList());
        return Optional.of(new Remedy(words, changes.size() == 1 ? changes.get(0) : new Change.Batch(words, changes)));
    }

    /** The remedy that always remains: the bed goes, from this season on if it stood before. */
    public Remedy takeOut(StandingBed standing) {
        Bed bed = plan.bed(standing.id());
        int last = bed.revisions().get(bed.revisions().size() - 1).from();
        if (season > last) {
            return new Remedy(
                    "Retire " + standing.name() + " from " + season + " on",
                    new Change.RetireBed(bed.id(), Optional.of(season)));
        }
        return new Remedy("Delete " + standing.name(), new Change.RemoveBed(bed.id()));
    }
}
