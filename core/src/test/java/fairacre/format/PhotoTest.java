package fairacre.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.GpsDirectory;
import fairacre.limits.RefusedException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoTest {

    private static final int EXIF = 0x45786966;

    /** Red where its first point is, blue at the other end of its first row, green else. */
    private static BufferedImage picture(int wide, int high, int type) {
        BufferedImage image = new BufferedImage(wide, high, type);
        Graphics2D graphics = image.createGraphics();
        if (!image.getColorModel().hasAlpha()) {
            graphics.setColor(Color.GREEN);
            graphics.fillRect(0, 0, wide, high);
        }
        graphics.setColor(Color.RED);
        graphics.fillRect(0, 0, wide / 2, high / 2);
        graphics.setColor(Color.BLUE);
        graphics.fillRect(wide / 2, 0, wide - wide / 2, high / 2);
        graphics.dispose();
        return image;
    }

    private static byte[] file(String format, int wide, int high) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        int type = format.equals("png") ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
        ImageIO.write(picture(wide, high, type), format, bytes);
        return bytes.toByteArray();
    }

    /** A JPEG as a phone writes it: how it was held, 48.5 degrees north, and a word in a comment. */
    private static byte[] fromPhone(int wide, int high, int orientation) throws IOException {
        ByteBuffer tiff = ByteBuffer.allocate(100);
        tiff.put("MM\0*".getBytes(StandardCharsets.ISO_8859_1)).putInt(8).putShort((short) 2);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38).putInt(0);
        tiff.putShort((short) 2);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).put("N\0\0\0".getBytes(StandardCharsets.ISO_8859_1));
        tiff.putShort((short) 2).putShort((short) 5).putInt(3).putInt(68).putInt(0);
        tiff.putInt(48).putInt(1).putInt(30).putInt(1).putInt(0).putInt(1);
        byte[] comment = "<script>the shed is never locked</script>".getBytes(StandardCharsets.UTF_8);
        byte[] jpeg = file("jpeg", wide, high);
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + tiff.capacity() + comment.length + 14);
        out.put(jpeg, 0, 2);
        out.putShort((short) 0xFFE1)
                .putShort((short) (tiff.capacity() + 8))
                .putInt(EXIF)
                .putShort((short) 0);
        out.put(tiff.array());
        out.putShort((short) 0xFFFE).putShort((short) (comment.length + 2)).put(comment);
        out.put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    private static BufferedImage read(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    private static String corner(BufferedImage image, Color colour) {
        for (int at = 0; at < 4; at++) {
            int x = at % 2 == 0 ? image.getWidth() / 8 : image.getWidth() * 7 / 8;
            int y = at / 2 == 0 ? image.getHeight() / 8 : image.getHeight() * 7 / 8;
            if (distance(new Color(image.getRGB(x, y)), colour) < 60) {
                return (at / 2 == 0 ? "top " : "bottom ") + (at % 2 == 0 ? "left" : "right");
            }
        }
        return "nowhere";
    }

    private static int distance(Color one, Color other) {
        return Math.abs(one.getRed() - other.getRed())
                + Math.abs(one.getGreen() - other.getGreen())
                + Math.abs(one.getBlue() - other.getBlue());
    }

    @ParameterizedTest
    @DisplayName(
            "a photo stands upright however the camera was held [Exif 2.32, table of tag 0x0112; and Thumbnailator]")
    @CsvSource({
        "1, top left, top right",
        "2, top right, top left",
        "3, bottom right, bottom left",
        "4, bottom left, bottom right",
        "5, top left, bottom left",
        "6, top right, bottom right",
        "7, bottom right, top right",
        "8, bottom left, top left"
    })
    void upright(int orientation, String red, String blue) throws IOException {
        byte[] file = fromPhone(400, 240, orientation);
        BufferedImage large = read(Photo.of(file).large());
        assertThat(corner(large, Color.RED)).isEqualTo(red);
        assertThat(corner(large, Color.BLUE)).isEqualTo(blue);
        BufferedImage other =
                Thumbnails.of(new ByteArrayInputStream(file)).scale(1).asBufferedImage();
        assertThat(List.of(large.getWidth(), large.getHeight()))
                .isEqualTo(List.of(other.getWidth(), other.getHeight()));
        assertThat(corner(other, Color.RED)).isEqualTo(red);
    }

    @Test
    void anOrientationThatThereIsNotIsLeftAside() throws IOException {
        assertThat(corner(read(Photo.of(fromPhone(400, 240, 99)).large()), Color.RED))
                .isEqualTo("top left");
    }

    @Test
    @DisplayName("neither the place nor a comment nor anything else that was written into the file is kept [as"
            + " metadata-extractor reads it]")
    void nothingButThePicture() throws Exception {
        byte[] file = fromPhone(400, 240, 6);
        Metadata before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
        assertThat(before.getFirstDirectoryOfType(GpsDirectory.class).getTagCount())
                .isEqualTo(2);
        Photo photo = Photo.of(file);
        for (byte[] kept : List.of(photo.large(), photo.small())) {
            Metadata after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept));
            assertThat(after.getDirectories()).noneMatch(ExifDirectoryBase.class::isInstance);
            assertThat(StreamSupport.stream(after.getDirectories().spliterator(), false)
                            .map(Directory::getName))
                    .isSubsetOf("JPEG", "JFIF", "Huffman", "File Type");
            assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("script");
        }
    }

    @Test
    void whatIsHiddenBehindThePictureIsGone() throws IOException {
        byte[] jpeg = file("jpeg", 60, 40);
        byte[] hidden = "PK<html><script>alert(1)</script>".getBytes(StandardCharsets.UTF_8);
        byte[] both = Arrays.copyOf(jpeg, jpeg.length + hidden.length);
        System.arraycopy(hidden, 0, both, jpeg.length, hidden.length);
        assertThat(new String(Photo.of(both).large(), StandardCharsets.ISO_8859_1))
                .doesNotContain("script");
    }

    @ParameterizedTest
    @DisplayName("no side is longer than 1600 points, and in lists 320; a smaller one stays as it is")
    @CsvSource({
        "40, 30, 40, 30, 40, 30",
        "320, 200, 320, 200, 320, 200",
        "321, 200, 321, 200, 320, 199",
        "1600, 1200, 1600, 1200, 320, 240",
        "1200, 1601, 1199, 1600, 240, 320",
        "6000, 400, 1600, 107, 320, 21",
        "1, 1, 1, 1, 1, 1"
    })
    void sizes(int wide, int high, int largeWide, int largeHigh, int smallWide, int smallHigh) throws IOException {
        Photo photo = Photo.of(file("jpeg", wide, high));
        BufferedImage large = read(photo.large());
        BufferedImage small = read(photo.small());
        assertThat(List.of(large.getWidth(), large.getHeight())).isEqualTo(List.of(largeWide, largeHigh));
        assertThat(List.of(small.getWidth(), small.getHeight())).isEqualTo(List.of(smallWide, smallHigh));
    }

    @Test
    void whatIsClearInAPngIsWhite() throws IOException {
        BufferedImage large = read(Photo.of(file("png", 80, 60)).large());
        assertThat(distance(new Color(large.getRGB(70, 50)), Color.WHITE)).isLessThan(20);
        assertThat(corner(large, Color.RED)).isEqualTo("top left");
    }

    @Test
    @DisplayName("a WebP that Chromium wrote is read")
    void webp() throws IOException {
        try (InputStream file = getClass().getResourceAsStream("bed.webp")) {
            BufferedImage large = read(Photo.of(file.readAllBytes()).large());
            assertThat(List.of(large.getWidth(), large.getHeight())).isEqualTo(List.of(64, 48));
            assertThat(corner(large, new Color(0, 0, 0xC0))).isEqualTo("top right");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"heic", "heix", "mif1", "avif"})
    void heicIsRefusedWithTheWayOut(String brand) {
        byte[] file = ("\0\0\0\u0018ftyp" + brand + "\0\0\0\0mif1heic").getBytes(StandardCharsets.ISO_8859_1);
        assertThatThrownBy(() -> Photo.of(file)).isInstanceOfSatisfying(RefusedException.class, refused -> {
            assertThat(refused.refusal().field()).isEqualTo("photo");
            assertThat(refused).hasMessageContaining("HEIC").hasMessageContaining("JPEG");
        });
    }

    @Test
    void whatIsNoWholePhotoIsRefused() throws IOException {
        byte[] jpeg = file("jpeg", 400, 300);
        byte[] enormous = file("png", 40, 30);
        ByteBuffer.wrap(enormous).putInt(16, 200_000).putInt(20, 200_000);
        for (byte[] file : List.of(
                new byte[0],
                "<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>".getBytes(StandardCharsets.UTF_8),
                "GIF89a".getBytes(StandardCharsets.UTF_8),
                "RIFF\0\0\0\0WEBPVP8 ".getBytes(StandardCharsets.UTF_8),
                "RIFF\0\0\0\0WAVE".getBytes(StandardCharsets.UTF_8),
                new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, 1, 2, 3},
                Arrays.copyOf(jpeg, 200),
                Arrays.copyOf(file("png", 400, 300), 60),
                enormous,
                new byte[Photo.LARGEST + 1],
                new byte[60_000_000])) {
            assertThatThrownBy(() -> Photo.of(file))
                    .isInstanceOfSatisfying(
                            RefusedException.class,
                            refused -> assertThat(refused.refusal().field()).isEqualTo("photo"));
        }
    }
}
