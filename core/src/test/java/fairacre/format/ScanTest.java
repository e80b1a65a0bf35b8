package fairacre.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.format.Scan.Type;
import fairacre.limits.RefusedException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScanTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource({"jpeg, JPEG, image/jpeg", "png, PNG, image/png"})
    void picturesAreTaken(String format, Type type, String mediaType) throws IOException {
        Scan scan = Scan.of(picture(format));
        assertThat(scan.type()).isEqualTo(type);
        assertThat(scan.type().mediaType()).isEqualTo(mediaType);
    }

    @Test
    void aDocumentIsTaken() throws IOException {
        assertThat(Scan.of(document(1, false)).type()).isEqualTo(Type.PDF);
    }

    @Test
    void anImageThatIsNoneIsRefused() throws IOException {
        refused("<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>".getBytes(StandardCharsets.UTF_8));
        refused(new byte[0]);
        refused(new byte[] {(byte) 0xFF, (byte) 0xD8, 1, 2, 3});
        refused(Arrays.copyOf(picture("png"), 60));
        refused("%PDF-1.7 nothing".getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aPictureThatSaysItIsEnormousIsRefusedUnread() throws IOException {
        byte[] png = picture("png");
        ByteBuffer.wrap(png).putInt(16, 200_000).putInt(20, 200_000);
        assertThatThrownBy(() -> Scan.of(png)).isInstanceOf(RefusedException.class);
    }

    @Test
    void whatIsTooLargeLockedOrEndlessIsRefused() throws IOException {
        refused(new byte[Scan.LARGEST + 1]);
        refused(document(21, false));
        refused(document(1, true));
    }

    private static void refused(byte[] content) {
        assertThatThrownBy(() -> Scan.of(content))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("scan"));
    }

    private static byte[] picture(String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), format, bytes);
        return bytes.toByteArray();
    }

    private static byte[] document(int pages, boolean locked) throws IOException {
        try (PDDocument document = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                document.addPage(new PDPage());
            }
            if (locked) {
                document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
