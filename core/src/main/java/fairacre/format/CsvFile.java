package fairacre.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A table as comma-separated values (RFC 4180), in UTF-8 with a byte order mark, since spreadsheets take it for another
 * encoding otherwise.
 *
 * <p>Numbers are plain decimals with a point, dates as in ISO 8601. A text that a spreadsheet would take for a formula
 * is written with an apostrophe before it.
 */
public final class CsvFile {

    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final String BEGINS_FORMULA = "=+-@\t\r";

    private CsvFile() {}

    public static byte[] write(Table table) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = CSVFormat.RFC4180.print(text)) {
            csv.printRecord(table.headings());
            for (List<Object> row : table.rows()) {
                csv.printRecord(row.stream().map(CsvFile::plain));
            }
        } catch (IOException unexpected) {
            throw new UncheckedIOException(unexpected);
        }
        return (BYTE_ORDER_MARK + text).getBytes(StandardCharsets.UTF_8);
    }

    private static String plain(Object cell) {
        if (cell instanceof BigDecimal number) {
            return number.toPlainString();
        }
        String text = cell.toString();
        return cell instanceof String && !text.isEmpty() && BEGINS_FORMULA.indexOf(text.charAt(0)) >= 0
                ? "'" + text
                : text;
    }

    /** A text as it was before it got an apostrophe. */
    static String asTyped(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && BEGINS_FORMULA.indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }
}
