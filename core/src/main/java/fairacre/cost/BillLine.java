package fairacre.cost;

import fairacre.plan.Acquired;
import fairacre.plan.BillPart;
import fairacre.plan.PriceItem;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Something to buy in a season.
 *
 * @param price for one; empty if the price book has none
 * @param amount quantity times price, rounded half up; empty without a price; zero for what is free
 * @param beds the beds it serves
 */
public record BillLine(int season, BillPart part, PriceItem item, BigDecimal quantity, Optional<Money> price,
        Optional<Money> amount, Acquired acquired, List<UUID> beds) {

    public BillLine {
        beds = List.copyOf(beds);
    }
}
