package fairacre.format;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import org.joda.money.Money;

/** A bill as a table: a line for each thing to buy. What has no price leaves price and amount empty. */
public final class BillTable {

    private static final List<String> HEADINGS = List.of(
            "season",
            "part",
            "item",
            "quantity",
            "price",
            "amount",
            "currency",
            "beds",
            "walks and drains",
            "acquired");

    private BillTable() {}

    public static Table of(Plan plan, Bill bill) {
        Names names = Names.of(plan, List.of());
        List<List<Object>> rows = new ArrayList<>();
        for (BillLine line : bill.lines()) {
            rows.add(List.of(
                    line.season(),
                    line.part().name().toLowerCase(Locale.ROOT),
                    line.item().label(),
                    line.quantity().stripTrailingZeros(),
                    line.price().<Object>map(Money::getAmount).orElse(""),
                    line.amount().<Object>map(Money::getAmount).orElse(""),
                    plan.currency().getCode(),
                    all(names, line.beds()),
                    all(names, line.places()),
                    line.acquired().name().toLowerCase(Locale.ROOT)));
        }
        return new Table("Bill", HEADINGS, rows);
    }

    private static String all(Names names, List<UUID> ids) {
        return ids.stream().map(id -> names.of(id, "something")).sorted().collect(Collectors.joining("; "));
    }
}
