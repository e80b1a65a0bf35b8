package fairacre.years;

import fairacre.cost.CostStudy;
import fairacre.crop.PlantingKinds;
import fairacre.journal.JournalEntry;
import fairacre.plan.Plan;
import fairacre.work.WorkStudy;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** In which bed something happened. */
final class Places {

    private final Map<UUID, UUID> beds = new HashMap<>();

    Places(CostStudy costs) {
        Plan plan = costs.takeoff().plan();
        costs.jobs().stream()
                .filter(job -> job.served().isBed())
                .forEach(job -> beds.put(job.about(), job.served().id()));
        plan.list(PlantingKinds.PLANTINGS).forEach(planting -> beds.put(planting.id(), planting.bed()));
        plan.beds().forEach(bed -> beds.put(bed.id(), bed.id()));
    }

    /** All that belongs to a bed, itself included. */
    Set<UUID> of(UUID bed) {
        return beds.entrySet().stream()
                .filter(each -> each.getValue().equals(bed))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** The bed that an entry is about, or in which its work was done; empty for what is about no bed of the plan. */
    Optional<UUID> bedOf(JournalEntry entry) {
        return entry.place()
                .or(() -> entry.done().flatMap(done -> WorkStudy.about(done.task())))
                .map(beds::get);
    }
}
