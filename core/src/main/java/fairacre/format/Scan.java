package fairacre.format;

import fairacre.limits.RefusedException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * A photo or a PDF of a paper, held to be what it is by reading it, not by its name.
 *
 * @param type of its content
 */
public record Scan(Type type, byte[] content) {

    /** Largest file that is kept, bytes. */
    public static final int LARGEST = 5_000_000;

    private static final int MOST_PAGES = 20;
    private static final long MOST_PIXELS = 120_000_000;
    /** Of each so many rows and columns one is read: enough to see whether the file is whole. */
    private static final int EVERY = 16;

    public enum Type {
        JPEG("image/jpeg"),
        PNG("image/png"),
        PDF("application/pdf");

        private final String mediaType;

        Type(String mediaType) {
            this.mediaType = mediaType;
        }

        public String mediaType() {
            return mediaType;
        }
    }

    /**
     * @throws RefusedException if it is empty, too large, damaged, locked, or anything else than a JPEG, a PNG or a PDF
     */
    public static Scan of(byte[] content) {
        if (content.length == 0 || content.length > LARGEST) {
            throw new RefusedException(
                    "scan",
                    content.length == 0 ? "the file is empty" : "the file is larger than 5 MB",
                    "take a smaller photo, or scan it at a lower resolution");
        }
        try {
            return new Scan(startsWith(content, '%', 'P', 'D', 'F') ? document(content) : picture(content), content);
        } catch (IOException | RuntimeException damaged) {
            if (damaged instanceof RefusedException refused) {
                throw refused;
            }
            throw new RefusedException(
                    "scan", "it can't be read as a picture or a PDF", "choose a JPEG or PNG picture, or a PDF");
        }
    }

    private static Type document(byte[] content) throws IOException {
        try (PDDocument document = Loader.loadPDF(content)) {
            if (document.isEncrypted() || document.getNumberOfPages() < 1 || document.getNumberOfPages() > MOST_PAGES) {
                throw new RefusedException(
                        "scan",
                        "the PDF is locked, or has not 1 to " + MOST_PAGES + " pages",
                        "print the receipt's page to a PDF of its own");
            }
            return Type.PDF;
        }
    }

    private static Type picture(byte[] content) throws IOException {
        Type type = startsWith(content, 0xFF, 0xD8)
                ? Type.JPEG
                : startsWith(content, 0x89, 'P', 'N', 'G') ? Type.PNG : null;
        if (type == null) {
            throw new IOException("neither");
        }
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByMIMEType(type.mediaType());
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new RefusedException(
                            "scan", "the picture has more than 120 million points", "take a smaller one");
                }
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(EVERY, EVERY, 0, 0);
                BufferedImage read = reader.read(0, param);
                read.flush();
            } finally {
                reader.dispose();
            }
        }
        return type;
    }

    private static boolean startsWith(byte[] content, int... signs) {
        for (int i = 0; i < signs.length; i++) {
            if (i >= content.length || (content[i] & 0xFF) != signs[i]) {
                return false;
            }
        }
        return true;
    }
}
