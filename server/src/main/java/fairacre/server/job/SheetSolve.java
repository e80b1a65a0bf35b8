package fairacre.server.job;

import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.server.garden.GardenService;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The cheapest cuttings of the whole sheets that are bought, one good after the other. */
@Component
public class SheetSolve implements Solve<ChosenBeds, CutSheets> {

    private final GardenService gardens;

    SheetSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    @Override
    public String kind() {
        return "SHEETS";
    }

    @Override
    public Class<ChosenBeds> question() {
        return ChosenBeds.class;
    }

    @Override
    public Class<CutSheets> answer() {
        return CutSheets.class;
    }

    @Override
    public void run(UUID owner, UUID garden, ChosenBeds asked, Progress<CutSheets> progress) {
        GardenService.Costs costs = gardens.costs(owner, garden, progress);
        CostStudy study = costs.study();
        progress.begin(costs.revision(), study.sheetGoods(asked.chosen()));
        List<CutSheets> found = new ArrayList<>();
        study.sheetsOf(asked.chosen(), best -> {
            found.add(best);
            progress.found(found.size(), found);
        });
    }
}
