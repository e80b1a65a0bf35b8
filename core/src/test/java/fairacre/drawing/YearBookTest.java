package fairacre.drawing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.journal.JournalEntry;
import fairacre.journal.JournalEntry.Harvest;
import fairacre.journal.JournalEntry.Loss;
import fairacre.journal.LossCause;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.work.Pace;
import fairacre.years.SeasonStudy;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The book is read back by PDFBox. */
class YearBookTest {

    private static final Plan GARDEN = with(
            plot(12, 12, List.of(), bed("Beans", 5, 5, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
            Put.of(planting("Carrots", "carrot", "Beans", "2027-04-01", "2027-08-01")));

    private static JournalEntry entry(String day, Harvest harvest, Loss loss, String note) {
        return new JournalEntry(
                id(day),
                LocalDate.parse(day),
                false,
                Optional.of(id("Beans")),
                Optional.empty(),
                Optional.ofNullable(harvest),
                Optional.ofNullable(loss),
                Optional.ofNullable(note),
                Optional.empty());
    }

    private static final JournalEntry PICKED = entry(
            "2027-07-12",
            new Harvest("carrot", Optional.empty(), Optional.of(2.5), Optional.empty(), Optional.empty()),
            null,
            null);
    private static final List<JournalEntry> ENTRIES = List.of(
            PICKED,
            entry("2027-06-03", null, new Loss(Optional.of("carrot"), LossCause.SLUGS), null),
            entry("2027-05-01", null, null, "The swift came back"));

    private static byte[] jpeg(int width, int height) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", bytes);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return bytes.toByteArray();
    }

    private static PDDocument book(Plan plan, List<JournalEntry> entries, List<YearBook.Photo> photos)
            throws IOException {
        return Loader.loadPDF(PdfSheet.write(YearBook.of(
                plan,
                SeasonStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of()), entries, List.of(), Memo.none()),
                entries,
                photos)));
    }

    private static String text(PDDocument book) throws IOException {
        return new PDFTextStripper().getText(book);
    }

    @Test
    @DisplayName("tells the season, crops and beds in figures, and what was lost and noted by the day [by hand]")
    void figures() throws IOException {
        try (PDDocument book = book(GARDEN, ENTRIES, List.of())) {
            String text = text(book);
            assertThat(text)
                    .contains("Test garden, the year 2027")
                    .containsPattern("Harvest\\s+2.5 kg of ")
                    .containsPattern("Carrot\\s+[0-9.]+ kg\\s+2.5 kg\\s+1")
                    // Inside boards of 38 mm: 1.924 m by 0.924 m.
                    .containsPattern("Beans\\s+1.78 m²\\s+2.5 kg")
                    .containsPattern("3 June 2027\\s+Beans: Carrot lost, [a-z]+")
                    .containsPattern("1 May 2027\\s+Beans: The swift came back");
            assertThat(text.indexOf("1 May")).isLessThan(text.indexOf("3 June"));
            // The plan lies behind the first page, with a scale.
            assertThat(book.getNumberOfPages()).isEqualTo(2);
        }
    }

    @Test
    @DisplayName("in pounds and square feet where one measures in feet [NIST: a pound is 0.45359237 kg]")
    void inFeet() throws IOException {
        Plan feet = with(GARDEN, new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES));
        try (PDDocument book = book(feet, ENTRIES, List.of())) {
            assertThat(text(book)).containsPattern("Harvest\\s+5.5 lb of ").containsPattern("Beans\\s+19.1 sq ft");
        }
    }

    @Test
    @DisplayName("photos stand two beside each other, as they are, within their room and the page")
    void photos() throws IOException {
        List<YearBook.Photo> photos = IntStream.range(0, 7)
                .mapToObj(i -> new YearBook.Photo(PICKED, i % 2 == 0 ? jpeg(1600, 900) : jpeg(300, 1600)))
                .toList();
        try (PDDocument book = book(GARDEN, ENTRIES, photos)) {
            List<PDImageXObject> images = new ArrayList<>();
            for (PDPage page : book.getPages()) {
                PDResources resources = page.getResources();
                for (COSName name : resources.getXObjectNames()) {
                    images.add((PDImageXObject) resources.getXObject(name));
                }
            }
            assertThat(images).extracting(PDImageXObject::getSuffix).hasSize(7).containsOnly("jpg");
            assertThat(images).extracting(PDImageXObject::getWidth).containsOnly(1600, 300);
            assertThat(text(book)).contains("12 July 2027. Beans: Carrot, 2.5 kg");
        }
    }

    @Test
    @DisplayName("a year of which nothing is written down is told as it is planned; sixty beds take several pages")
    void planned() throws IOException {
        try (PDDocument book = book(plot(12, 12, List.of()), List.of(), List.of())) {
            assertThat(text(book)).contains("Harvest").doesNotContain("Crops", "Beds", "Lost and noted", "Photos");
        }
        Plan large = plot(
                40,
                40,
                List.of(),
                IntStream.range(0, 60)
                        .mapToObj(i -> bed("Bed " + i, 2 + i % 10 * 3.5, 3 + i / 10 * 5, 2, 1))
                        .toArray(Bed[]::new));
        try (PDDocument book = book(large, List.of(), List.of())) {
            assertThat(text(book)).contains("Bed 0", "Bed 59");
            assertThat(book.getNumberOfPages()).isGreaterThan(2);
        }
    }
}
