package fairacre.harvest;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What the household eats, and what that would have cost. */
public final class HarvestCapability implements ThingKinds, PriceList {

    @Override
    public List<Things<?>> kinds() {
        return List.of(HarvestKinds.HOUSEHOLD, HarvestKinds.WISHES);
    }

    @Override
    public Stream<Offer> offers() {
        return Stream.empty();
    }

    @Override
    public Optional<PriceItem> own(String key) {
        return FoodPrices.own(key);
    }
}
