package fairacre.example;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.testing.Gardens;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The garden to begin from must never have a flaw: whoever begins with it is left in peace. */
class OneBedTest {

    private static final Site GROUND = Gardens.plot(1, 1, List.of()).site();

    private static Plan begun(Units units, String currency) {
        return OneBed.plan(
                UUID.randomUUID(), "One bed", units, 2027, CurrencyUnit.of(currency), GROUND, UUID::randomUUID);
    }

    @ParameterizedTest
    @CsvSource({
        "METRIC, EUR",
        "METRIC, USD",
        "METRIC, GBP",
        "METRIC, CHF",
        "FEET_AND_INCHES, EUR",
        "FEET_AND_INCHES, USD",
        "FEET_AND_INCHES, GBP"
    })
    @DisplayName("boards, screws and soil come to less than 60 [starting prices, from memory]")
    void itCostsLessThanSixty(Units units, String currency) {
        Appraisal appraisal = Appraisal.of(begun(units, currency), 2027);
        assertThat(appraisal.purse().planned().getAmount()).isBetween(new BigDecimal("20"), new BigDecimal("60"));
        assertThat(appraisal.purse().unpriced()).isZero();
        assertThat(appraisal.bill().lines()).hasSizeGreaterThanOrEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({"METRIC, EUR", "FEET_AND_INCHES, USD", "METRIC, SEK", "METRIC, JPY"})
    void itHasNoSnagInAnySeason(Units units, String currency) {
        Plan plan = begun(units, currency);
        for (int season = 2027; season <= 2032; season++) {
            assertThat(Appraisal.of(plan, season).snags()).as("%d", season).isEmpty();
        }
    }
}
