package fairacre.server.api;

import fairacre.hoop.HoopStudy;
import fairacre.hoop.HoopTold;
import fairacre.hoop.NewHoops;
import fairacre.limits.Limits;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How hoops stand over beds. */
@RestController
@RequestMapping("/api/gardens/{garden}/hoops")
class HoopController {

    private final GardenService gardens;

    HoopController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Beds over which hoops are to stand: those of the family with the most beds if there are none. */
    record HoopedBeds(List<UUID> beds) {
        HoopedBeds {
            Limits.present(beds, "beds");
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** The sets of a season: their bows, what is over each bed, and which other beds they fit. */
    @GetMapping
    List<HoopTold> hoops(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return HoopStudy.of(plan, season, plan.standing(season)).told();
    }

    /** The change that would put new hoops over beds; it is not made yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposal(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody HoopedBeds wanted) {
        return NewHoops.over(gardens.plan(owner.id(), garden), season, wanted.beds(), UUID.randomUUID());
    }
}
