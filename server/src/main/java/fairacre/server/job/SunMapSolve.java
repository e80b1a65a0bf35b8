package fairacre.server.job;

import fairacre.server.garden.GardenService;
import fairacre.server.store.StoredGarden;
import fairacre.shape.Memo;
import fairacre.sun.SunMap;
import fairacre.sun.SunStudy;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The sun on the ground as finely as it is told, one day after the other. */
@Component
public class SunMapSolve implements Solve<SunMapSolve.Asked, SunMap> {

    private final GardenService gardens;

    SunMapSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    /** @param day empty for the mean of the growing months */
    public record Asked(int season, Optional<LocalDate> day) {}

    @Override
    public String kind() {
        return "SUN_MAP";
    }

    @Override
    public Class<Asked> question() {
        return Asked.class;
    }

    @Override
    public Class<SunMap> answer() {
        return SunMap.class;
    }

    @Override
    public void run(UUID owner, UUID garden, Asked asked, Progress<SunMap> progress) {
        StoredGarden stored = gardens.get(owner, garden);
        SunStudy study = SunStudy.of(stored.plan(), asked.season(), Memo.none().until(progress));
        int days = study.mapDays(asked.day()).size();
        progress.begin(stored.revision(), days);
        SunMap map = study.map(asked.day(), done -> progress.found(done, List.of()));
        progress.found(days, List.of(map));
    }
}
