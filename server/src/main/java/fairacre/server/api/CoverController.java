package fairacre.server.api;

import fairacre.cover.CoverKind;
import fairacre.cover.CoverStudy;
import fairacre.cover.CoverTold;
import fairacre.cover.NewCovers;
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

/** How covers stand on beds. */
@RestController
@RequestMapping("/api/gardens/{garden}/covers")
class CoverController {

    private final GardenService gardens;

    CoverController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** A cover of a kind for beds: for one of the family with the most beds if there are none. */
    record WantedCover(CoverKind kind, List<UUID> beds) {
        WantedCover {
            Limits.present(kind, "kind");
            Limits.present(beds, "beds");
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** The covers of a season: what they are cut from, how they stand on each bed, and which other beds they fit. */
    @GetMapping
    List<CoverTold> covers(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return CoverStudy.of(plan, season, plan.standing(season)).told();
    }

    /** The change that would build a new cover; it is not made yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposal(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody WantedCover wanted) {
        return NewCovers.on(gardens.plan(owner.id(), garden), season, wanted.kind(), wanted.beds(), UUID.randomUUID());
    }
}
