package fairacre.furniture;

import fairacre.bill.PriceList;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import fairacre.plan.OwnItems;
import fairacre.plan.Plan;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import fairacre.sun.ShadeSource;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.TakeoffSource;
import java.util.List;
import java.util.stream.Stream;

/** Benches, tables, racks, stands, bins, and what is one's own. */
public final class FurnitureCapability
        implements Capability, ThingKinds, PriceList, TakeoffSource, WorkRates, ShadeSource, OwnItems {

    @Override
    public List<Things<?>> kinds() {
        return List.of(FurnitureKinds.FURNITURE);
    }

    @Override
    public List<FurnitureRule> rules() {
        return List.of(FurnitureRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("how furniture stands", () -> new FurnitureSnags(context).find()));
    }

    @Override
    public void takeOff(Takeoff takeoff) {
        new FurnitureWants(takeoff).takeOff();
    }

    @Override
    public Stream<Offer> offers() {
        return FurnitureWants.offers();
    }

    @Override
    public Stream<WorkRate> rates() {
        return FurnitureWants.rates();
    }

    @Override
    public Stream<Shade> shades(Plan plan, int season, boolean bare) {
        return FurnitureKinds.furniture(plan, season).stream().map(FurnitureShade::of);
    }

    @Override
    public Stream<Material> timbers(Plan plan) {
        return plan.list(FurnitureKinds.FURNITURE).stream().map(Furniture::material);
    }

    @Override
    public Stream<Board> boards(Plan plan) {
        return plan.list(FurnitureKinds.FURNITURE).stream()
                .flatMap(each -> each.boards().stream())
                .map(BoardPart::board);
    }
}
