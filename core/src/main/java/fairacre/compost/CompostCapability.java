package fairacre.compost;

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
import fairacre.walk.WalkStudy;
import java.util.List;
import java.util.stream.Stream;

/** Compost bays, and how far the beds are from them. */
public final class CompostCapability implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates {

    @Override
    public List<Things<?>> kinds() {
        return List.of(CompostKinds.BAYS);
    }

    @Override
    public List<CompostRule> rules() {
        return List.of(CompostRule.values());
    }

    @Override
    public List<Finder> slow(SnagContext context) {
        return List.of(
                new Finder("how far the compost is", () -> new FarSnags(context).find(context.study(WalkStudy.class))));
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("room to turn compost", () -> new RoomSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new BayWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return CompostPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return BayWants.rates();
    }
}
