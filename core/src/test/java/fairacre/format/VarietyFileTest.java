package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.own;
import static fairacre.testing.Gardens.ownCrop;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.variety;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.opencsv.CSVReader;
import com.opencsv.CSVWriter;
import fairacre.catalogue.Breeding;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.Crops;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.catalogue.Variety;
import fairacre.format.VarietyFile.VarietyReading;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VarietyFileTest {

    private static final Plan EMPTY = plot(10, 10, List.of());
    private static final Plan PLAN = with(
            EMPTY,
            Put.of(variety(
                    "=Vale, \"early\"",
                    "carrot",
                    new SeedOnHand(120, SEASON, Optional.of(0.8), true),
                    own(CropColumn.FROM_SOWING, "58 (50-70)"))),
            Put.of(ownCrop("Oca", "potato", own(CropColumn.FAMILY, "BUCKWHEAT"), own(CropColumn.SUN, "5"))));

    private static VarietyReading read(Plan plan, String text) throws FaultyFileException {
        return VarietyFile.read(plan, text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<String[]> rows() throws Exception {
        String text = new String(VarietyFile.csv(PLAN), StandardCharsets.UTF_8).substring(1);
        try (CSVReader reader = new CSVReader(new StringReader(text))) {
            return reader.readAll();
        }
    }

    @Test
    @DisplayName("Taken out, written anew by another program and read again: everything is the same [opencsv]")
    void aFileComesBackFromAnotherProgram() throws Exception {
        StringWriter text = new StringWriter();
        try (CSVWriter writer = new CSVWriter(text)) {
            writer.writeAll(rows());
        }
        VarietyReading same = read(PLAN, text.toString());
        assertThat(same.rejected()).isEmpty();
        assertThat(same.taken()).isEmpty();
        assertThat(same.same()).isEqualTo(Crops.all().size() + 2);
        assertThat(same.change()).isEmpty();
        VarietyReading elsewhere = read(EMPTY, text.toString());
        assertThat(elsewhere.taken()).hasSize(2);
        Plan after = EMPTY.apply(elsewhere.change().orElseThrow()).orThrow();
        assertThat(after.list(Varieties.VARIETIES))
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .containsExactlyInAnyOrderElementsOf(PLAN.list(Varieties.VARIETIES));
    }

    @Test
    void threeColumnsAreEnough() throws Exception {
        VarietyReading reading =
                read(EMPTY, "key,name,days from sowing\ncarrot,Vale,58\nCarrot,Late Vale,95 (90-110)\n");
        assertThat(reading.rejected()).isEmpty();
        assertThat(reading.taken()).extracting(Variety::name).containsExactly("Vale", "Late Vale");
        assertThat(reading.taken().get(0).figures()).containsExactly(own(CropColumn.FROM_SOWING, "58"));
    }

    @Test
    @DisplayName("a spreadsheet of another country: semicolons, decimal commas, Windows-1252")
    void otherCountries() throws Exception {
        String text =
                "Key;Name;Kc first;breeding;seeds on hand;seed of year;came up %\ncarrot;Möhre;0,65;hybrid;20;2027;62,5\n";
        VarietyReading reading = VarietyFile.read(EMPTY, text.getBytes(Charset.forName("windows-1252")));
        assertThat(reading.rejected()).isEmpty();
        Variety read = reading.taken().get(0);
        assertThat(read.name()).isEqualTo("Möhre");
        assertThat(read.figures()).containsExactly(own(CropColumn.KC_FIRST, "0.65"));
        assertThat(read.breeding()).contains(Breeding.HYBRID);
        assertThat(read.seed()).contains(new SeedOnHand(20, 2027, Optional.of(0.625), false));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "carrot,Vale,0,,|in row cm: 0 is not from 1 to 500",
                "dragon-fruit,Own,,,|key: the catalogue has no \"dragon-fruit\"",
                "carrot,,,,|name: ",
                "carrot,Vale,,wild,|breeding: \"wild\" is none of its words",
                "carrot,Vale,,,many|seeds on hand: \"many\" is no number",
                "potato,Vale,,,7|seed: ",
            })
    void brokenRowsAreToldAndTheOthersTaken(String row, String reason) throws Exception {
        VarietyReading reading = read(
                EMPTY, "key,name,in row cm,breeding,seeds on hand,seed of year\ncarrot,Good,4,,,\n" + row + ",2027\n");
        assertThat(reading.taken()).extracting(Variety::name).containsExactly("Good");
        assertThat(reading.rejected()).singleElement().satisfies(rejected -> {
            assertThat(rejected.row()).isEqualTo(3);
            assertThat(rejected.reason()).startsWith(reason);
        });
    }

    @Test
    void aRowThatIsThereTwiceAndColumnsNobodyKnows() throws Exception {
        VarietyReading reading = read(EMPTY, "key,name,colour,sun h\ncarrot,Vale,red,3\ncarrot,vale,blue,4\n");
        assertThat(reading.unknown()).containsExactly("colour");
        assertThat(reading.taken()).hasSize(1);
        assertThat(reading.rejected())
                .singleElement()
                .satisfies(rejected -> assertThat(rejected.reason()).contains("more than once"));
    }

    @Test
    void whatIsNoTableIsRefused() {
        assertThatThrownBy(() -> read(EMPTY, "")).isInstanceOf(FaultyFileException.class);
        assertThatThrownBy(() -> read(EMPTY, "key,variety\ncarrot,Vale\n")).hasMessageContaining("\"name\"");
        assertThatThrownBy(() -> read(EMPTY, "key,name\ncarrot,\"Vale\n")).isInstanceOf(FaultyFileException.class);
        assertThatThrownBy(() -> VarietyFile.read(EMPTY, new byte[VarietyFile.LARGEST + 1]))
                .hasMessageContaining("2 MB");
    }
}
