package fairacre.wheels;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.walk.WalkStudy;
import java.util.List;

/** The ground that chairs, barrows and the like roll over. */
public final class WheelCapability implements Capability {

    @Override
    public List<WheelRule> rules() {
        return List.of(WheelRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return context.plan().gardeners().isEmpty()
                ? List.of()
                : List.of(new Finder("steep walks", () -> new SteepWalkSnags(context).find(walks(context))));
    }

    /** What nothing rolls over is not looked at. */
    @Override
    public List<Finder> slow(SnagContext context) {
        return context.plan().gardeners().isEmpty()
                        || Rolling.all(context.plan()).isEmpty()
                ? List.of()
                : List.of(
                        new Finder("bare ground under wheels", () -> new BareGroundSnags(context).find(walks(context))),
                        new Finder(
                                "steep ground under wheels", () -> new SteepGroundSnags(context).find(walks(context))),
                        new Finder("steps for wheels", () -> new StepSnags(context).find(walks(context))));
    }

    private static WalkStudy walks(SnagContext context) {
        return context.study(WalkStudy.class);
    }
}
