package fairacre.trellis;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.sun.ShadeSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** What plants climb on. */
public final class TrellisCapability
        implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates, ShadeSource {

    @Override
    public List<Things<?>> kinds() {
        return List.of(TrellisKinds.TRELLISES);
    }

    @Override
    public List<TrellisRule> rules() {
        return List.of(TrellisRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("how trellises stand", () -> new TrellisSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new TrellisWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return TrellisPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return TrellisWants.rates();
    }

    @Override
    public Stream<Shade> shades(Plan plan, int season, boolean bare) {
        return TrellisKinds.trellises(plan, season).stream()
                .flatMap(trellis -> TrellisShade.of(plan, trellis, bare).stream());
    }
}
