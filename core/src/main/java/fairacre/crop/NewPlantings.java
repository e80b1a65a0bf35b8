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

    /**
     * Until gardeners enter theirs, the last frost is taken to come so (a guess of our own): 1 May, in the south 1
     * November.
     */
    private static final int NORTH = 5;

    private static final int SOUTH = 11;
    /** What is harvested more than once stays so much longer (a guess of our own), days. */
    private static final int HARVEST = 30;

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
        List<Change> changes = there.stream()
                .<Change>map(bed -> Put.of(planting(plan, season, grown, bed, ids.get())))
                .toList();
        return changes.size() == 1
                ? changes.get(0)
                : new Change.Batch("Plant " + grown.name() + " in " + changes.size() + " beds", changes);
    }

    private static Planting planting(Plan plan, int season, Crop crop, UUID bed, UUID id) {
        Raising raising =
                Arrays.stream(Raising.values()).filter(crop::grows).findFirst().orElseThrow();
        LocalDate from = inSeason(plan, season, lastFrost(plan, season).plusWeeks(crop.from()));
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
        LocalDate ripe = planting.ripe().plusDays(HARVEST);
        return planting.cleared(
                crop.perennial().map(years -> from.plusYears(years.life())).orElse(ripe));
    }

    /** On the same day of the season's own year, if it would fall into another season. */
    private static LocalDate inSeason(Plan plan, int season, LocalDate day) {
        return day.plusYears(season - (long) Plan.season(day, plan.yearBegins()));
    }

    private static LocalDate lastFrost(Plan plan, int season) {
        boolean south = plan.site().latitude() < 0;
        return inSeason(plan, season, LocalDate.of(season, south ? SOUTH : NORTH, 1));
    }
}
