package fairacre.server.api;

import fairacre.server.garden.GardenService;
import fairacre.surface.RetainingTakeoff;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What retaining walls are built of. */
@RestController
@RequestMapping("/api/gardens/{garden}/retaining-walls")
class RetainingWallController {

    private final GardenService gardens;

    RetainingWallController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Of every wall that is still to be built, in whatever season; nothing of one over 4 ft. */
    @GetMapping
    List<RetainingTakeoff> walls(Owner owner, @PathVariable UUID garden) {
        return RetainingTakeoff.of(gardens.plan(owner.id(), garden));
    }
}
