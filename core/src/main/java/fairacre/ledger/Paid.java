package fairacre.ledger;

import fairacre.plan.BillPart;
import java.math.BigDecimal;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What was paid for one thing in one season, all receipts together; negative where more was taken back than entered.
 *
 * @param item key of the line of the bill; empty for what is on no bill
 */
public record Paid(Optional<String> item, BillPart part, int season, BigDecimal quantity, Money cost) {}
