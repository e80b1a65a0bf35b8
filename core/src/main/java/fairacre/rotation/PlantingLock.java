package fairacre.rotation;

import fairacre.limits.Limits;
import java.util.UUID;

/**
 * Holds a planting where and when it is while the years are planned.
 *
 * @param planting of the plan; one that is gone holds nothing
 */
public record PlantingLock(UUID id, UUID planting) {
    public PlantingLock {
        Limits.present(id, "id");
        Limits.present(planting, "planting");
    }
}
