package fairacre.format;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.opencsv.CSVReader;
import fairacre.cost.Bill;
import fairacre.cost.CostStudy;
import fairacre.plan.Board;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.PriceItem;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BillFileTest {

    private static final Plan GARDEN = plot(10, 10, List.of(), bed("Beans, \"runner\"", 3, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))),
            bed("=HYPERLINK(\"x\")", 7, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))));

    private static List<String[]> read(Plan plan) throws Exception {
        String text = new String(BillFile.csv(plan, CostStudy.of(plan).bill()), StandardCharsets.UTF_8);
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
        assertThat(rows.get(0)).containsExactly("season", "part", "item", "quantity", "price", "amount", "currency", "beds",
                "acquired");
        assertThat(rows).hasSize(bill.lines().size() + 1);
        BigDecimal sum = rows.stream().skip(1).map(row -> new BigDecimal(row[5])).reduce(BigDecimal.ZERO, BigDecimal::add);
        assertThat(Money.of(EUR, sum)).isEqualTo(bill.total());
        assertThat(rows.get(1)[0]).isEqualTo(String.valueOf(SEASON));
    }

    @Test
    @DisplayName("A cell that begins like a formula is text [OWASP, CSV injection]")
    void aNameThatIsAFormulaIsText() throws Exception {
        assertThat(read(GARDEN)).anySatisfy(row -> assertThat(row[7]).isEqualTo("'=HYPERLINK(\"x\"); Beans, \"runner\""));
    }

    @Test
    void whatHasNoPriceIsLeftEmpty() throws Exception {
        Plan plan = GARDEN;
        for (PriceItem item : List.of(PriceItem.SOIL_BAG_LITRES, PriceItem.SOIL_DELIVERY, PriceItem.SOIL_CUBIC_METRE)) {
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
}
