package fairacre.fence;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Material;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.OwnItems;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Fences and what they keep out. */
public final class FenceCapability implements Capability, ThingKinds, PriceList, OwnItems, TakeoffSource, WorkRates {

    @Override
    public List<Things<?>> kinds() {
        return FenceKinds.all();
    }

    @Override
    public List<FenceRule> rules() {
        return List.of(FenceRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("what the fences keep out", () -> new PestSnags(context).find()),
                new Finder("where fences and their gates lead", () -> new LineSnags(context).find()),
                new Finder("how gates open", () -> new GateSnags(context).find()),
                new Finder("where the posts of fences stand", () -> new PostSnags(context).find()));
    }

    @Override
    public Stream<Material> timbers(Plan plan) {
        return plan.list(FenceKinds.FENCES).stream().map(Fence::timber);
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new FenceWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return FencePrices.offers();
    }

    @Override
    public Optional<Double> kilograms(PriceItem item) {
        return FencePrices.kilograms(item);
    }

    @Override
    public Stream<WorkRate> rates() {
        return FenceRates.all();
    }
}
