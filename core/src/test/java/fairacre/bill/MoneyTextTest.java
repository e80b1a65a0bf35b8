package fairacre.bill;

import static org.assertj.core.api.Assertions.assertThat;

import org.joda.money.Money;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Signs: the Unicode Common Locale Data Repository's narrow symbols, as Chromium's Intl writes them. */
class MoneyTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "EUR 4038.25 | €4,038.25",
                "USD 3654.30 | $3,654.30",
                "CAD 0.05 | $0.05",
                "GBP 1234567.00 | £1,234,567.00",
                "JPY 12000 | ¥12,000",
                "CHF 12.00 | CHF 12.00",
                "EUR -3.50 | −€3.50"
            })
    void sumsAreWrittenAsTheyAreRead(String sum, String read) {
        assertThat(MoneyText.format(Money.parse(sum))).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"EUR 120.00 | +€120.00", "EUR -120.00 | −€120.00"})
    void aDifferenceSaysWhichWay(String sum, String read) {
        assertThat(MoneyText.difference(Money.parse(sum))).isEqualTo(read);
    }
}
