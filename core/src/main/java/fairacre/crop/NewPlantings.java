package fairacre.crop;

import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Plantings to begin with: a crop in whole beds, as it is usually grown, from the day on which it may go out. */
public final class NewPlantings {

    /** What is harvested more than once stays so much longer (a rough guess), days. */
    public static final int HARVEST = 30;

    /** Days that are offered lie at least so far apart. */
    private static final int STEP = 28;
    /** They go once round the year. */
    private static final int STEPS = 12;
    /** So many days are offered between the first and the last. */
    private static final int BETWEEN = 3;

    private NewPlantings() {}

    /** @throws RefusedException if there is no such crop, or no bed */
    public static Change of(Plan plan, int season, String crop, List<UUID> beds, Supplier<UUID> ids) {
        Crop grown = Crops.of(crop)
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        List<UUID> there = plan.standing(season).stream()
                .map(bed -> bed.id())
                .filter(beds::contains)
                .toList();
        if (there.isEmpty()) {
            throw new RefusedException(
                    "beds", "no bed is chosen that is there in " + season, "select a bed on the sheet");
        }
        SowingTimes times = new SowingTimes(plan, season);
        List<Change> changes = there.stream()
                .<Change>map(bed -> Put.of(planting(times, grown, bed, ids.get())))
                .toList();
        return changes.size() == 1
                ? changes.get(0)
                : new Change.Batch("Plant " + grown.name() + " in " + changes.size() + " beds", changes);
    }

    /** In the bed where it can be, else indoors, else it is bought. */
    static Raising raising(Crop crop) {
        return Arrays.stream(Raising.values()).filter(crop::grows).findFirst().orElseThrow();
    }

    /** In all of a bed, from the first day on. */
    static Planting planting(SowingTimes times, Crop crop, UUID bed, UUID id) {
        return planting(times, crop, bed, id, times.first(sown(crop, bed)));
    }

    private static SowingTimes.Sown sown(Crop crop, UUID bed) {
        return new SowingTimes.Sown(crop, raising(crop), Optional.of(bed));
    }

    /** In all of a bed, from a day on until it is harvested or frost ends its growth. */
    public static Planting planting(SowingTimes times, Crop crop, UUID bed, UUID id, LocalDate from) {
        Planting planting = new Planting(
                id,
                crop.name(),
                crop.key(),
                bed,
                BedPart.WHOLE,
                crop.spacing().toTheSquareFoot().isPresent() ? Layout.ROWS_ALONG : Layout.STAGGERED,
                Optional.empty(),
                Optional.empty(),
                raising(crop),
                false,
                from,
                from.plusDays(1));
        LocalDate harvested = planting.ripe().plusDays(HARVEST);
        LocalDate ends = times.ripenBefore(sown(crop, bed), from)
                .filter(end -> end.isAfter(planting.ripe()) && end.isBefore(harvested))
                .orElse(harvested);
        return planting.cleared(
                crop.perennial().map(years -> from.plusYears(years.life())).orElse(ends));
    }

    /**
     * Days on which a crop may come into a bed and still ripens: the first of the season, the last, and up to three
     * between them, four weeks apart or more. One for what stands through the winter or lasts for years.
     */
    public static List<LocalDate> days(SowingTimes times, Crop crop, UUID bed) {
        SowingTimes.Sown sown = sown(crop, bed);
        LocalDate first = times.first(sown);
        LocalDate last = Stream.iterate(first, day -> day.plusDays(STEP))
                .limit(STEPS)
                .flatMap(day -> times.last(sown, day).stream())
                .findFirst()
                .orElseGet(() -> times.ripensInAnyMonth(crop) ? first.plusDays((STEPS - 1L) * STEP) : first);
        long step = Math.max(STEP, (ChronoUnit.DAYS.between(first, last) + BETWEEN) / (BETWEEN + 1));
        return Stream.concat(
                        Stream.iterate(first, day -> day.isBefore(last), day -> day.plusDays(step)), Stream.of(last))
                .filter(day -> !day.isBefore(first) && times.flaw(sown, day).isEmpty())
                .distinct()
                .toList();
    }
}
