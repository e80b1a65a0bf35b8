package fairacre.compost;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.walk.WalkStudy;
import java.util.List;

/** Compost bays, and how far the beds are from them. */
public final class CompostCapability implements Capability, ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(CompostKinds.BAYS);
    }

    @Override
    public List<CompostRule> rules() {
        return List.of(CompostRule.values());
    }

    @Override
    public List<Finder> slow(SnagContext context) {
        return List.of(
                new Finder("how far the compost is", () -> new FarSnags(context).find(context.study(WalkStudy.class))));
    }
}
