package fairacre.hoop;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.over.Fabric;
import fairacre.over.FabricSource;
import fairacre.over.ShelterSource;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.sun.ShadeSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** Hoops over beds. */
public final class HoopCapability
        implements Capability,
                ThingKinds,
                PriceList,
                TakeoffSource,
                WorkRates,
                FabricSource,
                ShadeSource,
                ShelterSource {

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
        return List.of(new Finder("how hoops fit their beds", () -> new HoopSnags(context).find()));
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

    @Override
    public Stream<Laid> laid(Plan plan, int season) {
        return HoopKinds.sets(plan, season).stream()
                .filter(set -> set.cover() != Fabric.NONE)
                .map(set -> new Laid(
                        set.id(),
                        set.name(),
                        set.cover(),
                        set.beds(season).toList(),
                        fabric -> Put.of(set.withCover(fabric)),
                        bed -> Put.of(set.without(bed, season))));
    }

    @Override
    public Stream<Shelter> shelters(Plan plan, int season) {
        return HoopKinds.sets(plan, season).stream()
                .filter(set -> ShelterSource.weeks(set.cover()) > 0)
                .flatMap(set -> set.beds(season).map(bed -> new Shelter(bed, ShelterSource.weeks(set.cover()), true)));
    }

    @Override
    public Stream<Shade> shades(Plan plan, int season, boolean bare) {
        return HoopShade.of(plan, season);
    }
}
