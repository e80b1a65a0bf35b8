package fairacre.server.garden;

import fairacre.appraisal.AppraisalReport;
import fairacre.cost.CostStudy;
import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Rectangle;
import fairacre.plan.StandingBed;
import fairacre.server.store.GardenStore;
import java.io.IOException;
import java.io.InputStream;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Judges made-up edits of the sample garden once the program is up, beside its work: by then the compiler has seen the judgement, and
 * the first bed that somebody drags is judged as fast as the thousandth. Where there is a demo garden it is visited over HTTP, so that the
 * way of a request is known to the compiler too. Boards are laid out once, since the solver takes a second to be loaded. Nothing of it is kept.
 */
@Component
public class Rehearsal {

    private static final Logger LOG = LoggerFactory.getLogger(Rehearsal.class);
    /** Beds are moved so far at most, metres: as while one is dragged into place. */
    private static final double FAR = 0.2;

    private final JsonMapper json;
    private final int previews;
    private final boolean demo;
    private final Environment environment;
    private final CountDownLatch over = new CountDownLatch(1);
    private volatile boolean ended;
    private volatile int judged;
    private volatile boolean visited;

    /**
     * @param previews that are judged; 0 for no rehearsal
     * @param demo whether there is a demo garden to visit
     */
    Rehearsal(JsonMapper json, @Value("${fairacre.rehearsal}") int previews, @Value("${fairacre.demo}") boolean demo, Environment environment) {
        this.json = json;
        this.previews = previews;
        this.demo = demo;
        this.environment = environment;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (previews == 0) {
            over.countDown();
            return;
        }
        Thread thread = new Thread(this::run, "rehearsal");
        thread.setDaemon(true);
        thread.start();
    }

    /** Waits until it is over; at once where none is wanted. */
    public void await() throws InterruptedException {
        over.await();
    }

    /** How many previews have been judged so far. */
    int judged() {
        return judged;
    }

    /** Whether they were judged over HTTP. */
    boolean visited() {
        return visited;
    }

    /** The program is about to stop. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        ended = true;
    }

    private void run() {
        try {
            if (!demo || !visit()) {
                rehearse(sample());
            }
            if (!ended) {
                CostStudy.of(sample()).bestCutting();
            }
        } catch (IOException | FaultyFileException | RuntimeException failure) {
            LOG.warn("No rehearsal: the first previews will be slow.", failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } finally {
            over.countDown();
        }
    }

    private static Plan sample() throws IOException, FaultyFileException {
        try (InputStream file = new ClassPathResource(GardenService.SAMPLE).getInputStream()) {
            return GardenFile.read(file);
        }
    }

    /** Over HTTP; false if the demo can't be visited, or its last visitor left no beds. */
    private boolean visit() throws InterruptedException {
        try (DemoVisit visit = new DemoVisit(environment.getRequiredProperty("local.server.port", Integer.class), json)) {
            Plan plan = visit.plan();
            visited = drag(plan, visit::drag);
            return visited;
        } catch (IOException failure) {
            LOG.info("The demo could not be visited: {}", failure.toString());
            return ended;
        }
    }

    private void rehearse(Plan plan) throws IOException, InterruptedException {
        GardenService.Known garden = GardenService.Known.of(new GardenStore.Stand(0, plan.id(), 0), plan, List.of());
        Map<Integer, AppraisalReport> before = new HashMap<>();
        drag(plan, (change, season) -> json.writeValueAsBytes(garden.preview(
                before.computeIfAbsent(season, s -> garden.appraisal(plan, s).preview()),
                garden.appraisal(plan.apply(change).orThrow(), season).preview())));
    }

    /** What judges an edit of a bed in a season. */
    private interface Judge {
        void judge(Change change, int season) throws IOException, InterruptedException;
    }

    /** Drags the beds of the last season a little to and fro; false if none stand. */
    private boolean drag(Plan plan, Judge judge) throws IOException, InterruptedException {
        int season = Collections.max(plan.seasonsOfChange());
        List<StandingBed> beds = plan.standing(season);
        Random random = new Random(1);
        for (int i = 0; i < previews && !beds.isEmpty() && !ended; i++) {
            StandingBed bed = beds.get(random.nextInt(beds.size()));
            Rectangle moved = bed.outline().shifted(FAR * (2 * random.nextDouble() - 1), FAR * (2 * random.nextDouble() - 1));
            judge.judge(new Change.MoveBed(bed.id(), bed.revision().from(), moved.centre(), moved.turn()), season);
            judged = i + 1;
        }
        return !beds.isEmpty();
    }
}
