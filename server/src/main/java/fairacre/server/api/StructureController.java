package fairacre.server.api;

import fairacre.drawing.PdfSheet;
import fairacre.drawing.SheetDrawing;
import fairacre.drawing.StructureSheet;
import fairacre.server.garden.GardenService;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All that stands on or over beds. */
@RestController
@RequestMapping("/api/gardens/{garden}/structures")
class StructureController {

    private final GardenService gardens;

    StructureController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Hoops, covers, arches, trellises and furniture of a season to build by: each from its side with its measures. */
    @GetMapping(path = "/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> plan(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        List<SheetDrawing> pages = StructureSheet.of(gardens.plan(owner.id(), garden), season);
        return Downloads.download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ".pdf");
    }
}
