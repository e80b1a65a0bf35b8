package fairacre.bill;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.sundry;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.limits.RefusedException;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SundryTest {

    private static final Plan PLAN = plot(10, 8, List.of());

    @ParameterizedTest
    @CsvSource({
        "0,5,quantity",
        "-1,5,quantity",
        "0.0005,5,quantity",
        "100000.001,5,quantity",
        "1,-5,price",
        "1,99999999999999,price"
    })
    void amountsThatCannotBeAreRefusedAtTheirField(String quantity, String price, String field) {
        assertThatThrownBy(() -> sundry("Skip", quantity, price, Acquired.BOUGHT))
                .isInstanceOf(RefusedException.class)
                .extracting(e -> ((RefusedException) e).refusal().field())
                .isEqualTo(field);
    }

    @Test
    void aQuantityIsKeptAsItWouldBeWritten() {
        assertThat(sundry("Hire", "2.500", "1", Acquired.BOUGHT).quantity()).isEqualTo(new BigDecimal("2.5"));
        assertThat(sundry("Hire", "100", "1", Acquired.BOUGHT).quantity()).isEqualTo(new BigDecimal("100"));
    }

    @Test
    void anotherCurrencyAndASeasonBeforeTheGardenAreRefused() {
        Sundry dollars = new Sundry(
                id("Skip"),
                "Skip",
                SEASON,
                BillPart.GROUND,
                BigDecimal.ONE,
                Optional.of(Money.of(CurrencyUnit.USD, 5)),
                Acquired.BOUGHT);
        Sundry early = new Sundry(
                id("Skip"),
                "Skip",
                SEASON - 1,
                BillPart.GROUND,
                BigDecimal.ONE,
                Optional.of(Money.of(EUR, 5)),
                Acquired.BOUGHT);
        assertThat(fieldOf(dollars)).isEqualTo("sundry/price");
        assertThat(fieldOf(early)).isEqualTo("sundry/season");
    }

    private static String fieldOf(Sundry sundry) {
        return ((Outcome.Refused) PLAN.apply(Put.of(sundry))).refusal().field();
    }
}
