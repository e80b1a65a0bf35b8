package fairacre.walk;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** Who and what gets through, and where to. */
public final class WalkCapability implements Capability {

    @Override
    public List<WalkRule> rules() {
        return List.of(WalkRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return context.plan().gardeners().isEmpty()
                ? List.of()
                : List.of(
                        new Finder("the walks", () -> new WalkSnags(context).find(walks(context))),
                        new Finder("the aisles of beds", () -> new AisleSnags(context).find(walks(context))),
                        new Finder("who gets to what stands there", () -> new ThingSnags(context).find(walks(context))),
                        new Finder("what gets through", () -> new CarrierSnags(context).find(walks(context))));
    }

    @Override
    public List<Finder> slow(SnagContext context) {
        return context.plan().gardeners().isEmpty()
                ? List.of()
                : List.of(
                        new Finder("dead ends", () -> new CarrierSnags(context).findDeadEnds(walks(context))),
                        new Finder(
                                "places to pass",
                                () -> new CarrierSnags(context).findTooLongWithoutPassing(walks(context))));
    }

    private static WalkStudy walks(SnagContext context) {
        return context.study(WalkStudy.class);
    }
}
