package fairacre.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Budget;
import fairacre.bill.PriceItem;
import fairacre.bill.Share;
import fairacre.cost.Purse;
import fairacre.goods.GoodsPrices;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LedgerTest {

    private static final PriceItem BAG = GoodsPrices.SOIL_BAG_LITRES;

    private static Money eur(String amount) {
        return Money.of(CurrencyUnit.EUR, new BigDecimal(amount));
    }

    private static ReceiptLine line(String amount) {
        return new ReceiptLine("Something", BigDecimal.ONE, eur(amount), BillPart.OTHER, Optional.empty());
    }

    private static Receipt receipt(String discount, String tax, String paper, String... amounts) {
        return new Receipt(
                UUID.randomUUID(),
                LocalDate.of(2027, 4, 3),
                "Timber & Twine",
                Arrays.stream(amounts).map(LedgerTest::line).toList(),
                eur(discount),
                eur(tax),
                Optional.ofNullable(paper).map(LedgerTest::eur));
    }

    private static List<String> plain(List<Money> amounts) {
        return amounts.stream().map(m -> m.getAmount().toPlainString()).toList();
    }

    /** By long hand, after the largest remainder method (Hamilton) of seats in a parliament. */
    @Nested
    class DiscountAndTax {

        @Test
        void aDiscountOfOneOverThreeEqualLinesTakesTheOddCentOffTheFirst() {
            Receipt receipt = receipt("1.00", "0", null, "10.00", "10.00", "10.00");
            assertThat(plain(receipt.costs())).containsExactly("9.66", "9.67", "9.67");
            assertThat(receipt.total()).isEqualTo(eur("29.00"));
        }

        @Test
        void taxIsSharedOutAfterTheDiscount() {
            // 10 % off 100.00 and 50.00 leaves 90.00 and 45.00; 19 % on 135.00 is 25.65, of which 2/3 are 17.10.
            Receipt receipt = receipt("15.00", "25.65", "160.65", "100.00", "50.00");
            assertThat(plain(receipt.costs())).containsExactly("107.10", "53.55");
            assertThat(receipt.difference()).isEmpty();
        }

        @Test
        void ofRemaindersTheLargestGetsTheCent() {
            // 0.10 over 1, 2 and 4: exactly 1.43, 2.86 and 5.71 cents, so 1, 3 and 6.
            assertThat(plain(receipt("0", "0.10", null, "1.00", "2.00", "4.00").costs()))
                    .containsExactly("1.01", "2.03", "4.06");
        }

        @Test
        void whatCostsNothingSharesEvenly() {
            assertThat(plain(receipt("0", "0.03", null, "0", "0").costs())).containsExactly("0.02", "0.01");
        }

        @Test
        void yenHaveNoMinorUnit() {
            Money yen = Money.ofMajor(CurrencyUnit.JPY, 100);
            assertThat(plain(Spread.of(Money.ofMajor(CurrencyUnit.JPY, 10), List.of(yen, yen, yen))))
                    .containsExactly("4", "3", "3");
        }

        @Test
        void theCostsOfAnyReceiptAddUpAndNoShareIsACentOrMoreOff() {
            Random random = new Random(7);
            for (int i = 0; i < 500; i++) {
                String[] amounts = random.ints(1 + random.nextInt(12), 0, 20_000)
                        .mapToObj(c -> BigDecimal.valueOf(c, 2).toPlainString())
                        .toArray(String[]::new);
                List<Money> weights =
                        Arrays.stream(amounts).map(LedgerTest::eur).toList();
                Money sum = Money.total(weights);
                Money tax = Money.ofMinor(CurrencyUnit.EUR, random.nextInt(5000));
                Receipt receipt = receipt("0", tax.getAmount().toPlainString(), null, amounts);
                assertThat(Money.total(receipt.costs()))
                        .isEqualTo(receipt.total())
                        .isEqualTo(sum.plus(tax));
                for (int line = 0; line < amounts.length && sum.isPositive(); line++) {
                    BigDecimal exact = tax.getAmount()
                            .multiply(weights.get(line).getAmount())
                            .divide(sum.getAmount(), 9, RoundingMode.HALF_EVEN);
                    BigDecimal share =
                            receipt.costs().get(line).minus(weights.get(line)).getAmount();
                    assertThat(share.subtract(exact).abs()).isLessThan(new BigDecimal("0.01"));
                }
            }
        }
    }

    @Nested
    class WhatThePaperSays {

        /** Half up is what shops do where nothing else is agreed: common practice. */
        @ParameterizedTest(name = "{0} % off 9.99 + 0.06: {1}")
        @CsvSource({"0, 0.00", "10, 1.01", "3, 0.30", "2.5, 0.25", "33.333, 3.35", "100, 10.05"})
        void aPercentageOffIsOfAllLinesTogether(BigDecimal percent, String off) {
            assertThat(receipt("0.00", "0.00", null, "9.99", "0.06")
                            .less(percent)
                            .discount())
                    .isEqualTo(eur(off));
        }

        @ParameterizedTest
        @ValueSource(strings = {"-0.01", "100.01"})
        void noMoreThanAllIsTakenOff(BigDecimal percent) {
            assertThatThrownBy(() -> receipt("0.00", "0.00", null, "9.99").less(percent))
                    .isInstanceOfSatisfying(
                            RefusedException.class,
                            refused -> assertThat(refused.refusal().field()).isEqualTo("discount"));
        }

        @Test
        void aSumAndAPercentageAreNotTakenTogether() {
            assertThatThrownBy(() -> receipt("1.00", "0.00", null, "9.99").less(BigDecimal.TEN))
                    .isInstanceOf(RefusedException.class);
        }

        @Test
        void aReceiptThatDoesNotAddUpIsKeptWithItsDifference() {
            assertThat(receipt("0", "0", "30.90", "10.00", "20.00").difference())
                    .contains(eur("0.90"));
            assertThat(receipt("0", "0", "29.00", "10.00", "20.00").difference())
                    .contains(eur("-1.00"));
            assertThat(receipt("0", "0", null, "10.00").difference()).isEmpty();
        }

        @Test
        void moreDiscountThanThereIsIsRefused() {
            assertThatThrownBy(() -> receipt("10.01", "0", null, "10.00"))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("more than all");
        }

        @ParameterizedTest
        @ValueSource(strings = {"-0.01", "99999999999999"})
        void amountsBelowNothingOrBeyondAllGardensAreRefused(String amount) {
            assertThatThrownBy(() -> line(amount)).isInstanceOf(RefusedException.class);
        }

        @Test
        void anotherCurrencyOnTheSamePaperIsRefused() {
            ReceiptLine pounds = new ReceiptLine(
                    "Twine", BigDecimal.ONE, Money.ofMajor(CurrencyUnit.GBP, 3), BillPart.OTHER, Optional.empty());
            assertThatThrownBy(() -> new Receipt(
                            UUID.randomUUID(),
                            LocalDate.of(2027, 4, 3),
                            "Shop",
                            List.of(line("1.00"), pounds),
                            null,
                            null,
                            null))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("currency");
        }

        @Test
        void aReceiptWithoutLinesOrFromNoSeasonIsRefused() {
            assertThatThrownBy(() -> receipt("0", "0", null)).isInstanceOf(RefusedException.class);
            assertThatThrownBy(() -> new Receipt(
                            UUID.randomUUID(),
                            LocalDate.of(20270, 4, 3),
                            "Shop",
                            List.of(line("1.00")),
                            null,
                            null,
                            null))
                    .isInstanceOf(RefusedException.class);
        }
    }

    /** Worked by hand: 20 bags in 2027 and 10 in 2028 at 6.00, a budget of 300. */
    @Nested
    class WhatItWillHaveCost {

        private final Bill bill = new Bill(CurrencyUnit.EUR, List.of(bags(2027, 20), bags(2028, 10)));

        private BillLine bags(int season, int count) {
            return new BillLine(
                    season,
                    BillPart.FILL,
                    BAG,
                    BigDecimal.valueOf(count),
                    Optional.empty(),
                    Optional.of(eur("6.00")),
                    Optional.of(eur("6.00").multipliedBy(count)),
                    Acquired.BOUGHT,
                    List.of(),
                    List.of());
        }

        private Paid paid(int season, int count, String cost) {
            return new Paid(Optional.of(BAG.key()), BillPart.FILL, season, false, BigDecimal.valueOf(count), eur(cost));
        }

        private Forecast forecast(Paid... paid) {
            return Forecast.of(new Budget(eur("300"), BigDecimal.TEN), bill, List.of(paid));
        }

        @Test
        void beforeTheFirstReceiptAllIsStillToCome() {
            Forecast forecast = forecast();
            assertThat(forecast.paid()).isEqualTo(eur("0"));
            assertThat(forecast.toCome()).isEqualTo(forecast.planned()).isEqualTo(eur("180"));
            assertThat(forecast.left()).isEqualTo(eur("120"));
        }

        @Test
        @DisplayName(
                "By hand: of 150.00 for fill 132.00 are paid and 36.00 to come, so 18.00 too much; of 100.00 for 2028 64.00 are left, of 50.00 for tools all")
        void sharesOfTheBudgetStandAgainstWhatTheyAreFor() {
            Budget budget = new Budget(eur("300"), BigDecimal.TEN)
                    .withShare(Share.of(2028, eur("100")))
                    .withShare(Share.of(BillPart.TOOLS, eur("50")))
                    .withShare(Share.of(BillPart.FILL, eur("1")))
                    .withShare(Share.of(BillPart.FILL, eur("150")));
            Forecast forecast = Forecast.of(budget, bill, List.of(paid(2027, 24, "132.00")));
            assertThat(forecast.shares())
                    .extracting(Forecast.OfShare::left)
                    .containsExactly(eur("-18"), eur("50"), eur("64"));
            assertThatThrownBy(() -> new Share(Optional.empty(), Optional.empty(), eur("1")))
                    .isInstanceOf(RefusedException.class);
            assertThatThrownBy(() -> new Budget(
                            eur("300"), BigDecimal.TEN, List.of(Share.of(2028, eur("1")), Share.of(2028, eur("2")))))
                    .hasMessageContaining("twice");
            assertThatThrownBy(() -> budget.withShare(Share.of(2029, Money.parse("USD 1"))))
                    .isInstanceOf(RefusedException.class);
        }

        @Test
        void whatWasBoughtFillsTheFirstSeasonFirst() {
            // 24 bags for 132.00: all of 2027 and four of 2028; six at 6.00 are to come.
            Forecast forecast = forecast(paid(2027, 24, "132.00"));
            assertThat(forecast.toCome()).isEqualTo(eur("36"));
            assertThat(forecast.left()).isEqualTo(eur("132"));
            assertThat(forecast.bySeason())
                    .containsExactly(
                            new Forecast.OfSeason(2027, eur("120"), eur("132"), eur("0"), eur("0")),
                            new Forecast.OfSeason(2028, eur("60"), eur("0"), eur("0"), eur("36")));
            assertThat(forecast.surprises()).singleElement().satisfies(surprise -> {
                assertThat(surprise.planned()).isEqualTo(eur("144"));
                assertThat(surprise.more()).isEqualTo(eur("-12"));
            });
        }

        @Test
        void whatIsOnNoBillIsPaidAndNothingComesOffTheBill() {
            Forecast forecast =
                    forecast(new Paid(Optional.empty(), BillPart.TOOLS, 2027, false, BigDecimal.ONE, eur("45")));
            assertThat(forecast.toCome()).isEqualTo(eur("180"));
            assertThat(forecast.left()).isEqualTo(eur("75"));
            assertThat(forecast.byPart())
                    .containsExactly(
                            new Forecast.OfPart(BillPart.FILL, eur("180"), eur("0"), eur("0"), eur("180")),
                            new Forecast.OfPart(BillPart.TOOLS, eur("0"), eur("45"), eur("0"), eur("0")));
        }

        @Test
        void whatIsOrderedIsCommittedAndNotToCome() {
            // 20 bags are ordered for 130.00: ten at 6.00 are to come, and of 300 less 130 less 60 remain 110; nothing
            // surprises yet.
            Forecast forecast = forecast(
                    new Paid(Optional.of(BAG.key()), BillPart.FILL, 2027, true, BigDecimal.valueOf(20), eur("130")));
            assertThat(forecast.committed()).isEqualTo(eur("130"));
            assertThat(forecast.paid()).isEqualTo(eur("0"));
            assertThat(forecast.toCome()).isEqualTo(eur("60"));
            assertThat(forecast.left()).isEqualTo(eur("110"));
            assertThat(forecast.held()).isEqualTo(eur("30"));
            assertThat(forecast.surprises()).isEmpty();
            assertThat(forecast.bySeason().get(0))
                    .isEqualTo(new Forecast.OfSeason(2027, eur("120"), eur("0"), eur("130"), eur("0")));
        }

        @Test
        void paperThatEatsTheContingencyOrMoreIsSaidSo() {
            // 30 of 300 are held back and 180 are planned: 90 more leave 30, a cent more eats into it, 120.01 are too
            // much.
            assertThat(forecast(beside("90.00")).state()).isEqualTo(Purse.State.WITHIN);
            assertThat(forecast(beside("90.01")).state()).isEqualTo(Purse.State.INTO_CONTINGENCY);
            assertThat(forecast(beside("120.01")).state()).isEqualTo(Purse.State.OVERDRAWN);
        }

        private Paid beside(String cost) {
            return new Paid(Optional.empty(), BillPart.TOOLS, 2027, false, BigDecimal.ONE, eur(cost));
        }

        @Test
        void whatIsTakenBackIsToComeAgain() {
            assertThat(forecast(paid(2027, 20, "120"), paid(2027, -20, "-120")).toCome())
                    .isEqualTo(eur("180"));
        }

        @Test
        void theShoppingListHasWhatIsMissingWhereItWasBoughtLast() {
            // Of 20 bags 14 are bought, 6 at 6.00 are missing; spikes are bought nowhere yet and have no price.
            BillLine spikes = new BillLine(
                    2027,
                    BillPart.FRAMES,
                    new PriceItem("sundry/1", "Spikes"),
                    new BigDecimal("2.5"),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Acquired.BOUGHT,
                    List.of(),
                    List.of());
            BillLine gift = new BillLine(
                    2027,
                    BillPart.OTHER,
                    new PriceItem("sundry/2", "Bench"),
                    BigDecimal.ONE,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(eur("0")),
                    Acquired.FREE,
                    List.of(),
                    List.of());
            Bill all = new Bill(CurrencyUnit.EUR, List.of(bags(2027, 20), spikes, gift, bags(2028, 10)));
            ShoppingList list =
                    ShoppingList.of(all, List.of(paid(2027, 14, "80")), 2027, Map.of(BAG.key(), "Timber & Twine"));
            assertThat(list.shops())
                    .extracting(ShoppingList.AtShop::shop)
                    .containsExactly(Optional.of("Timber & Twine"), Optional.empty());
            assertThat(list.shops().get(0).things()).singleElement().satisfies(thing -> {
                assertThat(thing.quantity()).isEqualByComparingTo("6");
                assertThat(thing.amount()).contains(eur("36"));
            });
            assertThat(list.shops().get(1).things())
                    .extracting(ShoppingList.ToBuy::label)
                    .containsExactly("Spikes");
            assertThat(list.total()).isEqualTo(eur("36"));
            assertThat(list.unpriced()).isEqualTo(1);
            assertThat(ShoppingList.of(bill, List.of(paid(2027, 30, "180")), 2027, Map.of())
                            .shops())
                    .isEmpty();
        }

        @Test
        void whatTwoPartsOfTheWorkWantIsOneThingOnTheList() {
            BillLine walks = new BillLine(
                    2027,
                    BillPart.WALKS,
                    BAG,
                    new BigDecimal("3"),
                    Optional.empty(),
                    Optional.of(eur("6.00")),
                    Optional.of(eur("18.00")),
                    Acquired.BOUGHT,
                    List.of(),
                    List.of());
            ShoppingList list = ShoppingList.of(
                    new Bill(CurrencyUnit.EUR, List.of(walks, bags(2027, 20))), List.of(), 2027, Map.of());
            assertThat(list.shops().get(0).things()).singleElement().satisfies(thing -> {
                assertThat(thing.quantity()).isEqualByComparingTo("23");
                assertThat(thing.amount()).contains(eur("138"));
            });
        }

        @Test
        void whatWasToComeFreeButWasPaidForIsASurprise() {
            List<BillLine> free = new ArrayList<>();
            free.add(new BillLine(
                    2027,
                    BillPart.FILL,
                    BAG,
                    BigDecimal.TEN,
                    Optional.empty(),
                    Optional.of(eur("6")),
                    Optional.of(eur("0")),
                    Acquired.FREE,
                    List.of(),
                    List.of()));
            Forecast forecast = Forecast.of(
                    new Budget(eur("300"), BigDecimal.TEN),
                    new Bill(CurrencyUnit.EUR, free),
                    List.of(paid(2027, 10, "50")));
            assertThat(forecast.surprises())
                    .singleElement()
                    .satisfies(surprise -> assertThat(surprise.more()).isEqualTo(eur("50")));
            assertThat(forecast.toCome()).isEqualTo(eur("0"));
        }
    }

    @Test
    void whatALedgerComesToLeavesOutWhatIsTakenBackAndOrdersThatArePaid() {
        Receipt order = bags("40.00", true, Optional.empty());
        Receipt open = bags("30.00", true, Optional.empty());
        Receipt payment = bags("44.00", false, Optional.of(order.id()));
        Receipt wrong = bags("99.00", false, Optional.of(open.id()));
        List<Paid> sums = Paid.of(
                List.of(
                        new Entry(order, false),
                        new Entry(open, false),
                        new Entry(payment, false),
                        new Entry(wrong, true),
                        new Entry(bags("6.00", false, Optional.empty()), false)),
                Plan.NEW_YEAR);
        // 44.00 and 6.00 are paid for twice ten bags, and 30.00 are ordered: the payment for that was taken back.
        assertThat(sums).extracting(Paid::ordered).containsExactly(true, false);
        assertThat(sums).extracting(Paid::cost).containsExactly(eur("30.00"), eur("50.00"));
        assertThat(sums).extracting(paid -> paid.quantity().intValueExact()).containsExactly(10, 20);
    }

    @ParameterizedTest(name = "{0}: season {1} if the year begins on 1 January, {2} on 1 July, {3} on 29 February")
    @CsvSource({
        "2027-01-01, 2027, 2026, 2026",
        "2027-02-28, 2027, 2026, 2027",
        "2028-02-28, 2028, 2027, 2027",
        "2028-02-29, 2028, 2027, 2028",
        "2027-06-30, 2027, 2026, 2027",
        "2027-07-01, 2027, 2027, 2027",
        "2027-12-31, 2027, 2027, 2027"
    })
    void aReceiptBelongsToTheSeasonOfItsDay(LocalDate day, int january, int july, int leapDay) {
        assertThat(Plan.season(day, Plan.NEW_YEAR)).isEqualTo(january);
        assertThat(Plan.season(day, MonthDay.of(7, 1))).isEqualTo(july);
        assertThat(Plan.season(day, MonthDay.of(2, 29))).isEqualTo(leapDay);
    }

    private static Receipt bags(String amount, boolean ordered, Optional<UUID> settles) {
        ReceiptLine line = new ReceiptLine("Bags", BigDecimal.TEN, eur(amount), BillPart.FILL, Optional.of(BAG.key()));
        return new Receipt(
                UUID.randomUUID(),
                LocalDate.of(2027, 4, 3),
                "Timber & Twine",
                List.of(line),
                null,
                null,
                Optional.empty(),
                ordered,
                settles);
    }
}
