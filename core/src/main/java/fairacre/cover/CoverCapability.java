package fairacre.cover;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
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

/** Covers on beds. */
public final class CoverCapability
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
        return List.of(CoverKinds.COVERS);
    }

    @Override
    public List<CoverRule> rules() {
        return List.of(CoverRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("how covers stand on their beds", () -> new CoverSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new CoverWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return CoverPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return CoverWants.rates();
    }

    @Override
    public Stream<Laid> laid(Plan plan, int season) {
        return CoverKinds.covers(plan, season).stream()
                .filter(cover -> cover.kind() == CoverKind.NET_CAGE)
                .map(cover -> new Laid(
                        cover.id(),
                        cover.name(),
                        cover.fabric(),
                        cover.beds(season).toList(),
                        fabric -> Put.of(cover.under(fabric)),
                        bed -> Put.of(cover.without(bed, season))));
    }

    @Override
    public Stream<Shelter> shelters(Plan plan, int season) {
        return CoverKinds.covers(plan, season).stream()
                .filter(cover -> cover.kind() != CoverKind.NET_CAGE)
                .flatMap(cover -> cover.beds(season).map(bed -> new Shelter(bed, CLEAR, true)));
    }

    @Override
    public Stream<Shade> shades(Plan plan, int season, boolean bare) {
        return CoverKinds.covers(plan, season).stream().flatMap(cover -> CoverShade.of(plan, cover, season));
    }
}
