package fairacre.format;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.opencsv.CSVReader;
import fairacre.bill.Bill;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.goods.GoodsPrices;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BillTableTest {

    private static final Plan GARDEN = plot(
            10,
            10,
            List.of(),
            bed("Beans, \"runner\"", 3, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))),
            bed("=HYPERLINK(\"x\")", 7, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))));

    private static List<String[]> read(Plan plan) throws Exception {
        String text =
                new String(CsvFile.write(BillTable.of(plan, CostStudy.of(plan).bill())), StandardCharsets.UTF_8);
        assertThat(text).startsWith("\uFEFF");
        try (CSVReader reader = new CSVReader(new StringReader(text.substring(1)))) {
            return reader.readAll();
        }
    }

    @Test
    @DisplayName("Another reader finds the same lines and the same sum [opencsv]")
    void theLinesComeBackFromAnotherReader() throws Exception {
        Bill bill = CostStudy.of(GARDEN).bill();
        List<String[]> rows = read(GARDEN);
        assertThat(rows.get(0))
                .containsExactly(
                        "season",
                        "part",
                        "item",
                        "quantity",
                        "price",
                        "amount",
                        "currency",
                        "beds",
                        "walks and drains",
                        "acquired");
        assertThat(rows).hasSize(bill.lines().size() + 1);
        BigDecimal sum =
                rows.stream().skip(1).map(row -> new BigDecimal(row[5])).reduce(BigDecimal.ZERO, BigDecimal::add);
        assertThat(Money.of(EUR, sum)).isEqualTo(bill.total());
        assertThat(rows.get(1)[0]).isEqualTo(String.valueOf(SEASON));
    }

    @Test
    @DisplayName("A cell that begins like a formula is text [OWASP, CSV injection]")
    void aNameThatIsAFormulaIsText() throws Exception {
        assertThat(read(GARDEN))
                .anySatisfy(row -> assertThat(row[7]).isEqualTo("'=HYPERLINK(\"x\"); Beans, \"runner\""));
    }

    @Test
    void whatHasNoPriceIsLeftEmpty() throws Exception {
        Plan plan = GARDEN;
        for (PriceItem item :
                List.of(GoodsPrices.SOIL_BAG_LITRES, GoodsPrices.SOIL_DELIVERY, GoodsPrices.SOIL_CUBIC_METRE)) {
            plan = with(plan, new Change.ClearPrice(item));
        }
        assertThat(read(plan)).anySatisfy(row -> {
            assertThat(row[4]).isEmpty();
            assertThat(row[5]).isEmpty();
        });
    }

    @Test
    void anEmptyBillIsAHeading() throws Exception {
        assertThat(read(plot(10, 10, List.of()))).hasSize(1);
    }

    @Test
    @DisplayName(
            "Another reader of spreadsheets finds the same lines, numbers as numbers and a formula as text [fastexcel-reader]")
    void theWorkbookComesBackFromAnotherReader() throws Exception {
        Bill bill = CostStudy.of(GARDEN).bill();
        byte[] file = WorkbookFile.write(BillTable.of(GARDEN, bill));
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(file))) {
            List<Row> rows = workbook.getFirstSheet().read();
            assertThat(workbook.getFirstSheet().getName()).isEqualTo("Bill");
            assertThat(rows.get(0).getCellText(5)).isEqualTo("amount");
            assertThat(rows).hasSize(bill.lines().size() + 1);
            BigDecimal sum = rows.stream()
                    .skip(1)
                    .map(row -> row.getCellAsNumber(5).orElseThrow())
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(Money.of(EUR, sum)).isEqualTo(bill.total());
            assertThat(rows.get(1).getCell(7).getType()).isEqualTo(CellType.STRING);
            assertThat(rows)
                    .anySatisfy(
                            row -> assertThat(row.getCellText(7)).isEqualTo("=HYPERLINK(\"x\"); Beans, \"runner\""));
        }
    }

    @Test
    @DisplayName("A date is a date to another reader [fastexcel-reader]")
    void datesAreDates() throws Exception {
        Table table = new Table("Days", List.of("day", "none"), List.of(List.of(LocalDate.of(2027, 3, 14), "")));
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(WorkbookFile.write(table)))) {
            assertThat(workbook.getFirstSheet().read().get(1).getCellAsDate(0))
                    .contains(LocalDate.of(2027, 3, 14).atStartOfDay());
        }
        assertThat(new String(CsvFile.write(table), StandardCharsets.UTF_8)).contains("2027-03-14,");
    }

    @Test
    void tablesThatNoSheetHoldsAreAMistake() {
        assertThatThrownBy(() -> new Table("", List.of("a"), List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Table("A", List.of("a"), List.of(List.of("b", "c"))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Table("A", List.of("a"), List.of(List.of(1.5))))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
