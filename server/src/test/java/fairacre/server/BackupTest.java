package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenFile;
import fairacre.plan.Change;
import fairacre.testing.Changes;
import fairacre.testing.Gardens;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What ./fairacre backup keeps, ./fairacre restore brings back. */
class BackupTest {

    @TempDir
    private Path folder;

    private record Ended(int code, String text) {}

    private Ended fairacre(RunningServer server, String... arguments) throws Exception {
        ProcessBuilder process =
                new ProcessBuilder(arguments).directory(new File("..")).redirectErrorStream(true);
        process.command().add(0, "./fairacre");
        process.environment()
                .putAll(Map.of("FAIRACRE_DATABASE", server.database(), "FAIRACRE_DATABASE_USER", "postgres"));
        Process running = process.start();
        String text = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(running.waitFor(1, TimeUnit.MINUTES)).isTrue();
        return new Ended(running.exitValue(), text);
    }

    private static final String ROSA = "{\"name\":\"rosa@example.org\",\"password\":\"seventeen tall carrots\"}";

    /** The file of each of Rosa's gardens. */
    private static Map<String, String> files(RunningServer server) {
        Visitor visitor = new Visitor(server.address());
        visitor.post("/api/session", ROSA);
        Map<String, String> files = new TreeMap<>();
        for (JsonNode garden : visitor.get("/api/gardens").json()) {
            String id = garden.get("id").stringValue();
            files.put(id, visitor.get("/api/gardens/" + id + "/file").text());
        }
        return files;
    }

    @Test
    void gardensComeBackAsTheyWere() throws Exception {
        RunningServer server = RunningServer.straight();
        Path backup = folder.resolve("gardens.backup");
        Map<String, String> before;
        try {
            Visitor visitor = new Visitor(server.address());
            visitor.post("/api/accounts", ROSA);
            visitor.post("/api/session/demo", "");
            visitor.post("/api/gardens/import", GardenFile.write(Gardens.everything()));
            String other = visitor.post("/api/gardens/import", GardenFile.write(Changes.plan()))
                    .json()
                    .at("/plan/id")
                    .stringValue();
            before = files(server);
            assertThat(before).hasSize(3);
            assertThat(fairacre(server, "backup", backup.toString()))
                    .isEqualTo(new Ended(0, "All gardens and accounts are in " + backup + ".\n"));
            assertThat(visitor.change(other, 0, new Change.RemoveBed(Gardens.id("Beans")))
                            .status())
                    .isEqualTo(200);
            Ended tooEarly = fairacre(server, "restore", backup.toString());
            assertThat(tooEarly.code()).isEqualTo(1);
            assertThat(tooEarly.text()).contains("nothing was changed", "Does a program use the database still?");
            assertThat(files(server)).isNotEqualTo(before).hasSize(3);
        } finally {
            server.stop();
        }
        Ended restored = fairacre(server, "restore", backup.toString());
        assertThat(restored.code()).as(restored.text()).isZero();
        RunningServer again = server.again();
        try {
            assertThat(files(again)).isEqualTo(before);
        } finally {
            again.stop();
        }
    }

    @Test
    void whatIsNoBackupIsRefused() throws Exception {
        Path file = Files.writeString(folder.resolve("notes.txt"), "beans");
        Ended ended = fairacre(RunningServer.get(), "restore", file.toString());
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.text()).contains("is no backup of Fair Acre");
    }
}
