package fairacre.server.api;

import fairacre.drawing.PdfSheet;
import fairacre.drawing.SheetDrawing;
import fairacre.lookback.Lesson;
import fairacre.server.garden.SeasonsService;
import fairacre.years.BedStory;
import fairacre.years.SeasonFigures;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Seasons and beds as they were planned and as they went. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class SeasonsController {

    private final SeasonsService seasons;

    SeasonsController(SeasonsService seasons) {
        this.seasons = seasons;
    }

    @GetMapping("/season-figures")
    SeasonFigures figures(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return seasons.figures(owner.id(), garden, season);
    }

    /** What went otherwise than it should have, with edits for the coming season. */
    @GetMapping("/look-back")
    List<Lesson> lookBack(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return seasons.lookBack(owner.id(), garden, season);
    }

    /** A season as a book to print. */
    @GetMapping(path = "/year-book.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> book(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        List<SheetDrawing> pages = seasons.yearBook(owner.id(), garden, season);
        return Downloads.download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ", year book.pdf");
    }

    /** What wears out, and what the seasons from this one on cost. */
    @GetMapping("/wear")
    SeasonsService.WearTold wear(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return seasons.wear(owner.id(), garden, season);
    }

    /** A bed through all its seasons. */
    @GetMapping("/bed-story")
    BedStory story(Owner owner, @PathVariable UUID garden, @RequestParam UUID bed) {
        return seasons.story(owner.id(), garden, bed);
    }
}
