package fairacre.server.api;

import fairacre.format.Table;
import fairacre.format.WorkbookFile;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Makes a spreadsheet of a table that the browser shows, so that a paper and its file say the same. */
@RestController
class TableController {

    private static final int MOST_ROWS = 20_000;
    private static final int MOST_COLUMNS = 40;
    private static final int LONGEST_TEXT = 2000;
    /** No figure of a garden is larger. */
    private static final long LARGEST = 1_000_000_000_000_000L;

    /**
     * A table to be put into a file.
     *
     * @param rows each as long as the headings; cells are texts and numbers, or null for nothing
     */
    record Asked(String name, List<String> headings, List<List<Object>> rows) {}

    @PostMapping(path = "/api/tables.xlsx", produces = Downloads.XLSX)
    ResponseEntity<byte[]> workbook(@RequestBody Asked asked) {
        String name = Limits.name(asked.name(), "name");
        List<String> headings = Limits.present(asked.headings(), "headings");
        Limits.atMost(MOST_COLUMNS, headings, "headings");
        headings.forEach(heading -> Limits.present(heading, "headings"));
        Limits.atMost(MOST_ROWS, Limits.present(asked.rows(), "rows"), "rows");
        List<List<Object>> rows =
                asked.rows().stream().map(row -> cells(row, headings.size())).toList();
        Table table = new Table("Table", headings, rows);
        return Downloads.download(WorkbookFile.write(table), MediaType.valueOf(Downloads.XLSX), name + ".xlsx");
    }

    private static List<Object> cells(List<Object> row, int columns) {
        if (row == null || row.size() != columns) {
            throw new RefusedException("rows", "a row is not as long as the headings", "give each column a cell");
        }
        return row.stream().map(TableController::cell).toList();
    }

    private static Object cell(Object value) {
        if (value instanceof Number number) {
            double size = Math.abs(number.doubleValue());
            if (!(size < LARGEST)) {
                throw new RefusedException("rows", "a number is too large", "give less than " + LARGEST);
            }
            return new BigDecimal(number.toString());
        }
        String text = value == null ? "" : value.toString();
        return text.length() > LONGEST_TEXT ? text.substring(0, LONGEST_TEXT) : text;
    }
}
