package fairacre.bench;

import fairacre.appraisal.Appraisal;
import fairacre.appraisal.AppraisalReport;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
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

/** The appraisal alone, of generated gardens with three gardeners and some crooked beds. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class AppraisalBenchmark {

    @Param({"12", "100", "500"})
    public int beds;

    private Plan plan;

    @Setup
    public void generate() {
        plan = Gardens.generated(beds, 1);
    }

    /** What a preview asks for: everything but remedies. */
    @Benchmark
    public AppraisalReport preview() {
        return Appraisal.of(plan, Gardens.SEASON).preview();
    }

    /** What is asked for after an edit: everything. */
    @Benchmark
    public AppraisalReport report() {
        return Appraisal.of(plan, Gardens.SEASON).report();
    }
}
