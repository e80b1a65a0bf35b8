package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.frost.WarmthSource;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.OwnItems;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.sun.RadiationSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Water from a tap or a barrel through pipes to the beds. */
public final class WaterCapability
        implements Capability,
                ThingKinds,
                PriceList,
                OwnItems,
                TakeoffSource,
                WorkRates,
                RadiationSource,
                WarmthSource {

    @Override
    public List<Things<?>> kinds() {
        return WaterKinds.all();
    }

    @Override
    public List<WaterRule> rules() {
        return List.of(WaterRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("how the beds are watered", () -> new WaterSnags(context).find()),
                new Finder("whether there is water for the crops", () -> new ThirstSnags(context).find()),
                new Finder("when the beds are watered", () -> new ProgrammeSnags(context).find()),
                new Finder("where manifolds are", () -> new ManifoldSnags(context).find()),
                new Finder("where valves are", () -> new RunValveSnags(context).find()),
                new Finder("what sprinklers wet", () -> new SpraySnags(context).find()),
                new Finder("where pipes lead", () -> new PipeSnags(context).find()));
    }

    @Override
    public List<MonthRadiation> radiation(Plan plan) {
        return WaterNeed.radiation(plan);
    }

    @Override
    public List<MonthWarmth> warmth(Plan plan) {
        return plan.list(WaterKinds.CLIMATES).stream()
                .flatMap(climate -> climate.months().stream())
                .map(month -> new MonthWarmth(month.lowest(), month.highest()))
                .toList();
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new WaterWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return WaterPrices.offers();
    }

    @Override
    public Optional<PriceItem> own(String key) {
        return WaterPrices.own(key);
    }

    @Override
    public Stream<PriceItem> ownItems(Plan plan) {
        return PipeKind.ownOf(plan).stream().map(kind -> kind.soldAs(plan.units()));
    }

    @Override
    public Stream<WorkRate> rates() {
        return WaterRates.all();
    }
}
