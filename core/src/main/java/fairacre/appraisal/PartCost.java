package fairacre.appraisal;

import fairacre.bill.BillPart;
import org.joda.money.Money;

/**
 * What a part of the work is planned to cost over all seasons.
 *
 * @param share of what all parts cost together, 0 to 1; 0 while nothing costs anything
 */
public record PartCost(BillPart part, Money planned, double share) {

    static PartCost of(BillPart part, Money planned, Money all) {
        return new PartCost(
                part,
                planned,
                all.isPositive()
                        ? planned.getAmount().doubleValue() / all.getAmount().doubleValue()
                        : 0);
    }
}
