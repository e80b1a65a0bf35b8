package fairacre.format;

import fairacre.bill.BillPart;
import fairacre.ledger.ReceiptLine;
import fairacre.limits.RefusedException;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * The lines of a receipt as they are pasted from an order mail, or saved as a table.
 *
 * <p>Read: tables with tabs, semicolons or commas between what, pieces and amount, with or without a heading; and plain
 * lines that end in an amount, {@code 2 x Deck screws 27.00}. A total, a discount and a tax at the foot are told apart
 * from the things that were bought. What can't be read is told with the reason; nothing is guessed.
 */
public final class ReceiptText {

    /** Longest text that is read, bytes. */
    public static final int LARGEST = 200_000;

    private static final int MOST_LINES = 200;
    private static final Pattern PIECES_OF = Pattern.compile("(\\d{1,9}(?:[.,]\\d{1,9})?)\\s*[x×*]\\s*");
    private static final Pattern TOTAL =
            Pattern.compile("(grand )?(total|sum|to pay|amount due|balance due)", Pattern.CASE_INSENSITIVE);
    private static final Pattern DISCOUNT =
            Pattern.compile("(less )?(discount|rebate|voucher)\\b.*", Pattern.CASE_INSENSITIVE);
    private static final Pattern TAX = Pattern.compile("(plus )?(vat|tax|sales tax)\\b.*", Pattern.CASE_INSENSITIVE);
    private static final Pattern INCLUDED =
            Pattern.compile(".*\\b(incl\\.?|included|including|subtotal|sub-total)\\b.*", Pattern.CASE_INSENSITIVE);
    private static final List<String> WHAT = List.of("what", "item", "text", "description", "article");
    private static final List<String> PIECES = List.of("pieces", "quantity", "qty", "number");
    private static final List<String> AMOUNT = List.of("amount", "total", "sum", "price");

    private final CurrencyUnit currency;
    private final List<Known> bill;
    private final List<ReceiptLine> lines = new ArrayList<>();
    private final List<Rejected> rejected = new ArrayList<>();
    private Optional<Money> discount = Optional.empty();
    private Optional<Money> tax = Optional.empty();
    private Optional<Money> paper = Optional.empty();

    private ReceiptText(CurrencyUnit currency, List<Known> bill) {
        this.currency = currency;
        this.bill = bill;
    }

    /** A line of the bill that a line of the receipt may pay for: one that is called the same, or by its key. */
    public record Known(String item, String label, BillPart part) {}

    /** @param row counted from 1 */
    public record Rejected(int row, String text, String reason) {}

    /** What was found; empty where the text has no such line. */
    public record Found(
            List<ReceiptLine> lines,
            Optional<Money> discount,
            Optional<Money> tax,
            Optional<Money> paper,
            List<Rejected> rejected) {}

    /** @throws FaultyFileException if it is too long, or holds more than 200 lines */
    public static Found read(byte[] file, CurrencyUnit currency, List<Known> bill) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw fault("it is longer than 200 kB", "give the lines of one receipt");
        }
        ReceiptText text = new ReceiptText(currency, bill);
        String decoded = DelimitedText.decoded(file);
        char sign = DelimitedText.delimiter(decoded);
        boolean table =
                decoded.lines().findFirst().orElse("").indexOf(sign) >= 0 && (sign != ',' || text.hasHeading(decoded));
        if (table) {
            text.readTable(decoded, sign);
        } else {
            text.readPlain(decoded);
        }
        if (text.lines.size() > MOST_LINES) {
            throw fault("it holds more than " + MOST_LINES + " lines", "give the lines of one receipt");
        }
        return new Found(text.lines, text.discount, text.tax, text.paper, text.rejected);
    }

    private static FaultyFileException fault(String wrong, String right) {
        return new FaultyFileException(List.of(new Fault("", wrong, right)));
    }

    /** A comma stands in amounts and names too: such a table needs a heading to be taken for one. */
    private boolean hasHeading(String text) {
        List<String> names =
                List.of(text.lines().findFirst().orElse("").replace("\"", "").split(","));
        return column(names, WHAT) >= 0 && column(names, AMOUNT) >= 0;
    }

    private void readTable(String text, char sign) throws FaultyFileException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(sign)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser rows = CSVParser.parse(new StringReader(text), format)) {
            Columns columns = null;
            for (CSVRecord row : rows) {
                List<String> cells = row.toList();
                if (columns == null) {
                    columns = Columns.of(cells);
                    if (columns.heading()) {
                        continue;
                    }
                }
                take(
                        (int) row.getRecordNumber(),
                        String.join(" ", cells),
                        columns.what(cells),
                        columns.pieces(cells),
                        columns.amount(cells));
            }
        } catch (IOException | UncheckedIOException malformed) {
            throw fault("it is no table (" + malformed.getMessage() + ")", "paste the lines as plain text");
        }
    }

    private static int column(List<String> names, List<String> wanted) {
        for (int i = 0; i < names.size(); i++) {
            if (wanted.contains(names.get(i).strip().toLowerCase(Locale.ROOT))) {
                return i;
            }
        }
        return -1;
    }

    /** Where what is to be found; by the heading, or else what, pieces, amount, or what and amount. */
    private record Columns(int whatAt, int piecesAt, int amountAt, boolean heading) {

        static Columns of(List<String> first) {
            int what = column(first, WHAT);
            int amount = column(first, AMOUNT);
            return what >= 0 && amount >= 0
                    ? new Columns(what, column(first, PIECES), amount, true)
                    : new Columns(0, first.size() > 2 ? 1 : -1, Math.min(first.size() - 1, 2), false);
        }

        String what(List<String> cells) {
            return cell(cells, whatAt);
        }

        String pieces(List<String> cells) {
            return cell(cells, piecesAt);
        }

        String amount(List<String> cells) {
            return cell(cells, amountAt);
        }

        private static String cell(List<String> cells, int at) {
            return at >= 0 && at < cells.size() ? cells.get(at).strip() : "";
        }
    }

    private void readPlain(String text) {
        int row = 0;
        for (String line : text.lines().toList()) {
            row++;
            String told = line.strip();
            if (told.isEmpty()) {
                continue;
            }
            Optional<PlainLine> found = PlainLine.of(told, currency);
            if (found.isPresent()) {
                take(
                        row,
                        told,
                        found.get().what(),
                        found.get().pieces(),
                        found.get().amount());
            } else {
                rejected.add(new Rejected(row, told, "it doesn't end in an amount"));
            }
        }
    }

    /**
     * A line that ends in an amount, taken apart from its end in one pass: {@code 2 x Deck screws: EUR 27.00}.
     *
     * @param pieces empty where the line doesn't begin with a number of them
     */
    private record PlainLine(String pieces, String what, String amount) {

        private static final Pattern CODE = Pattern.compile("[A-Z]{3}");

        static Optional<PlainLine> of(String line, CurrencyUnit currency) {
            String rest = withoutCurrency(line, code -> CODE.matcher(code).matches());
            int start = rest.length();
            while (start > 0 && isOfAmount(rest.charAt(start - 1))) {
                start--;
            }
            boolean number = start < rest.length() && Character.isDigit(rest.charAt(start));
            start -= number && start > 0 && rest.charAt(start - 1) == '-' ? 1 : 0;
            String amount = rest.substring(start);
            String before = rest.substring(0, start);
            String what = stripped(withoutCurrency(before, currency.getCode()::equals));
            boolean apart = !before.isEmpty() && !stripped(before).equals(before)
                    || what.length() < stripped(before).length();
            if (!number || !apart || what.isEmpty()) {
                return Optional.empty();
            }
            Matcher pieces = PIECES_OF.matcher(what);
            return Optional.of(
                    pieces.lookingAt() && pieces.end() < what.length()
                            ? new PlainLine(pieces.group(1), what.substring(pieces.end()), amount)
                            : new PlainLine("", what, amount));
        }

        private static boolean isOfAmount(char sign) {
            return sign >= '0' && sign <= '9' || sign == '.' || sign == ',';
        }

        /** Without a sign or a code of a currency at its end; what stands before it keeps its end. */
        private static String withoutCurrency(String text, Predicate<String> code) {
            String stripped = text.stripTrailing();
            int end = stripped.length();
            if (end > 0 && Character.getType(stripped.charAt(end - 1)) == Character.CURRENCY_SYMBOL) {
                return stripped.substring(0, end - 1).stripTrailing();
            }
            boolean coded =
                    end > 3 && code.test(stripped.substring(end - 3)) && !Character.isLetter(stripped.charAt(end - 4));
            return coded ? stripped.substring(0, end - 3).stripTrailing() : text;
        }
    }

    /** Without the spaces and colons at its end. */
    private static String stripped(String text) {
        int end = text.length();
        while (end > 0 && (text.charAt(end - 1) == ':' || Character.isWhitespace(text.charAt(end - 1)))) {
            end--;
        }
        return text.substring(0, end);
    }

    private void take(int row, String line, String what, String pieces, String amount) {
        try {
            String name = stripped(what);
            if (INCLUDED.matcher(name).matches()) {
                return;
            }
            Money sum = DelimitedText.money(amount, currency, "amount");
            if (TOTAL.matcher(name).matches()) {
                paper = Optional.of(sum);
            } else if (DISCOUNT.matcher(name).matches()) {
                discount = Optional.of(sum.abs());
            } else if (TAX.matcher(name).matches()) {
                tax = Optional.of(sum);
            } else {
                lines.add(line(name, pieces, sum));
            }
        } catch (RefusedException refused) {
            rejected.add(new Rejected(row, line, refused.refusal().sentence()));
        }
    }

    private ReceiptLine line(String name, String pieces, Money amount) {
        BigDecimal quantity = pieces.isEmpty() ? BigDecimal.ONE : number(pieces);
        Optional<Known> known = bill.stream()
                .filter(one -> one.label().equalsIgnoreCase(name) || one.item().equalsIgnoreCase(name))
                .findFirst();
        return new ReceiptLine(
                known.map(Known::label).orElse(name),
                quantity,
                amount,
                known.map(Known::part).orElse(BillPart.OTHER),
                known.map(Known::item));
    }

    private static BigDecimal number(String text) {
        if (!text.matches("\\d+([.,]\\d+)?")) {
            throw new RefusedException("quantity", "\"" + text + "\" is no plain number", "write it like 2 or 2.5");
        }
        return new BigDecimal(text.replace(',', '.'));
    }
}
