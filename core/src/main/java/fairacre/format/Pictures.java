package fairacre.format;

import fairacre.limits.RefusedException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.IntBinaryOperator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads pictures of which nothing is known but what they say they are. */
final class Pictures {

    private Pictures() {}

    /** Whether some bytes stand in a file, given as characters of ISO 8859-1. */
    static boolean at(byte[] content, int from, String signs) {
        byte[] expected = signs.getBytes(StandardCharsets.ISO_8859_1);
        for (int i = 0; i < expected.length; i++) {
            if (from + i >= content.length || content[from + i] != expected[i]) {
                return false;
            }
        }
        return true;
    }

    /**
     * @param field of a refusal
     * @param mostPixels of a larger picture nothing is read
     * @param every of width and height: of so many rows and columns one is read
     * @throws RefusedException if it is larger
     * @throws IOException if it is damaged; other exceptions may come of hostile files
     */
    static BufferedImage read(byte[] content, String mediaType, String field, long mostPixels, IntBinaryOperator every)
            throws IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            ImageReader reader = ImageIO.getImageReadersByMIMEType(mediaType).next();
            try {
                reader.setInput(stream);
                int wide = reader.getWidth(0);
                int high = reader.getHeight(0);
                if ((long) wide * high > mostPixels) {
                    throw new RefusedException(
                            field,
                            "the picture has more than " + mostPixels / 1_000_000 + " million points",
                            "take a smaller one");
                }
                ImageReadParam param = reader.getDefaultReadParam();
                int one = every.applyAsInt(wide, high);
                param.setSourceSubsampling(one, one, 0, 0);
                return reader.read(0, param);
            } finally {
                reader.dispose();
            }
        }
    }
}
