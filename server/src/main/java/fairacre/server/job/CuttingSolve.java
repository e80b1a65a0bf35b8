package fairacre.server.job;

import fairacre.cost.BestCutting;
import fairacre.cost.CostStudy;
import fairacre.server.garden.GardenService;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;

/** The cheapest layouts of the boards that are bought, one kind of board after the other. */
@Component
public class CuttingSolve implements Solve<CuttingSolve.Asked, BestCutting> {

    private final GardenService gardens;

    CuttingSolve(GardenService gardens) {
        this.gardens = gardens;
    }

    /** @param beds whose boards are cut, in order of id; all if there are none */
    public record Asked(List<UUID> beds) {

        public Asked {
            beds = beds.stream().distinct().sorted().toList();
        }

        Predicate<UUID> chosen() {
            Set<UUID> some = Set.copyOf(beds);
            return bed -> some.isEmpty() || some.contains(bed);
        }
    }

    @Override
    public String kind() {
        return "CUTTING";
    }

    @Override
    public Class<Asked> question() {
        return Asked.class;
    }

    @Override
    public Class<BestCutting> answer() {
        return BestCutting.class;
    }

    @Override
    public void run(UUID owner, UUID garden, Asked asked, Progress<BestCutting> progress) {
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
