package fairacre.server.api;

import fairacre.harvest.HarvestStudy;
import fairacre.harvest.HarvestTold;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the beds give. */
@RestController
@RequestMapping("/api/gardens/{garden}/harvest")
class HarvestController {

    private final GardenService gardens;

    HarvestController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** The harvest of a season against what the household eats. */
    @GetMapping
    HarvestTold harvest(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return HarvestStudy.of(plan, plan.seasonInView(season));
    }
}
