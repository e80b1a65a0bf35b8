package fairacre.appraisal;

import fairacre.bill.BillPart;
import org.joda.money.Money;

/** What a part of the work is planned to cost over all seasons. */
public record PartCost(BillPart part, Money planned) {}
