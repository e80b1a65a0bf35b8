package fairacre.bench;

import fairacre.format.GardenFile;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.RunningServer;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import fairacre.server.garden.Rehearsal;
import fairacre.testing.Gardens;
import java.io.IOException;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * One preview end to end: a request over HTTP to the real program with its session in PostgreSQL, the move of a bed
 * judged and priced, and the answer read. The program has rehearsed, as it does after each start. Client and server
 * share the machine, and here the process. "demo" is the sample garden in its last season.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 8, time = 4)
@Measurement(iterations = 8, time = 4)
public class PreviewBenchmark {

    private static final int DEMO_SEASON = 2028;

    @Param({"demo", "12", "200", "200 of all shapes"})
    public String garden;

    private Visitor visitor;
    private String id;
    private Plan plan;
    private int season;
    private final Random random = new Random(3);

    @Setup
    public void bring() throws Exception {
        RunningServer server = RunningServer.straight();
        server.bean(Rehearsal.class).await();
        plan = plan();
        season = garden.equals("demo") ? DEMO_SEASON : Gardens.SEASON;
        visitor = Visitor.signedUp(server);
        id = visitor.post("/api/gardens/import", GardenFile.write(plan))
                .json()
                .at("/plan/id")
                .stringValue();
    }

    @Benchmark
    public String preview() {
        Bed bed = plan.beds().get(random.nextInt(plan.beds().size()));
        int from = bed.firstSeason();
        Rectangle moved = bed.revisions()
                .get(0)
                .outline()
                .shifted(random.nextDouble() * 0.4 - 0.2, random.nextDouble() * 0.4 - 0.2);
        Answer answer = visitor.preview(id, season, new Change.MoveBed(bed.id(), from, moved.centre(), moved.turn()));
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.text());
        }
        return answer.text();
    }

    private Plan plan() throws Exception {
        return switch (garden) {
            case "demo" -> demo();
            case "200 of all shapes" -> Gardens.generatedOfAllShapes(200, 1);
            default -> Gardens.generated(Integer.parseInt(garden), 1);
        };
    }

    static Plan demo() throws Exception {
        try (var file = RunningServer.class.getResourceAsStream("/demo/lampwrights-yard.garden.json")) {
            return GardenFile.read(file);
        } catch (IOException missing) {
            throw new IllegalStateException("the demo garden is not there", missing);
        }
    }
}
