package fairacre.server.api;

import fairacre.drawing.PdfSheet;
import fairacre.drawing.ShoppingSheet;
import fairacre.server.garden.ShoppingService;
import fairacre.server.garden.ShoppingService.Shopping;
import fairacre.server.store.Role;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a season still needs, to take along to the shops. */
@RestController
@RequestMapping("/api/gardens/{garden}/shopping")
class ShoppingController {

    private final ShoppingService shopping;

    ShoppingController(ShoppingService shopping) {
        this.shopping = shopping;
    }

    /** Something that was put into the cart, or back. */
    record Tick(int season, String item, boolean ticked) {}

    @GetMapping
    Shopping list(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return shopping.of(owner.id(), garden, season);
    }

    @PostMapping("/ticks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void tick(Owner owner, @PathVariable UUID garden, @RequestBody Tick tick) {
        shopping.tick(owner.id(), garden, tick.season(), tick.item(), tick.ticked());
    }

    /** On paper, with a box to tick before each thing. */
    @GetMapping(path = "/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Shopping asked = shopping.of(owner.id(), garden, season);
        return Downloads.download(
                PdfSheet.write(ShoppingSheet.of(asked.garden(), asked.list())),
                MediaType.APPLICATION_PDF,
                asked.garden() + ", to buy in " + season + ".pdf");
    }
}
