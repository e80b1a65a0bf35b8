package fairacre.appraisal;

import fairacre.ground.FitStudy;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Feature;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Polygons;
import fairacre.plan.Rectangle;
import fairacre.plan.RefusedException;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.reach.BedReach;
import fairacre.reach.ReachStudy;
import fairacre.shape.Memo;
import fairacre.walk.Gap;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Envelope;

/**
 * A bed and the beds round about it, on which an edit of that bed is tried before it is offered. What lies further than
 * {@link #FAR} metres off is left out, so that trying costs the same in a garden of twelve beds and of five hundred.
 */
final class Surroundings {

    private static final double FAR = 4;

    private final Plan plan;
    private final Memo memo;
    private final Setting setting;
    private final StandingBed bed;
    private final List<StandingBed> others;
    private final FitStudy fit;
    private final Length widest;
    private final int pinchesNow;

    Surroundings(Plan plan, Setting setting, List<StandingBed> standing, StandingBed bed, Memo memo) {
        this.plan = plan;
        this.memo = memo;
        this.bed = bed;
        this.setting = setting;
        Envelope around = around(bed.outline());
        around.expandBy(FAR);
        this.others = standing.stream()
                .filter(b -> !b.id().equals(bed.id()) && around.intersects(around(b.outline())))
                .toList();
        this.fit = FitStudy.of(setting, others, memo);
        this.widest = plan.gardeners().stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
        this.pinchesNow = pinches(List.of(bed));
    }

    StandingBed bed() {
        return bed;
    }

    StandingBed reshaped(Rectangle outline) {
        return new StandingBed(bed.id(), bed.name(), bed.revision().withOutline(outline));
    }

    /** Whether the outline lies on free ground of the plot and makes no more narrow places than there are. */
    boolean suits(Rectangle outline) {
        return hasRoomFor(outline) && pinches(List.of(reshaped(outline))) <= pinchesNow;
    }

    /** Whether the outline also does away with a narrow place. */
    boolean relieves(Rectangle outline) {
        return hasRoomFor(outline) && pinches(List.of(reshaped(outline))) < pinchesNow;
    }

    /** Whether the bed fits there; not if its shape does not fit the outline. */
    boolean hasRoomFor(Rectangle outline) {
        try {
            return fit.hasRoomFor(bed.revision().withOutline(outline));
        } catch (RefusedException doesNotFit) {
            return false;
        }
    }

    /** The gaps round the bed, to what lies near it. */
    List<Gap> gaps() {
        List<StandingBed> all = new ArrayList<>(others);
        all.add(bed);
        return WalkStudy.of(setting, all, memo).gaps();
    }

    /** Whether beds put in this one's place satisfy a demand on how each of them is reached. */
    boolean reach(List<StandingBed> replacements, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>(others);
        all.addAll(replacements);
        ReachStudy study = ReachStudy.of(WalkStudy.of(setting, all, memo), plan.gardeners());
        return replacements.stream()
                .map(each -> study.reach(each, plan.tending(bed.id())))
                .allMatch(demand);
    }

    /** Whether this bed satisfies a demand on how it is reached once another bed stands elsewhere. */
    boolean reachOnce(StandingBed moved, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>();
        others.forEach(other -> all.add(other.id().equals(moved.id()) ? moved : other));
        all.add(bed);
        return demand.test(ReachStudy.of(WalkStudy.of(setting, all, memo), plan.gardeners())
                .reach(bed, plan.tending(bed.id())));
    }

    /** Whether this bed satisfies a demand on how it is reached once a feature is gone. */
    boolean reachWithout(Feature feature, Predicate<BedReach> demand) {
        List<StandingBed> all = new ArrayList<>(others);
        all.add(bed);
        Setting freed = setting.without(feature.id());
        return demand.test(
                ReachStudy.of(WalkStudy.of(freed, all, memo), plan.gardeners()).reach(bed, plan.tending(bed.id())));
    }

    /** Whether the bed built otherwise where it stands does away with a narrow place. */
    boolean relieves(BedRevision revision) {
        return pinches(List.of(new StandingBed(bed.id(), bed.name(), revision))) < pinchesNow;
    }

    private int pinches(List<StandingBed> replacements) {
        List<StandingBed> all = new ArrayList<>(others);
        all.addAll(replacements);
        return (int) WalkStudy.of(setting, all, memo).pinches(widest).stream()
                .filter(p -> p.other().isPresent())
                .count();
    }

    private static Envelope around(Rectangle outline) {
        return Polygons.of(outline.corners()).getEnvelopeInternal();
    }
}
