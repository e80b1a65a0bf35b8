package fairacre.crop;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.shape.Areas;
import fairacre.sun.StandSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;

/** What grows in the beds. */
public final class CropCapability implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates, StandSource {

    @Override
    public List<Things<?>> kinds() {
        return List.of(PlantingKinds.PLANTINGS);
    }

    @Override
    public List<CropRule> rules() {
        return List.of(CropRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder("what grows where", () -> new CropSnags(context).find()),
                new Finder("when things are sown", () -> new SowingSnags(context).find()),
                new Finder("what seed there is", () -> new SeedSnags(context).find()));
    }

    /** Whoever plants later or takes something out knows that soil lies bare for as long. */
    @Override
    public List<Finder> inFull(SnagContext context) {
        return List.of(new Finder("what lies bare", () -> new BareSnags(context).find()));
    }

    @Override
    public Stream<Stand> stands(Plan plan, int season, List<LocalDate> days) {
        List<StandingBed> standing = plan.standing(season);
        return PlantingKinds.plantings(plan, season).stream()
                .flatMap(planting -> PlantingStudy.bed(standing, planting.bed()).stream()
                        .flatMap(bed -> Areas.parts(PlantPlaces.ground(plan, bed, planting)).stream()
                                .map(soil -> new Stand(
                                        planting.id(),
                                        soil,
                                        bed.height().metres(),
                                        days.stream()
                                                .map(day -> PlantingStudy.height(plan, planting, day))
                                                .toList()))))
                .filter(stand -> !stand.soil().isEmpty());
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new CropWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return CropPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return CropWants.rates();
    }
}
