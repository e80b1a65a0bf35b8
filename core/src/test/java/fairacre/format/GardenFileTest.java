package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillPart;
import fairacre.compost.BayWalls;
import fairacre.compost.CompostBays;
import fairacre.fence.PostKind;
import fairacre.journal.JournalEntry;
import fairacre.journal.Kept;
import fairacre.journal.LossCause;
import fairacre.judging.Step;
import fairacre.ledger.Entry;
import fairacre.ledger.Receipt;
import fairacre.ledger.ReceiptLine;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisWind;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class GardenFileTest {

    private static final Plan PLAN = Gardens.generated(7, 3);
    private static final String FILE = new String(GardenFile.write(PLAN), StandardCharsets.UTF_8);

    @Test
    void receiptsGoWithTheGarden() throws Exception {
        Receipt order = new Receipt(
                UUID.randomUUID(),
                LocalDate.of(2027, 4, 3),
                "Timber & Twine",
                List.of(new ReceiptLine(
                        "Boards",
                        new BigDecimal("2.5"),
                        Money.parse("EUR 20.00"),
                        BillPart.FRAMES,
                        Optional.of("cedar/2x10/8ft"))),
                null,
                null,
                Optional.of(Money.parse("EUR 21.00")),
                true,
                Optional.empty());
        Receipt paid = new Receipt(
                UUID.randomUUID(),
                LocalDate.of(2027, 5, 3),
                "Timber & Twine",
                order.lines(),
                Money.parse("EUR 1.00"),
                null,
                Optional.empty(),
                false,
                Optional.of(order.id()));
        GardenFile.Contents contents = new GardenFile.Contents(
                PLAN, List.of(new Entry(order, false), new Entry(paid, true)), List.of(), List.of());
        assertThat(GardenFile.contents(GardenFile.write(contents))).isEqualTo(contents);
        String damaged = new String(GardenFile.write(contents), StandardCharsets.UTF_8)
                .replace("2027-05-03", "the third of May");
        assertThatThrownBy(() -> GardenFile.contents(damaged.getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("/receipts/1/receipt/date");
    }

    @Test
    void theJournalTravelsWithItsGarden() throws Exception {
        UUID bed = PLAN.beds().get(0).id();
        List<Kept> journal = List.of(
                new Kept(
                        journalEntry(
                                Optional.of(bed),
                                Optional.of(new JournalEntry.Done(
                                        "2027/FRAMES/frame/piece/" + bed, "frame/piece", 14, Optional.of(2.5))),
                                Optional.empty(),
                                Optional.empty()),
                        false),
                new Kept(
                        journalEntry(
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(new JournalEntry.Harvest(
                                        "tomato",
                                        Optional.of(bed),
                                        Optional.of(2.5),
                                        Optional.of(3.5),
                                        Optional.of(12))),
                                Optional.empty()),
                        true),
                new Kept(
                        journalEntry(
                                Optional.of(bed),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(new JournalEntry.Loss(Optional.of("kale"), LossCause.CLUBROOT))),
                        false));
        GardenFile.Contents contents = new GardenFile.Contents(PLAN, List.of(), List.of(), journal);
        assertThat(GardenFile.contents(GardenFile.write(contents))).isEqualTo(contents);
        String damaged =
                new String(GardenFile.write(contents), StandardCharsets.UTF_8).replace("CLUBROOT", "WITCHCRAFT");
        assertThatThrownBy(() -> GardenFile.contents(damaged.getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("/journal/2/entry/loss/cause");
    }

    private static JournalEntry journalEntry(
            Optional<UUID> place,
            Optional<JournalEntry.Done> done,
            Optional<JournalEntry.Harvest> harvest,
            Optional<JournalEntry.Loss> loss) {
        return new JournalEntry(
                UUID.randomUUID(),
                LocalDate.of(2027, 7, 4),
                true,
                place,
                done,
                harvest,
                loss,
                Optional.of("As it was"),
                Optional.of(Step.CROPS));
    }

    @Test
    void variantsTravelWithTheirGarden() throws Exception {
        Plan wider = PLAN.withId(UUID.randomUUID())
                .apply(new Change.RenameBed(PLAN.beds().get(0).id(), "Wider"))
                .orThrow();
        GardenFile.Contents contents = new GardenFile.Contents(
                PLAN, List.of(), List.of(new GardenFile.Variant("Wider beds", 2028, wider)), List.of());
        assertThat(GardenFile.contents(GardenFile.write(contents))).isEqualTo(contents);
        String damaged = new String(GardenFile.write(contents), StandardCharsets.UTF_8)
                .replace("\"from\" : 2028,\n    \"garden\"", "\"from\" : 1899,\n    \"garden\"");
        assertThatThrownBy(() -> GardenFile.contents(damaged.getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("/variants/0/from");
    }

    @Test
    void aVariantInAnotherCurrencyIsRefused() throws Exception {
        String euros = new String(GardenFile.write(PLAN), StandardCharsets.UTF_8);
        Plan dollars = GardenFile.read(euros.replace("\"EUR\"", "\"USD\"").getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> new GardenFile.Contents(
                        PLAN, List.of(), List.of(new GardenFile.Variant("Abroad", 2028, dollars)), List.of()))
                .hasMessageContaining("variants/0/garden/budget/sum");
    }

    @Test
    void aLedgerThatCouldNotBeReadAgainIsNotWritten() {
        Receipt receipt = new Receipt(
                UUID.randomUUID(),
                LocalDate.of(2027, 4, 3),
                "Timber & Twine",
                Collections.nCopies(
                        200,
                        new ReceiptLine(
                                "Boards",
                                BigDecimal.ONE,
                                Money.parse("EUR 20.00"),
                                BillPart.FRAMES,
                                Optional.of("cedar/2x10/8ft"))),
                null,
                null,
                Optional.empty());
        assertThatThrownBy(() -> GardenFile.write(new GardenFile.Contents(
                        PLAN, Collections.nCopies(300, new Entry(receipt, false)), List.of(), List.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("8 MB");
    }

    @Test
    void aGardenThatUsesEverythingComesBackEqual() throws Exception {
        Plan plan = Gardens.everything();
        assertThat(GardenFile.read(GardenFile.write(plan))).isEqualTo(plan);
    }

    @Test
    void aGardenThatIsWrittenAndReadIsTheSameAndIsJudgedTheSame() throws Exception {
        Plan back = GardenFile.read(FILE.getBytes(StandardCharsets.UTF_8));
        assertThat(back).isEqualTo(PLAN);
        assertThat(GardenJson.mapper()
                        .writeValueAsString(Appraisal.of(back, SEASON).report()))
                .isEqualTo(GardenJson.mapper()
                        .writeValueAsString(Appraisal.of(PLAN, SEASON).report()));
    }

    @Test
    void lengthsAreWrittenAsPlainMetres() {
        assertThat(FILE).contains("\"length\" : 2.4").doesNotContain("E-").doesNotContain("micrometres");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"kind\" : \"TREE\"|\"kind\" : \"SHED\"|/places: must have at least 3 items",
                "\"kind\" : \"TREE\"|\"kind\" : \"TREEHOUSE\"|/kind: does not have a value in the enumeration",
                "\"depth\" : 0.5|\"depth\" : 5.1|/depth: must have a maximum value of 5",
                "\"depth\" : 0.5|\"lookout\" : true|add \"depth\"",
            })
    void aFeatureHasTheFieldsOfItsGeometry(String from, String to, String told) {
        String file = new String(GardenFile.write(Gardens.everything()), StandardCharsets.UTF_8);
        byte[] broken =
                file.replaceFirst(java.util.regex.Pattern.quote(from), to).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> GardenFile.read(broken))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining(told);
    }

    /** What is put in place of what, and the pointer and words by which the fault is told. */
    @ParameterizedTest(name = "{0} -> {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"version\" : 3|\"version\" : 4|/version: the file is of version 4",
                "\"fairacre-garden\"|\"something-else\"|/format: this is not a garden file",
                "\"length\" : 2.4|\"length\" : 4000|/length: must have a maximum value of 100",
                "\"length\" : 2.4|\"length\" : 0|/length: must have a minimum value of 0.1",
                "\"length\" : 2.4|\"length\" : -1|/length: must have a minimum value of 0.1",
                "\"length\" : 2.4|\"length\" : \"2.4\"|/length: string found, number expected",
                "\"length\" : 2.4|\"length\" : NaN|(file): it is not well-formed JSON at line",
                "\"length\" : 2.4|\"length\" : 1e999|/length",
                "\"EUR\"|\"QQQ\"|currency: \"QQQ\" is not a currency known here",
                "\"EUR\"|\"XXX\"|currency: XXX is no money",
                "\"METRIC\"|\"CUBITS\"|/garden/units",
                "\"firstSeason\" : 2027|\"firstSeason\" : 2028|before the garden does",
                "\"Tall\"|\"\"|/name: must be at least 1 characters long",
                "\"reach\" : 0.69|\"reach\" : 0|/reach: must have a minimum value",
                "\"cedar\"|\"chipboard\"|/frame/material",
                "\"name\" : \"Tall\"|\"nome\" : \"Tall\"|add \"name\"",
            })
    void whatIsWrongIsSaidWithItsPlace(String from, String to, String told) {
        byte[] broken =
                FILE.replaceFirst(java.util.regex.Pattern.quote(from), to).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> GardenFile.read(broken))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining(told);
    }

    @Test
    void twoBedsOfOneIdAreRefused() {
        String id = PLAN.beds().get(0).id().toString();
        String other = PLAN.beds().get(1).id().toString();
        assertFaulty(FILE.replace(other, id), "/garden/beds: " + id + " is there more than once");
    }

    @Test
    void aSelfCrossingPlotIsRefused() {
        String corner = "\"x\" : 0,\n        \"y\" : 0";
        assertThat(FILE).contains(corner);
        assertFaulty(FILE.replaceFirst(corner, "\"x\" : 50,\n        \"y\" : 3"), "crosses or touches itself");
    }

    @Test
    void aNameOfTenThousandCharactersIsRefusedWithoutBeingRepeated() {
        assertThatThrownBy(() -> read(FILE.replace("\"Tall\"", "\"" + "n".repeat(10_000) + "\"")))
                .satisfies(e -> assertThat(e.getMessage()).contains("/name").hasSizeLessThan(400));
    }

    @Test
    void aFileOfFiftyMegabytesIsRefusedBeforeItIsRead() {
        byte[] huge = new byte[50_000_000];
        Arrays.fill(huge, (byte) ' ');
        assertThatThrownBy(() -> GardenFile.read(new java.io.ByteArrayInputStream(huge)))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining("larger than 8 MB");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {"``", "null", "[]", "{", "7", "{\"format\":\"fairacre-garden\",\"format\":\"x\"}"})
    void whatIsNoGardenAtAllIsRefused(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(FaultyFileException.class);
    }

    @Test
    void amongMillionsOfFaultsTheFirstFiftyAreTold() throws Exception {
        String beds = "{},".repeat(500_000) + "{}";
        String broken = FILE.replaceFirst(
                "(?s)\"beds\" : \\[", java.util.regex.Matcher.quoteReplacement("\"beds\" : [" + beds + ","));
        assertThatThrownBy(() -> read(broken))
                .isInstanceOfSatisfying(
                        FaultyFileException.class,
                        faulty -> assertThat(faulty.faults()).hasSizeBetween(10, 50));
    }

    @Test
    void nestingWithoutEndIsRefused() {
        assertThatThrownBy(() -> read("[".repeat(100_000))).isInstanceOf(FaultyFileException.class);
    }

    @Test
    void theCommandPrintsTheAppraisalOfASeason(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("garden.json"), FILE);
        Run run = run(file.toString(), "--season", "2027");
        assertThat(run.code).isZero();
        assertThat(run.err).isEmpty();
        assertThat(GardenJson.mapper().readTree(run.out).get("beds").size()).isEqualTo(7);
        assertThat(run(file.toString()).out).isEqualTo(run.out);
    }

    @Test
    void theCommandAnswersTwoWithALineForEveryFault(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(
                folder.resolve("garden.json"),
                FILE.replace("\"reach\" : 0.69", "\"reach\" : 9").replaceFirst("\"METRIC\"", "\"CUBITS\""));
        Run run = run(file.toString());
        assertThat(run.code).isEqualTo(2);
        assertThat(run.out).isEmpty();
        assertThat(run.err.lines()).hasSize(2).allMatch(line -> line.matches("/garden/.*: .*; .*"));
    }

    @Test
    void theCommandCountsTheReceiptsOfTheFile(@TempDir Path folder) throws Exception {
        ReceiptLine hire =
                new ReceiptLine("Hire", BigDecimal.ONE, Money.parse("EUR 70.00"), BillPart.TOOLS, Optional.empty());
        Receipt receipt = new Receipt(
                UUID.randomUUID(), LocalDate.of(2027, 4, 3), "Ridge Hire", List.of(hire), null, null, Optional.empty());
        byte[] file = GardenFile.write(
                new GardenFile.Contents(PLAN, List.of(new Entry(receipt, false)), List.of(), List.of()));
        JsonNode purse = GardenJson.mapper()
                .readTree(run(Files.write(folder.resolve("garden.json"), file).toString()).out)
                .get("purse");
        BigDecimal spent = new BigDecimal(purse.at("/planned/amount").stringValue()).add(new BigDecimal("70.00"));
        assertThat(new BigDecimal(purse.at("/left/amount").stringValue()))
                .isEqualTo(PLAN.budget().sum().getAmount().subtract(spent));
        String abroad = new String(file, StandardCharsets.UTF_8)
                .replaceFirst("(\"amount\" : \"70.00\",\\s+\"currency\" : )\"EUR\"", "$1\"SEK\"")
                .replaceAll("(?s)(\"(discount|tax)\" : \\{[^}]*)\"EUR\"", "$1\"SEK\"");
        Run refused =
                run(Files.writeString(folder.resolve("abroad.json"), abroad).toString());
        assertThat(refused.code).isEqualTo(2);
        assertThat(refused.err)
                .startsWith("/receipts/0/receipt/lines: ")
                .contains("is not in the garden's currency EUR");
    }

    @Test
    void theCommandRefusesASeasonFarFromTheGardensOwn(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("garden.json"), FILE);
        assertThat(run(file.toString(), "--season", "2199").err).startsWith("season: 2199 is out of range");
        assertThat(run(file.toString(), "--season", "2057").code).isZero();
    }

    @Test
    void theCommandTellsHowItIsCalled() {
        assertThat(run().code).isEqualTo(2);
        assertThat(run("nowhere.json").err).contains("can't be read");
        assertThat(run("a.json", "--season", "soon").err).contains("appraise GARDEN.json");
        assertThat(run("a.json", "--season", "9999").err).contains("out of range");
    }

    private record Run(int code, String out, String err) {}

    private static Run run(String... arguments) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = AppraiseCommand.run(List.of(arguments), new PrintStream(out, true), new PrintStream(err, true));
        return new Run(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    private static Plan read(String text) throws FaultyFileException {
        return GardenFile.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static void assertFaulty(String text, String told) {
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining(told);
    }

    @Test
    void theRidgeOfAHouseIsReadAsItWasWritten() throws Exception {
        Feature house = Gardens.feature("House", FeatureKind.HOUSE, 0, 0, 2, 2, 6, 2, 6, 5, 2, 5)
                .withHeight(Length.metres(3));
        isReadAsWritten(Gardens.with(
                Gardens.plot(20, 20, List.of()), Put.of(((Feature.AreaFeature) house).withRidge(Length.metres(5.25)))));
    }

    @Test
    void trellisesAndBaysAreReadWhateverTheyAreMadeOf() throws Exception {
        Plan plan = Gardens.plot(20, 20, List.of(), Gardens.bed("Beans", 10, 10, 4, 1));
        for (TrellisKind kind : TrellisKind.values()) {
            for (TrellisWind wind : TrellisWind.values()) {
                for (PostKind posts : PostKind.values()) {
                    if (posts != PostKind.CANES) {
                        Trellis plain = Gardens.trellis("Net", kind, 1.5, 9, 10, 11, 10);
                        isReadAsWritten(Gardens.with(
                                plan,
                                Put.of(new Trellis(
                                        plain.id(),
                                        plain.name(),
                                        plain.places(),
                                        kind,
                                        plain.height(),
                                        plain.base(),
                                        plain.apart(),
                                        posts,
                                        wind,
                                        plain.lifetime()))));
                    }
                }
            }
        }
        for (BayWalls walls : BayWalls.values()) {
            CompostBays plain = Gardens.compost("Heaps", 5, 5, 0);
            isReadAsWritten(Gardens.with(
                    plan,
                    Put.of(new CompostBays(
                            plain.id(),
                            plain.name(),
                            plain.place(),
                            plain.bays(),
                            plain.height(),
                            plain.within(),
                            plain.price(),
                            Optional.of(walls),
                            plain.lifetime()))));
        }
    }

    private static void isReadAsWritten(Plan plan) throws Exception {
        assertThat(GardenFile.read(GardenFile.write(plan))).isEqualTo(plan);
    }
}
