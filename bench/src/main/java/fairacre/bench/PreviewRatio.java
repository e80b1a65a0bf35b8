package fairacre.bench;

import com.sun.management.ThreadMXBean;
import fairacre.format.GardenFile;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.RunningServer;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.lang.management.ManagementFactory;
import java.util.Collections;
import java.util.Locale;
import java.util.Random;
import java.util.function.Supplier;

/**
 * What a preview costs the program, as a ratio to the emptiest request of somebody who is signed in, within one run:
 * processor time and bytes of the threads that serve requests and share their work. The compiler and the collector are
 * left out, and the client, which runs in the same process on threads of its own.
 */
final class PreviewRatio {

    private static final int FIRST = 500;
    private static final int MEASURED = 300;
    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    private PreviewRatio() {}

    static void print() throws Exception {
        RunningServer server = RunningServer.straight();
        System.out.println(
                "| garden | empty request | preview | ratio of processor | empty request | preview | ratio of bytes |");
        System.out.println("|---|---|---|---|---|---|---|");
        print(server, "demo", PreviewBenchmark.demo());
        print(server, "200 beds of all shapes", Gardens.generatedOfAllShapes(200, 1));
    }

    private static void print(RunningServer server, String name, Plan plan) {
        Visitor visitor = Visitor.signedUp(server);
        String garden = visitor.post("/api/gardens/import", GardenFile.write(plan))
                .json()
                .at("/plan/id")
                .stringValue();
        int season = Collections.max(plan.seasonsOfChange());
        Random random = new Random(3);
        Supplier<Answer> preview = () -> visitor.preview(
                garden, season, moved(plan.beds().get(random.nextInt(plan.beds().size())), random));
        Supplier<Answer> empty = () -> visitor.get("/api/session");
        ask(preview, FIRST);
        ask(empty, FIRST);
        Spent ofEmpty = ask(empty, MEASURED);
        Spent ofPreview = ask(preview, MEASURED);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.2f ms | %.2f ms | %.1f | %.0f kB | %.0f kB | %.1f |%n",
                name,
                ofEmpty.milliseconds(),
                ofPreview.milliseconds(),
                ofPreview.milliseconds() / ofEmpty.milliseconds(),
                ofEmpty.kilobytes(),
                ofPreview.kilobytes(),
                ofPreview.kilobytes() / ofEmpty.kilobytes());
    }

    /** Of one request. */
    private record Spent(double milliseconds, double kilobytes) {}

    private static Spent ask(Supplier<Answer> request, int times) {
        double[] before = spent();
        for (int i = 0; i < times; i++) {
            Answer answer = request.get();
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.text());
            }
        }
        double[] after = spent();
        return new Spent((after[0] - before[0]) / times / 1e6, (after[1] - before[1]) / times / 1e3);
    }

    /** Nanoseconds and bytes of all threads that serve requests, or share their work. */
    private static double[] spent() {
        double[] spent = new double[2];
        for (Thread thread : Thread.getAllStackTraces().keySet()) {
            if (thread.getName().contains("-exec-") || thread.getName().startsWith("ForkJoinPool.commonPool")) {
                spent[0] += THREADS.getThreadCpuTime(thread.getId());
                spent[1] += THREADS.getThreadAllocatedBytes(thread.getId());
            }
        }
        return spent;
    }

    private static Change moved(Bed bed, Random random) {
        var last = bed.revisions().get(bed.revisions().size() - 1);
        Rectangle to = last.outline().shifted(random.nextDouble() * 0.2 - 0.1, random.nextDouble() * 0.2 - 0.1);
        return new Change.MoveBed(bed.id(), last.from(), to.centre(), to.turn());
    }
}
