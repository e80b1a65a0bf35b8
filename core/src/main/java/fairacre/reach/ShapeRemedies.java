package fairacre.reach;

import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Ways to bring a bed of another shape within reach by its own measures: slimmer fingers, a slimmer spine or arm, a
 * finger less.
 */
final class ShapeRemedies {

    private final SnagContext context;
    private final StandingBed bed;
    private final ReachTrial trial;
    private final Predicate<BedReach> demand;

    ShapeRemedies(SnagContext context, StandingBed bed, ReachTrial trial, Predicate<BedReach> demand) {
        this.context = context;
        this.bed = bed;
        this.trial = trial;
        this.demand = demand;
    }

    /** None for a plain rectangle. */
    List<Remedy> all() {
        List<Remedy> remedies = new ArrayList<>();
        if (bed.revision().shape().form() instanceof Form.Comb comb) {
            add("the fingers", comb.finger(), finger -> new Form.Comb(comb.fingers(), comb.spine(), finger), remedies);
            add("the spine", comb.spine(), spine -> new Form.Comb(comb.fingers(), spine, comb.finger()), remedies);
            if (comb.fingers() > 2) {
                addFewer(comb, remedies);
            }
        } else if (bed.revision().shape().form() instanceof Form.Ell ell) {
            add("the long arm", ell.along(), along -> new Form.Ell(along, ell.across(), ell.right()), remedies);
            add("the short arm", ell.across(), across -> new Form.Ell(ell.along(), across, ell.right()), remedies);
        }
        return remedies;
    }

    /** A measure as large as it can be, found by halving: a smaller one is within reach where a larger one is. */
    private void add(String what, Length now, Function<Length, Form> form, List<Remedy> remedies) {
        Length low = Limits.SHORTEST_SIDE;
        Length high = now;
        if (!isWithinReach(form, low)) {
            return;
        }
        while (context.wording().tidyDown(low.plus(high).half()).compareTo(low) > 0) {
            Length middle = context.wording().tidyDown(low.plus(high).half());
            if (isWithinReach(form, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Length widest = low;
        shaped(form, widest)
                .ifPresent(revision -> remedies.add(remedy(
                        "Make " + what + " of " + bed.name() + " "
                                + context.wording().length(widest) + " wide, the widest that can be reached",
                        revision)));
    }

    private void addFewer(Form.Comb comb, List<Remedy> remedies) {
        int fewer = comb.fingers() - 1;
        shaped(width -> new Form.Comb(fewer, comb.spine(), width), comb.finger())
                .filter(this::isWithinReach)
                .ifPresent(revision -> remedies.add(remedy(
                        "Give " + bed.name() + " " + fewer + " fingers, with wider aisles between them", revision)));
    }

    private boolean isWithinReach(Function<Length, Form> form, Length width) {
        return shaped(form, width).filter(this::isWithinReach).isPresent();
    }

    private boolean isWithinReach(BedRevision revision) {
        return trial.reach(List.of(new StandingBed(bed.id(), bed.name(), revision)), demand);
    }

    /** Empty where such a form does not fit the bed. */
    private Optional<BedRevision> shaped(Function<Length, Form> form, Length width) {
        try {
            BedRevision now = bed.revision();
            return Optional.of(now.withShape(
                    now.outline(), new Shape(form.apply(width), now.shape().keyholes())));
        } catch (RefusedException doesNotFit) {
            return Optional.empty();
        }
    }

    private Remedy remedy(String words, BedRevision revision) {
        return new Remedy(
                words,
                new Change.ReshapeBed(bed.id(), revision.from(), revision.outline(), Optional.of(revision.shape())));
    }
}
