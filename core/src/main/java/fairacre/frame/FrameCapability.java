package fairacre.frame;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;

/** The boards round a bed. */
public final class FrameCapability implements Capability, TakeoffSource {

    @Override
    public List<FrameRule> rules() {
        return List.of(FrameRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("frames", () -> new FrameSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        FrameWants.takeOff(takeoff);
    }
}
