package fairacre.server.job;

import fairacre.cost.BestCutting;
import fairacre.cost.CostStudy;
import fairacre.server.garden.GardenService;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The cheapest layouts of the boards that are bought, one kind of board after the other. */
@Component
public class CuttingSolve implements Solve<ChosenBeds, BestCutting> {

    private final GardenService gardens;

    CuttingSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    @Override
    public String kind() {
        return "CUTTING";
    }

    @Override
    public Class<ChosenBeds> question() {
        return ChosenBeds.class;
    }

    @Override
    public Class<BestCutting> answer() {
        return BestCutting.class;
    }

    @Override
    public void run(UUID owner, UUID garden, ChosenBeds asked, Progress<BestCutting> progress) {
        GardenService.Costs costs = gardens.costs(owner, garden, progress);
        CostStudy study = costs.study();
        progress.begin(costs.revision(), study.boardKinds(asked.chosen()));
        List<BestCutting> found = new ArrayList<>();
        study.bestCuttingOf(asked.chosen(), best -> {
            found.add(best);
            progress.found(found.size(), found);
        });
    }
}
