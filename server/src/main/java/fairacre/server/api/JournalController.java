package fairacre.server.api;

import fairacre.journal.JournalEntry;
import fairacre.limits.RefusedException;
import fairacre.server.garden.JournalService;
import fairacre.server.garden.JournalService.JournalPage;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.store.Role;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
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

    /** A photo beside an entry, up to 20 MB: JPEG, PNG or WebP. */
    @PutMapping(path = "/{entry}/photo", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void keepPhoto(
            Owner owner,
            @PathVariable UUID garden,
            @PathVariable UUID entry,
            @RequestBody(required = false) byte[] content) {
        journal.keepPhoto(owner.id(), garden, entry, content == null ? new byte[0] : content);
    }

    /** Always a JPEG that the program has drawn itself. */
    @GetMapping("/{entry}/photo")
    ResponseEntity<byte[]> photo(
            Owner owner,
            @PathVariable UUID garden,
            @PathVariable UUID entry,
            @RequestParam(defaultValue = "false") boolean large) {
        byte[] jpeg = journal.photo(owner.id(), garden, entry, large).orElseThrow(NoSuchGardenException::new);
        return Downloads.shown(jpeg, MediaType.IMAGE_JPEG, "photo.jpg");
    }

    @DeleteMapping("/{entry}/photo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void removePhoto(Owner owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        journal.removePhoto(owner.id(), garden, entry);
    }

    /** Takes an entry back that was wrong; it stays to be read. */
    @PostMapping("/{entry}/reversal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.HELPER)
    void takeBack(Owner owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        journal.takeBack(owner.id(), garden, entry);
    }
}
