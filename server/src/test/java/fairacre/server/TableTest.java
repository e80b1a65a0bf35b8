package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.server.Visitor.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Papers as spreadsheets. What is in the file is the business of {@code WorkbookFileTest}. */
class TableTest {

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());

    private Answer asked(String rows) {
        return rosa.post(
                "/api/tables.xlsx",
                "{\"name\":\"Back: beds\",\"headings\":[\"Bed\",\"Length\"],\"rows\":" + rows + "}");
    }

    @Test
    void aTableBecomesAFile() {
        Answer file = asked("[[\"=1+1\", 2.44], [\"Kale\", null], [\"Beans\", 3]]");
        assertThat(file.status()).as(file.text()).isEqualTo(200);
        assertThat(file.header("Content-Type")).contains("spreadsheetml");
        assertThat(file.header("Content-Disposition")).contains("Back-").contains("beds.xlsx");
        assertThat(file.text()).startsWith("PK");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"null", "[[\"Kale\"]]", "[null]", "[[\"Kale\", 1e400]]", "[[\"Kale\", 1e2147483647]]"})
    void whatIsNoTableIsRefused(String rows) {
        Answer refused = asked(rows);
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.json().path("field").stringValue()).startsWith("rows");
    }
}
