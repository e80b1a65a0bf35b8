package fairacre.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.opencsv.CSVWriter;
import fairacre.bill.BillPart;
import fairacre.format.ReceiptText.Found;
import fairacre.format.ReceiptText.Known;
import fairacre.ledger.ReceiptLine;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReceiptTextTest {

    private static final List<Known> BILL = List.of(
            new Known("soil/bag/50l", "Garden mix, bag of 50 L", BillPart.FILL),
            new Known("fastener/screw-75mm", "Deck screws", BillPart.FRAMES));

    private static Found read(String text) throws FaultyFileException {
        return ReceiptText.read(text.getBytes(StandardCharsets.UTF_8), CurrencyUnit.EUR, BILL);
    }

    @Test
    void linesOfAnOrderMail() throws Exception {
        Found found = read("""
                2 x Deck screws       27.00
                Garden mix, bag of 50 L   5,90 €
                1.5 × Rope: € 3.00

                Subtotal 35.90
                Discount 10 %  -3.59
                incl. VAT 5.16
                TOTAL EUR 32.31
                Thank you for your custom
                """);
        assertThat(found.lines())
                .containsExactly(
                        new ReceiptLine(
                                "Deck screws",
                                new BigDecimal("2"),
                                eur("27.00"),
                                BillPart.FRAMES,
                                Optional.of("fastener/screw-75mm")),
                        new ReceiptLine(
                                "Garden mix, bag of 50 L",
                                BigDecimal.ONE,
                                eur("5.90"),
                                BillPart.FILL,
                                Optional.of("soil/bag/50l")),
                        new ReceiptLine("Rope", new BigDecimal("1.5"), eur("3.00"), BillPart.OTHER, Optional.empty()));
        assertThat(found.discount()).contains(eur("3.59"));
        assertThat(found.tax()).isEmpty();
        assertThat(found.paper()).contains(eur("32.31"));
        assertThat(found.rejected()).extracting(ReceiptText.Rejected::row).containsExactly(9);
    }

    @ParameterizedTest
    @CsvSource({
        "'Rope €3.00', Rope, 3.00",
        "'Rope: 3.00 EUR', Rope, 3.00",
        "'Size: 4: 3.00€', Size: 4, 3.00",
        "'2 x 3.00', 2 x, 3.00",
        "'Bolt M8 3', Bolt M8, 3.00"
    })
    void amountsStandAtTheEndOfALine(String line, String what, String amount) throws Exception {
        assertThat(read(line).lines())
                .containsExactly(new ReceiptLine(what, BigDecimal.ONE, eur(amount), BillPart.OTHER, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"' '", "':'", "'1'", "'a '", "'1 x '", "' 1'", "': 1'", "'€ '"})
    void aLineAsLongAsTheTextMayBeIsReadInOnePass(String repeated) throws Exception {
        String line = "Rope"
                + repeated.repeat((ReceiptText.LARGEST - 10) / repeated.getBytes(StandardCharsets.UTF_8).length) + "!";
        assertThat(read(line).rejected()).hasSize(1);
    }

    @Test
    void theFootIsNoThing() throws Exception {
        Found found = read("Boards 100.00\nVAT 19 % 19.00\nTotal 119.00");
        assertThat(found.lines()).hasSize(1);
        assertThat(found.tax()).contains(eur("19.00"));
        assertThat(found.paper()).contains(eur("119.00"));
    }

    @ParameterizedTest(name = "cells between {0}")
    @CsvSource({"';'", "','"})
    @DisplayName("A table written by opencsv, its columns in another order, one name with the sign in it")
    void aTableOfAnotherWriter(char sign) throws Exception {
        StringWriter text = new StringWriter();
        try (CSVWriter csv = new CSVWriter(text, sign, '"', '"', "\r\n")) {
            csv.writeNext(new String[] {"Amount", "Qty", "Description"});
            csv.writeNext(new String[] {"12,50", "3", "Rope; thin, white"});
            csv.writeNext(new String[] {"5.90", "", "soil/bag/50l"});
        }
        assertThat(read(text.toString()).lines())
                .containsExactly(
                        new ReceiptLine(
                                "Rope; thin, white",
                                new BigDecimal("3"),
                                eur("12.50"),
                                BillPart.OTHER,
                                Optional.empty()),
                        new ReceiptLine(
                                "Garden mix, bag of 50 L",
                                BigDecimal.ONE,
                                eur("5.90"),
                                BillPart.FILL,
                                Optional.of("soil/bag/50l")));
    }

    @Test
    void cellsFromASpreadsheetHaveTabsAndNoHeading() throws Exception {
        assertThat(read("Rope\t2\t7.00\nTwine\t1\t3.50").lines())
                .extracting(ReceiptLine::text)
                .containsExactly("Rope", "Twine");
    }

    @Test
    void whatIsDoubtfulIsToldAndTheRestTaken() throws Exception {
        Found found = read("Boards 1,234\nRope 3.505\nTwine 2.00\n2a x Tape\t");
        assertThat(found.lines()).extracting(ReceiptLine::text).containsExactly("Twine");
        assertThat(found.rejected())
                .extracting(ReceiptText.Rejected::reason)
                .anyMatch(reason -> reason.contains("thousands or decimals"))
                .anyMatch(reason -> reason.contains("more decimals than EUR"))
                .hasSize(3);
    }

    @Test
    void anotherEncodingIsRead() throws Exception {
        assertThat(ReceiptText.read("Bügel 4,00".getBytes(Charset.forName("windows-1252")), CurrencyUnit.EUR, BILL)
                        .lines()
                        .get(0)
                        .text())
                .isEqualTo("Bügel");
    }

    @Test
    void nothingGivesNothingAndTooMuchIsRefused() throws Exception {
        assertThat(read(" \n").lines()).isEmpty();
        assertThatThrownBy(() -> read("Rope 1.00\n".repeat(201))).hasMessageContaining("more than 200 lines");
        assertThatThrownBy(() -> read("x".repeat(ReceiptText.LARGEST + 1))).hasMessageContaining("200 kB");
    }

    private static Money eur(String amount) {
        return Money.of(CurrencyUnit.EUR, new BigDecimal(amount));
    }
}
