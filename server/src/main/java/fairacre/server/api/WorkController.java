package fairacre.server.api;

import fairacre.cost.CostStudy;
import fairacre.server.garden.GardenService;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What there is to do. */
@RestController
@RequestMapping("/api/gardens/{garden}/tasks")
class WorkController {

    private final GardenService gardens;

    WorkController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** The work of a season, stage by stage. */
    record WorkOfSeason(List<WorkStudy.StageTold> stages, List<PlannedTask> tasks) {}

    /** The tasks that the plan makes in a season, in an order in which they can be done. */
    @GetMapping
    WorkOfSeason tasks(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        CostStudy costs = gardens.costs(owner.id(), garden);
        WorkStudy work = WorkStudy.of(costs, costs.takeoff().plan().seasonInView(season));
        return new WorkOfSeason(work.stages(), work.tasks());
    }
}
