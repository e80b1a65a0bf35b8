package fairacre.format;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.water.Climate;
import fairacre.water.MonthNormals;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Normals of the weather as comma-separated values: a heading with the columns {@code month}, {@code lowest},
 * {@code highest} and {@code rain}, and {@code humidity}, {@code wind}, {@code sun} and {@code rainydays} where they
 * are known, then a line for each month by its number. Degrees Celsius, millimetres, per cent, metres a second, hours a
 * day; the units of {@link MonthNormals}. Semicolons, tabs and decimal commas are read too.
 */
public final class ClimateFile {

    /** Largest file that is read, bytes. */
    public static final int LARGEST = 100_000;

    private static final List<String> NEEDED = List.of("month", "lowest", "highest", "rain");
    private static final int MONTHS = 12;

    private ClimateFile() {}

    /**
     * @param latitude of the garden, degrees: it tells which months things grow in
     * @throws FaultyFileException if it is no table, or a month is missing, there twice or out of range
     */
    public static Climate read(byte[] file, UUID id, double latitude) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw fault("", "the file is larger than 100 kB", "leave out what is no monthly normal");
        }
        String text = DelimitedText.decoded(file);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(DelimitedText.delimiter(text))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser lines = CSVParser.parse(new StringReader(text), format)) {
            for (String column : NEEDED) {
                if (lines.getHeaderMap().keySet().stream().noneMatch(column::equalsIgnoreCase)) {
                    throw fault("", "there is no column \"" + column + "\"", "give month, lowest, highest and rain");
                }
            }
            return climate(lines.getRecords(), id, latitude);
        } catch (IOException | UncheckedIOException | IllegalArgumentException unread) {
            throw fault("", "it can't be read as a table: " + unread.getMessage(), "save it as CSV, comma-separated");
        }
    }

    private static Climate climate(List<CSVRecord> rows, UUID id, double latitude) throws FaultyFileException {
        Map<Integer, MonthNormals> months = new TreeMap<>();
        for (CSVRecord row : rows) {
            int month = (int) number(row, "month").orElse(0.0).doubleValue();
            if (month < 1 || month > MONTHS) {
                throw fault(at(row), "\"" + row.get("month") + "\" is no month", "write 1 for January to 12");
            }
            if (months.put(month, normals(row)) != null) {
                throw fault(at(row), "month " + month + " is there twice", "leave one of them out");
            }
        }
        List<String> missing = IntStream.rangeClosed(1, MONTHS)
                .filter(month -> !months.containsKey(month))
                .mapToObj(String::valueOf)
                .toList();
        if (!missing.isEmpty()) {
            throw fault(
                    "",
                    (missing.size() == 1 ? "month " : "months ") + String.join(", ", missing)
                            + (missing.size() == 1 ? " is" : " are") + " missing",
                    "give all twelve");
        }
        return new Climate(
                id,
                "Read from a file",
                Length.ZERO,
                Climate.firstMonth(latitude),
                Climate.lastMonth(latitude),
                new ArrayList<>(months.values()));
    }

    private static MonthNormals normals(CSVRecord row) throws FaultyFileException {
        try {
            return new MonthNormals(
                    needed(row, "lowest"),
                    needed(row, "highest"),
                    needed(row, "rain"),
                    number(row, "humidity"),
                    number(row, "wind"),
                    number(row, "sun"),
                    number(row, "rainydays"));
        } catch (RefusedException refused) {
            throw fault(
                    at(row) + "/" + refused.refusal().field(),
                    refused.refusal().reason(),
                    refused.refusal().next());
        }
    }

    private static double needed(CSVRecord row, String column) throws FaultyFileException {
        Optional<Double> number = number(row, column);
        if (number.isEmpty()) {
            throw fault(at(row) + "/" + column, "it is missing", "write a number");
        }
        return number.get();
    }

    /** Empty where the column or the cell is not there. */
    private static Optional<Double> number(CSVRecord row, String column) throws FaultyFileException {
        if (!row.isSet(column) || row.get(column).isBlank()) {
            return Optional.empty();
        }
        String text = row.get(column).strip().replace(',', '.').toLowerCase(Locale.ROOT);
        if (!text.matches("[-−]?\\d{1,6}(\\.\\d{1,6})?")) {
            throw fault(at(row) + "/" + column, "\"" + row.get(column) + "\" is no number", "write it like 12.5");
        }
        return Optional.of(Double.valueOf(text.replace('−', '-')));
    }

    private static String at(CSVRecord row) {
        return "/line " + (row.getRecordNumber() + 1);
    }

    private static FaultyFileException fault(String pointer, String wrong, String right) {
        return new FaultyFileException(List.of(new Fault(pointer, wrong, right)));
    }
}
