package fairacre.appraisal;

import fairacre.appraisal.KeyholeSearch.Missing;
import fairacre.plan.Gardener;
import fairacre.plan.Point;
import fairacre.plan.StandingBed;
import fairacre.reach.BedReach;
import fairacre.reach.GardenerReach;
import fairacre.reach.Unreached;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Soil that nobody reaches, and soil that some gardener doesn't. */
final class ReachSnags {

    private final SnagContext context;

    ReachSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(List<BedReach> reaches) {
        List<Snag> snags = new ArrayList<>();
        for (BedReach reach : reaches) {
            if (!reach.byNobody().area().isZero()) {
                snags.add(nobody(reach));
            }
            if (context.plan().gardeners().size() > 1) {
                gardeners(reach).ifPresent(snags::add);
            }
        }
        return snags;
    }

    private Snag nobody(BedReach reach) {
        StandingBed bed = context.bed(reach.bed());
        String words = "Nobody reaches " + amount(reach.byNobody(), reach) + " of " + bed.name() + ".";
        Gardener longest = context.plan().gardeners().stream()
                .max(Comparator.comparing(Gardener::reach)).orElseThrow();
        return Snag.of(SnagRule.REACH_NOBODY, Weight.SERIOUS, words, place(reach.byNobody()), List.of(bed.id()),
                List.of(), remedies(bed, longest, r -> r.byNobody().area().isZero(),
                List.of(new Missing(longest, reach.byNobody()))));
    }

    /** One snag for all who are hindered at a bed, if they miss more than nobody reaches anyway. */
    private Optional<Snag> gardeners(BedReach reach) {
        List<GardenerReach> hindered = reach.byGardener().stream()
                .filter(r -> r.unreached().area().compareTo(reach.byNobody().area()) > 0).toList();
        if (hindered.isEmpty()) {
            return Optional.empty();
        }
        StandingBed bed = context.bed(reach.bed());
        List<Gardener> people = hindered.stream().map(r -> gardener(r)).toList();
        GardenerReach worst = hindered.stream().max(Comparator.comparing(r -> r.unreached().area())).orElseThrow();
        List<String> each = hindered.stream()
                .map(r -> gardener(r).name() + " " + amount(r.unreached(), reach)).toList();
        String words = bed.name() + ": out of reach for " + Wording.names(each) + ".";
        List<Missing> missing = hindered.stream().map(r -> new Missing(gardener(r), r.unreached())).toList();
        Gardener shortest = people.stream().min(Comparator.comparing(Gardener::reach)).orElseThrow();
        Predicate<BedReach> all = r -> r.byGardener().stream().allMatch(g -> g.unreached().area().isZero());
        return Optional.of(Snag.of(SnagRule.REACH_GARDENER, Weight.WARNING, words, place(worst.unreached()),
                List.of(bed.id()), people.stream().map(Gardener::id).toList(), remedies(bed, shortest, all, missing)));
    }

    private List<Remedy> remedies(StandingBed bed, Gardener gardener, Predicate<BedReach> demand, List<Missing> missing) {
        return context.remedies(() -> new ReachRemedies(context, bed, gardener, demand, missing).all());
    }

    private String amount(Unreached unreached, BedReach reach) {
        return context.wording().share(unreached.area().shareOf(reach.soil())) + " ("
                + context.wording().area(unreached.area()) + ")";
    }

    private Gardener gardener(GardenerReach reach) {
        return context.plan().gardeners().stream().filter(g -> g.id().equals(reach.gardener())).findFirst().orElseThrow();
    }

    /** The mean of the first part's corners: a place for a mark, not a centroid. */
    private static Optional<Point> place(Unreached unreached) {
        return unreached.parts().stream().findFirst().map(part -> {
            double x = part.stream().mapToDouble(p -> p.x().metres()).average().orElse(0);
            double y = part.stream().mapToDouble(p -> p.y().metres()).average().orElse(0);
            return Point.metres(x, y);
        });
    }
}
