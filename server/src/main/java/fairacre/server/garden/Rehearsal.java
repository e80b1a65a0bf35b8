package fairacre.server.garden;

import fairacre.appraisal.AppraisalReport;
import fairacre.cost.CostStudy;
import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.server.store.GardenStore;
import java.io.IOException;
import java.io.InputStream;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Judges made-up edits of the sample garden once the program is up, beside its work: by then the compiler has seen the
 * judgement, and the first bed that somebody drags is not judged a hundred times slower than the thousandth. Boards are
 * laid out once, since the solver takes a second to be loaded. Nothing of it is kept.
 */
@Component
public class Rehearsal {

    private static final Logger LOG = LoggerFactory.getLogger(Rehearsal.class);
    /** Beds are moved so far at most, metres: as while one is dragged into place. */
    private static final double FAR = 0.2;

    private final JsonMapper json;
    private final int previews;
    private final CountDownLatch over = new CountDownLatch(1);
    private volatile boolean ended;
    private volatile int judged;

    /** @param previews that are judged; 0 for no rehearsal */
    Rehearsal(JsonMapper json, @Value("${fairacre.rehearsal}") int previews) {
        this.json = json;
        this.previews = previews;
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

    /** The program is about to stop. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        ended = true;
    }

    private void run() {
        try {
            rehearse(sample());
            if (!ended) {
                CostStudy.of(sample()).bestCutting();
            }
        } catch (IOException | FaultyFileException | RuntimeException failure) {
            LOG.warn("No rehearsal: the first previews will be slow.", failure);
        } finally {
            over.countDown();
        }
    }

    private static Plan sample() throws IOException, FaultyFileException {
        try (InputStream file = new ClassPathResource(GardenService.SAMPLE).getInputStream()) {
            return GardenFile.read(file);
        }
    }

    /** Drags the beds of the last season a little to and fro. */
    private void rehearse(Plan plan) {
        GardenService.Cached garden =
                GardenService.Cached.of(new GardenStore.Version(0, plan.id(), 0), plan, List.of());
        int season = Collections.max(plan.seasonsOfChange());
        AppraisalReport before = garden.appraisal(plan, season).preview();
        List<StandingBed> beds = plan.standing(season);
        Random random = new Random(1);
        for (int i = 0; i < previews && !ended; i++) {
            StandingBed bed = beds.get(random.nextInt(beds.size()));
            Rectangle moved =
                    bed.outline().shifted(FAR * (2 * random.nextDouble() - 1), FAR * (2 * random.nextDouble() - 1));
            Change change = new Change.MoveBed(bed.id(), bed.revision().from(), moved.centre(), moved.turn());
            json.writeValueAsBytes(garden.preview(
                    before,
                    garden.appraisal(plan.apply(change).orThrow(), season).preview()));
            judged = i + 1;
        }
    }
}
