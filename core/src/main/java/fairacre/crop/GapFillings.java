package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Family;
import fairacre.catalogue.Feeding;
import fairacre.catalogue.Raising;
import fairacre.catalogue.Varieties;
import fairacre.limits.RefusedException;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What still ripens in a gap before something else is planted or frost ends its growth, the most of it first, less what
 * there is no time to pick; then what keeps the soil covered. Of the family that grew there before nothing is proposed.
 */
public final class GapFillings {

    /** Shorter than this no cover crop is worth its seed, days (a rough guess). */
    private static final int LEAST_COVER = 42;

    private final Plan plan;
    private final BedGap gap;
    private final BedRevision bed;
    private final SowingTimes times;

    private GapFillings(Plan plan, int season, BedGap gap, BedRevision bed) {
        this.plan = plan;
        this.gap = gap;
        this.bed = bed;
        this.times = new SowingTimes(plan, season);
    }

    /** @throws RefusedException if the bed isn't there in the season, or the gap ends before it begins */
    public static List<GapFilling> of(Plan plan, int season, BedGap gap) {
        return in(plan, season, gap).all();
    }

    private static GapFillings in(Plan plan, int season, BedGap gap) {
        BedRevision bed = PlantingStudy.bed(plan.standing(season), gap.bed())
                .orElseThrow(() ->
                        new RefusedException("bed", "the bed is not there in " + season, "choose one that is there"));
        if (!gap.until().isAfter(gap.from())) {
            throw new RefusedException("until", "the gap ends before it begins", "give a later day");
        }
        return new GapFillings(plan, season, gap, bed);
    }

    /**
     * What only covers the soil of a gap.
     *
     * @throws RefusedException as {@link #of}
     */
    public static Stream<GapFilling> covers(Plan plan, int season, BedGap gap) {
        return in(plan, season, gap).filled(GapFillings::covers);
    }

    private static boolean covers(Crop crop) {
        return crop.yield().usual() <= 0 && crop.feeding() == Feeding.GIVER;
    }

    private Stream<GapFilling> filled(Predicate<Crop> wanted) {
        List<Family> before = before();
        return Varieties.all(plan).stream()
                .filter(wanted)
                .filter(crop -> crop.perennial().isEmpty() && !before.contains(crop.family()))
                .flatMap(crop -> filling(crop).stream());
    }

    private List<GapFilling> all() {
        return filled(any -> true)
                .sorted(Comparator.comparingDouble(this::worth).reversed())
                .toList();
    }

    /** Kilograms, less what there is no time to pick. */
    private double worth(GapFilling filling) {
        double picked = filling.ripe()
                .map(ripe -> PlantingSnag.days(ripe, gap.until()) / (double) NewPlantings.HARVEST)
                .orElse(1.0);
        return filling.yield() * Math.min(1, picked);
    }

    /** Of what is cleared there in the months before. */
    private List<Family> before() {
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> planting.bed().equals(gap.bed())
                        && planting.part().shares(gap.part())
                        && !planting.until().isAfter(gap.from())
                        && planting.until().isAfter(gap.from().minusYears(1)))
                .map(planting -> planting.grown(plan).family())
                .toList();
    }

    /** Raised in that way in which it is there first. */
    private Optional<GapFilling> filling(Crop crop) {
        return Arrays.stream(Raising.values())
                .filter(crop::grows)
                .flatMap(raising -> filling(crop, raising).stream())
                .findFirst();
    }

    private Optional<GapFilling> filling(Crop crop, Raising raising) {
        SowingTimes.Sown sown = new SowingTimes.Sown(crop, raising, Optional.of(gap.bed()));
        return times.firstFrom(sown, gap.from()).filter(gap.until()::isAfter).flatMap(day -> {
            Planting planting = NewPlantings.planting(
                            times,
                            crop,
                            gap.bed(),
                            plan.newId(crop.key() + " in " + gap.bed() + " " + gap.part() + " " + day))
                    .raised(raising, day, gap.until())
                    .in(gap.part());
            return crop.yield().usual() > 0
                    ? eaten(planting, sown)
                    : Stream.of(planting)
                            .filter(cover ->
                                    covers(crop) && PlantingSnag.days(cover.from(), cover.until()) >= LEAST_COVER)
                            .map(cover -> told(cover, Optional.empty()))
                            .findFirst();
        });
    }

    private Optional<GapFilling> eaten(Planting planting, SowingTimes.Sown sown) {
        boolean beforeFrost = times.last(sown, planting.from())
                .map(last -> !planting.from().isAfter(last))
                .orElse(true);
        boolean endsByFrost = times.ripenBefore(sown, planting.from())
                .map(end -> !end.isAfter(gap.until()))
                .orElse(false);
        LocalDate ripe = planting.ripe(plan).plusDays(endsByFrost ? SowingTimes.SHORT_DAYS : 0);
        return Stream.of(planting)
                .filter(each -> beforeFrost && ripe.isBefore(gap.until()))
                .map(each -> told(each, Optional.of(ripe)))
                .filter(told -> told.count() > 0)
                .findFirst();
    }

    private GapFilling told(Planting planting, Optional<LocalDate> ripe) {
        return new GapFilling(
                planting, ripe, PlantingStudy.count(plan, bed, planting), PlantingStudy.kilograms(plan, bed, planting));
    }
}
