package fairacre.server.api;

import fairacre.cost.PricedFence;
import fairacre.drawing.FenceSheet;
import fairacre.drawing.PdfSheet;
import fairacre.drawing.SheetDrawing;
import fairacre.fence.FenceProposals;
import fairacre.limits.Limits;
import fairacre.outline.Point;
import fairacre.plan.Change;
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

/** Fences that could be put up, and other makes of those that are drawn; none of them is put up yet. */
@RestController
@RequestMapping("/api/gardens/{garden}/fences")
class FenceController {

    private final GardenService gardens;

    FenceController(GardenService gardens) {
        this.gardens = gardens;
    }

    /** Beds that are to be closed in: all that stand if there are none. */
    record FencedBeds(List<UUID> beds) {
        FencedBeds {
            Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        }
    }

    /** Through which a fence is to lead. */
    record FencePlaces(List<Point> places) {
        FencePlaces {
            Limits.present(places, "places");
        }
    }

    /** The edit that puts up a fence as it was drawn, of the cheapest mesh that holds against all pests. */
    @PostMapping("/lines")
    @Needs(Role.READER)
    Change line(Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody FencePlaces drawn) {
        return FenceProposals.drawn(gardens.plan(owner.id(), garden), season, drawn.places(), UUID::randomUUID);
    }

    /** Where a fence could lead, of the cheapest mesh that holds against all pests. */
    @PostMapping("/proposals")
    @Needs(Role.READER)
    List<PricedFence> proposals(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody FencedBeds wanted) {
        return PricedFence.proposals(gardens.plan(owner.id(), garden), season, wanted.beds(), UUID::randomUUID);
    }

    /** The fences of a season to dig by: a plan with the marks of posts, and each side as it is seen. */
    @GetMapping(path = "/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> plan(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        List<SheetDrawing> pages = FenceSheet.of(gardens.plan(owner.id(), garden), season);
        return Downloads.download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ".pdf");
    }

    /** A fence as it is drawn, and the same line made otherwise. */
    @GetMapping("/{fence}/makes")
    List<PricedFence.PricedMake> makes(
            Owner owner, @PathVariable UUID garden, @PathVariable UUID fence, @RequestParam int season) {
        return PricedFence.makes(gardens.plan(owner.id(), garden), season, fence);
    }
}
