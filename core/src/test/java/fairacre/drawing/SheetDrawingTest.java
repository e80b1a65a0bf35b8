package fairacre.drawing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Workshop;
import fairacre.judging.Snag;
import fairacre.ledger.ShoppingList;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class SheetDrawingTest {

    private static final Plan PLAN = plot(
            9, 6, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans & <peas>", 2, 2, 2, 1.2), bed("Kale", 2, 4, 2, 1.2));

    @ParameterizedTest
    @EnumSource
    void onPaperThePlotIsExactlyAsManyTimesSmaller(Scale scale) throws Exception {
        Document svg = svg(SheetDrawing.of(PLAN, SEASON, scale));
        String[] corners = ((Element) svg.getElementsByTagName("polygon").item(0))
                .getAttribute("points")
                .split(" ");
        double divisor = scale == Scale.QUARTER_INCH
                ? 48
                : Double.parseDouble(scale.label().substring(2));
        assertThat(x(corners[1]) - x(corners[0])).isCloseTo(9000 / divisor, within(0.001));
        Element root = svg.getDocumentElement();
        assertThat(root.getAttribute("width")).endsWith("mm");
        assertThat(root.getAttribute("viewBox"))
                .isEqualTo("0 0 " + root.getAttribute("width").replace("mm", "") + " "
                        + root.getAttribute("height").replace("mm", ""));
    }

    @Test
    void asAPictureItIsWhiteWithTheInkOfThePdf() throws Exception {
        SheetDrawing sheet = SheetDrawing.of(plot(10, 8, List.of(), bed("Beans", 5, 4, 2, 1)), SEASON, Scale.ONE_TO_50);
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(PngSheet.write(sheet)));
        assertThat(Math.max(picture.getWidth(), picture.getHeight())).isBetween(2399, 2401);
        assertThat((double) picture.getWidth() / picture.getHeight())
                .isCloseTo(sheet.width() / sheet.height(), within(0.01));
        assertThat(picture.getRGB(2, 2) & 0xFFFFFF).isEqualTo(0xFFFFFF);
        long dark = IntStream.range(0, picture.getWidth() * picture.getHeight())
                .filter(i -> (picture.getRGB(i % picture.getWidth(), i / picture.getWidth()) & 0xFF) < 0x80)
                .count();
        assertThat(dark).isGreaterThan(1000);
    }

    @Test
    void aQuarterInchIsAFoot() {
        assertThat(Scale.QUARTER_INCH.onPaper(0.3048)).isCloseTo(25.4 / 4, within(1e-9));
    }

    @Test
    void namesDimensionsAndTheTitleAreWrittenOut() throws Exception {
        Document svg = svg(SheetDrawing.of(PLAN, SEASON, Scale.ONE_TO_50));
        assertThat(texts(svg))
                .contains(
                        "Test garden",
                        "Season 2027",
                        "N",
                        "Kale",
                        "2.00 m × 1.20 m",
                        "9.00 m",
                        "0.80 m",
                        "Beans & <peas>");
    }

    @Test
    @DisplayName("the outline to write in has beds and their names, and no dimensions")
    void anOutlineHasNoDimensions() throws Exception {
        SheetDrawing outline = SheetDrawing.outline(PLAN, SEASON, Scale.ONE_TO_50);
        SheetDrawing sheet = SheetDrawing.of(PLAN, SEASON, Scale.ONE_TO_50);
        assertThat(texts(svg(outline)))
                .contains("Kale", "Season 2027", "Beans & <peas>")
                .doesNotContain("2.00 m × 1.20 m", "9.00 m", "0.80 m");
        assertThat(outline.paper()).isEqualTo(sheet.paper());
        assertThat(outline.title()).isEqualTo(sheet.title() + ", outline");
    }

    @Test
    void feetAndInchesGoOnAmericanPaper() {
        Plan imperial = PLAN.apply(new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES))
                .orThrow();
        assertThat(SheetDrawing.of(imperial, SEASON, Scale.QUARTER_INCH).paper())
                .isEqualTo("Letter");
        assertThat(SheetDrawing.of(PLAN, SEASON, Scale.ONE_TO_50).paper()).isEqualTo("A4");
    }

    @Test
    void aPlotLargerThanEverySheetIsRefusedWithASmallerScale() {
        assertThatThrownBy(() -> SheetDrawing.of(plot(100, 90, List.of()), SEASON, Scale.ONE_TO_50))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("1:200");
    }

    @Test
    void thePdfPageHasTheTrueSizeOfThePaperAndReadableWords() throws Exception {
        SheetDrawing sheet = SheetDrawing.of(PLAN, SEASON, Scale.ONE_TO_50);
        try (PDDocument pdf = Loader.loadPDF(PdfSheet.write(sheet))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(sheet.width(), within(0.01));
            assertThat(new PDFTextStripper().getText(pdf)).contains("Kale", "Season 2027", "Scale 1:50");
        }
    }

    @Test
    void lettersThatThePdfsFontLacksDoNotStopIt() throws Exception {
        Plan plan = PLAN.apply(new Change.DescribeGarden("Jardin 菜园 🥕 Łąka", Units.METRIC))
                .orThrow();
        try (PDDocument pdf = Loader.loadPDF(PdfSheet.write(SheetDrawing.of(plan, SEASON, Scale.ONE_TO_50)))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Jardin ?? ? Łąka");
        }
    }

    @Test
    void aBedThatIsNotBuiltYetIsNotDrawn() throws Exception {
        assertThat(texts(svg(SheetDrawing.of(PLAN, SEASON - 1, Scale.ONE_TO_50))))
                .doesNotContain("Kale");
    }

    private static List<Mark.Words> words(SheetDrawing sheet) {
        return sheet.marks().stream()
                .filter(Mark.Words.class::isInstance)
                .map(Mark.Words.class::cast)
                .toList();
    }

    private static List<Mark.Stroke> strokes(SheetDrawing sheet) {
        return sheet.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .toList();
    }

    /** Small plots and many beds are crowded; what finds no room is left out rather than written over another. */
    @ParameterizedTest
    @CsvSource({"ONE_TO_50,3", "ONE_TO_100,3", "ONE_TO_200,3", "ONE_TO_100,40", "ONE_TO_200,60"})
    void noWordsStandOnOthersOrInTheTitle(Scale scale, int beds) {
        for (Plan plan : List.of(Gardens.everything(), Gardens.generated(beds, 5))) {
            SheetDrawing sheet = SheetDrawing.of(plan, SEASON, scale);
            List<Polygon> boxes = words(sheet).stream()
                    .filter(words -> words.at().y() < sheet.height() - 10 - 24)
                    .map(PlacedWords::box)
                    .toList();
            assertThat(boxes).hasSizeGreaterThan(plan.beds().size());
            for (int i = 0; i < boxes.size(); i++) {
                assertThat(boxes.get(i).getEnvelopeInternal().getMaxY()).isLessThanOrEqualTo(sheet.height() - 10 - 24);
                for (int j = 0; j < i; j++) {
                    assertThat(boxes.get(i).intersects(boxes.get(j)))
                            .as("%s on %s", words(sheet).get(i), words(sheet).get(j))
                            .isFalse();
                }
            }
        }
    }

    @Test
    void aCrownAndTheSwingOfAGateAreTrueToScale() {
        Plan plan = Gardens.with(
                PLAN,
                Put.of(Gardens.gate("Gate", 4.5, 0, 1.2)),
                Put.of(Gardens.feature("Plum", FeatureKind.TREE, 0, 1.5, 7, 3)));
        SheetDrawing sheet = SheetDrawing.of(plan, SEASON, Scale.ONE_TO_50);
        assertThat(strokes(sheet))
                .filteredOn(stroke -> stroke.closed() && stroke.spots().size() == 48)
                .singleElement()
                .satisfies(crown -> assertThat(
                                crown.spots().get(0).x() - crown.spots().get(24).x())
                        .isCloseTo(0, within(1e-9)))
                .satisfies(crown -> assertThat(
                                crown.spots().get(24).y() - crown.spots().get(0).y())
                        .isCloseTo(3000 / 50.0, within(1e-9)));
        assertThat(strokes(sheet))
                .filteredOn(stroke -> !stroke.closed() && stroke.spots().size() == 14)
                .singleElement()
                .satisfies(leaf -> {
                    Mark.Spot hinge = leaf.spots().get(0);
                    assertThat(leaf.spots().subList(1, 14))
                            .allSatisfy(spot -> assertThat(Math.hypot(spot.x() - hinge.x(), spot.y() - hinge.y()))
                                    .isCloseTo(1200 / 50.0, within(1e-9)));
                    // Into the plot, which lies above its lower side.
                    assertThat(leaf.spots().get(1).y()).isCloseTo(hinge.y() - 24, within(1e-9));
                });
    }

    @Test
    void theSurfaceOfAWalkIsDrawnWhereNoBedLiesOnIt() {
        Geometry walk = Hatch.area(List.of(spot(0, 0), spot(40, 0), spot(40, 10), spot(0, 10)));
        Geometry bed = Hatch.area(List.of(spot(10, -5), spot(20, -5), spot(20, 15), spot(10, 15)));
        List<Mark> lines = Hatch.PAVED.of(Hatch.without(walk, List.of(bed)));
        // Lines 3.2 mm apart: at 3.2, 6.4 and 9.6, each in two parts.
        assertThat(lines)
                .hasSize(6)
                .allSatisfy(line -> assertThat(((Mark.Stroke) line).spots())
                        .noneMatch(spot -> spot.x() > 10 + 1e-9 && spot.x() < 20 - 1e-9));
        double drawn = lines.stream()
                .map(line -> ((Mark.Stroke) line).spots())
                .mapToDouble(spots -> Math.abs(spots.get(1).x() - spots.get(0).x()))
                .sum();
        assertThat(drawn).isCloseTo(3 * 30, within(1e-6));
    }

    @Test
    @DisplayName("four boards of 1 1/2 in meet in four seams of 0.762 mm at 1:50, and are one band at 1:100")
    void boardsMeetWhereTheyAreThickEnoughOnPaper() {
        Plan plan = plot(10, 10, List.of(), bed("Beans", 5, 5, 2, 1, 0, Optional.of(Gardens.cedar(Board.B2X10, 1))));
        assertThat(seams(SheetDrawing.of(plan, SEASON, Scale.ONE_TO_50))).isEqualTo(4);
        assertThat(seams(SheetDrawing.of(plan, SEASON, Scale.ONE_TO_100))).isZero();
    }

    @Test
    void snagsHaveTheirNumbersByTheirPlacesAndAPageSaysWhatTheyAre() throws Exception {
        Plan plan = plot(
                10,
                10,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 5, 4, 3, 1),
                bed("Kale", 5, 5.4, 3, 1),
                bed("Wide", 5, 8, 3, 1.8));
        List<Snag> snags = Appraisal.of(plan, SEASON).snags();
        assertThat(snags).hasSizeGreaterThan(1);
        SheetDrawing sheet = SheetDrawing.of(plan, SEASON, Scale.ONE_TO_50, snags);
        List<Mark.Words> plain = words(SheetDrawing.of(plan, SEASON, Scale.ONE_TO_50));
        assertThat(words(sheet)).containsAll(plain);
        assertThat(words(sheet).stream().filter(word -> !plain.contains(word)).map(Mark.Words::text))
                .containsExactly(IntStream.rangeClosed(1, snags.size())
                        .mapToObj(String::valueOf)
                        .toArray(String[]::new));
        byte[] pdf = PdfSheet.write(SnagSheet.of(plan.name(), SEASON, snags));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(snags).allSatisfy(snag -> assertThat(text).contains(snag.words()));
        }
    }

    @Test
    void longSnagsAreWrappedAndAnEmptyListSaysSo() {
        assertThat(SnagSheet.lines("word ".repeat(60).strip()))
                .hasSizeGreaterThan(2)
                .allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(104));
        assertThat(SnagSheet.lines("x".repeat(120) + " y")).containsExactly("x".repeat(120), "y");
        assertThat(words(SnagSheet.of("Yard", SEASON, List.of()).get(0)))
                .anySatisfy(word -> assertThat(word.text()).contains("Nothing is wrong"));
    }

    private static long seams(SheetDrawing sheet) {
        return strokes(sheet).stream()
                .filter(stroke -> !stroke.closed() && stroke.spots().size() == 2)
                .filter(stroke -> {
                    Mark.Spot from = stroke.spots().get(0);
                    Mark.Spot to = stroke.spots().get(1);
                    return Math.abs(Math.hypot(to.x() - from.x(), to.y() - from.y()) - 0.762) < 1e-6;
                })
                .count();
    }

    private static Mark.Spot spot(double x, double y) {
        return new Mark.Spot(x, y);
    }

    private static Document svg(SheetDrawing sheet) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(SvgSheet.write(sheet)));
    }

    private static List<String> texts(Document svg) {
        NodeList texts = svg.getElementsByTagName("text");
        return IntStream.range(0, texts.getLength())
                .mapToObj(i -> texts.item(i).getTextContent())
                .toList();
    }

    private static double x(String place) {
        return Double.parseDouble(place.split(",")[0]);
    }

    @Test
    void gatesAndWhatStandsThereAreNamedAndTheSettingOutTellsEveryCorner() {
        var everything = fairacre.testing.Gardens.everything();
        var words = SheetDrawing.of(everything, fairacre.testing.Gardens.SEASON + 1, Scale.ONE_TO_100).marks().stream()
                .filter(Mark.Words.class::isInstance)
                .map(mark -> ((Mark.Words) mark).text())
                .toList();
        assertThat(words).contains("Shed", "Plum", "Gate 1.10 m");
        var pages = SettingOutSheet.of(everything, fairacre.testing.Gardens.SEASON);
        long corners = everything.standing(fairacre.testing.Gardens.SEASON).stream()
                .mapToLong(bed -> bed.corners().size())
                .sum();
        assertThat(pages)
                .isNotEmpty()
                .allSatisfy(page -> assertThat(page.paper()).isEqualTo("A4"));
        assertThat(pages.stream()
                        .flatMap(page -> page.marks().stream())
                        .filter(Mark.Words.class::isInstance)
                        .map(mark -> ((Mark.Words) mark).text())
                        .filter(text -> text.startsWith(corners + " stakes")))
                .hasSize(1);
        assertThat(PdfSheet.write(pages)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    }

    @Test
    void aShoppingListOfManyThingsGoesOnAsManyPagesAsItTakesWithABoxForEach() throws Exception {
        List<ShoppingList.ToBuy> things = IntStream.range(0, 90)
                .mapToObj(i -> new ShoppingList.ToBuy(
                        "sundry/" + i,
                        "Thing " + i + ", a long name ".repeat(4),
                        BillPart.OTHER,
                        new BigDecimal("2.50"),
                        Optional.empty(),
                        Optional.of(Money.parse("EUR 5.00"))))
                .toList();
        ShoppingList list = new ShoppingList(
                SEASON,
                List.of(new ShoppingList.AtShop(Optional.of("Hollow Lane"), things)),
                Money.parse("EUR 450.00"),
                0);
        List<SheetDrawing> pages = ShoppingSheet.of("Yard", list);
        assertThat(pages).hasSizeGreaterThan(2);
        try (PDDocument document = Loader.loadPDF(PdfSheet.write(pages))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Yard, to buy in " + SEASON)
                    .contains("At Hollow Lane, as last time")
                    .contains("Thing 89")
                    .contains("2.5 ×")
                    .contains("EUR 450.00");
        }
        assertThat(pages.stream().flatMap(page -> page.marks().stream()).filter(Mark.Stroke.class::isInstance))
                .hasSize(90 + 1);
    }

    @Test
    @DisplayName(
            "Worked by hand: ends of 0.924 m, a kerf of 3.175 mm before each but the first, end at 0.924, 1.851, 2.778 and 3.706 m")
    void theCuttingSheetTellsEveryCutAndEveryCourse() throws Exception {
        Plan plan = Gardens.plot(
                10, 10, List.of(), Gardens.bed("Beans", 3, 3, 2.4, 1, 0, Optional.of(Gardens.cedar(Board.M38X150, 2))));
        List<SheetDrawing> pages = CuttingSheet.of(plan, SEASON);
        try (PDDocument document = Loader.loadPDF(PdfSheet.write(pages))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Test garden, cutting for " + SEASON)
                    .contains("Saw cut 3.2 mm")
                    .contains("trim, B at 0.924 m, B at 1.851 m, B at 2.778 m, B at 3.706 m;")
                    .contains("A  2.40 m  × 4: Beans")
                    .contains("B  0.924 m  × 4: Beans")
                    .contains("Frame of Beans")
                    .contains("Courses 1, 2; 1 is the lowest")
                    .contains("4 × corner post of 0.30 m")
                    .contains("No layout costs less.");
        }
    }

    @Test
    @DisplayName(
            "Worked by hand: a saw cut short, sides of 1.2 m and ends of 0.724 m end at 1.20, 2.40, 3.124 and 3.848 m of a board that is not trimmed")
    void piecesThatMayComeASawCutShortAreMarkedWithoutIt() throws Exception {
        Plan plan = Gardens.with(
                Gardens.plot(
                        10,
                        10,
                        List.of(),
                        Gardens.bed("Beans", 3, 3, 1.2, 0.8, 0, Optional.of(Gardens.cedar(Board.M38X150, 1)))),
                new PurseChange.PutWorkshop(new Workshop(Length.millimetres(3), Length.ZERO, true, List.of())));
        try (PDDocument document = Loader.loadPDF(PdfSheet.write(CuttingSheet.of(plan, SEASON)))) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("no trim, A at 1.20 m, A at 2.40 m, B at 3.124 m, B at 3.848 m;");
        }
    }

    @Test
    void aSeasonWithoutBoardsSaysSo() throws Exception {
        try (PDDocument document =
                Loader.loadPDF(PdfSheet.write(CuttingSheet.of(Gardens.plot(10, 10, List.of()), SEASON)))) {
            assertThat(new PDFTextStripper().getText(document)).contains("No boards or sheets are cut this season.");
        }
    }
}
