package fairacre.frost;

import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** When it freezes. */
public final class FrostCapability implements ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(FrostKinds.FROSTS);
    }
}
