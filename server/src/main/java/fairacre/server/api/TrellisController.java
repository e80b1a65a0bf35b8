package fairacre.server.api;

import fairacre.limits.Limits;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import fairacre.trellis.NewTrellises;
import fairacre.trellis.TrellisStudy;
import fairacre.trellis.TrellisTold;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What plants climb on. */
@RestController
@RequestMapping("/api/gardens/{garden}/trellises")
class TrellisController {

    private final GardenService gardens;

    TrellisController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** A line as it was drawn. */
    record TrellisPlaces(List<Point> places) {
        TrellisPlaces {
            Limits.present(places, "places");
        }
    }

    /** The trellises of a season: the beds they belong to, their posts, and what hangs on them. */
    @GetMapping
    List<TrellisTold> trellises(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return TrellisStudy.of(plan, season, plan.standing(season)).told();
    }

    /** The edit that puts up a trellis as it was drawn; it is not made yet. */
    @PostMapping("/lines")
    @Needs(Role.READER)
    Change line(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody TrellisPlaces drawn) {
        return NewTrellises.along(gardens.plan(owner.id(), garden), season, drawn.places(), UUID.randomUUID());
    }

    /** Along which side of a bed one takes least sun, the best first; none is put up yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    List<NewTrellises.TrellisProposal> proposals(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam UUID bed) {
        return NewTrellises.on(
                gardens.plan(owner.id(), garden), season, bed, gardens.memo(owner.id(), garden), UUID::randomUUID);
    }
}
