package fairacre.server.garden;

import fairacre.bill.PriceItem;
import fairacre.format.Table;
import fairacre.server.store.ReceiptStore.LedgerEntry;
import fairacre.server.store.ReceiptStore.LedgerLine;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.joda.money.Money;

/** A ledger as a table: a line for each line of a receipt, with what the whole paper says repeated in each. */
final class LedgerTable {

    private static final List<String> HEADINGS = List.of(
            "date",
            "shop",
            "what",
            "quantity",
            "amount",
            "with discount and tax",
            "currency",
            "part",
            "bill line",
            "receipt's total",
            "paper's total",
            "difference",
            "entered",
            "takes one back",
            "order");
    private static final Map<String, String> LABELS =
            PriceItem.all().collect(Collectors.toMap(PriceItem::key, PriceItem::label));

    private LedgerTable() {}

    /** @param sundries names of what is on the bill but not in the price book, by key of its item */
    static Table of(List<LedgerEntry> entries, Map<String, String> sundries) {
        List<List<Object>> rows = new ArrayList<>();
        for (LedgerEntry entry : entries) {
            for (LedgerLine line : entry.lines()) {
                String item = line.item()
                        .map(key -> sundries.getOrDefault(key, LABELS.getOrDefault(key, key)))
                        .orElse("");
                rows.add(List.of(
                        entry.date(),
                        entry.shop(),
                        line.text(),
                        line.quantity(),
                        line.amount().getAmount(),
                        line.cost().getAmount(),
                        line.cost().getCurrencyUnit().getCode(),
                        line.part().name().toLowerCase(Locale.ROOT),
                        item,
                        entry.total().getAmount(),
                        entry.paper().<Object>map(Money::getAmount).orElse(""),
                        entry.difference().<Object>map(Money::getAmount).orElse(""),
                        entry.enteredAt().withOffsetSameInstant(ZoneOffset.UTC).toLocalDate(),
                        entry.reverses().isPresent() ? "yes" : "",
                        entry.settled() ? "paid since" : entry.ordered() ? "open" : ""));
            }
        }
        return new Table("Ledger", HEADINGS, rows);
    }
}
