package fairacre.drawing;

import fairacre.drawing.Mark.Picture;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

/** A sheet as a PDF page of its true size; letters are embedded (Liberation Sans, which comes with the PDF library). */
public final class PdfSheet {

    private static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final String MISSING = "?";

    /** Clear beside words, of their height. */
    private static final float ROUND = 0.2f;

    private PdfSheet() {}

    public static byte[] write(SheetDrawing sheet) {
        return write(List.of(sheet));
    }

    /** Several sheets as one document, a page each; there is at least one. */
    public static byte[] write(List<SheetDrawing> sheets) {
        try (PDDocument document = new PDDocument();
                InputStream letters = PDFont.class.getResourceAsStream(FONT)) {
            PDFont font = PDType0Font.load(document, letters, true);
            document.getDocumentInformation().setTitle(sheets.get(0).title());
            for (SheetDrawing sheet : sheets) {
                addPage(document, sheet, font);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void addPage(PDDocument document, SheetDrawing sheet, PDFont font) throws IOException {
        PDPage page = new PDPage(new PDRectangle(points(sheet.width()), points(sheet.height())));
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.setStrokingColor(0.06f, 0.14f, 0.25f);
            content.setNonStrokingColor(0.06f, 0.14f, 0.25f);
            for (Mark mark : sheet.marks()) {
                if (mark instanceof Picture picture) {
                    drawPicture(picture, sheet, document, content);
                } else {
                    draw(mark, sheet, font, content);
                }
            }
        }
    }

    private static void drawPicture(
            Picture picture, SheetDrawing sheet, PDDocument document, PDPageContentStream content) throws IOException {
        PDImageXObject image = JPEGFactory.createFromByteArray(document, picture.jpeg());
        double scale = Math.min(picture.width() / image.getWidth(), picture.height() / image.getHeight());
        double width = image.getWidth() * scale;
        double height = image.getHeight() * scale;
        Spot corner = new Spot(
                picture.at().x() + (picture.width() - width) / 2, picture.at().y() + (picture.height() + height) / 2);
        content.drawImage(image, points(corner.x()), up(sheet, corner), points(width), points(height));
    }

    private static void draw(Mark mark, SheetDrawing sheet, PDFont font, PDPageContentStream content)
            throws IOException {
        if (mark instanceof Stroke stroke) {
            drawStroke(stroke, sheet, content);
        } else if (mark instanceof Words words) {
            drawWords(words, sheet, font, content);
        }
    }

    private static void drawStroke(Stroke stroke, SheetDrawing sheet, PDPageContentStream content) throws IOException {
        content.setLineWidth(points(stroke.width()));
        Spot first = stroke.spots().get(0);
        content.moveTo(points(first.x()), up(sheet, first));
        for (Spot spot : stroke.spots().subList(1, stroke.spots().size())) {
            content.lineTo(points(spot.x()), up(sheet, spot));
        }
        if (stroke.filled()) {
            content.closeAndFillAndStroke();
        } else if (stroke.closed()) {
            content.closeAndStroke();
        } else {
            content.stroke();
        }
    }

    private static void drawWords(Words words, SheetDrawing sheet, PDFont font, PDPageContentStream content)
            throws IOException {
        String text = writable(words.text(), font);
        float size = points(words.height());
        float width = font.getStringWidth(text) / 1000 * size;
        Matrix place = Matrix.getRotateInstance(
                -Math.toRadians(words.turn()), points(words.at().x()), up(sheet, words.at()));
        if (words.centred()) {
            place.translate(-width / 2, 0);
        }
        if (words.centred()) {
            clear(place, width, size, content);
        }
        content.beginText();
        content.setFont(font, size);
        content.setTextMatrix(place);
        content.showText(text);
        content.endText();
    }

    /** Hatches and lines end before words. */
    private static void clear(Matrix place, float width, float size, PDPageContentStream content) throws IOException {
        content.saveGraphicsState();
        content.transform(place);
        content.setNonStrokingColor(1f, 1f, 1f);
        content.addRect(-size * ROUND, -size * (float) PlacedWords.BELOW, width + 2 * size * ROUND, size);
        content.fill();
        content.restoreGraphicsState();
    }

    /** The text with every character that the letters lack replaced. */
    private static String writable(String text, PDFont font) {
        StringBuilder writable = new StringBuilder();
        text.codePoints()
                .forEach(c -> writable.append(canWrite(font, Character.toString(c)) ? Character.toString(c) : MISSING));
        return writable.toString();
    }

    private static boolean canWrite(PDFont font, String character) {
        try {
            font.encode(character);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    private static float up(SheetDrawing sheet, Spot spot) {
        return points(sheet.height() - spot.y());
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MILLIMETRE);
    }
}
