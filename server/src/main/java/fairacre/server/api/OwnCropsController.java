package fairacre.server.api;

import fairacre.catalogue.Crop;
import fairacre.catalogue.CropRow;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Varieties;
import fairacre.catalogue.Variety;
import fairacre.crop.SeedLeft;
import fairacre.crop.SeedOrder;
import fairacre.format.FaultyFileException;
import fairacre.format.VarietyFile;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.store.Role;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a gardener can plant: the catalogue with own crops and varieties. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class OwnCropsController {

    private final GardenService gardens;

    OwnCropsController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** @param seed that the gardener has, in the season that was asked for */
    record GardenCropsView(List<CropsView.CropView> crops, List<SeedLeft> seed) {}

    /** Crops of the catalogue, each followed by its varieties. */
    @GetMapping("/crops")
    GardenCropsView crops(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = gardens.plan(owner.id(), garden);
        return new GardenCropsView(
                Varieties.all(plan).stream()
                        .map(crop -> CropsView.of(crop, row(plan, crop)))
                        .toList(),
                SeedOrder.left(plan, season));
    }

    private static CropRow row(Plan plan, Crop crop) {
        return Varieties.of(plan, crop.variety())
                .map(Variety::row)
                .orElseGet(() -> Crops.row(crop.key()).orElseThrow());
    }

    /** The table of crops, to be added to elsewhere. */
    @GetMapping(path = "/crops.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(Owner owner, @PathVariable UUID garden) {
        Plan plan = gardens.plan(owner.id(), garden);
        return Downloads.download(VarietyFile.csv(plan), Downloads.CSV, plan.name() + ".crops.csv");
    }

    /** What a file of crops would change; nothing is changed yet. */
    @PostMapping(path = "/crops", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Needs(Role.READER)
    VarietyFile.VarietyReading read(Owner owner, @PathVariable UUID garden, @RequestBody byte[] file)
            throws FaultyFileException {
        return VarietyFile.read(gardens.plan(owner.id(), garden), file);
    }
}
