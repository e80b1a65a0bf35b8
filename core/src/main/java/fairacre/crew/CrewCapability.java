package fairacre.crew;

import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.UUID;

/** Who works on the garden, and when. */
public final class CrewCapability implements ThingKinds, TakeoffSource {

    @Override
    public List<Things<?>> kinds() {
        return List.of(
                CrewKinds.WORKERS,
                CrewKinds.RAIN_DAYS,
                CrewKinds.KEPT_DAYS,
                CrewKinds.WORK_SEASONS,
                CrewKinds.OWN_TASKS,
                CrewKinds.DELIVERIES,
                CrewKinds.INCOMES,
                CrewKinds.HIRES,
                CrewKinds.OWN_RATES);
    }

    private static boolean isBed(Plan plan, UUID place) {
        return plan.beds().stream().anyMatch(bed -> bed.id().equals(place));
    }

    /** Tasks of one's own, those of them that have a season. */
    @Override
    public void takeOff(Takeoff takeoff) {
        takeoff.plan()
                .list(CrewKinds.OWN_TASKS)
                .forEach(task -> task.season().ifPresent(season -> {
                    Served served = task.place()
                            .map(place -> new Served(place, isBed(takeoff.plan(), place)))
                            .orElseGet(() -> Served.place(task.id()));
                    if (task.day().isPresent()) {
                        takeoff.work(
                                season,
                                task.rate(),
                                1,
                                served,
                                served.id(),
                                task.day().get());
                    } else {
                        takeoff.work(season, task.rate(), 1, served);
                    }
                }));
    }
}
