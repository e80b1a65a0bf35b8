package fairacre.server.api;

import fairacre.arch.ArchStudy;
import fairacre.arch.ArchTold;
import fairacre.arch.NewArches;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How arches stand between beds. */
@RestController
@RequestMapping("/api/gardens/{garden}/arches")
class ArchController {

    private final GardenService gardens;

    ArchController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** The arches of a season: their headroom, and the beds in which they stand. */
    @GetMapping
    List<ArchTold> arches(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return ArchStudy.of(plan, season, plan.standing(season)).told();
    }

    /** Where arches of the usual panel could stand, those with enough headroom first; none is put up yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    List<NewArches.ArchProposal> proposals(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return NewArches.in(gardens.plan(owner.id(), garden), season, UUID::randomUUID);
    }
}
