package fairacre.water;

import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/** Puts beds together that want about the same, so that they can be watered at once. */
final class LikeNeed {

    private final Map<UUID, List<ZoneMinutes.Weekly>> minutes = new HashMap<>();

    /** @param valved the garden with a valve for each bed, so that it is known how long each would run by itself */
    LikeNeed(Plan valved, int season) {
        WaterStudy study = WaterStudy.of(valved, season, valved.standing(season), Memo.none());
        List<ZoneMinutes> programme = study.water().programme().zones();
        for (int i = 0; i < programme.size(); i++) {
            for (BedWater bed : study.zones().get(i).beds()) {
                minutes.put(bed.bed(), programme.get(i).months());
            }
        }
    }

    /**
     * From the one that wants least to the thirstiest, in the month in which most is wanted: a new group begins where
     * what is together would be unlike.
     */
    List<List<StandingBed>> groups(List<StandingBed> beds) {
        int month = IntStream.range(0, Climate.MONTHS)
                .boxed()
                .max(Comparator.comparingDouble(each -> wanted(beds, each).getMax()))
                .orElseThrow();
        List<List<StandingBed>> groups = new ArrayList<>();
        for (StandingBed bed : beds.stream()
                .sorted(Comparator.comparingDouble(each -> minutes(each, month)))
                .toList()) {
            if (!groups.isEmpty()) {
                List<StandingBed> with = new ArrayList<>(groups.get(groups.size() - 1));
                with.add(bed);
                if (areAlike(with)) {
                    groups.set(groups.size() - 1, with);
                    continue;
                }
            }
            groups.add(List.of(bed));
        }
        return groups;
    }

    /** In the month in which they would run longest. */
    private boolean areAlike(List<StandingBed> together) {
        return IntStream.range(0, Climate.MONTHS)
                .mapToObj(month -> wanted(together, month))
                .max(Comparator.comparingDouble(DoubleSummaryStatistics::getMax))
                .filter(wanted -> wanted.getMax() >= wanted.getMin() * ZoneMinutes.LIKE)
                .isEmpty();
    }

    /** Minutes of those that are watered in a month. */
    private DoubleSummaryStatistics wanted(List<StandingBed> together, int month) {
        return together.stream()
                .mapToDouble(bed -> minutes(bed, month))
                .filter(each -> each > 0)
                .summaryStatistics();
    }

    private double minutes(StandingBed bed, int month) {
        List<ZoneMinutes.Weekly> months = minutes.getOrDefault(bed.id(), List.of());
        return months.isEmpty() ? 0 : months.get(month).minutes();
    }
}
