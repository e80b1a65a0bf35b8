package fairacre.bench;

import fairacre.format.GardenFile;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.RunningServer;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.util.Collections;
import java.util.Locale;
import java.util.Random;
import java.util.function.Supplier;

/**
 * What a preview costs the program, as a ratio to the emptiest request of somebody who is signed in, within one run
 * ({@link ServedCost}).
 */
final class PreviewRatio {

    private static final int FIRST = 500;
    private static final int MEASURED = 300;

    private PreviewRatio() {}

    static void print() throws Exception {
        RunningServer server = RunningServer.straight();
        System.out.println(
                "| garden | empty request | preview | ratio of processor | empty request | preview | ratio of bytes |");
        System.out.println("|---|---|---|---|---|---|---|");
        print(server, "demo", PreviewBenchmark.demo());
        print(server, "200 beds of all shapes", Gardens.generatedOfAllShapes(200, 1));
        server.stop();
    }

    private static void print(RunningServer server, String name, Plan plan) {
        Visitor visitor = Visitor.signedUp(server);
        Supplier<Answer> preview = previews(visitor, plan);
        Supplier<Answer> empty = () -> visitor.get("/api/session");
        ServedCost.of(preview, FIRST);
        ServedCost.of(empty, FIRST);
        ServedCost ofEmpty = ServedCost.of(empty, MEASURED);
        ServedCost ofPreview = ServedCost.of(preview, MEASURED);
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

    /** Of a garden of the visitor in which one bed after the other is moved a bit. */
    static Supplier<Answer> previews(Visitor visitor, Plan plan) {
        String garden = visitor.post("/api/gardens/import", GardenFile.write(plan))
                .json()
                .at("/plan/id")
                .stringValue();
        int season = Collections.max(plan.seasonsOfChange());
        Random random = new Random(3);
        return () -> visitor.preview(
                garden, season, moved(plan.beds().get(random.nextInt(plan.beds().size())), random));
    }

    private static Change moved(Bed bed, Random random) {
        var last = bed.revisions().get(bed.revisions().size() - 1);
        Rectangle to = last.outline().shifted(random.nextDouble() * 0.2 - 0.1, random.nextDouble() * 0.2 - 0.1);
        return new Change.MoveBed(bed.id(), last.from(), to.centre(), to.turn());
    }
}
