package fairacre.surface;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** What walks and drains are made of. */
public final class SurfaceCapability implements Capability {

    @Override
    public List<SurfaceRule> rules() {
        return List.of(SurfaceRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("drains", () -> new DrainSnags(context).find()),
                new Finder("what walks are made of", () -> new SurfaceSnags(context).find()));
    }
}
