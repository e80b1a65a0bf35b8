package fairacre.format;

import fairacre.limits.RefusedException;
import java.io.IOException;
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
            return new Scan(Pictures.at(content, 0, "%PDF") ? document(content) : picture(content), content);
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
        Type type = Pictures.at(content, 0, "\u00ff\u00d8")
                ? Type.JPEG
                : Pictures.at(content, 0, "\u0089PNG") ? Type.PNG : null;
        if (type == null) {
            throw new IOException("neither");
        }
        Pictures.read(content, type.mediaType(), "scan", MOST_PIXELS, (wide, high) -> EVERY)
                .flush();
        return type;
    }
}
