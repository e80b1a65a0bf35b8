package fairacre.reach;

import fairacre.judging.Lazy;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Area;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.StandingBed;
import fairacre.reach.KeyholeSearch.Missing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;

/** Soil that nobody reaches, and soil that some gardener doesn't. */
final class ReachSnags {

    /** Less than the palm of a hand nobody misses: 50 mm square (common practice). */
    private static final Area LEAST = Area.squareMetres(0.0025);
    /** Up to a hand's breadth square a plant leans over it; more of a bed, or a larger share, is soil that is lost. */
    private static final Area CRUMB = Area.squareMetres(0.01);

    private static final Area MUCH = Area.squareMetres(0.1);
    private static final double LARGE_SHARE = 0.05;

    private final SnagContext context;

    /** How many beds with one flaw are worth putting right together. */
    private static final int SEVERAL = 3;

    /** For each bed with a flaw of a rule what would slim it. */
    private final Map<ReachRule, Map<UUID, Supplier<Optional<Remedy>>>> slimmer = new EnumMap<>(ReachRule.class);

    private final Map<ReachRule, Optional<Remedy>> together = new EnumMap<>(ReachRule.class);

    ReachSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(List<BedReach> reaches) {
        List<Supplier<Snag>> found = new ArrayList<>();
        for (BedReach reach : reaches) {
            if (counts(reach.byNobody())) {
                found.add(nobody(reach));
            }
            if (reach.byGardener().size() > 1) {
                gardeners(reach).ifPresent(found::add);
            }
        }
        // What helps all of them alike is known once all are found.
        return found.stream().map(Supplier::get).toList();
    }

    private static boolean counts(Unreached unreached) {
        return unreached.area().compareTo(LEAST) >= 0;
    }

    /** By how much soil is out of reach and how large a part of the bed it is. */
    private static Weight weight(Unreached unreached, BedReach reach, Weight most) {
        boolean crumb = unreached.area().compareTo(CRUMB) <= 0;
        boolean little =
                unreached.area().compareTo(MUCH) < 0 && unreached.area().shareOf(reach.soil()) < LARGE_SHARE;
        Weight weight = crumb ? Weight.NOTE : little ? Weight.WARNING : Weight.SERIOUS;
        return weight.compareTo(most) > 0 ? weight : most;
    }

    private Supplier<Snag> nobody(BedReach reach) {
        StandingBed bed = context.bed(reach.bed());
        boolean crumb = reach.byNobody().area().compareTo(CRUMB) <= 0;
        String words = crumb
                ? "A corner of " + bed.name() + " the size of a hand, "
                        + context.wording().area(reach.byNobody().area()) + ", is out of everybody's reach."
                : "Nobody reaches " + amount(reach.byNobody(), reach) + " of " + bed.name() + ".";
        Gardener longest = context.plan().tending(bed.id()).stream()
                .max(Comparator.comparing(Gardener::reach))
                .orElseThrow();
        Supplier<ReachRemedies> remedies = new Lazy<>(() -> new ReachRemedies(
                context, bed, longest, r -> !counts(r.byNobody()), List.of(new Missing(longest, reach.byNobody()))));
        slimmer(ReachRule.REACH_NOBODY, bed, remedies);
        return () -> Snag.of(
                        ReachRule.REACH_NOBODY,
                        weight(reach.byNobody(), reach, Weight.SERIOUS),
                        words,
                        place(reach.byNobody()),
                        List.of(bed.id()),
                        List.of(),
                        remedies(ReachRule.REACH_NOBODY, bed, remedies, List.of()))
                .by(reach.byNobody().area().squareMetres());
    }

    /** One snag for all who are hindered at a bed, if they miss more than nobody reaches anyway. */
    private Optional<Supplier<Snag>> gardeners(BedReach reach) {
        List<GardenerReach> hindered = reach.byGardener().stream()
                .filter(r -> counts(r.unreached())
                        && r.unreached()
                                        .area()
                                        .lessOrNone(reach.byNobody().area())
                                        .compareTo(LEAST)
                                >= 0)
                .toList();
        if (hindered.isEmpty()) {
            return Optional.empty();
        }
        StandingBed bed = context.bed(reach.bed());
        List<Gardener> people = hindered.stream().map(r -> gardener(r)).toList();
        GardenerReach worst = hindered.stream()
                .max(Comparator.comparing(r -> r.unreached().area()))
                .orElseThrow();
        List<String> each = hindered.stream()
                .map(r -> gardener(r).name() + " " + amount(r.unreached(), reach))
                .toList();
        String words = bed.name() + ": out of reach for " + Wording.names(each) + ".";
        List<Missing> missing = hindered.stream()
                .map(r -> new Missing(gardener(r), r.unreached()))
                .toList();
        Gardener shortest =
                people.stream().min(Comparator.comparing(Gardener::reach)).orElseThrow();
        Predicate<BedReach> all = r -> r.byGardener().stream().noneMatch(g -> counts(g.unreached()));
        Supplier<ReachRemedies> remedies = new Lazy<>(() -> new ReachRemedies(context, bed, shortest, all, missing));
        slimmer(ReachRule.REACH_GARDENER, bed, remedies);
        List<UUID> reaching = reach.byGardener().stream()
                .filter(r -> !counts(r.unreached()))
                .map(GardenerReach::gardener)
                .toList();
        return Optional.of(() -> Snag.of(
                        ReachRule.REACH_GARDENER,
                        weight(worst.unreached(), reach, Weight.WARNING),
                        words,
                        place(worst.unreached()),
                        List.of(bed.id()),
                        people.stream().map(Gardener::id).toList(),
                        remedies(ReachRule.REACH_GARDENER, bed, remedies, reaching))
                .by(worst.unreached().area().squareMetres()));
    }

    private void slimmer(ReachRule rule, StandingBed bed, Supplier<ReachRemedies> remedies) {
        slimmer.computeIfAbsent(rule, r -> new LinkedHashMap<>())
                .put(bed.id(), new Lazy<>(() -> remedies.get().narrower()));
    }

    /** @param reaching who reaches all of the bed, to whom it could be given */
    private List<Remedy> remedies(
            ReachRule rule, StandingBed bed, Supplier<ReachRemedies> remedies, List<UUID> reaching) {
        return context.remedies(bed, () -> {
            List<Remedy> all = new ArrayList<>(remedies.get().all());
            together.computeIfAbsent(rule, this::allTogether).ifPresent(all::add);
            if (!reaching.isEmpty()) {
                String names = Wording.names(context.plan().gardeners().stream()
                        .filter(g -> reaching.contains(g.id()))
                        .map(Gardener::name)
                        .toList());
                all.add(new Remedy("Leave " + bed.name() + " to " + names, new Change.TendBed(bed.id(), reaching)));
            }
            return all;
        });
    }

    /** Every bed with this flaw narrowed at once, where that cures all of them. */
    private Optional<Remedy> allTogether(ReachRule rule) {
        Map<UUID, Supplier<Optional<Remedy>>> beds = slimmer.get(rule);
        List<Change> changes = beds.size() < SEVERAL
                ? List.of()
                : beds.values().stream()
                        .map(Supplier::get)
                        .flatMap(Optional::stream)
                        .map(Remedy::change)
                        .toList();
        if (changes.size() < SEVERAL || changes.size() < beds.size()) {
            return Optional.empty();
        }
        String words = "Narrow all " + changes.size() + " beds like it to what can be reached";
        return Optional.of(new Remedy(words, new Change.Batch(words, changes)));
    }

    private String amount(Unreached unreached, BedReach reach) {
        return context.wording().share(unreached.area().shareOf(reach.soil())) + " ("
                + context.wording().area(unreached.area()) + ")";
    }

    private Gardener gardener(GardenerReach reach) {
        return context.plan().gardeners().stream()
                .filter(g -> g.id().equals(reach.gardener()))
                .findFirst()
                .orElseThrow();
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
