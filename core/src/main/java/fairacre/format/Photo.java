package fairacre.format;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import fairacre.limits.RefusedException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photo of the garden in two sizes, both as JPEG. Nothing is kept of the file but what is seen: the picture is drawn
 * anew, upright as the camera was held, so that neither the place nor the day nor anything else that was written or
 * hidden in it goes on.
 *
 * @param large no side longer than {@link #LARGE}, or as large as it came if that is less
 * @param small the same for {@link #SMALL}
 */
public record Photo(byte[] large, byte[] small) {

    /** Points of the longer side of the picture that is looked at. */
    public static final int LARGE = 1600;
    /** Points of the longer side of the picture in a list. */
    public static final int SMALL = 320;
    /** Largest file that is read, bytes. */
    public static final int LARGEST = 20_000_000;

    private static final long MOST_PIXELS = 100_000_000;
    /** Of a file so much larger than needed only every second, third ... point is read. */
    private static final int SPARE = 2;

    private static final double QUALITY = 0.85;
    private static final String FIELD = "photo";
    /** Brands of HEIF and AVIF (ISO/IEC 23008-12 and the AVIF specification, from memory). */
    private static final Set<String> HEIF =
            Set.of("heic", "heix", "hevc", "hevx", "heim", "heis", "mif1", "msf1", "avif", "avis");

    private static final int BRAND = 4;

    /** @throws RefusedException if it is empty, too large, damaged, or anything else than a JPEG, a PNG or a WebP */
    public static Photo of(byte[] content) {
        if (content.length == 0) {
            throw new RefusedException(FIELD, "the file is empty", "choose another photo");
        }
        if (content.length > LARGEST) {
            throw new RefusedException(FIELD, "the photo is larger than 20 MB", "take a smaller one");
        }
        try {
            BufferedImage upright = upright(read(content, type(content)), orientation(content));
            return new Photo(sized(upright, LARGE), sized(upright, SMALL));
        } catch (IOException | ImageProcessingException damaged) {
            throw unreadable();
        } catch (RefusedException refused) {
            throw refused;
        } catch (RuntimeException damaged) {
            // Readers of pictures throw whatever a hostile file brings them to.
            throw unreadable();
        }
    }

    private static RefusedException unreadable() {
        return new RefusedException(FIELD, "it can't be read as a photo", "choose a whole JPEG, PNG or WebP picture");
    }

    private static String type(byte[] content) {
        if (Pictures.at(content, 0, "\u00ff\u00d8\u00ff")) {
            return "image/jpeg";
        }
        if (Pictures.at(content, 0, "\u0089PNG\r\n\u001a\n")) {
            return "image/png";
        }
        if (Pictures.at(content, 0, "RIFF") && Pictures.at(content, 2 * BRAND, "WEBP")) {
            return "image/webp";
        }
        if (Pictures.at(content, BRAND, "ftyp")
                && HEIF.stream().anyMatch(brand -> Pictures.at(content, 2 * BRAND, brand))) {
            throw new RefusedException(
                    FIELD,
                    "this is a HEIC or AVIF photo, which few programs read",
                    "set the camera to “Most compatible”, or share the photo as JPEG");
        }
        throw unreadable();
    }

    private static BufferedImage read(byte[] content, String type) throws IOException {
        return Pictures.read(
                content, type, FIELD, MOST_PIXELS, (wide, high) -> Math.max(1, Math.max(wide, high) / (SPARE * LARGE)));
    }

    /** How the camera was held (Exif 2.32, tag 0x0112): 1 to 8, 1 if it is not said. */
    private static int orientation(byte[] content) throws IOException, ImageProcessingException {
        Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(content), content.length);
        return Optional.ofNullable(metadata.getFirstDirectoryOfType(ExifIFD0Directory.class))
                .filter(exif -> exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION))
                .map(Photo::orientation)
                .orElse(1);
    }

    private static int orientation(ExifIFD0Directory exif) {
        try {
            return exif.getInt(ExifIFD0Directory.TAG_ORIENTATION);
        } catch (MetadataException unreadable) {
            return 1;
        }
    }

    /** On white where it is clear, turned and mirrored as the eight orientations of Exif say. */
    private static BufferedImage upright(BufferedImage read, int orientation) {
        int wide = read.getWidth();
        int high = read.getHeight();
        boolean lying = orientation >= 5 && orientation <= 8;
        BufferedImage upright = new BufferedImage(lying ? high : wide, lying ? wide : high, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = upright.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, upright.getWidth(), upright.getHeight());
        graphics.drawImage(read, turned(orientation, wide, high), null);
        graphics.dispose();
        return upright;
    }

    private static AffineTransform turned(int orientation, int wide, int high) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
            default -> new AffineTransform();
        };
    }

    /** Made smaller in steps of a half, as the library does. */
    private static byte[] sized(BufferedImage image, int longest) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int largest = Math.max(image.getWidth(), image.getHeight());
        Thumbnails.of(image)
                .scale(Math.min(1, (double) longest / largest))
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }
}
