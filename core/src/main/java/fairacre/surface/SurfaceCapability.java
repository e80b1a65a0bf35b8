package fairacre.surface;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** What walks and drains are made of. */
public final class SurfaceCapability implements Capability, PriceList, TakeoffSource, WorkRates {

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

    @Override
    public void takeOff(Takeoff takeoff) {
        SurfaceWants.takeOff(takeoff);
    }

    @Override
    public Stream<WorkRate> rates() {
        return SurfaceRates.all();
    }

    @Override
    public Stream<Offer> offers() {
        return SurfacePrices.offers();
    }
}
