package fairacre.walk;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Aisles and keyholes of a bed that somebody does not get into. */
final class AisleSnags {

    private final SnagContext context;

    AisleSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        return walks.aisles().stream()
                .map(this::tooNarrow)
                .flatMap(Optional::stream)
                .toList();
    }

    /** Of a notch nobody's wheels need to get in: what they miss by it is told as out of reach. */
    private Optional<Snag> tooNarrow(Aisle aisle) {
        if (aisle.width().compareTo(WalkStudy.JOINED) <= 0) {
            return Optional.empty();
        }
        List<Gardener> stuck = context.plan().tending(aisle.bed()).stream()
                .filter(gardener -> !(aisle.keyhole() && gardener.posture() == Posture.SEATED))
                .filter(gardener ->
                        needed(gardener, aisle).compareTo(aisle.width().plus(Length.metres(2 * WalkStudy.SLACK))) > 0)
                .toList();
        if (stuck.isEmpty()) {
            return Optional.empty();
        }
        StandingBed bed = context.bed(aisle.bed());
        boolean everybody = stuck.size() == context.plan().tending(aisle.bed()).size();
        String whom = everybody
                ? "for anybody here"
                : "for "
                        + Wording.names(stuck.stream()
                                .map(g -> g.name() + " (" + length(needed(g, aisle)) + ")")
                                .toList());
        String words = (aisle.keyhole() ? "The keyhole in " : "The aisle in ") + bed.name() + " is "
                + length(aisle.width()) + " wide, too narrow " + whom + ".";
        Length most = stuck.stream().map(gardener -> needed(gardener, aisle)).reduce(Length.ZERO, Length::max);
        return Optional.of(Snag.of(
                        WalkRule.AISLE_TOO_NARROW,
                        everybody ? Weight.WARNING : Weight.NOTE,
                        words,
                        Optional.of(middle(aisle)),
                        List.of(bed.id()),
                        stuck.stream().map(Gardener::id).toList(),
                        context.remedies(
                                bed, () -> remedies(bed, context.wording().tidyUp(most))))
                .by(most.minus(aisle.width()).metres()));
    }

    private static Length needed(Gardener gardener, Aisle aisle) {
        return aisle.keyhole() ? Keyhole.FOOT : gardener.passing();
    }

    private List<Remedy> remedies(StandingBed bed, Length wanted) {
        Shape shape = bed.revision().shape();
        List<Remedy> remedies = new ArrayList<>();
        if (shape.form() instanceof Form.Comb comb) {
            Length fingers = bed.outline().length().minus(wanted.times(comb.fingers() - 1));
            Length finger = context.wording().tidyDown(Length.metres(fingers.metres() / comb.fingers()));
            add(
                    "Make the fingers of " + bed.name() + " " + length(finger) + " wide: aisles of at least "
                            + length(wanted),
                    bed,
                    () -> new Shape(new Form.Comb(comb.fingers(), comb.spine(), finger), shape.keyholes()),
                    wanted,
                    remedies);
            if (comb.fingers() > 2) {
                add(
                        "Give " + bed.name() + " " + (comb.fingers() - 1) + " fingers, with wider aisles between them",
                        bed,
                        () -> new Shape(
                                new Form.Comb(comb.fingers() - 1, comb.spine(), comb.finger()), shape.keyholes()),
                        wanted,
                        remedies);
            }
        }
        if (!shape.keyholes().isEmpty()) {
            add(
                    "Make the keyholes of " + bed.name() + " " + length(wanted) + " wide",
                    bed,
                    () -> new Shape(
                            shape.form(),
                            shape.keyholes().stream()
                                    .map(k -> new Keyhole(k.side(), k.at(), Length.max(k.width(), wanted), k.depth()))
                                    .toList()),
                    wanted,
                    remedies);
        }
        return remedies;
    }

    private void add(String words, StandingBed bed, Supplier<Shape> shape, Length wanted, List<Remedy> remedies) {
        try {
            BedRevision changed = bed.revision().withShape(bed.outline(), shape.get());
            StandingBed after = new StandingBed(bed.id(), bed.name(), changed);
            boolean wide = WalkStudy.of(context.setting(), List.of(after), context.trials()).aisles().stream()
                    .allMatch(aisle -> aisle.width()
                                    .plus(Length.metres(2 * WalkStudy.SLACK))
                                    .compareTo(aisle.keyhole() ? Keyhole.FOOT : wanted)
                            >= 0);
            if (wide) {
                remedies.add(new Remedy(
                        words,
                        new Change.ReshapeBed(
                                bed.id(), changed.from(), changed.outline(), Optional.of(changed.shape()))));
            }
        } catch (RefusedException doesNotFit) {
            // This measure leaves nothing of the bed: another remedy has to do.
        }
    }

    private static Point middle(Aisle aisle) {
        return Point.metres(
                (aisle.start().x().metres() + aisle.end().x().metres()) / 2,
                (aisle.start().y().metres() + aisle.end().y().metres()) / 2);
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
