package fairacre.server.api;

import fairacre.feeding.FeedingStudy;
import fairacre.feeding.FeedingTold;
import fairacre.server.garden.GardenService;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the soil of the beds wants. */
@RestController
class FeedingController {

    private final GardenService gardens;

    FeedingController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Compost, lime and fertiliser for the beds of a season. */
    @GetMapping("/api/gardens/{garden}/feeding")
    FeedingTold feeding(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return FeedingStudy.of(gardens.plan(owner.id(), garden), season);
    }
}
