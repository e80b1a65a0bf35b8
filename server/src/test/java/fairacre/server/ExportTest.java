package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenFile;
import fairacre.plan.Plan;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Everything that an account has, as one file. */
class ExportTest {

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());

    private Map<String, byte[]> exported() throws IOException {
        Visitor.Answer answer = rosa.get("/api/account/export.zip");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("Content-Disposition")).contains("fair-acre-gardens.zip");
        Map<String, byte[]> files = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.bytes()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        return files;
    }

    @Test
    void whoHasNothingTakesAwayAnEmptyFile() throws IOException {
        assertThat(exported()).isEmpty();
    }

    @Test
    void eachGardenHasAFolderWithPhotosAndScans() throws IOException {
        String garden = "/api/gardens/" + rosa.garden();
        UUID picked = UUID.randomUUID();
        assertThat(rosa.post(
                                garden + "/journal",
                                "{\"id\":\"%s\",\"day\":\"2026-07-04\",\"harvest\":{\"crop\":\"tomato\",\"kilograms\":2.5}}"
                                        .formatted(picked))
                        .status())
                .isEqualTo(204);
        ByteArrayOutputStream photo = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpeg", photo);
        rosa.send("PUT", garden + "/journal/" + picked + "/photo", "application/octet-stream", photo.toByteArray());
        Map<String, byte[]> files = exported();
        assertThat(files.keySet())
                .containsExactly(
                        "Test garden/Test garden.garden.json", "Test garden/photos/2026-07-04 " + picked + ".jpg");
        assertThat(ImageIO.read(new ByteArrayInputStream(files.get("Test garden/photos/2026-07-04 " + picked + ".jpg")))
                        .getWidth())
                .isEqualTo(40);
        Visitor.Answer back = rosa.post(
                "/api/gardens/import",
                new String(files.get("Test garden/Test garden.garden.json"), StandardCharsets.UTF_8));
        assertThat(back.status()).as(back.text()).isEqualTo(201);
    }

    @Test
    void namesThatAreNoFileNamesAndTwoOfOneName() throws Exception {
        for (String name : new String[] {"../../etc: beans?", "../../etc: beans?"}) {
            rosa.post("/api/gardens", Visitor.newGarden(name, "METRIC", "EUR", "100"));
        }
        Map<String, byte[]> files = exported();
        assertThat(files.keySet()).hasSize(2).noneMatch(name -> name.contains("..") || name.startsWith("/"));
        for (byte[] file : files.values()) {
            Plan plan = GardenFile.read(new ByteArrayInputStream(file));
            assertThat(plan.beds()).isEmpty();
        }
    }
}
