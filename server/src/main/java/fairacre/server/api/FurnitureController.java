package fairacre.server.api;

import fairacre.furniture.FurnitureKind;
import fairacre.furniture.FurnitureStudy;
import fairacre.furniture.FurnitureTold;
import fairacre.furniture.NewFurniture;
import fairacre.plan.Change;
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

/** What furniture is built of. */
@RestController
@RequestMapping("/api/gardens/{garden}/furniture")
class FurnitureController {

    private final GardenService gardens;

    FurnitureController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** The furniture of a season: its pieces, its weight and what it presses with. */
    @GetMapping
    List<FurnitureTold> furniture(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return FurnitureStudy.told(gardens.plan(owner.id(), garden), season);
    }

    /** The change that would build something of a kind where there is room for it; it is not made yet. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    Change proposal(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam FurnitureKind kind) {
        return NewFurniture.in(gardens.plan(owner.id(), garden), season, kind, UUID.randomUUID());
    }

    /** The change that would list the pieces of something as one's own; it is not made yet. */
    @PostMapping("/{thing}/pieces")
    @Needs(Role.READER)
    Change owned(Owner owner, @PathVariable UUID garden, @PathVariable UUID thing) {
        return NewFurniture.owned(gardens.plan(owner.id(), garden), thing);
    }
}
