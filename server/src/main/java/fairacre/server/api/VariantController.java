package fairacre.server.api;

import fairacre.server.garden.VariantService;
import fairacre.server.store.Role;
import fairacre.server.store.VariantStore;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Two or more versions of a garden, held side by side. */
@RestController
@RequestMapping("/api/gardens/{garden}/variants")
class VariantController {

    private final VariantService variants;

    VariantController(VariantService variants) {
        this.variants = variants;
    }

    /** A variant to be kept, meant to differ from a season on. */
    record NewVariant(String name, int from) {}

    @GetMapping
    List<VariantService.Version> list(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return variants.versions(owner.id(), garden, season);
    }

    /** Which variant this garden is; empty for the garden itself. */
    @GetMapping("/this")
    Optional<VariantStore.Kept> here(Owner owner, @PathVariable UUID garden) {
        return variants.find(owner.id(), garden);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Needs(Role.EDITOR)
    GardenView keep(Owner owner, @PathVariable UUID garden, @RequestBody NewVariant variant) {
        return GardenView.of(variants.keep(owner.id(), garden, variant.name(), variant.from()));
    }

    @PostMapping("/{variant}/take")
    @Needs(Role.EDITOR)
    GardenView take(
            Owner owner,
            @PathVariable UUID garden,
            @PathVariable UUID variant,
            @RequestBody GardenController.AtRevision at) {
        return GardenView.of(variants.takeOver(owner.id(), owner.account(), garden, variant, at.revision()));
    }
}
