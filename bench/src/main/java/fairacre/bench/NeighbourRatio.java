package fairacre.bench;

import fairacre.format.GardenFile;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.server.RunningServer;
import fairacre.server.Visitor;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/**
 * How long somebody waits for previews of the demo while another account asks for as much as it can, as a ratio to how
 * long they wait alone, within one run. Clients, program and database share the machine, so what the clients do counts
 * too.
 */
final class NeighbourRatio {

    private static final int FIRST = 500;
    private static final int MEASURED = 200;
    /** As many as an account is worked for at once, and some that wait. */
    private static final int AT_ONCE = 8;

    private static final int PEOPLE = 12;
    private static final long UNTIL_ALL_WORK = 5_000;
    private static final double NANOSECONDS = 1e6;

    private final RunningServer server = RunningServer.straight();
    private final Supplier<Answer> preview;

    private NeighbourRatio() throws Exception {
        this.preview = PreviewRatio.previews(Visitor.signedUp(server), PreviewBenchmark.demo());
    }

    static void print() throws Exception {
        new NeighbourRatio().printAll();
    }

    private void printAll() throws InterruptedException {
        ServedCost.of(preview, FIRST);
        System.out.println(
                "| what the other account asks for | answers by status | p50 | p95 | ratio of p50 | ratio of p95 |");
        System.out.println("|---|---|---|---|---|---|");
        double[] alone = waited();
        print("nothing", Map.of(), alone, alone);
        Visitor other = Visitor.signedUp(server);
        Plan of400 = withPeople(Gardens.generatedOfAllShapes(400, 1));
        Plan of1000 = withPeople(Gardens.generatedOfAllShapes(1000, 2));
        String carrier = of400.carriers().get(0).id().toString();
        beside(
                alone,
                "ways of a wheelbarrow to 400 beds",
                of400,
                "/carriers/" + carrier + "/routes?x=1&y=1&season=" + season(of400));
        beside(alone, "whole judgement of 1,000 beds", of1000, "/appraisal?season=" + season(of1000));
        beside(alone, "quick judgement of 1,000 beds", of1000, "/judgement?season=" + season(of1000));
        beside(alone, "bill of 1,000 beds", of1000, "/bill.csv");
        beside(alone, "cutting plan of 1,000 beds", of1000, "/cutting");
        beside(alone, "previews of 400 beds", PreviewRatio.previews(other, of400));
        byte[] file = GardenFile.write(of1000);
        beside(alone, "files of 1,000 beds read in", () -> other.post("/api/gardens/import", file));
        server.stop();
    }

    private static Plan withPeople(Plan plan) {
        Plan people = plan;
        for (int i = people.gardeners().size(); i < PEOPLE; i++) {
            people = Gardens.with(people, Put.of(Gardens.gardener("Gardener " + i, 0.4 + 0.03 * i, 0.5 + 0.05 * i)));
        }
        for (int i = people.carriers().size(); i < PEOPLE; i++) {
            people = Gardens.with(
                    people, Put.of(Gardens.carrier("Barrow " + i, 0.5 + 0.05 * i, i % 2 == 0, i % 2 == 0 ? 1.2 : 0)));
        }
        return people;
    }

    private static int season(Plan plan) {
        return Collections.max(plan.seasonsOfChange());
    }

    private void beside(double[] alone, String name, Plan plan, String path) throws InterruptedException {
        Visitor other = Visitor.signedUp(server);
        String garden = other.post("/api/gardens/import", GardenFile.write(plan))
                .json()
                .at("/plan/id")
                .stringValue();
        beside(alone, name, () -> other.get("/api/gardens/" + garden + path));
    }

    private void beside(double[] alone, String name, Supplier<Answer> asked) throws InterruptedException {
        AtomicBoolean over = new AtomicBoolean();
        Map<Integer, Integer> answers = new ConcurrentSkipListMap<>();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            threads.add(new Thread(() -> {
                while (!over.get()) {
                    answers.merge(asked.get().status(), 1, Integer::sum);
                }
            }));
        }
        threads.forEach(Thread::start);
        Thread.sleep(UNTIL_ALL_WORK);
        double[] waited = waited();
        print(name, answers, waited, alone);
        over.set(true);
        for (Thread thread : threads) {
            thread.join();
        }
    }

    private static void print(String name, Map<Integer, Integer> answers, double[] waited, double[] alone) {
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %.1f ms | %.1f ms | %.1f | %.1f |%n",
                name,
                answers,
                percentile(waited, 50),
                percentile(waited, 95),
                percentile(waited, 50) / percentile(alone, 50),
                percentile(waited, 95) / percentile(alone, 95));
    }

    private static double percentile(double[] sorted, int percent) {
        return sorted[(sorted.length * percent - 1) / 100];
    }

    /** Milliseconds, the shortest first. */
    private double[] waited() {
        double[] waited = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            long before = System.nanoTime();
            Answer answer = preview.get();
            waited[i] = (System.nanoTime() - before) / NANOSECONDS;
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.text());
            }
        }
        Arrays.sort(waited);
        return waited;
    }
}
