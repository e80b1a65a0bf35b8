package fairacre.sun;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** The sun on the beds. */
public final class SunCapability implements Capability, ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return SunKinds.all();
    }

    @Override
    public List<SunRule> rules() {
        return List.of(SunRule.values());
    }

    @Override
    public List<Finder> inFull(SnagContext context) {
        return List.of(new Finder("what shades the beds", () -> new ShadeSnags(context).find()));
    }
}
