package fairacre.walk;

import fairacre.ground.FitStudy;
import fairacre.judging.SnagContext;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * A bed and the beds round about it, on which an edit of that bed is tried before it is offered. What lies further than
 * {@link #FAR} metres off is left out, so that trying costs the same in a garden of twelve beds and of five hundred.
 */
public final class Surroundings {

    private static final double FAR = 4;

    private final Memo memo;
    private final Setting setting;
    private final StandingBed bed;
    private final List<StandingBed> others;
    private final FitStudy fit;
    private final Length widest;
    private final int pinchesNow;

    private Surroundings(SnagContext context, StandingBed bed) {
        this.memo = context.trials();
        this.bed = bed;
        this.setting = context.setting();
        Envelope around = around(bed.outline());
        around.expandBy(FAR);
        this.others = context.standing().stream()
                .filter(b -> !b.id().equals(bed.id()) && around.intersects(around(b.outline())))
                .toList();
        this.fit = FitStudy.of(setting, others, memo);
        this.widest = context.widestPassing();
        this.pinchesNow = pinches(List.of(bed));
    }

    /** The question what stands round a bed. */
    private record Around(StandingBed bed) {}

    public static Surroundings of(SnagContext context, StandingBed bed) {
        return context.once(new Around(bed), () -> new Surroundings(context, bed));
    }

    /** The beds round about. */
    public List<StandingBed> others() {
        return others;
    }

    public StandingBed bed() {
        return bed;
    }

    public StandingBed reshaped(Rectangle outline) {
        return new StandingBed(bed.id(), bed.name(), bed.revision().withOutline(outline));
    }

    /** Whether the outline lies on free ground of the plot and makes no more narrow places than there are. */
    public boolean suits(Rectangle outline) {
        return hasRoomFor(outline) && pinches(List.of(reshaped(outline))) <= pinchesNow;
    }

    /** Whether the outline also does away with a narrow place. */
    public boolean relieves(Rectangle outline) {
        return hasRoomFor(outline) && pinches(List.of(reshaped(outline))) < pinchesNow;
    }

    /** Whether the bed fits there; not if its shape does not fit the outline. */
    public boolean hasRoomFor(Rectangle outline) {
        try {
            return fit.hasRoomFor(bed.revision().withOutline(outline));
        } catch (RefusedException doesNotFit) {
            return false;
        }
    }

    /** The gaps round the bed, to what lies near it. */
    public List<Gap> gaps() {
        List<StandingBed> all = new ArrayList<>(others);
        all.add(bed);
        return WalkStudy.of(setting, all, memo).gaps();
    }

    /** Whether the bed built otherwise where it stands does away with a narrow place. */
    public boolean relieves(BedRevision revision) {
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
