package fairacre.husbandry;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** How crops go with each other and with their beds. */
public final class HusbandryCapability implements Capability, ThingKinds {

    @Override
    public List<Things<?>> kinds() {
        return List.of(HusbandryKinds.LEFT_ASIDE);
    }

    @Override
    public List<HusbandryRule> rules() {
        return List.of(HusbandryRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("which families return", () -> new FamilySnags(context).find()),
                new Finder("what grows together", () -> new CompanySnags(context).find()),
                new Finder("what crops want", () -> new CareSnags(context).find()));
    }

    @Override
    public List<Finder> inFull(SnagContext context) {
        return List.of(new Finder("what sun crops have", () -> new SunSnags(context).find()));
    }
}
