package fairacre.tunnel;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.outline.Polygons;
import fairacre.over.ShelterSource;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.shape.Areas;
import fairacre.sun.ShadeSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/** Walk-in tunnels. */
public final class TunnelCapability
        implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates, ShadeSource, ShelterSource {

    @Override
    public List<Things<?>> kinds() {
        return List.of(TunnelKinds.TUNNELS);
    }

    @Override
    public List<TunnelRule> rules() {
        return List.of(TunnelRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("how tunnels stand", () -> new TunnelSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new TunnelWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return TunnelPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return TunnelWants.rates();
    }

    @Override
    public Stream<Shelter> shelters(Plan plan, int season) {
        List<WalkInTunnel> tunnels = TunnelKinds.tunnels(plan, season);
        return tunnels.isEmpty()
                ? Stream.empty()
                : plan.standing(season).stream()
                        .filter(bed -> tunnels.stream().anyMatch(tunnel -> isIn(bed, tunnel)))
                        .map(bed -> new Shelter(bed.id(), CLEAR, false));
    }

    /** By the greater part of it. */
    private static boolean isIn(StandingBed bed, WalkInTunnel tunnel) {
        Polygon soil = Polygons.of(bed.corners());
        return Areas.shared(soil, Polygons.of(tunnel.place().corners())).getArea() > soil.getArea() / 2;
    }

    @Override
    public Stream<Shade> shades(Plan plan, int season, boolean bare) {
        return TunnelShade.of(plan, season);
    }
}
