package fairacre.server.job;

import fairacre.rotation.YearsAsked;
import fairacre.rotation.YearsPlan;
import fairacre.rotation.YearsStudy;
import fairacre.server.garden.GardenService;
import fairacre.server.store.StoredGarden;
import fairacre.shape.Memo;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What grows where over some years: quickly first, then solved as a whole. */
@Component
public class YearsSolve implements Solve<YearsAsked, YearsPlan> {

    /** Deterministic seconds of the solver for each round. */
    private static final double WORK = 5;

    private final GardenService gardens;

    YearsSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    @Override
    public String kind() {
        return "YEARS";
    }

    @Override
    public Class<YearsAsked> question() {
        return YearsAsked.class;
    }

    @Override
    public Class<YearsPlan> answer() {
        return YearsPlan.class;
    }

    @Override
    public void run(UUID owner, UUID garden, YearsAsked asked, Progress<YearsPlan> progress) {
        StoredGarden stored = gardens.get(owner, garden);
        progress.begin(stored.revision(), YearsStudy.steps());
        YearsStudy.of(stored.plan(), asked, WORK, Memo.none().until(progress))
                .run(found -> progress.found(found.solved() ? YearsStudy.steps() : 1, List.of(found)));
    }
}
