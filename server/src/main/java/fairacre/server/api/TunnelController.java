package fairacre.server.api;

import fairacre.limits.Limits;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import fairacre.shape.Memo;
import fairacre.tunnel.NewTunnels;
import fairacre.tunnel.TunnelStudy;
import fairacre.tunnel.TunnelTold;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How walk-in tunnels are built. */
@RestController
@RequestMapping("/api/gardens/{garden}/tunnels")
class TunnelController {

    private final GardenService gardens;

    TunnelController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Beds round which a tunnel is to stand; none for one on free ground. */
    record TunnelledBeds(List<UUID> beds) {
        TunnelledBeds {
            Limits.present(beds, "beds");
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** The tunnels of a season: their bows, sheets, headroom and air. */
    @GetMapping
    List<TunnelTold> tunnels(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return TunnelStudy.of(plan, season, plan.standing(season), Memo.none()).told();
    }

    /** The change that would build a tunnel round beds; it is not made yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposal(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody TunnelledBeds wanted) {
        return NewTunnels.over(gardens.plan(owner.id(), garden), season, wanted.beds(), UUID.randomUUID(), Memo.none());
    }
}
