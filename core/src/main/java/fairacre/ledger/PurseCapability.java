package fairacre.ledger;

import fairacre.bill.Bill;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** What is planned and paid, against the budget. */
public final class PurseCapability implements Capability {

    @Override
    public List<PurseRule> rules() {
        return List.of(PurseRule.values());
    }

    @Override
    public List<Finder> ofWhatIsBought(SnagContext context) {
        return List.of(new Finder(
                "what it costs",
                () -> new CostSnags(context).find(context.study(Bill.class), context.study(Forecast.class))));
    }
}
