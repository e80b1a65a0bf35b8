package fairacre.arch;

import fairacre.bill.BillPart;
import fairacre.bill.PriceList;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.measure.Area;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** Arches between beds. */
public final class ArchCapability implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates {

    /** A panel lasts so many seasons (common practice). */
    private static final int YEARS = 15;

    private static final WorkRate PUT_UP = new WorkRate(
                    "arch/put-up",
                    "Bending a panel to an arch and staking it, by two",
                    60,
                    "arch",
                    "a rough guess, from memory",
                    Stage.STRUCTURES)
            .byTwo();

    @Override
    public List<Things<?>> kinds() {
        return List.of(ArchKinds.ARCHES);
    }

    @Override
    public List<ArchRule> rules() {
        return List.of(ArchRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("where arches stand", () -> new ArchSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        takeoff.plan()
                .list(ArchKinds.ARCHES)
                .forEach(arch -> takeoff.lasting(
                        Served.place(arch.id()), "Panel", arch.lifetime(), Lasts.about(YEARS), season -> {
                            Area panel = Area.squareMetres(
                                    arch.panel().metres() * arch.width().metres());
                            takeoff.area(
                                    season, BillPart.STRUCTURES, ArchPrices::panel, panel, Served.place(arch.id()));
                            takeoff.pieces(
                                    season,
                                    BillPart.STRUCTURES,
                                    ArchPrices.STAKE,
                                    stakes(arch),
                                    1,
                                    Served.place(arch.id()));
                            takeoff.work(season, PUT_UP, 1, Served.place(arch.id()));
                        }));
    }

    /** As many as hold it in the wind; of a panel that is too short a pair at each foot. */
    private static int stakes(Arch arch) {
        return Headroom.bow(arch.panel(), arch.span())
                .map(bow -> ArchWind.hold(arch, bow).stakes())
                .orElse(ArchWind.FEWEST_STAKES);
    }

    @Override
    public Stream<Offer> offers() {
        return ArchPrices.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return Stream.of(PUT_UP);
    }
}
