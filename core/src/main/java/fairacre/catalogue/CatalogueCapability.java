package fairacre.catalogue;

import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** Own crops and varieties. */
public final class CatalogueCapability implements ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(Varieties.VARIETIES);
    }
}
