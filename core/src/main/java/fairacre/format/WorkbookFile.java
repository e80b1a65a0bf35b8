package fairacre.format;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;

/**
 * A table as a spreadsheet (Office Open XML, ECMA-376) of one sheet, its headings fixed above. Numbers are numbers; a
 * text is a text even if it begins like a formula. Columns are as wide as a usual text, not measured, since that would
 * take the fonts of a screen.
 */
public final class WorkbookFile {

    /** Rows that are held in memory at a time. */
    private static final int WINDOW = 100;
    /** In 256ths of a character. */
    private static final int WIDTH = 18 * 256;

    private WorkbookFile() {}

    public static byte[] write(Table table) {
        try (SXSSFWorkbook workbook = new SXSSFWorkbook(WINDOW);
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Sheet sheet = workbook.createSheet(table.name());
            sheet.createFreezePane(0, 1);
            headings(workbook, sheet.createRow(0), table.headings());
            CellStyle dates = workbook.createCellStyle();
            dates.setDataFormat(workbook.createDataFormat().getFormat("yyyy-mm-dd"));
            for (int i = 0; i < table.rows().size(); i++) {
                fill(sheet.createRow(i + 1), table.rows().get(i), dates);
            }
            for (int column = 0; column < table.headings().size(); column++) {
                sheet.setColumnWidth(column, WIDTH);
            }
            workbook.write(bytes);
            return bytes.toByteArray();
        } catch (IOException unexpected) {
            throw new UncheckedIOException(unexpected);
        }
    }

    private static void headings(SXSSFWorkbook workbook, Row row, List<String> headings) {
        Font bold = workbook.createFont();
        bold.setBold(true);
        CellStyle style = workbook.createCellStyle();
        style.setFont(bold);
        for (int column = 0; column < headings.size(); column++) {
            Cell cell = row.createCell(column);
            cell.setCellValue(headings.get(column));
            cell.setCellStyle(style);
        }
    }

    private static void fill(Row row, List<Object> cells, CellStyle dates) {
        for (int column = 0; column < cells.size(); column++) {
            Object value = cells.get(column);
            if (value.equals("")) {
                continue;
            }
            Cell cell = row.createCell(column);
            if (value instanceof BigDecimal number) {
                cell.setCellValue(number.doubleValue());
            } else if (value instanceof Integer number) {
                cell.setCellValue(number);
            } else if (value instanceof LocalDate date) {
                cell.setCellValue(date);
                cell.setCellStyle(dates);
            } else {
                cell.setCellValue(value.toString());
            }
        }
    }
}
