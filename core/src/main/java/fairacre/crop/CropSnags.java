package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Plantings without a bed, in each other's way, too close, or cleared too early. */
final class CropSnags {

    /** Closer than what tables say by less than this is rounding. */
    private static final double HAIR = 1e-6;

    private final SnagContext context;
    private final PlantingSnag told;
    private final List<Planting> plantings;

    CropSnags(SnagContext context) {
        this.context = context;
        this.told = new PlantingSnag(context);
        this.plantings = PlantingKinds.plantings(context.plan(), context.season());
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        for (Planting planting : plantings) {
            if (told.bed(planting).isEmpty()) {
                snags.add(nowhere(planting));
            } else {
                Stream.of(bedGoes(planting), crowded(planting), unripe(planting))
                        .flatMap(Optional::stream)
                        .forEach(snags::add);
            }
        }
        for (int i = 0; i < plantings.size(); i++) {
            for (Planting other : plantings.subList(i + 1, plantings.size())) {
                twice(plantings.get(i), other).ifPresent(snags::add);
            }
        }
        return snags;
    }

    /** A planting that comes before the season or outlasts it may well have its bed then. */
    private Snag nowhere(Planting planting) {
        return told.snag(
                CropRule.CROP_NOWHERE,
                Weight.WARNING,
                planting,
                planting.name() + " is planted in a bed that is not there in " + context.season() + ".",
                () -> Stream.concat(
                                context.standing().stream()
                                        .map(bed ->
                                                new Remedy("Plant it in " + bed.name(), Put.of(planting.in(bed.id()))))
                                        .filter(remedy -> context.isSound(remedy.change()))
                                        .limit(1),
                                Stream.of(PlantingSnag.takeOut(planting)))
                        .toList());
    }

    private Optional<Snag> bedGoes(Planting planting) {
        Plan plan = context.plan();
        Optional<LocalDate> goes = plan.bed(planting.bed())
                .retired()
                .map(plan.yearBegins()::atYear)
                .filter(day -> planting.grown(context.plan()).perennial().isPresent()
                        && planting.until().isAfter(day));
        return goes.map(day -> told.snag(
                        CropRule.CROP_BED_GOES,
                        Weight.WARNING,
                        planting,
                        planting.name() + " stays until " + Wording.day(planting.until()) + ", and "
                                + context.name(planting.bed()) + " is gone from "
                                + plan.bed(planting.bed()).retired().orElseThrow() + " on.",
                        () -> Stream.concat(
                                        staying(planting),
                                        Stream.of(
                                                new Remedy(
                                                        "Clear it on " + Wording.day(day),
                                                        Put.of(planting.cleared(day))),
                                                PlantingSnag.takeOut(planting)))
                                .toList())
                .by(PlantingSnag.days(day, planting.until())));
    }

    /** The first bed that stays as long and where nothing else gets worse. */
    private Stream<Remedy> staying(Planting planting) {
        int last = planting.lifetime(context.plan().yearBegins()).until().orElseThrow() - 1;
        return context.standing().stream()
                .filter(bed -> context.plan().bed(bed.id()).in(last).isPresent())
                .map(bed -> new Remedy("Plant it in " + bed.name(), Put.of(planting.in(bed.id()))))
                .filter(remedy -> context.isSound(remedy.change()))
                .limit(1);
    }

    private Optional<Snag> crowded(Planting planting) {
        double closest = Length.min(planting.plantsApart(context.plan()), planting.rowsApart(context.plan()))
                .metres();
        double least = leastApart(planting);
        return planting.layout() == Layout.SINGLE || closest >= least - HAIR
                ? Optional.empty()
                : Optional.of(told.snag(
                                CropRule.CROP_CROWDED,
                                Weight.NOTE,
                                planting,
                                planting.name() + " stands " + length(closest) + " apart: " + length(least)
                                        + " are the least.",
                                () -> List.of(
                                        new Remedy(
                                                "Plant it as far apart as is usual", Put.of(planting.spacedAsUsual())),
                                        PlantingSnag.takeOut(planting)))
                        .by(least - closest));
    }

    /** By tables for rows, or by what a square foot carries. */
    private double leastApart(Planting planting) {
        Crop.Spacing spacing = planting.grown(context.plan()).spacing();
        double inRow = spacing.inRow().low();
        return planting.layout() == Layout.SQUARE
                ? spacing.toTheSquareFoot()
                        .map(count -> Math.min(
                                inRow, Length.feet(1 / Math.sqrt(count)).metres()))
                        .orElse(inRow)
                : inRow;
    }

    private Optional<Snag> unripe(Planting planting) {
        LocalDate quickest = planting.ripeAtTheEarliest(context.plan());
        boolean eaten = planting.grown(context.plan()).yield().usual() > 0;
        int cleared = Plan.season(planting.until().minusDays(1), context.plan().yearBegins());
        if (!eaten || cleared != context.season() || !planting.until().isBefore(quickest)) {
            return Optional.empty();
        }
        Planting later = planting.cleared(planting.ripe(context.plan()).plusDays(1));
        return Optional.of(told.snag(
                        CropRule.CROP_UNRIPE,
                        Weight.WARNING,
                        planting,
                        planting.name() + " is cleared on " + Wording.day(planting.until()) + "; it is ripe on "
                                + Wording.day(quickest) + " at the earliest.",
                        () -> List.of(
                                new Remedy("Clear it on " + Wording.day(later.until()), Put.of(later)),
                                PlantingSnag.takeOut(planting)))
                .by(PlantingSnag.days(planting.until(), quickest)));
    }

    private Optional<Snag> twice(Planting one, Planting other) {
        boolean share = one.bed().equals(other.bed())
                && one.part().shares(other.part())
                && one.meets(other)
                && !one.interplanted()
                && !other.interplanted()
                && told.bed(one).isPresent();
        if (!share) {
            return Optional.empty();
        }
        Planting first = other.from().isBefore(one.from()) ? other : one;
        Planting second = first == one ? other : one;
        return Optional.of(told.snag(
                        CropRule.CROP_TWICE,
                        Weight.WARNING,
                        second,
                        second.name() + " is planted on " + Wording.day(second.from()) + " where " + first.name()
                                + " grows until " + Wording.day(first.until()) + ".",
                        () -> remedies(first, second))
                .by(PlantingSnag.days(
                        second.from(), first.until().isBefore(second.until()) ? first.until() : second.until())));
    }

    private List<Remedy> remedies(Planting first, Planting second) {
        List<Remedy> remedies = new ArrayList<>();
        if (second.from().isAfter(first.from())) {
            remedies.add(new Remedy(
                    "Clear " + first.name() + " on " + Wording.day(second.from()),
                    Put.of(first.cleared(second.from()))));
        }
        if (first.until().isBefore(second.until())) {
            remedies.add(new Remedy(
                    "Plant " + second.name() + " on " + Wording.day(first.until()),
                    Put.of(second.planted(first.until()))));
        }
        remedies.add(new Remedy(
                "Sow " + second.name() + " between the plants of " + first.name(), Put.of(second.interplanting())));
        remedies.add(PlantingSnag.takeOut(second));
        return remedies;
    }

    private String length(double metres) {
        return context.wording().length(Length.metres(metres));
    }
}
