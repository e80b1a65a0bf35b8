package fairacre.husbandry;

import fairacre.catalogue.Habit;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingStudy;
import fairacre.plan.Plan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What climbers weigh in full crop. Half of a year's yield hangs there at a time, and leaves and stems weigh as much
 * again (rough guesses): together as much as the yield of the year.
 */
final class Climbers {

    private Climbers() {}

    /** Kilograms by bed, on the day on which most grows there. */
    static Map<UUID, Double> of(Plan plan, int season) {
        List<Planting> climbers = PlantingKinds.plantings(plan, season).stream()
                .filter(planting -> planting.grown(plan).habit() == Habit.CLIMBER)
                .toList();
        Map<UUID, Double> most = new HashMap<>();
        for (Planting planting : climbers) {
            double together = climbers.stream()
                    .filter(other -> other.bed().equals(planting.bed()) && other.grows(planting.from()))
                    .mapToDouble(other -> kilograms(plan, season, other))
                    .sum();
            most.merge(planting.bed(), together, Math::max);
        }
        return most;
    }

    private static double kilograms(Plan plan, int season, Planting planting) {
        return plan.standing(season).stream()
                .filter(bed -> bed.id().equals(planting.bed()))
                .mapToDouble(bed -> PlantingStudy.kilograms(plan, bed.revision(), planting))
                .sum();
    }
}
