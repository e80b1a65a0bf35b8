package fairacre.browser;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What ./fairacre start has started is killed again and again under somebody who edits. */
class StandsUpAgainTest {

    private static final Path JAR = Path.of("../server/target/fairacre-server-0.1.0-exec.jar");
    private static final Duration PATIENCE = Duration.ofMinutes(3);
    private static final int EDITS_BETWEEN = 6;

    @TempDir
    private Path state;

    private final Random random = new Random(20261202);
    private int port;

    private String fairacre(String... arguments) throws Exception {
        ProcessBuilder process = new ProcessBuilder(arguments).directory(new File(".."));
        process.command().add(0, "./fairacre");
        process.environment()
                .putAll(Map.of(
                        "FAIRACRE_STATE", state.toString(),
                        "FAIRACRE_JAR", JAR.toRealPath().toString()));
        // A pipe would stay open as long as the program runs.
        Path told = state.resolve("told");
        process.redirectErrorStream(true).redirectOutput(told.toFile());
        Process running = process.start();
        assertThat(running.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).isTrue();
        String text = Files.readString(told);
        assertThat(running.exitValue()).as(text).isZero();
        return text;
    }

    @BeforeEach
    void start() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        fairacre("start", "--port", String.valueOf(port), "--empty");
    }

    @AfterEach
    void stop() throws Exception {
        fairacre("stop");
        Path elsewhere = state.resolve("elsewhere-data");
        if (Files.exists(elsewhere)) {
            new ProcessBuilder("rm", "-rf", Files.readString(elsewhere)).start().waitFor();
        }
    }

    private long pidOfTheProgram() {
        return pid(state.resolve("run/pid"));
    }

    private long pidOfTheDatabase() {
        Path elsewhere = state.resolve("elsewhere-data");
        try {
            Path data = Files.exists(elsewhere) ? Path.of(Files.readString(elsewhere)) : state.resolve("data");
            return pid(data.resolve("data/postmaster.pid"));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static long pid(Path file) {
        try {
            return Long.parseLong(Files.readString(file, StandardCharsets.UTF_8)
                    .lines()
                    .findFirst()
                    .orElse("0"));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void kill(long pid) {
        ProcessHandle.of(pid).ifPresent(ProcessHandle::destroyForcibly);
    }

    private void killABackend() {
        List<ProcessHandle> backends = ProcessHandle.of(pidOfTheDatabase()).stream()
                .flatMap(ProcessHandle::children)
                .toList();
        if (!backends.isEmpty()) {
            backends.get(random.nextInt(backends.size())).destroyForcibly();
        }
    }

    /** As the browser does it: what was not answered is sent again. */
    private static Answer answered(Supplier<Answer> request) throws InterruptedException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (true) {
            try {
                Answer answer = request.get();
                if (answer.status() < 500) {
                    return answer;
                }
                assertThat(System.nanoTime()).as(answer.text()).isLessThan(end);
            } catch (UncheckedIOException away) {
                assertThat(System.nanoTime()).as(away.toString()).isLessThan(end);
            }
            Thread.sleep(100);
        }
    }

    @Test
    @DisplayName("database, its backends and the program are killed: every acknowledged edit is there, none twice")
    void nothingAcknowledgedIsLost() throws Exception {
        Visitor visitor = new Visitor("http://127.0.0.1:" + port);
        visitor.post(
                "/api/accounts",
                "{\"name\":\"%s@example.org\",\"password\":\"seventeen tall carrots\"}".formatted(UUID.randomUUID()));
        String garden = visitor.garden();
        List<Runnable> kills = new ArrayList<>(List.of(
                this::killABackend,
                () -> kill(pidOfTheProgram()),
                () -> kill(pidOfTheDatabase()),
                this::killABackend,
                () -> {
                    kill(pidOfTheDatabase());
                    kill(pidOfTheProgram());
                }));
        int revision = 0;
        for (Runnable kill : kills) {
            CompletableFuture<Void> killed = CompletableFuture.runAsync(
                    kill, CompletableFuture.delayedExecutor(random.nextInt(40), TimeUnit.MILLISECONDS));
            for (int i = 0; i < EDITS_BETWEEN; i++) {
                UUID key = UUID.randomUUID();
                Change change = new Change.DescribeGarden("Garden " + (revision + 1), Units.METRIC);
                int from = revision;
                Answer answer = answered(() -> visitor.change(garden, from, key, change));
                assertThat(answer.status()).as(answer.text()).isEqualTo(200);
                revision++;
            }
            killed.join();
        }
        Answer told = answered(() -> visitor.get("/api/gardens/" + garden));
        assertThat(told.json().path("revision").longValue()).isEqualTo(kills.size() * EDITS_BETWEEN);
        assertThat(told.json().at("/plan/name").stringValue()).isEqualTo("Garden " + revision);
        Answer history = answered(() -> visitor.get("/api/gardens/" + garden + "/history"));
        List<Long> revisions = new ArrayList<>();
        history.json().forEach(entry -> revisions.add(entry.path("revision").longValue()));
        assertThat(revisions)
                .containsExactlyElementsOf(LongStream.range(0, revision)
                        .mapToObj(i -> kills.size() * EDITS_BETWEEN - i)
                        .toList());
    }

    @Test
    @DisplayName("a number of a process that another has now is not taken for the program's")
    void aStaleNumberIsNotTheProgram() throws Exception {
        long program = pidOfTheProgram();
        Process other = new ProcessBuilder("sleep", "600").start();
        try {
            Files.writeString(state.resolve("run/pid"), String.valueOf(other.pid()));
            fairacre("stop");
            assertThat(other.isAlive()).isTrue();
        } finally {
            other.destroyForcibly();
            kill(program);
        }
    }
}
