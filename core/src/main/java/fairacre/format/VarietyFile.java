package fairacre.format;

import fairacre.catalogue.Breeding;
import fairacre.catalogue.Crop;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.CropRow;
import fairacre.catalogue.Crops;
import fairacre.catalogue.OwnFigure;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.catalogue.Variety;
import fairacre.catalogue.WhyChosen;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Crops and varieties as comma-separated values (RFC 4180): the columns of the catalogue, of which {@code key} and
 * {@code name} are needed, and what is noted of a variety. A row with the key of a crop and another name is a variety
 * of it, or a crop of one's own that is like it; a cell that is empty is as the crop has it. A row that is as the
 * catalogue has it says nothing new.
 *
 * <p>What comes back from a spreadsheet is read too, as {@link PriceFile} tells. Rows that can't be taken are told with
 * the reason.
 */
public final class VarietyFile {

    /** Largest file that is read, bytes. */
    public static final int LARGEST = 2_000_000;

    private static final int MOST_ROWS = 2_000;
    private static final String KEY = "key";
    private static final String NAME = "name";
    private static final String OWN_CROP = "own crop";
    private static final String BREEDING = "breeding";
    private static final String CHOSEN = "chosen";
    private static final String NOTE = "note";
    private static final String SEEDS = "seeds on hand";
    private static final String YEAR = "seed of year";
    private static final String CAME_UP = "came up %";
    private static final String NO_MORE = "no more to buy";
    private static final String YES = "yes";
    private static final double PER_CENT = 0.01;

    private static final List<String> HEADS = Stream.of(
                    Stream.of(KEY, NAME),
                    CropColumn.all().stream().map(CropColumn::head),
                    Stream.of(OWN_CROP, BREEDING, CHOSEN, NOTE, SEEDS, YEAR, CAME_UP, NO_MORE))
            .flatMap(heads -> heads)
            .toList();

    /**
     * What a file would change.
     *
     * @param taken varieties that are new, or other than they were
     * @param same rows that say nothing new
     * @param rejected rows that can't be taken
     * @param unknown heads of columns that are left out
     * @param change empty if nothing would change
     */
    public record VarietyReading(
            List<Variety> taken,
            int same,
            List<PriceFile.Rejected> rejected,
            List<String> unknown,
            Optional<Change> change) {}

    private VarietyFile() {}

    /** All crops of the catalogue, each followed by its varieties. */
    public static byte[] csv(Plan plan) {
        List<List<Object>> rows = Crops.rows().stream()
                .flatMap(row -> Stream.concat(
                        Stream.of(cells(row, row.name(), Map.of())),
                        plan.list(Varieties.VARIETIES).stream()
                                .filter(variety -> variety.crop().equals(row.key()))
                                .map(variety -> cells(variety.row(), variety.name(), noted(variety)))))
                .toList();
        return CsvFile.write(new Table("Crops", HEADS, rows));
    }

    private static List<Object> cells(CropRow row, String name, Map<String, String> noted) {
        Map<String, Object> cells = new LinkedHashMap<>(noted);
        cells.put(KEY, row.key());
        cells.put(NAME, name);
        row.figures().forEach((column, figure) -> cells.put(column.head(), cell(column, figure)));
        return HEADS.stream().map(head -> cells.getOrDefault(head, "")).toList();
    }

    private static Object cell(CropColumn column, String figure) {
        boolean plain = column.takes().choices().isEmpty() && !column.takes().ranged();
        return plain ? new BigDecimal(figure) : figure;
    }

    private static Map<String, String> noted(Variety variety) {
        Map<String, String> noted = new LinkedHashMap<>();
        noted.put(OWN_CROP, yes(variety.ownCrop()));
        noted.put(BREEDING, variety.breeding().map(Enum::name).orElse(""));
        noted.put(CHOSEN, variety.chosen().stream().map(Enum::name).collect(Collectors.joining(" ")));
        noted.put(NOTE, variety.note().orElse(""));
        variety.seed().ifPresent(seed -> {
            noted.put(SEEDS, String.valueOf(seed.seeds()));
            noted.put(YEAR, String.valueOf(seed.year()));
            noted.put(CAME_UP, seed.germination().map(VarietyFile::perCent).orElse(""));
            noted.put(NO_MORE, yes(seed.noMore()));
        });
        return noted;
    }

    private static String yes(boolean so) {
        return so ? YES : "";
    }

    private static String perCent(double share) {
        double percent = share / PER_CENT;
        return percent == Math.rint(percent)
                ? String.valueOf(Math.round(percent))
                : String.format(Locale.ROOT, "%.1f", percent);
    }

    /** @throws FaultyFileException if it is too large, has no heading, or is no table */
    public static VarietyReading read(Plan plan, byte[] file) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw fault("the file is larger than 2 MB", "leave out what is no crop");
        }
        String text = DelimitedText.decoded(file);
        try (CSVParser rows = CSVParser.parse(new StringReader(text), DelimitedText.table(text))) {
            List<String> heads = rows.getHeaderNames().stream()
                    .filter(head -> !head.isBlank())
                    .toList();
            if (!has(heads, KEY) || !has(heads, NAME)) {
                throw fault(
                        "there is no column \"key\", or none \"name\"",
                        "take the catalogue out as a file and write new rows below those that are there");
            }
            List<String> unknown =
                    heads.stream().filter(head -> !has(HEADS, head)).toList();
            return new Rows(plan, DelimitedText.delimiter(text) != ',').read(rows, unknown);
        } catch (IOException | IllegalArgumentException | UncheckedIOException malformed) {
            throw fault("it is no table of comma-separated values (" + malformed.getMessage() + ")", "save it as CSV");
        }
    }

    private static boolean has(List<String> heads, String wanted) {
        return heads.stream().anyMatch(wanted::equalsIgnoreCase);
    }

    private static FaultyFileException fault(String wrong, String right) {
        return new FaultyFileException(List.of(new Fault("", wrong, right)));
    }

    /** The rows of one file, as they are read. */
    private static final class Rows {

        private final Plan plan;
        private final boolean decimalCommas;
        private final Map<UUID, Variety> taken = new LinkedHashMap<>();
        private final List<PriceFile.Rejected> rejected = new ArrayList<>();
        private int same;

        Rows(Plan plan, boolean decimalCommas) {
            this.plan = plan;
            this.decimalCommas = decimalCommas;
        }

        VarietyReading read(CSVParser rows, List<String> unknown) throws FaultyFileException {
            for (CSVRecord row : rows) {
                if (row.getRecordNumber() > MOST_ROWS) {
                    throw fault("it has more than " + MOST_ROWS + " rows", "leave out what is no crop");
                }
                try {
                    take(row);
                } catch (RefusedException refused) {
                    rejected.add(new PriceFile.Rejected(row.getRecordNumber() + 1, cell(row, NAME), reason(refused)));
                }
            }
            List<Change> changes = taken.values().stream().<Change>map(Put::of).toList();
            return new VarietyReading(
                    List.copyOf(taken.values()),
                    same,
                    List.copyOf(rejected),
                    unknown,
                    changes.isEmpty() ? Optional.empty() : Optional.of(new Change.Batch("Crops from a file", changes)));
        }

        private static String reason(RefusedException refused) {
            String field = refused.refusal().field();
            String head = CropColumn.all().stream()
                    .filter(column -> field.contains(column.name()))
                    .map(CropColumn::head)
                    .findFirst()
                    .orElse(field);
            return head + ": " + refused.refusal().sentence();
        }

        private void take(CSVRecord row) {
            Crop like = like(cell(row, KEY));
            String name = CsvFile.asTyped(cell(row, NAME));
            Optional<Variety> before = plan.list(Varieties.VARIETIES).stream()
                    .filter(each ->
                            each.crop().equals(like.key()) && each.name().equalsIgnoreCase(name))
                    .findFirst();
            UUID id = before.map(Variety::id)
                    .orElseGet(() -> UUID.nameUUIDFromBytes(
                            (plan.id() + like.key() + name.toLowerCase(Locale.ROOT)).getBytes(StandardCharsets.UTF_8)));
            Variety variety = new Variety(
                    id,
                    name,
                    like.key(),
                    isYes(row, OWN_CROP),
                    figures(row),
                    word(BREEDING, Breeding.class, cell(row, BREEDING)),
                    Arrays.stream(cell(row, CHOSEN).split("[\\s;,]+"))
                            .flatMap(text -> word(CHOSEN, WhyChosen.class, text).stream())
                            .toList(),
                    Optional.of(CsvFile.asTyped(cell(row, NOTE))),
                    seed(row));
            boolean asInTheCatalogue = name.equalsIgnoreCase(like.name()) && variety.saysNothing();
            if (asInTheCatalogue || before.filter(variety::equals).isPresent()) {
                same++;
            } else if (taken.putIfAbsent(id, variety) != null) {
                throw new RefusedException(NAME, name + " is there more than once", "the first one counts");
            }
        }

        private static Crop like(String key) {
            return Crops.all().stream()
                    .filter(crop ->
                            crop.key().equalsIgnoreCase(key) || crop.name().equalsIgnoreCase(key))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            KEY,
                            "the catalogue has no \"" + key + "\"",
                            "give the key of the crop that this is, or is most like"));
        }

        private List<OwnFigure> figures(CSVRecord row) {
            return CropColumn.all().stream()
                    .filter(column -> !cell(row, column.head()).isEmpty())
                    .map(column -> new OwnFigure(column, figure(cell(row, column.head()))))
                    .toList();
        }

        private String figure(String cell) {
            return decimalCommas ? cell.replace(',', '.') : cell;
        }

        private static Optional<SeedOnHand> seed(CSVRecord row) {
            if (cell(row, SEEDS).isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(new SeedOnHand(
                    (int) number(row, SEEDS),
                    (int) number(row, YEAR),
                    cell(row, CAME_UP).isEmpty() ? Optional.empty() : Optional.of(number(row, CAME_UP) * PER_CENT),
                    isYes(row, NO_MORE)));
        }

        private static double number(CSVRecord row, String head) {
            try {
                return Double.parseDouble(cell(row, head).replace(',', '.'));
            } catch (NumberFormatException unread) {
                throw new RefusedException(head, "\"" + cell(row, head) + "\" is no number", "write it in figures");
            }
        }

        private static <E extends Enum<E>> Optional<E> word(String head, Class<E> words, String text) {
            if (text.isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(Arrays.stream(words.getEnumConstants())
                    .filter(word -> word.name().equalsIgnoreCase(text))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            head,
                            "\"" + text + "\" is none of its words",
                            "give "
                                    + Arrays.stream(words.getEnumConstants())
                                            .map(Enum::name)
                                            .collect(Collectors.joining(", ")))));
        }

        private static boolean isYes(CSVRecord row, String head) {
            return cell(row, head).equalsIgnoreCase(YES);
        }

        private static String cell(CSVRecord row, String head) {
            return row.isSet(head) ? row.get(head).strip() : "";
        }
    }
}
