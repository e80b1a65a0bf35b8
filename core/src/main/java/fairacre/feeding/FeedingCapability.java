package fairacre.feeding;

import fairacre.bill.BillPart;
import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.feeding.FeedingTold.Bought;
import fairacre.fill.TopUpSource;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/** What is spread on beds: compost for what grows there, lime and fertiliser by a test of their soil, mulch. */
public final class FeedingCapability implements ThingKinds, PriceList, TakeoffSource, TopUpSource, WorkRates {

    @Override
    public List<Things<?>> kinds() {
        return List.of(FeedingKinds.SOIL_TESTS, FeedingKinds.MULCHES);
    }

    @Override
    public Stream<Offer> offers() {
        return Stream.concat(Amendment.offers(), MulchWants.offers());
    }

    @Override
    public Stream<WorkRate> rates() {
        return Stream.of(MulchWants.LAYING);
    }

    @Override
    public Map<UUID, Length> topUps(Plan plan, int season) {
        return FeedingStudy.depths(plan, season);
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        FeedingStudy.seasons(takeoff.plan())
                .forEach(season -> takeOff(season, FeedingStudy.of(takeoff.plan(), season), takeoff));
        MulchWants.takeOff(takeoff);
    }

    /** Whole bags are shared out over the beds by what each gets. */
    private static void takeOff(int season, FeedingTold told, Takeoff takeoff) {
        for (Bought bought : told.bought()) {
            told.beds()
                    .forEach(bed -> bed.doses().stream()
                            .filter(dose -> dose.amendment() == bought.amendment())
                            .forEach(dose -> takeoff.pieces(
                                    season,
                                    BillPart.FILL,
                                    dose.amendment().item(),
                                    bought.bags() * dose.kilograms() / bought.kilograms(),
                                    1,
                                    Served.bed(bed.bed()))));
        }
    }
}
