package fairacre.format;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.opencsv.CSVReader;
import com.opencsv.CSVWriter;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Material;
import fairacre.build.Workshop;
import fairacre.format.PriceFile.Reading;
import fairacre.goods.GoodsPrices;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PriceFileTest {

    private static final Plan PLAN = plot(10, 10, List.of());
    private static final String BAG = GoodsPrices.SOIL_BAG_LITRES.key();

    @Test
    @DisplayName(
            "Taken out, changed in one price by another program and read again: that price is new, all others are the same [opencsv]")
    void aPriceBookComesBackFromAnotherProgram() throws Exception {
        List<String[]> rows;
        try (CSVReader reader =
                new CSVReader(new StringReader(new String(PriceFile.csv(PLAN), StandardCharsets.UTF_8).substring(1)))) {
            rows = reader.readAll();
        }
        rows.stream().filter(row -> row[0].equals(BAG)).forEach(row -> row[2] = "11.95");
        StringWriter text = new StringWriter();
        try (CSVWriter writer = new CSVWriter(text)) {
            writer.writeAll(rows);
        }
        Reading reading = PriceFile.read(PLAN, text.toString().getBytes(StandardCharsets.UTF_8));
        assertThat(reading.taken()).singleElement().satisfies(taken -> {
            assertThat(taken.item()).isEqualTo(GoodsPrices.SOIL_BAG_LITRES);
            assertThat(taken.before()).isEqualTo(PLAN.priceOf(GoodsPrices.SOIL_BAG_LITRES));
        });
        assertThat(reading.same()).isEqualTo(PLAN.prices().size() - 1);
        assertThat(reading.rejected()).isEmpty();
        assertThat(PLAN.apply(reading.change().orElseThrow()).orThrow().priceOf(GoodsPrices.SOIL_BAG_LITRES))
                .contains(Money.parse("EUR 11.95"));
    }

    @Test
    void aSpreadsheetOfTheContinentIsRead() throws Exception {
        String text = "Price;Item;Shop\r\n12,50;" + GoodsPrices.SOIL_BAG_LITRES.label() + ";Gr\u00fcnes Eck\r\n";
        Reading reading = PriceFile.read(PLAN, text.getBytes(Charset.forName("windows-1252")));
        assertThat(reading.taken())
                .singleElement()
                .satisfies(taken -> assertThat(taken.amount()).isEqualTo(Money.of(EUR, 12.5)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"1,234\"|thousands or decimals",
                "-3|less than nothing",
                "99999999999999|more than any garden",
                "12.345|more decimals",
                "=1+1|no plain number",
                "ten|no plain number",
                "\"1.234,50\"|no plain number"
            })
    void whatIsNoPriceIsRejectedWithItsRowAndReason(String price, String reason) throws Exception {
        Reading reading =
                PriceFile.read(PLAN, ("key,price\n\n" + BAG + "," + price + "\n").getBytes(StandardCharsets.UTF_8));
        assertThat(reading.change()).isEqualTo(Optional.empty());
        assertThat(reading.rejected()).singleElement().satisfies(rejected -> {
            assertThat(rejected.row()).isEqualTo(2);
            assertThat(rejected.reason()).contains(reason);
        });
    }

    @Test
    void anotherCurrencyAnUnknownItemAndASecondPriceAreRejectedAndTheRestIsTaken() throws Exception {
        String text = "key,price,currency\n" + BAG + ",9.99,EUR\n" + BAG
                + ",8,EUR\nsoil/moon,5,EUR\nsoil/delivery,70,USD\nsoil/delivery,,EUR\n";
        Reading reading = PriceFile.read(PLAN, text.getBytes(StandardCharsets.UTF_8));
        assertThat(reading.taken()).hasSize(1);
        assertThat(reading.rejected()).extracting(PriceFile.Rejected::row).containsExactly(3L, 4L, 5L);
    }

    @Test
    void aLineWithADayIsWhatAShopAskedAndSeveralOfThemAreTaken() throws Exception {
        String text = "key,price,shop,date\n" + BAG + ",9.99,Barn,2027-04-01\n" + BAG + ",8.50,Barn,2027-05-01\n" + BAG
                + ",8,,1 May\n";
        Reading reading = PriceFile.read(PLAN, text.getBytes(StandardCharsets.UTF_8));
        assertThat(reading.taken()).hasSize(2);
        assertThat(reading.rejected())
                .singleElement()
                .satisfies(rejected -> assertThat(rejected.reason()).contains("no day"));
        Plan after = PLAN.apply(reading.change().orElseThrow()).orThrow();
        assertThat(after.priceOf(GoodsPrices.SOIL_BAG_LITRES)).contains(Money.parse("EUR 8.50"));
        // Taken out and read again nothing changes; without its day the price of such a thing is not taken.
        Reading again = PriceFile.read(after, PriceFile.csv(after));
        assertThat(again.taken()).isEmpty();
        assertThat(again.rejected()).isEmpty();
        assertThat(new String(PriceFile.csv(after), StandardCharsets.UTF_8)).contains(",8.50,EUR,Barn,2027-05-01");
        Reading undated = PriceFile.read(after, ("key,price\n" + BAG + ",7\n").getBytes(StandardCharsets.UTF_8));
        assertThat(undated.rejected())
                .singleElement()
                .satisfies(rejected -> assertThat(rejected.reason()).contains("give the day"));
    }

    @Test
    void aShopThatIsCalledLikeAFormulaGoesOutWithAnApostropheAndComesBackWithoutIt() throws Exception {
        Plan asked = PLAN.apply(PriceFile.read(
                                PLAN,
                                ("key,price,shop,date\n" + BAG + ",8,'=SUM(A1),2027-05-01\n")
                                        .getBytes(StandardCharsets.UTF_8))
                        .change()
                        .orElseThrow())
                .orThrow();
        assertThat(asked.quotes().get(0).shop()).contains("=SUM(A1)");
        assertThat(new String(PriceFile.csv(asked), StandardCharsets.UTF_8)).contains(",'=SUM(A1),2027-05-01");
        assertThat(PriceFile.read(asked, PriceFile.csv(asked)).taken()).isEmpty();
    }

    @Test
    void columnsThatAreCalledOtherwiseAreChosen() throws Exception {
        byte[] file = ("Artikel;Netto;Preis;Laden;Tag\n" + GoodsPrices.SOIL_BAG_LITRES.label()
                        + ";7,00;8,33;Hof;2027-04-01\n")
                .getBytes(StandardCharsets.UTF_8);
        Reading unread = PriceFile.read(PLAN, file);
        assertThat(unread.headings()).containsExactly("Artikel", "Netto", "Preis", "Laden", "Tag");
        assertThat(unread.columns()).isEmpty();
        assertThat(unread.complete()).isFalse();
        assertThat(unread.taken()).isEmpty();
        Reading read =
                PriceFile.read(PLAN, file, Map.of("item", "artikel", "price", "Preis", "shop", "Laden", "date", "Tag"));
        assertThat(read.taken())
                .singleElement()
                .satisfies(taken -> assertThat(taken.amount()).isEqualTo(Money.of(EUR, 8.33)));
        assertThat(PLAN.apply(read.change().orElseThrow())
                        .orThrow()
                        .quotes()
                        .get(0)
                        .shop())
                .contains("Hof");
        assertThat(read.complete()).isTrue();
        assertThat(read.columns()).containsEntry("price", "Preis").doesNotContainKey("currency");
        assertThat(PriceFile.read(PLAN, "key;item\na;b".getBytes(StandardCharsets.UTF_8))
                        .columns())
                .containsOnlyKeys("key", "item");
    }

    @Test
    void kindsOfOnesOwnAreInTheFile() throws Exception {
        Board scaffold =
                Board.own("Scaffold", Length.millimetres(38), Length.millimetres(225), List.of(Length.metres(3.9)));
        Plan plan = with(
                PLAN,
                new PurseChange.PutWorkshop(
                        new Workshop(Length.ZERO, Length.ZERO, false, List.of(), List.of(), List.of(scaffold))));
        assertThat(new String(PriceFile.csv(plan), StandardCharsets.UTF_8))
                .contains("Cedar or larch, Scaffold, 3.90 m");
        Reading read = PriceFile.read(
                plan, "item;price\nCedar or larch, Scaffold, 3.90 m;21\n".getBytes(StandardCharsets.UTF_8));
        assertThat(plan.apply(read.change().orElseThrow())
                        .orThrow()
                        .priceOf(BuildPrices.board(Material.CEDAR, scaffold, Length.metres(3.9))))
                .contains(Money.parse("EUR 21"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"name|no heading", "''|no heading"})
    void whatIsNoPriceBookIsRefusedAsAWhole(String text, String wrong) {
        assertThatThrownBy(() -> PriceFile.read(PLAN, text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining(wrong);
    }

    @Test
    void aCellThatNeverEndsIsNoTable() {
        assertThatThrownBy(() -> PriceFile.read(PLAN, "key,price\n\"abc".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("no table");
    }

    @Test
    void aMillionRowsAreRefusedWithoutReadingThemAll() {
        byte[] large = ("key,price\n" + (BAG + ",1\n").repeat(21_000)).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> PriceFile.read(PLAN, large)).hasMessageContaining("more than 20000 rows");
        assertThatThrownBy(() -> PriceFile.read(
                        PLAN, ("key,price\n" + (BAG + ",1\n").repeat(1_000_000)).getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("larger than 2 MB");
    }
}
