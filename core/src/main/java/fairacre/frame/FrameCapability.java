package fairacre.frame;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** The boards round a bed. */
public final class FrameCapability implements Capability {

    @Override
    public List<FrameRule> rules() {
        return List.of(FrameRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("frames", () -> new FrameSnags(context).find()));
    }
}
