package fairacre.format;

import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.Quote;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.OwnKinds;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.joda.money.Money;

/**
 * A price book as comma-separated values (RFC 4180): a heading with the columns {@code key}, {@code item},
 * {@code price}, {@code currency}, {@code shop} and {@code date}, then a line for every item of the price book; a price
 * that is not known is left empty. Shop and day stand with what a shop asked; a line that is read with a day is such a
 * quote, tax within.
 *
 * <p>What comes back from a spreadsheet is read too: semicolons or tabs between the cells, a comma as the decimal sign,
 * another order of columns, more columns, columns called otherwise, and Windows-1252 where the text is no UTF-8. An
 * item is found by its key, or by its label where no key is given. Lines that can't be taken are told with the reason,
 * and nothing of them is guessed: 1,234 might be twelve hundred or one and a bit.
 */
public final class PriceFile {

    /** Largest file that is read, bytes. */
    public static final int LARGEST = 2_000_000;

    private static final int MOST_ROWS = 20_000;
    private static final int MOST_REJECTED = 200;
    private static final String KEY = "key";
    private static final String ITEM = "item";
    private static final String PRICE = "price";
    private static final String CURRENCY = "currency";
    private static final String SHOP = "shop";
    private static final String DATE = "date";

    /** A price that the file gives otherwise than the price book; {@code before} is empty where it had none. */
    public record Taken(PriceItem item, Optional<Money> before, Money amount) {}

    /** @param row counted from 1, the heading being row 1 */
    public record Rejected(long row, String text, String reason) {}

    /**
     * What a file would change.
     *
     * @param same prices that are the same already
     * @param rejected the first 200 of them
     * @param change empty if nothing would change
     * @param headings of the file's columns
     * @param columns for each of ours that is known the heading that it has in the file
     * @param complete whether there are columns for the price and for the thing; without them nothing is read
     */
    public record Reading(
            List<Taken> taken,
            int same,
            List<Rejected> rejected,
            Optional<Change> change,
            List<String> headings,
            Map<String, String> columns,
            boolean complete) {}

    private PriceFile() {}

    public static byte[] csv(Plan plan) {
        List<List<Object>> rows = items(plan).map(item -> row(plan, item)).toList();
        return CsvFile.write(new Table("Price book", List.of(KEY, ITEM, PRICE, CURRENCY, SHOP, DATE), rows));
    }

    /** What a plan can call for, boards of the gardener's own kinds among it. */
    private static Stream<PriceItem> items(Plan plan) {
        return Stream.concat(PriceItem.all(), OwnKinds.of(plan).items().stream());
    }

    private static List<Object> row(Plan plan, PriceItem item) {
        Optional<Quote> quote = plan.quoteOf(item);
        return List.of(
                item.key(),
                item.label(),
                plan.priceOf(item).<Object>map(Money::getAmount).orElse(""),
                plan.currency().getCode(),
                quote.flatMap(Quote::shop).orElse(""),
                quote.<Object>map(Quote::date).orElse(""));
    }

    /** @throws FaultyFileException if it is too large, has no heading, or is no table */
    public static Reading read(Plan plan, byte[] file) throws FaultyFileException {
        return read(plan, file, Map.of());
    }

    /**
     * Where there is no column for the price, or none for the key or the item, nothing is read: the headings tell what
     * to choose from.
     *
     * @param chosen the heading in the file for each of our columns that is called otherwise there
     * @throws FaultyFileException as {@link #read(Plan, byte[])}
     */
    public static Reading read(Plan plan, byte[] file, Map<String, String> chosen) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw fault("the file is larger than 2 MB", "leave out what is no price");
        }
        String text = DelimitedText.decoded(file);
        try (CSVParser rows = CSVParser.parse(new StringReader(text), DelimitedText.table(text))) {
            List<String> headings = rows.getHeaderNames().stream()
                    .filter(name -> !name.isBlank())
                    .toList();
            if (headings.size() < 2) {
                throw fault(
                        "there is no heading with a column for the thing and one for its price",
                        "take the price book out as a file and fill its price column");
            }
            return new Rows(plan, headings, columns(headings, chosen)).read(rows);
        } catch (IOException | IllegalArgumentException | UncheckedIOException malformed) {
            throw fault("it is no table of comma-separated values (" + malformed.getMessage() + ")", "save it as CSV");
        }
    }

    /** What was chosen, else what is called as ours is. */
    private static Map<String, String> columns(List<String> headings, Map<String, String> chosen) {
        Map<String, String> columns = new TreeMap<>();
        for (String ours : List.of(KEY, ITEM, PRICE, CURRENCY, SHOP, DATE)) {
            String wanted = chosen.getOrDefault(ours, ours);
            headings.stream()
                    .filter(wanted::equalsIgnoreCase)
                    .findFirst()
                    .ifPresent(heading -> columns.put(ours, heading));
        }
        return columns;
    }

    private static FaultyFileException fault(String wrong, String right) {
        return new FaultyFileException(List.of(new Fault("", wrong, right)));
    }

    /** The rows of one file, as they are read. */
    private static final class Rows {

        private final Plan plan;
        private final List<String> headings;
        private final Map<String, String> columns;
        private final List<Taken> taken = new ArrayList<>();
        private final List<Change> changes = new ArrayList<>();
        private final Set<List<Object>> seen = new HashSet<>();
        private final List<Rejected> rejected = new ArrayList<>();
        private int same;

        Rows(Plan plan, List<String> headings, Map<String, String> columns) {
            this.plan = plan;
            this.headings = headings;
            this.columns = columns;
        }

        Reading read(CSVParser rows) throws FaultyFileException {
            boolean complete = columns.containsKey(PRICE) && (columns.containsKey(KEY) || columns.containsKey(ITEM));
            for (CSVRecord row : complete ? rows : List.<CSVRecord>of()) {
                if (row.getRecordNumber() > MOST_ROWS) {
                    throw fault("it has more than " + MOST_ROWS + " rows", "leave out what is no price");
                }
                try {
                    take(row);
                } catch (RefusedException refused) {
                    reject(row, refused.refusal().sentence());
                }
            }
            Optional<Change> change =
                    changes.isEmpty() ? Optional.empty() : Optional.of(new Change.Batch("Prices from a file", changes));
            return new Reading(List.copyOf(taken), same, List.copyOf(rejected), change, headings, columns, complete);
        }

        private void take(CSVRecord row) {
            String amount = cell(row, PRICE);
            if (amount.isEmpty()) {
                return;
            }
            PriceItem item = item(row);
            String currency = cell(row, CURRENCY);
            if (!currency.isEmpty()
                    && !currency.equalsIgnoreCase(plan.currency().getCode())) {
                throw new RefusedException(
                        CURRENCY, currency + " is not the garden's currency", "give " + plan.currency());
            }
            Money price = new Price(item, DelimitedText.money(amount, plan.currency(), PRICE), false).amount();
            Optional<LocalDate> date = date(row);
            Optional<String> shop =
                    date.map(day -> CsvFile.asTyped(cell(row, SHOP))).filter(name -> !name.isEmpty());
            if (!seen.add(List.of(item, date, shop))) {
                throw new RefusedException(ITEM, item.label() + " is there more than once", "the first one counts");
            }
            if (date.isPresent()) {
                takeQuote(item, price, shop, date.get());
            } else {
                takePrice(item, price);
            }
        }

        private void takePrice(PriceItem item, Money price) {
            if (plan.quoteOf(item).isPresent()) {
                if (plan.priceOf(item).filter(price::equals).isPresent()) {
                    same++;
                    return;
                }
                throw new RefusedException(
                        DATE,
                        "shops' prices of " + item.label() + " are noted, each with its day",
                        "give the day of this one too");
            }
            take(item, price, plan.priceOf(item), new Change.SetPrice(new Price(item, price, false)));
        }

        /** In place of what is noted of the same shop and day. */
        private void takeQuote(PriceItem item, Money price, Optional<String> shop, LocalDate date) {
            Optional<Quote> noted = plan.quotes().stream()
                    .filter(quote -> quote.item().equals(item)
                            && quote.date().equals(date)
                            && quote.shop().equals(shop))
                    .findFirst();
            UUID id = noted.map(Quote::id)
                    .orElseGet(() -> UUID.nameUUIDFromBytes(
                            (plan.id() + item.key() + date + shop).getBytes(StandardCharsets.UTF_8)));
            take(
                    item,
                    price,
                    noted.map(Quote::gross),
                    Put.of(new Quote(
                            id,
                            item,
                            price,
                            shop,
                            date,
                            BigDecimal.ZERO,
                            noted.map(Quote::pinned).orElse(false))));
        }

        private void take(PriceItem item, Money price, Optional<Money> before, Change change) {
            if (before.filter(price::equals).isPresent()) {
                same++;
            } else {
                taken.add(new Taken(item, before, price));
                changes.add(change);
            }
        }

        private Optional<LocalDate> date(CSVRecord row) {
            String day = cell(row, DATE);
            try {
                return day.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(day));
            } catch (DateTimeParseException other) {
                throw new RefusedException(DATE, "\"" + day + "\" is no day", "write it like 2027-05-31");
            }
        }

        private PriceItem item(CSVRecord row) {
            String key = cell(row, KEY);
            if (!key.isEmpty()) {
                return PriceItem.of(key);
            }
            String label = cell(row, ITEM);
            return items(plan)
                    .filter(item -> item.label().equalsIgnoreCase(label))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            ITEM, "the price book has no \"" + label + "\"", "give its key or its label"));
        }

        private void reject(CSVRecord row, String reason) {
            if (rejected.size() < MOST_REJECTED) {
                rejected.add(new Rejected(
                        row.getRecordNumber() + 1,
                        String.join(" ", row.toList()).strip(),
                        reason));
            }
        }

        private String cell(CSVRecord row, String ours) {
            String column = columns.get(ours);
            return column != null && row.isSet(column) ? row.get(column).strip() : "";
        }
    }
}
