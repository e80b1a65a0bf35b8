package fairacre.over;

import fairacre.bill.PriceList;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;
import java.util.stream.Stream;

/** What lies over beds. */
public final class OverCapability implements Capability, PriceList {

    @Override
    public List<OverRule> rules() {
        return List.of(OverRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(new Finder("what nets keep off and catch", () -> new NetSnags(context).find()));
    }

    @Override
    public Stream<Offer> offers() {
        return FabricPrices.offers();
    }
}
