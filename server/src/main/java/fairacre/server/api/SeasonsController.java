package fairacre.server.api;

import fairacre.lookback.Lesson;
import fairacre.server.garden.SeasonsService;
import fairacre.years.BedStory;
import fairacre.years.SeasonFigures;
import java.util.List;
import java.util.UUID;
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

    /** A bed through all its seasons. */
    @GetMapping("/bed-story")
    BedStory story(Owner owner, @PathVariable UUID garden, @RequestParam UUID bed) {
        return seasons.story(owner.id(), garden, bed);
    }
}
