package fairacre.frame;

import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** The boards round a bed. */
public final class FrameCapability implements Capability, TakeoffSource, WorkRates {

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

    @Override
    public Stream<WorkRate> rates() {
        return FrameRates.all();
    }
}
