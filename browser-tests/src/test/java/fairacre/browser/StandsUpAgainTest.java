package fairacre.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import fairacre.bill.Budget;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
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
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What ./fairacre start has started is killed again and again under two who edit. {@code -Dfairacre.kills=1000} does it
 * a thousand times, see {@code ./fairacre bench chaos}.
 */
class StandsUpAgainTest {

    private static final Path JAR = Path.of("../server/target/fairacre-server-0.1.0-exec.jar");
    private static final Duration PATIENCE = Duration.ofMinutes(3);
    private static final int EDITS_BETWEEN = 6;
    private static final long BEFORE_ASKING_AGAIN = 100_000_000;
    /** Entries that the list of edits tells. */
    private static final long MOST_TOLD = 100;

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
        try (DirectoryStream<Path> elsewhere = Files.newDirectoryStream(state, "elsewhere-*")) {
            for (Path each : elsewhere) {
                new ProcessBuilder("rm", "-rf", Files.readString(each)).start().waitFor();
            }
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
    private static Answer answered(Supplier<Answer> request) {
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
            LockSupport.parkNanos(BEFORE_ASKING_AGAIN);
        }
    }

    /** Somebody who edits a garden over and over; each edit is sent again until it is answered. */
    private static final class Editor {

        private final Visitor visitor;
        private final String garden;
        private final IntFunction<Change> change;
        private long revision;
        private int made;

        Editor(Visitor visitor, String garden, IntFunction<Change> change) {
            this.visitor = visitor;
            this.garden = garden;
            this.change = change;
        }

        void edit() {
            for (int i = 0; i < EDITS_BETWEEN; i++) {
                UUID key = UUID.randomUUID();
                Answer answer = answered(() -> visitor.change(garden, revision, key, change.apply(made + 1)));
                assertThat(answer.status()).as(answer.text()).isEqualTo(200);
                revision = answer.json().path("revision").longValue();
                made++;
            }
        }
    }

    /** Six of the database and its backends, four of the program; in a benchmark as many as are wanted. */
    private List<Runnable> kills() {
        Runnable program = () -> kill(pidOfTheProgram());
        Runnable database = () -> kill(pidOfTheDatabase());
        List<Runnable> kills = List.of(
                this::killABackend,
                program,
                database,
                this::killABackend,
                () -> {
                    database.run();
                    program.run();
                },
                this::killABackend,
                program,
                database,
                program);
        return IntStream.range(0, Integer.getInteger("fairacre.kills", kills.size()))
                .mapToObj(i -> kills.get(i < kills.size() ? i : random.nextInt(kills.size())))
                .toList();
    }

    @Test
    @DisplayName(
            "database, its backends and the program are killed under two who edit: every acknowledged edit is there, once")
    void nothingAcknowledgedIsLost() throws Exception {
        Visitor visitor = new Visitor("http://127.0.0.1:" + port);
        visitor.post(
                "/api/accounts",
                "{\"name\":\"%s@example.org\",\"password\":\"seventeen tall carrots\"}".formatted(UUID.randomUUID()));
        String garden = visitor.garden();
        Editor name = new Editor(visitor, garden, i -> new Change.DescribeGarden("Garden " + i, Units.METRIC));
        Editor budget = new Editor(
                visitor, garden, i -> new Change.SetBudget(new Budget(Money.of(CurrencyUnit.EUR, i), BigDecimal.TEN)));
        for (Runnable kill : kills()) {
            CompletableFuture.allOf(
                            CompletableFuture.runAsync(
                                    kill, CompletableFuture.delayedExecutor(random.nextInt(40), TimeUnit.MILLISECONDS)),
                            CompletableFuture.runAsync(name::edit),
                            CompletableFuture.runAsync(budget::edit))
                    .join();
        }
        long edits = (long) name.made + budget.made;
        Answer told = answered(() -> visitor.get("/api/gardens/" + garden));
        assertThat(told.json().path("revision").longValue()).isEqualTo(edits);
        assertThat(told.json().at("/plan/name").stringValue()).isEqualTo("Garden " + name.made);
        assertThat(new BigDecimal(told.json().at("/plan/budget/sum/amount").asString()))
                .isEqualByComparingTo(BigDecimal.valueOf(budget.made));
        Answer history = answered(() -> visitor.get("/api/gardens/" + garden + "/history"));
        List<Long> revisions = new ArrayList<>();
        history.json().forEach(entry -> revisions.add(entry.path("revision").longValue()));
        assertThat(revisions)
                .containsExactlyElementsOf(LongStream.range(0, Math.min(MOST_TOLD, edits))
                        .mapToObj(i -> edits - i)
                        .toList());
    }

    @Test
    @DisplayName("started by root, the program runs as a user of its own")
    void theProgramHasNoRights() throws Exception {
        assumeTrue(System.getProperty("user.name").equals("root"));
        ProcessHandle program = ProcessHandle.of(pidOfTheProgram()).orElseThrow();
        assertThat(program.info().user()).contains("fairacre");
    }

    @Test
    @DisplayName("a unit for systemd starts and stops it with the machine [systemd.service(5)]")
    void theUnitStartsAndStopsIt() throws Exception {
        String root = Path.of("..").toRealPath().toString();
        assertThat(fairacre("unit", "--lan", "--port", "8500").lines())
                .contains(
                        "Type=oneshot",
                        "RemainAfterExit=yes",
                        "ExecStart=\"" + root + "/fairacre\" start --lan --port 8500",
                        "ExecStop=\"" + root + "/fairacre\" stop");
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
