package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Raising;
import fairacre.catalogue.Varieties;
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
    /** What grew in earlier years is noted from the fifth month of the season to the ninth. */
    private static final int SPRING = 4;

    private static final int AUTUMN = 9;

    private NewPlantings() {}

    /**
     * @param crop its key in the catalogue
     * @param variety of it; empty for the crop as the catalogue has it
     * @throws RefusedException if there is no such crop, or no bed
     */
    public static Change of(
            Plan plan, int season, String crop, Optional<UUID> variety, List<UUID> beds, Supplier<UUID> ids) {
        Crop grown = Varieties.asked(plan, crop, variety);
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

    /** The edit that notes what grew in all of a bed before the program came: for a summer. */
    public static Change noted(Plan plan, int season, String crop, Optional<UUID> variety, UUID bed, UUID id) {
        Crop grown = Varieties.asked(plan, crop, variety);
        plan.bed(bed);
        LocalDate begins = plan.yearBegins().atYear(season);
        return Put.of(begun(grown, bed, id, begins.plusMonths(SPRING)).cleared(begins.plusMonths(AUTUMN)));
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
        Planting planting = begun(crop, bed, id, from);
        LocalDate harvested = planting.ripe(crop).plusDays(HARVEST);
        LocalDate ends = times.ripenBefore(sown(crop, bed), from)
                .filter(end -> end.isAfter(planting.ripe(crop)) && end.isBefore(harvested))
                .orElse(harvested);
        return planting.cleared(
                crop.perennial().map(years -> from.plusYears(years.life())).orElse(ends));
    }

    /** In all of a bed, as it is usually grown, for a day. */
    private static Planting begun(Crop crop, UUID bed, UUID id, LocalDate from) {
        return new Planting(
                id,
                crop.name(),
                crop.key(),
                crop.variety(),
                bed,
                BedPart.WHOLE,
                crop.spacing().toTheSquareFoot().isPresent() ? Layout.ROWS_ALONG : Layout.STAGGERED,
                Optional.empty(),
                Optional.empty(),
                raising(crop),
                false,
                from,
                from.plusDays(1));
    }

    /**
     * Days on which a crop may come into a bed and still ripens: the first of the season, the last, and up to three
     * between them, four weeks apart or more. One for what stands through the winter or lasts for years.
     */
    public static List<LocalDate> days(SowingTimes times, Crop crop, UUID bed) {
        SowingTimes.Sown sown = sown(crop, bed);
        LocalDate first = times.firstOfSeason(sown);
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
