package fairacre.hoop;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** Hoops over beds. */
public final class HoopCapability implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates {

    @Override
    public List<Things<?>> kinds() {
        return List.of(HoopKinds.SETS);
    }

    @Override
    public List<HoopRule> rules() {
        return List.of(HoopRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("how hoops fit their beds", () -> new HoopSnags(context).find()),
                new Finder("what nets keep off and catch", () -> new NetSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new HoopWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return HoopPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return HoopRates.all();
    }
}
