package fairacre.format;

import fairacre.cost.Bill;
import fairacre.cost.BillLine;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.joda.money.Money;

/**
 * A bill as comma-separated values (RFC 4180): a heading, then a line for each thing to buy, in UTF-8 with a byte order mark, since
 * spreadsheets take it for another encoding otherwise.
 *
 * <p>Amounts are plain decimal numbers with a point; what has no price leaves price and amount empty. A text that a spreadsheet would
 * take for a formula is written with an apostrophe before it.
 */
public final class BillFile {

    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final String BEGINS_FORMULA = "=+-@\t\r";

    private BillFile() {}

    public static byte[] csv(Plan plan, Bill bill) {
        Map<UUID, String> names = plan.beds().stream().collect(Collectors.toMap(Bed::id, Bed::name));
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = CSVFormat.RFC4180.print(text)) {
            csv.printRecord("season", "part", "item", "quantity", "price", "amount", "currency", "beds", "acquired");
            for (BillLine line : bill.lines()) {
                String beds = line.beds().stream().map(names::get).sorted().collect(Collectors.joining("; "));
                csv.printRecord(line.season(), line.part().name().toLowerCase(Locale.ROOT), harmless(line.item().label()),
                        line.quantity().stripTrailingZeros().toPlainString(), line.price().map(BillFile::number).orElse(""),
                        line.amount().map(BillFile::number).orElse(""), plan.currency().getCode(), harmless(beds),
                        line.acquired().name().toLowerCase(Locale.ROOT));
            }
        } catch (IOException unexpected) {
            throw new UncheckedIOException(unexpected);
        }
        return (BYTE_ORDER_MARK + text).getBytes(StandardCharsets.UTF_8);
    }

    private static String number(Money money) {
        return money.getAmount().toPlainString();
    }

    private static String harmless(String text) {
        return !text.isEmpty() && BEGINS_FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
