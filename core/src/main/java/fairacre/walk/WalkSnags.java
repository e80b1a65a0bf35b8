package fairacre.walk;

import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Walks narrower than somebody needs. */
final class WalkSnags {

    /** Beds whose middles lie so near to one line stand in a row, metres. */
    private static final double IN_LINE = 0.15;

    private final SnagContext context;

    WalkSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        List<Snag> snags = new ArrayList<>();
        for (Pinch pinch : walks.pinches(context.widestPassing())) {
            List<Gardener> stuck = context.plan().gardeners().stream()
                    .filter(g -> g.passing().compareTo(pinch.width().plus(Length.metres(2 * WalkStudy.SLACK))) > 0)
                    .toList();
            boolean everybody = stuck.size() == context.plan().gardeners().size();
            if (pinch.other().isPresent()) {
                snags.add(betweenBeds(pinch, stuck, everybody));
            } else if (everybody) {
                snags.add(edgeStrip(pinch));
            }
        }
        return snags;
    }

    private Snag betweenBeds(Pinch pinch, List<Gardener> stuck, boolean everybody) {
        StandingBed first = context.bed(pinch.bed());
        UUID other = pinch.other().orElseThrow();
        Optional<StandingBed> second = Optional.ofNullable(context.bed(other));
        String whom = everybody
                ? "for anybody here"
                : "for "
                        + Wording.names(stuck.stream()
                                .map(g -> g.name() + " (" + length(g.passing()) + ")")
                                .toList());
        String words = "The walk between " + first.name() + " and " + context.name(other) + " is "
                + length(pinch.width()) + " wide" + leaning(pinch) + ", too narrow " + whom + ".";
        Weight weight = everybody ? Weight.WARNING : Weight.NOTE;
        return Snag.of(
                        WalkRule.WALK_TOO_NARROW,
                        weight,
                        words,
                        Optional.of(middle(pinch)),
                        second.map(bed -> List.of(first.id(), bed.id())).orElse(List.of(first.id())),
                        stuck.stream().map(Gardener::id).toList(),
                        context.remedies(second.orElse(first), () -> remedies(pinch, stuck, first, second)))
                .by(widest(stuck).minus(pinch.width()).metres());
    }

    private static Length widest(List<Gardener> some) {
        return some.stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
    }

    private List<Remedy> remedies(Pinch pinch, List<Gardener> stuck, StandingBed first, Optional<StandingBed> second) {
        List<Remedy> remedies = new ArrayList<>();
        addTrimmed(first, remedies);
        second.ifPresent(bed -> addTrimmed(bed, remedies));
        Length most = widest(stuck);
        Length least = stuck.stream().map(Gardener::passing).reduce(most, Length::min);
        for (Length wanted : most.equals(least) ? List.of(most) : List.of(most, least)) {
            addWidening(pinch, wanted, first, second, remedies);
            if (!remedies.isEmpty()) {
                return remedies;
            }
        }
        remedies.add(context.edits().takeOut(second.orElse(first)));
        return remedies;
    }

    /** What the walk would be without caps and crops that lean out over it. */
    private String leaning(Pinch pinch) {
        return pinch.lean().isPositive() ? " (" + length(pinch.lean()) + " more, but for what leans out over it)" : "";
    }

    private void addTrimmed(StandingBed bed, List<Remedy> remedies) {
        BedRevision low = bed.revision().withBuild(bed.revision().build().withOverhang(Length.ZERO));
        if (!low.equals(bed.revision()) && Surroundings.of(context, bed).relieves(low)) {
            remedies.add(new Remedy(
                    "Keep the edges of " + bed.name() + " to crops that don't lean out",
                    new Change.RebuildBed(bed.id(), low)));
        }
    }

    private void addWidening(
            Pinch pinch, Length wanted, StandingBed first, Optional<StandingBed> second, List<Remedy> remedies) {
        Length distance = context.wording().tidyUp(wanted.minus(pinch.width()));
        double dx = pinch.end().x().minus(pinch.start().x()).metres();
        double dy = pinch.end().y().minus(pinch.start().y()).metres();
        double towardsX = dx / Math.hypot(dx, dy);
        double towardsY = dy / Math.hypot(dx, dy);
        second.ifPresent(bed -> addMove(bed, towardsX, towardsY, distance, wanted, remedies));
        addMove(first, -towardsX, -towardsY, distance, wanted, remedies);
        second.ifPresent(bed -> addRow(bed, first, towardsX, towardsY, distance, wanted, remedies));
        second.ifPresent(bed -> addRow(first, bed, -towardsX, -towardsY, distance, wanted, remedies));
        second.ifPresent(bed -> addSlimmer(bed, towardsX, towardsY, distance, wanted, remedies));
        addSlimmer(first, -towardsX, -towardsY, distance, wanted, remedies);
    }

    private void addMove(StandingBed bed, double dx, double dy, Length distance, Length wanted, List<Remedy> remedies) {
        Rectangle moved = bed.outline().shifted(dx * distance.metres(), dy * distance.metres());
        if (Surroundings.of(context, bed).relieves(moved)) {
            remedies.add(new Remedy(
                    "Move " + bed.name() + " " + length(distance) + " "
                            + context.wording().direction(dx, dy) + ": a walk of at least " + length(wanted),
                    Edits.move(bed, moved)));
        }
    }

    /** All beds in line with one, or those and all beyond them, move together where one alone can't. */
    private void addRow(
            StandingBed bed,
            StandingBed other,
            double dx,
            double dy,
            Length distance,
            Length wanted,
            List<Remedy> remedies) {
        double at = along(bed, dx, dy);
        List<StandingBed> row = context.standing().stream()
                .filter(each -> Math.abs(along(each, dx, dy) - at) < IN_LINE)
                .toList();
        List<StandingBed> beyond = context.standing().stream()
                .filter(each -> along(each, dx, dy) > at - IN_LINE)
                .toList();
        for (List<StandingBed> group : row.size() == beyond.size() ? List.of(row) : List.of(row, beyond)) {
            if (group.size() < 2 || group.contains(other)) {
                continue;
            }
            String words = "Move "
                    + (group == row
                            ? "the row of " + row.size() + " beds with " + bed.name()
                            : bed.name() + " and all " + (group.size() - 1) + " beds beyond it")
                    + " " + length(distance) + " " + context.wording().direction(dx, dy) + ": a walk of at least "
                    + length(wanted);
            Change change = new Change.Batch(
                    "Move " + group.size() + " beds",
                    group.stream()
                            .map(each -> Edits.move(
                                    each, each.outline().shifted(dx * distance.metres(), dy * distance.metres())))
                            .toList());
            if (context.cures(change, WalkRule.WALK_TOO_NARROW, Set.of(bed.id(), other.id()))) {
                remedies.add(new Remedy(words, change));
                return;
            }
        }
    }

    private static double along(StandingBed bed, double dx, double dy) {
        return bed.outline().centre().x().metres() * dx
                + bed.outline().centre().y().metres() * dy;
    }

    /** The bed gives way on the side that faces the walk; only where that side is square to the narrow place. */
    private void addSlimmer(StandingBed bed, double dx, double dy, Length by, Length wanted, List<Remedy> remedies) {
        Rectangle outline = bed.outline();
        double along = dx * outline.alongX() + dy * outline.alongY();
        boolean lengthwise = Math.abs(along) > 0.999;
        boolean crosswise = Math.abs(along) < 0.045;
        Length size = (lengthwise ? outline.length() : outline.width()).minus(by);
        if (!lengthwise && !crosswise || size.compareTo(Limits.SHORTEST_SIDE.times(3)) < 0) {
            return;
        }
        Rectangle slimmer = outline.shifted(dx * by.metres() / 2, dy * by.metres() / 2)
                .resized(lengthwise ? size : outline.length(), lengthwise ? outline.width() : size);
        if (Surroundings.of(context, bed).relieves(slimmer)) {
            remedies.add(new Remedy(
                    "Make " + bed.name() + " " + length(by) + (lengthwise ? " shorter" : " narrower")
                            + ": a walk of at least " + length(wanted),
                    Edits.reshape(bed, slimmer)));
        }
    }

    private Snag edgeStrip(Pinch pinch) {
        StandingBed bed = context.bed(pinch.bed());
        String words = "Between " + bed.name() + " and the plot's edge are " + length(pinch.width())
                + ": too narrow to get in, too wide to stay clean.";
        return Snag.of(
                WalkRule.EDGE_STRIP,
                Weight.NOTE,
                words,
                Optional.of(middle(pinch)),
                List.of(bed.id()),
                List.of(),
                context.remedies(bed, () -> edgeRemedies(pinch, bed)));
    }

    private List<Remedy> edgeRemedies(Pinch pinch, StandingBed bed) {
        List<Remedy> remedies = new ArrayList<>();
        double dx = pinch.end().x().minus(pinch.start().x()).metres();
        double dy = pinch.end().y().minus(pinch.start().y()).metres();
        Rectangle against = bed.outline().shifted(dx, dy);
        if (Surroundings.of(context, bed).suits(against)) {
            remedies.add(new Remedy("Move " + bed.name() + " right up to the plot's edge", Edits.move(bed, against)));
        }
        Length slimmest = context.plan().gardeners().stream()
                .map(Gardener::passing)
                .min(Length::compareTo)
                .orElseThrow();
        Length distance = context.wording().tidyUp(slimmest.minus(pinch.width()));
        double factor = distance.metres() / Math.hypot(dx, dy);
        Rectangle away = bed.outline().shifted(-dx * factor, -dy * factor);
        if (Surroundings.of(context, bed).suits(away)) {
            remedies.add(new Remedy(
                    "Move " + bed.name() + " " + length(distance) + " off the edge, so that one can pass",
                    Edits.move(bed, away)));
        }
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(bed));
        }
        return remedies;
    }

    private String length(Length length) {
        return context.wording().length(length);
    }

    private static Point middle(Pinch pinch) {
        return Point.metres(
                (pinch.start().x().metres() + pinch.end().x().metres()) / 2,
                (pinch.start().y().metres() + pinch.end().y().metres()) / 2);
    }
}
