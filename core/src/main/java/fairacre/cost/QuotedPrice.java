package fairacre.cost;

import fairacre.bill.PriceItem;
import fairacre.bill.Quote;
import fairacre.plan.Plan;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.joda.money.Money;

/**
 * What a shop's price comes to.
 *
 * @param quote whose it is
 * @param gross with the tax that comes on top
 * @param counts whether the plan goes by it
 */
public record QuotedPrice(UUID quote, Money gross, boolean counts) {

    /** Of every quote that the plan holds, the newest first. */
    public static List<QuotedPrice> of(Plan plan) {
        Map<PriceItem, Quote> inForce = plan.quotesInForce();
        return plan.quotes().stream()
                .sorted(Comparator.comparing(Quote::date)
                        .thenComparing(Quote::id)
                        .reversed())
                .map(quote -> new QuotedPrice(quote.id(), quote.gross(), quote.equals(inForce.get(quote.item()))))
                .toList();
    }
}
