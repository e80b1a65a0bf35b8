package fairacre.format;

import fairacre.catalogue.CropColumn;
import fairacre.catalogue.CropRow;
import fairacre.catalogue.CropTable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The catalogue of crops as a table of comma-separated values (RFC 4180): a figure with its range is "50 (45-60)". */
public final class CropFile implements CropTable {

    @Override
    public List<CropRow> rows() {
        try (Reader file =
                new InputStreamReader(CropFile.class.getResourceAsStream("crops.csv"), StandardCharsets.UTF_8)) {
            return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(file).stream()
                    .map(CropFile::row)
                    .toList();
        } catch (IOException unexpected) {
            throw new UncheckedIOException(unexpected);
        }
    }

    private static CropRow row(CSVRecord row) {
        return new CropRow(
                row.get("key"),
                row.get("name"),
                CropColumn.all().stream()
                        .filter(column -> !row.get(column.head()).isEmpty())
                        .collect(Collectors.toMap(Function.identity(), column -> row.get(column.head()))));
    }
}
