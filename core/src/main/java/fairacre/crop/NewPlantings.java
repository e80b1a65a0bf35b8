package fairacre.crop;

import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/** Plantings to begin with: a crop in whole beds, as it is usually grown, from the day on which it may go out. */
public final class NewPlantings {

    /** What is harvested more than once stays so much longer (a rough guess), days. */
    static final int HARVEST = 30;

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
        Raising raising = raising(crop);
        SowingTimes.Sown sown = new SowingTimes.Sown(crop, raising, Optional.of(bed));
        LocalDate from = times.first(sown);
        Planting planting = new Planting(
                id,
                crop.name(),
                crop.key(),
                bed,
                BedPart.WHOLE,
                crop.spacing().toTheSquareFoot().isPresent() ? Layout.ROWS_ALONG : Layout.STAGGERED,
                Optional.empty(),
                Optional.empty(),
                raising,
                false,
                from,
                from.plusDays(1));
        LocalDate harvested = planting.ripe().plusDays(HARVEST);
        LocalDate ends = times.ripenBefore(sown, from)
                .filter(end -> end.isAfter(planting.ripe()) && end.isBefore(harvested))
                .orElse(harvested);
        return planting.cleared(
                crop.perennial().map(years -> from.plusYears(years.life())).orElse(ends));
    }
}
