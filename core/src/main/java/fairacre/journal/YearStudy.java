package fairacre.journal;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Varieties;
import fairacre.harvest.HarvestStudy;
import fairacre.harvest.HarvestTold;
import fairacre.plan.Plan;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** A season as it was planned and as it went. */
public final class YearStudy {

    private YearStudy() {}

    /**
     * What was picked of a crop, or of a variety of it.
     *
     * @param crop its key in the catalogue
     */
    public record PickedCrop(String crop, Optional<UUID> variety, Picked picked) {}

    /**
     * A crop in the season, its varieties together.
     *
     * @param crop its key in the catalogue; of a crop of one's own its id
     * @param planned kilograms that the plantings give, as is usual
     */
    public record CropYear(String crop, String name, double planned, Picked picked) {}

    /** Each harvest of the journal by itself. */
    public static List<PickedCrop> picked(List<JournalEntry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.harvest().stream())
                .map(harvest -> new PickedCrop(harvest.crop(), harvest.variety(), harvest.picked()))
                .toList();
    }

    /** The crops that were planted or picked, by name. */
    public static List<CropYear> of(Plan plan, int season, List<PickedCrop> picked) {
        Map<String, CropYear> years = new HashMap<>();
        for (HarvestTold.Food food : HarvestStudy.of(plan, season).foods()) {
            if (food.harvest().usual() > 0) {
                add(years, new CropYear(food.crop(), food.name(), food.harvest().usual(), Picked.NOTHING));
            }
        }
        for (PickedCrop each : picked) {
            Crop crop = Varieties.grown(plan, each.crop(), each.variety());
            String name = Crops.of(crop.kind()).orElse(crop).name();
            add(years, new CropYear(crop.kind(), name, 0, each.picked()));
        }
        return years.values().stream()
                .sorted(Comparator.comparing(CropYear::name))
                .toList();
    }

    private static void add(Map<String, CropYear> years, CropYear more) {
        years.merge(
                more.crop(),
                more,
                (one, other) -> new CropYear(
                        one.crop(),
                        one.name(),
                        one.planned() + other.planned(),
                        one.picked().plus(other.picked())));
    }
}
