package fairacre.server.api;

import fairacre.compost.CompostStudy;
import fairacre.compost.NewBays;
import fairacre.plan.Change;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is asked of a garden's compost bays. */
@RestController
@RequestMapping("/api/gardens/{garden}/compost")
class CompostController {

    private final GardenService gardens;

    CompostController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** How much the bays of a season hold, and which bed is furthest from them. */
    @GetMapping
    List<CompostStudy.CompostTold> compost(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        GardenService.Walks walks = gardens.walks(owner.id(), garden, season);
        return CompostStudy.of(walks.plan(), walks.plan().standing(season), walks.study())
                .told(season);
    }

    /**
     * The change that would put new bays where there is room for them; it is not made yet.
     *
     * @param gate that they are put near to; left out for the first
     */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposal(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam Optional<UUID> gate) {
        return NewBays.in(gardens.walks(owner.id(), garden, season).plan(), season, gate, UUID.randomUUID());
    }
}
