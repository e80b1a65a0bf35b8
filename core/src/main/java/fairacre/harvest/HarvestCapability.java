package fairacre.harvest;

import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** What the household eats. */
public final class HarvestCapability implements ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(HarvestKinds.HOUSEHOLD, HarvestKinds.WISHES);
    }
}
