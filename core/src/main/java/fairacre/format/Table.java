package fairacre.format;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * Rows under headings, for a spreadsheet.
 *
 * @param name of the sheet, 1 to 31 characters
 * @param rows as long as the headings; a cell is a text, a whole or decimal number, or a date; an empty text for
 *     nothing
 */
public record Table(String name, List<String> headings, List<List<Object>> rows) {

    private static final int LONGEST_NAME = 31;

    public Table {
        headings = List.copyOf(headings);
        rows = rows.stream().map(List::copyOf).toList();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("no spreadsheet has a sheet called \"" + name + "\"");
        }
        for (List<Object> row : rows) {
            if (row.size() != headings.size()) {
                throw new IllegalArgumentException(row.size() + " cells under " + headings.size() + " headings");
            }
            row.forEach(Table::check);
        }
    }

    private static void check(Object cell) {
        if (!(cell instanceof String
                || cell instanceof Integer
                || cell instanceof BigDecimal
                || cell instanceof LocalDate)) {
            throw new IllegalArgumentException("no cell holds a " + cell.getClass());
        }
    }
}
