package fairacre.bill;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.quote;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.cost.QuotedPrice;
import fairacre.goods.GoodsPrices;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Things;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuoteTest {

    private static final PriceItem MIX = GoodsPrices.SOIL_CUBIC_METRE;

    @ParameterizedTest(name = "{0} with {1} % on top: {2}")
    @DisplayName("Tax on top by hand, half a cent up")
    @CsvSource({"70.00, 19, 83.30", "70.50, 19, 83.90", "10.00, 0, 10.00", "0.05, 10, 0.06", "9.99, 7.7, 10.76"})
    void tax(BigDecimal amount, BigDecimal tax, BigDecimal gross) {
        Quote quote =
                new Quote(id("Q"), MIX, Money.of(EUR, amount), Optional.empty(), LocalDate.of(2027, 3, 1), tax, false);
        assertThat(quote.gross()).isEqualTo(Money.of(EUR, gross));
    }

    @Test
    void theNewestCountsUnlessOneIsPinned() {
        Plan plan = plot(10, 10, List.of());
        Money guess = plan.priceOf(MIX).orElseThrow();
        Plan asked = with(plan, Put.of(quote("New", MIX, "80", 9)), Put.of(quote("Old", MIX, "70", 2)));
        assertThat(asked.priceOf(MIX)).contains(Money.parse("EUR 95.20"));
        assertThat(asked.pricesInForce()).containsEntry(MIX, Money.parse("EUR 95.20"));
        Quote old = quote("Old", MIX, "70", 2);
        Plan pinned =
                with(asked, Put.of(new Quote(old.id(), MIX, old.amount(), old.shop(), old.date(), old.tax(), true)));
        assertThat(pinned.priceOf(MIX)).contains(Money.parse("EUR 83.30"));
        assertThat(pinned.pricesInForce()).containsEntry(MIX, Money.parse("EUR 83.30"));
        assertThat(QuotedPrice.of(pinned))
                .extracting(QuotedPrice::gross, QuotedPrice::counts)
                .containsExactly(tuple(Money.parse("EUR 95.20"), false), tuple(Money.parse("EUR 83.30"), true));
        Plan forgotten = with(pinned, new Remove<>(Things.QUOTES, id("Old")), new Remove<>(Things.QUOTES, id("New")));
        assertThat(forgotten.priceOf(MIX)).contains(guess);
    }

    @Test
    void theBillGoesByWhatWasAsked() {
        Plan plan = with(
                plot(10, 10, List.of(), bed("A", 5, 5, 5, 1.2, 0, Optional.of(cedar(Board.M47X200, 2)))),
                Put.of(quote("Q", MIX, "10", 2)));
        assertThat(CostStudy.of(plan).bill().lines())
                .filteredOn(line -> line.item().equals(MIX))
                .singleElement()
                .satisfies(line -> assertThat(line.price()).contains(Money.parse("EUR 11.90")));
    }

    @Test
    void whatNoShopAsksIsRefusedAtItsField() {
        refused("tax", "10", "-1");
        refused("tax", "10", "50.01");
        assertThatThrownBy(() -> with(
                        plot(10, 10, List.of()),
                        Put.of(new Quote(
                                id("Q"),
                                MIX,
                                Money.of(CurrencyUnit.GBP, 1),
                                Optional.empty(),
                                LocalDate.of(SEASON, 1, 1),
                                BigDecimal.ZERO,
                                false))))
                .hasMessageContaining("GBP");
    }

    private static void refused(String field, String amount, String tax) {
        assertThatThrownBy(() -> new Quote(
                        id("Q"),
                        MIX,
                        Money.of(EUR, new BigDecimal(amount)),
                        Optional.empty(),
                        LocalDate.of(SEASON, 1, 1),
                        new BigDecimal(tax),
                        false))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo(field));
    }
}
