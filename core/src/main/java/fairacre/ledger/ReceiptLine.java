package fairacre.ledger;

import fairacre.bill.Amounts;
import fairacre.bill.BillPart;
import fairacre.limits.Limits;
import java.math.BigDecimal;
import java.util.Optional;
import org.joda.money.Money;

/**
 * One line of a receipt.
 *
 * @param quantity more than none, at most 100 000
 * @param amount what the paper says for the whole line, before discount and tax that stand at its foot
 * @param item key of the line of the bill that it pays for; empty if it is for none
 */
public record ReceiptLine(String text, BigDecimal quantity, Money amount, BillPart part, Optional<String> item) {

    private static final int LONGEST_ITEM = 4000;

    public ReceiptLine {
        text = Limits.name(text, "text");
        quantity = Limits.counted(quantity, "quantity");
        Amounts.check(amount, "amount");
        Limits.present(part, "part");
        item = item == null ? Optional.empty() : item.filter(key -> !key.isBlank() && key.length() <= LONGEST_ITEM);
    }
}
