package fairacre.rotation;

import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** What grows where over the years. */
public final class RotationCapability implements ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(RotationKinds.LOCKS);
    }
}
