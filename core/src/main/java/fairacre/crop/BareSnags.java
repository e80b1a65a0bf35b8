package fairacre.crop;

import fairacre.catalogue.Raising;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Beds that lie bare without frost, once a season has plantings at all; beds without any are told together. */
final class BareSnags {

    /** So many beds are named in a sentence. */
    private static final int NAMED = 3;

    private final SnagContext context;
    private final List<UUID> planted;

    BareSnags(SnagContext context) {
        this.context = context;
        this.planted = PlantingKinds.plantings(context.plan(), context.season()).stream()
                .map(Planting::bed)
                .distinct()
                .toList();
    }

    List<Snag> find() {
        if (planted.isEmpty()) {
            return List.of();
        }
        Map<Boolean, List<BedGap>> gaps = BedGaps.of(context.plan(), context.season(), context.standing()).stream()
                .collect(Collectors.partitioningBy(gap -> planted.contains(gap.bed())));
        List<Snag> snags =
                new ArrayList<>(gaps.get(true).stream().map(this::bare).toList());
        if (!gaps.get(false).isEmpty()) {
            snags.add(unplanted(gaps.get(false)));
        }
        return snags;
    }

    private Snag bare(BedGap gap) {
        StandingBed bed = context.bed(gap.bed());
        String where = gap.part().equals(BedPart.WHOLE) ? bed.name() : "A part of " + bed.name();
        return snag(
                        where + " lies bare from " + Wording.day(gap.from()) + " to " + Wording.day(gap.until()) + ".",
                        List.of(bed),
                        () -> Stream.concat(
                                        first(gap, filling -> filling.ripe().isPresent()),
                                        first(gap, filling -> filling.ripe().isEmpty()))
                                .map(filling -> new Remedy(words(filling.planting()), Put.of(filling.planting())))
                                .toList())
                .by(PlantingSnag.days(gap.from(), gap.until()));
    }

    private static String words(Planting planting) {
        return (planting.raising() == Raising.SOWN ? "Sow" : "Plant") + " there on " + Wording.day(planting.from())
                + ": " + planting.name();
    }

    private Stream<GapFilling> first(BedGap gap, Predicate<GapFilling> wanted) {
        return GapFillings.of(context.plan(), context.season(), gap).stream()
                .filter(wanted)
                .limit(1);
    }

    private Snag unplanted(List<BedGap> gaps) {
        List<StandingBed> beds = context.standing().stream()
                .filter(bed -> gaps.stream().anyMatch(gap -> gap.bed().equals(bed.id())))
                .toList();
        return snag("Nothing grows in " + named(beds) + " in " + context.season() + ".", beds, () -> covering(gaps))
                .by(beds.size());
    }

    private static String named(List<StandingBed> beds) {
        List<String> names = beds.stream().map(StandingBed::name).sorted().toList();
        if (names.size() > NAMED) {
            return String.join(", ", names.subList(0, NAMED)) + " and " + (names.size() - NAMED) + " more";
        }
        return names.size() == 1
                ? names.get(0)
                : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
    }

    /** A green manure in all of them. */
    private List<Remedy> covering(List<BedGap> gaps) {
        List<Change> sown = gaps.stream()
                .flatMap(gap -> first(gap, filling -> filling.ripe().isEmpty()))
                .<Change>map(filling -> Put.of(filling.planting()))
                .toList();
        Optional<Change> all = sown.isEmpty()
                ? Optional.empty()
                : Optional.of(sown.size() == 1 ? sown.get(0) : new Change.Batch("Sow green manure", sown));
        return all.map(change -> new Remedy("Sow green manure there", change)).stream()
                .toList();
    }

    private Snag snag(String words, List<StandingBed> beds, Supplier<List<Remedy>> remedies) {
        return Snag.of(
                CropRule.CROP_BARE,
                Weight.NOTE,
                words,
                Optional.of(beds.get(0).outline().centre()),
                beds.stream().map(StandingBed::id).toList(),
                List.of(),
                context.remedies(remedies));
    }
}
