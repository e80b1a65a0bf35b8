package fairacre.bed;

import fairacre.ground.Encroachment;
import fairacre.ground.FitStudy;
import fairacre.ground.OffPlot;
import fairacre.ground.Overlap;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Feature;
import fairacre.plan.StandingBed;
import fairacre.walk.Surroundings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Beds on the same ground, and beds off the plot. */
final class FitSnags {

    private final SnagContext context;

    FitSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(FitStudy fit) {
        List<Snag> snags = new ArrayList<>();
        fit.overlaps().forEach(overlap -> snags.add(overlap(overlap)));
        fit.offPlot().forEach(off -> snags.add(offPlot(fit, off)));
        fit.encroachments().forEach(found -> snags.add(encroachment(found)));
        return snags;
    }

    private Snag overlap(Overlap overlap) {
        StandingBed first = context.bed(overlap.first());
        StandingBed second = context.bed(overlap.second());
        String words = first.name() + " and " + second.name() + " share " + area(overlap.shared()) + " of ground.";
        return Snag.of(
                        BedRule.BED_OVERLAP,
                        Weight.SERIOUS,
                        words,
                        Optional.of(overlap.place()),
                        List.of(first.id(), second.id()),
                        List.of(),
                        context.remedies(() -> {
                            List<Remedy> remedies = new ArrayList<>();
                            addPush(second, overlap.apartX(), overlap.apartY(), remedies);
                            addPush(first, -overlap.apartX(), -overlap.apartY(), remedies);
                            remedies.add(context.edits().takeOut(second));
                            return remedies;
                        }))
                .by(overlap.shared().squareMetres());
    }

    /** Off the other bed and, if there is room, a walk away from it; else just off it. */
    private void addPush(StandingBed bed, double dx, double dy, List<Remedy> remedies) {
        double depth = Math.hypot(dx, dy);
        Length walk = context.widestPassing();
        Surroundings round = Surroundings.of(context, bed);
        for (Length room : List.of(walk, Length.ZERO)) {
            Length distance = context.wording().tidyUp(Length.metres(depth).plus(room));
            double factor = distance.metres() / depth;
            Rectangle moved = bed.outline().shifted(dx * factor, dy * factor);
            if (round.hasRoomFor(moved)) {
                remedies.add(new Remedy(
                        "Move " + bed.name() + " " + context.wording().length(distance) + " "
                                + context.wording().direction(dx, dy),
                        Edits.move(bed, moved)));
                return;
            }
        }
    }

    private Snag offPlot(FitStudy fit, OffPlot off) {
        StandingBed bed = context.bed(off.bed());
        String words = area(off.outside()) + " of " + bed.name() + " lie outside of the plot.";
        return Snag.of(
                        BedRule.BED_OFF_PLOT,
                        Weight.SERIOUS,
                        words,
                        Optional.of(off.place()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> {
                            List<Remedy> remedies = new ArrayList<>();
                            Rectangle moved = fit.pushedIn(bed.outline());
                            if (Surroundings.of(context, bed).hasRoomFor(moved)) {
                                remedies.add(
                                        new Remedy("Move " + bed.name() + " onto the plot", Edits.move(bed, moved)));
                            }
                            remedies.add(context.edits().takeOut(bed));
                            return remedies;
                        }))
                .by(off.outside().squareMetres());
    }

    private Snag encroachment(Encroachment found) {
        StandingBed bed = context.bed(found.bed());
        Feature feature = context.feature(found.feature());
        String shared = area(found.shared()) + " of " + bed.name();
        return switch (found.claim()) {
            case BUILT_ON ->
                on(
                        found,
                        bed,
                        BedRule.BED_ON_FEATURE,
                        Weight.SERIOUS,
                        shared + " lie on ground that " + feature.name() + " takes.");
            case KEEP_OFF ->
                on(
                        found,
                        bed,
                        BedRule.BED_IN_KEEP_OFF,
                        Weight.SERIOUS,
                        shared + " lie within " + feature.name() + " and its setback of " + length(feature) + ".");
            case BURIED_LINE ->
                on(
                        found,
                        bed,
                        BedRule.BED_OVER_LINE,
                        Weight.WARNING,
                        bed.name() + " lies over " + feature.name() + " or within " + length(feature)
                                + " of it. Have the line marked" + " before you dig, and dig by hand near it.");
            case TREE_ROOTS ->
                on(
                        found,
                        bed,
                        BedRule.BED_UNDER_TREE,
                        Weight.NOTE,
                        shared + " lie under the crown of " + feature.name() + ".");
        };
    }

    private Snag on(Encroachment found, StandingBed bed, Rule rule, Weight weight, String words) {
        return Snag.of(
                        rule,
                        weight,
                        words,
                        Optional.of(found.place()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(
                                () -> new Withdrawal(context, bed, context.feature(found.feature())).remedies()))
                .about(context.ref(found.feature()))
                .by(found.shared().squareMetres());
    }

    private String length(Feature feature) {
        return context.wording().length(feature.margin());
    }

    private String area(Area area) {
        return context.wording().area(area);
    }
}
