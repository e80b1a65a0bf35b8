package fairacre.cost;

import fairacre.bill.Bill;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** How goods come to the garden. */
public final class DeliveryCapability implements Capability {

    @Override
    public List<DeliveryRule> rules() {
        return List.of(DeliveryRule.values());
    }

    @Override
    public List<Finder> ofWhatIsBought(SnagContext context) {
        return List.of(
                new Finder("how it is delivered", () -> new DeliverySnags(context).find(context.study(Bill.class))));
    }
}
