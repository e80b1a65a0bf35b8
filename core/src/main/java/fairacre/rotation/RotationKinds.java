package fairacre.rotation;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** What stays as it is while the years are planned, as a kind of thing of the plan. */
public final class RotationKinds {

    private static final int MOST = 2000;

    public static final Things<PlantingLock> LOCKS = new Things<>(
            PlantingLock.class,
            "plantingLock",
            "plantingLocks",
            MOST,
            PlantingLock::id,
            lock -> "a planting",
            (terms, lock) -> {},
            new Things.Words("Locked %s", "Unlocked %s", "a lock of a planting"),
            Things.Seasons.all());

    private RotationKinds() {}

    static Set<UUID> locked(Plan plan) {
        return plan.list(LOCKS).stream().map(PlantingLock::planting).collect(Collectors.toSet());
    }
}
