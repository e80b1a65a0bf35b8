package fairacre.crew;

import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** Who works on the garden, and when. */
public final class CrewCapability implements ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(CrewKinds.WORKERS, CrewKinds.RAIN_DAYS, CrewKinds.KEPT_DAYS, CrewKinds.WORK_SEASONS);
    }
}
