package fairacre.drawing;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A sheet as a picture to send to somebody: the PDF page on white, its longer side so many pixels long. */
public final class PngSheet {

    /** Enough to read the dimensions of a large plot on a screen. */
    public static final int LONGER_SIDE = 2400;

    private static final double MILLIMETRES_PER_INCH = 25.4;

    private PngSheet() {}

    public static byte[] write(SheetDrawing sheet) {
        double inches = Math.max(sheet.width(), sheet.height()) / MILLIMETRES_PER_INCH;
        try (PDDocument document = Loader.loadPDF(PdfSheet.write(sheet))) {
            BufferedImage picture =
                    new PDFRenderer(document).renderImageWithDPI(0, (float) (LONGER_SIDE / inches), ImageType.RGB);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", bytes);
            return bytes.toByteArray();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
