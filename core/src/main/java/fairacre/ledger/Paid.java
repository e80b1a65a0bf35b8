package fairacre.ledger;

import fairacre.bill.BillPart;
import fairacre.plan.Plan;
import java.math.BigDecimal;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * What was paid, or ordered and not paid yet, for one thing in one season, all receipts together; negative where more
 * was taken back than entered.
 *
 * @param item key of the line of the bill; empty for what is on no bill
 * @param ordered whether it is still to be paid
 */
public record Paid(Optional<String> item, BillPart part, int season, boolean ordered, BigDecimal quantity, Money cost) {

    /**
     * What the receipts of a ledger come to: those that hold, and of the orders those that no holding receipt pays for.
     *
     * @param yearBegins on which day the garden's seasons begin
     */
    public static List<Paid> of(List<Entry> entries, MonthDay yearBegins) {
        List<Receipt> holding = entries.stream()
                .filter(entry -> !entry.takenBack())
                .map(Entry::receipt)
                .toList();
        Set<UUID> settled =
                holding.stream().flatMap(receipt -> receipt.settles().stream()).collect(Collectors.toSet());
        List<Paid> lines = new ArrayList<>();
        for (Receipt receipt : holding) {
            if (!settled.contains(receipt.id())) {
                List<Money> costs = receipt.costs();
                for (int i = 0; i < costs.size(); i++) {
                    ReceiptLine line = receipt.lines().get(i);
                    lines.add(new Paid(
                            line.item(),
                            line.part(),
                            Plan.season(receipt.date(), yearBegins),
                            receipt.ordered(),
                            line.quantity(),
                            costs.get(i)));
                }
            }
        }
        return summed(lines);
    }

    /**
     * One figure for each thing, part and season, of what is paid and of what is ordered; those met first come first.
     */
    public static List<Paid> summed(List<Paid> lines) {
        Map<List<Object>, Paid> sums = new LinkedHashMap<>();
        lines.forEach(one -> sums.merge(List.of(one.item, one.part, one.season, one.ordered), one, Paid::plus));
        return List.copyOf(sums.values());
    }

    private Paid plus(Paid other) {
        return new Paid(item, part, season, ordered, quantity.add(other.quantity), cost.plus(other.cost));
    }
}
