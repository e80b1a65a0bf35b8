package fairacre.server.job;

import fairacre.arrange.Arrangement;
import fairacre.arrange.ArrangementStudy;
import fairacre.arrange.LayoutKind;
import fairacre.arrange.Wish;
import fairacre.server.garden.GardenService;
import fairacre.server.store.StoredGarden;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whole layouts for a rectangle of the plot, one manner after the other; those that no other beats are kept. */
@Component
public class ArrangementSolve implements Solve<ArrangementSolve.Asked, Arrangement> {

    private final GardenService gardens;

    ArrangementSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    public record Asked(int season, Wish wish) {}

    @Override
    public String kind() {
        return "ARRANGEMENTS";
    }

    @Override
    public Class<Asked> question() {
        return Asked.class;
    }

    @Override
    public Class<Arrangement> answer() {
        return Arrangement.class;
    }

    @Override
    public void run(UUID owner, UUID garden, Asked asked, Progress<Arrangement> progress) {
        StoredGarden stored = gardens.get(owner, garden);
        ArrangementStudy study =
                ArrangementStudy.of(stored.plan(), asked.season(), asked.wish(), UUID::randomUUID, progress);
        List<LayoutKind> manners = study.manners();
        progress.begin(stored.revision(), manners.size());
        List<Arrangement> found = new ArrayList<>();
        for (int i = 0; i < manners.size(); i++) {
            found.addAll(study.layouts(manners.get(i)));
            progress.found(i + 1, ArrangementStudy.front(found));
        }
    }
}
