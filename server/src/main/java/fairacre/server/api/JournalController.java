package fairacre.server.api;

import fairacre.journal.JournalEntry;
import fairacre.limits.RefusedException;
import fairacre.server.garden.JournalService;
import fairacre.server.garden.JournalService.JournalPage;
import fairacre.server.store.Role;
import java.util.List;
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

/** What happened in a garden. */
@RestController
@RequestMapping("/api/gardens/{garden}/journal")
class JournalController {

    private final JournalService journal;

    JournalController(JournalService journal) {
        this.journal = journal;
    }

    /** A page of a season. */
    @GetMapping
    JournalPage page(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam(defaultValue = "0") int page) {
        return journal.page(owner.id(), garden, season, page);
    }

    /** Notes of earlier seasons that come up again at a step of the planning. */
    @GetMapping("/next-time")
    List<JournalEntry> nextTime(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return journal.nextTime(owner.id(), garden, season);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void write(Owner owner, @PathVariable UUID garden, @RequestBody(required = false) JournalEntry entry) {
        if (entry == null) {
            throw new RefusedException("entry", "there is no entry", "give one");
        }
        journal.write(owner.id(), garden, owner.account(), entry);
    }

    /** Takes an entry back that was wrong; it stays to be read. */
    @PostMapping("/{entry}/reversal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void takeBack(Owner owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        journal.takeBack(owner.id(), garden, entry);
    }
}
