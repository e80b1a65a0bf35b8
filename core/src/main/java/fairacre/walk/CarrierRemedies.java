package fairacre.walk;

import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Carrier;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Ways to let a carrier come to a bed: a wider gate, or a narrow place beside the bed made wider. Each has been tried.
 */
final class CarrierRemedies {

    private static final int MOST = 2;

    private final SnagContext context;
    private final Carrier carrier;
    private final StandingBed bed;

    CarrierRemedies(SnagContext context, Carrier carrier, StandingBed bed) {
        this.context = context;
        this.carrier = carrier;
        this.bed = bed;
    }

    List<Remedy> all() {
        List<Remedy> remedies = new ArrayList<>();
        addWiderGates(remedies);
        addWiderWalks(remedies);
        return remedies;
    }

    private void addWiderGates(List<Remedy> remedies) {
        for (WayIn gate : context.setting().gates()) {
            if (remedies.size() < MOST && gate.width().compareTo(carrier.width()) < 0) {
                Length wanted = context.wording().tidyUp(carrier.width());
                Remedy remedy = new Remedy(
                        "Make " + gate.name() + " " + context.wording().length(wanted) + " wide",
                        Put.of(gate.withWidth(wanted)));
                addIfItWorks(remedy, remedies);
            }
        }
    }

    /** The bed, or its neighbour, moves out of a narrow place: the widest first, since it takes the shortest move. */
    private void addWiderWalks(List<Remedy> remedies) {
        List<Pinch> pinches =
                WalkStudy.of(context.setting(), context.standing(), context.trials()).pinches(carrier.width()).stream()
                        .filter(p -> p.other().isPresent())
                        .filter(p -> p.bed().equals(bed.id()) || p.other().get().equals(bed.id()))
                        .sorted(Comparator.comparing(Pinch::width).reversed())
                        .toList();
        for (Pinch pinch : pinches) {
            StandingBed first = context.bed(pinch.bed());
            StandingBed second = context.bed(pinch.other().orElseThrow());
            addMove(first, pinch, -1, remedies);
            if (second != null) {
                addMove(second, pinch, 1, remedies);
            }
        }
    }

    private void addMove(StandingBed moving, Pinch pinch, int sign, List<Remedy> remedies) {
        if (remedies.size() >= MOST) {
            return;
        }
        double dx = pinch.end().x().minus(pinch.start().x()).metres();
        double dy = pinch.end().y().minus(pinch.start().y()).metres();
        Length by = context.wording().tidyUp(carrier.width().minus(pinch.width()));
        double factor = sign * by.metres() / Math.hypot(dx, dy);
        Rectangle moved = moving.outline().shifted(dx * factor, dy * factor);
        if (Surroundings.of(context, moving).suits(moved)) {
            addIfItWorks(
                    new Remedy(
                            "Move " + moving.name() + " " + context.wording().length(by) + " "
                                    + context.wording().direction(dx * sign, dy * sign) + ", so that " + carrier.name()
                                    + " gets through",
                            Edits.move(moving, moved)),
                    remedies);
        }
    }

    private void addIfItWorks(Remedy remedy, List<Remedy> remedies) {
        var after = context.plan().apply(remedy.change()).orThrow();
        List<StandingBed> standing = after.standing(context.season());
        CarrierStudy study =
                CarrierStudy.of(WalkStudy.of(after.setting(context.season()), standing, context.trials()), standing);
        if (study.reaches(carrier, bed.id())) {
            remedies.add(remedy);
        }
    }
}
