package fairacre.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.ChainedOptionsBuilder;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * Runs the benchmarks, with the memory and the collector that the program is started with, and prints their figures as
 * a table; an argument narrows them down by name, {@code cutting} runs the random jobs for the saw, {@code gardens}
 * judges random gardens, {@code ratio} tells what a preview costs against an empty request, {@code sun} what the sun of
 * a year costs, {@code hoops} covers 200 beds, {@code sheets} cuts random parts out of whole sheets, {@code years}
 * plans four years of random gardens, {@code calendar} lays the work of random gardens into days, {@code journal} tells
 * what a page of a long journal costs, {@code neighbour} how much slower previews are while another account asks for
 * all it can.
 */
public final class Benchmarks {

    private static final String BUILD = "fairacre.build.jdbc";

    private static final int USUAL_JOBS = 1000;
    private static final int USUAL_GARDENS = 50_000;

    /** Places in the first line of {@code /proc/stat}, see proc(5). */
    private static final int IDLE = 3;

    private static final int WAITING = 4;
    private static final int STEAL = 7;

    private Benchmarks() {}

    public static void main(String[] arguments) throws Exception {
        if (arguments.length > 0 && arguments[0].equals("ratio")) {
            PreviewRatio.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("journal")) {
            JournalRatio.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("neighbour")) {
            NeighbourRatio.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("sun")) {
            SunRatio.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("hoops")) {
            HoopRatio.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("sheets")) {
            SheetJobs.print();
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("years")) {
            YearsJobs.print(Arrays.copyOfRange(arguments, 1, arguments.length));
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("calendar")) {
            CalendarJobs.print(arguments.length > 1 ? Optional.of(Integer.parseInt(arguments[1])) : Optional.empty());
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("cutting")) {
            CuttingJobs.print(arguments.length > 1 ? Integer.parseInt(arguments[1]) : USUAL_JOBS);
            return;
        }
        if (arguments.length > 0 && arguments[0].equals("gardens")) {
            EveryGarden.print(arguments.length > 1 ? Integer.parseInt(arguments[1]) : USUAL_GARDENS);
            return;
        }
        ChainedOptionsBuilder options = new OptionsBuilder()
                .include("fairacre.bench." + (arguments.length > 0 ? arguments[0] : ""))
                .verbosity(VerboseMode.SILENT)
                .jvmArgs(
                        "-Xms768m",
                        "-Xmx768m",
                        "-Xmn400m",
                        "-XX:+UseParallelGC",
                        "-Dfairacre.rehearsal=200",
                        "-D" + BUILD + "=" + System.getProperty(BUILD, ""),
                        "-Dlogging.level.root=WARN");
        long[] before = processorTimes();
        Collection<RunResult> results = new Runner(options.build()).run();
        printStolen(before, processorTimes());
        System.out.println("| what | garden | mean ms | p50 ms | p95 ms |");
        System.out.println("|---|---|---|---|---|");
        results.forEach(Benchmarks::print);
        printGrowth(results);
    }

    /**
     * Ticks of all processors since the machine started, after the first line of {@code /proc/stat}: all but the idle
     * ones, and those that other machines on the same hardware took. None where there is no such file.
     */
    private static long[] processorTimes() {
        try (Stream<String> lines = Files.lines(Path.of("/proc/stat"))) {
            long[] ticks = Arrays.stream(lines.findFirst().orElseThrow().split(" +"))
                    .skip(1)
                    .mapToLong(Long::parseLong)
                    .toArray();
            return new long[] {Arrays.stream(ticks, 0, STEAL + 1).sum() - ticks[IDLE] - ticks[WAITING], ticks[STEAL]};
        } catch (IOException elsewhere) {
            return new long[] {0, 0};
        }
    }

    private static void printStolen(long[] before, long[] after) {
        long busy = after[0] - before[0];
        if (busy > 0) {
            System.out.printf(
                    Locale.ROOT,
                    "Of the time in which the processors had work, other machines took %.1f %%.%n%n",
                    100.0 * (after[1] - before[1]) / busy);
        }
    }

    private static void print(RunResult result) {
        var score = result.getPrimaryResult();
        boolean sampled = score.getStatistics().getN() > 100;
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %.2f | %s | %s |%n",
                name(result),
                parameter(result),
                score.getScore(),
                sampled ? percentile(result, 50) : "",
                sampled ? percentile(result, 95) : "");
    }

    private static String percentile(RunResult result, double percent) {
        return String.format(
                Locale.ROOT, "%.2f", result.getPrimaryResult().getStatistics().getPercentile(percent));
    }

    /** Time against n log n: a ratio that stays or falls means that it grows no faster. */
    private static void printGrowth(Collection<RunResult> results) {
        Map<Integer, Double> times = new TreeMap<>();
        results.stream()
                .filter(r -> name(r).equals("AppraisalBenchmark.preview"))
                .forEach(r -> times.put(
                        Integer.parseInt(parameter(r)), r.getPrimaryResult().getScore()));
        times.forEach((beds, time) -> System.out.printf(
                Locale.ROOT,
                "appraisal of %d beds: %.2f microseconds per n log2 n%n",
                beds,
                time * 1000 / (beds * Math.log(beds) / Math.log(2))));
    }

    private static String name(RunResult result) {
        String full = result.getParams().getBenchmark();
        return full.substring("fairacre.bench.".length());
    }

    private static String parameter(RunResult result) {
        return result.getParams().getParamsKeys().stream()
                .map(result.getParams()::getParam)
                .findFirst()
                .orElse("");
    }
}
