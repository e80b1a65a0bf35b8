package fairacre.ledger;

import fairacre.plan.BillPart;
import java.math.BigDecimal;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What was paid, or ordered and not paid yet, for one thing in one season, all receipts together; negative where more was taken back than entered.
 *
 * @param item key of the line of the bill; empty for what is on no bill
 * @param ordered whether it is still to be paid
 */
public record Paid(Optional<String> item, BillPart part, int season, boolean ordered, BigDecimal quantity, Money cost) {}
