package fairacre.server.garden;

import fairacre.drawing.YearBook;
import fairacre.format.Photo;
import fairacre.journal.JournalEntry;
import fairacre.journal.Kept;
import fairacre.journal.LearnedRate;
import fairacre.journal.YearStudy;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.server.store.JournalStore;
import fairacre.server.store.VariantStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What happened in a garden, by its owner; a variant stands beside the journal of the garden itself. Every method
 * throws {@link NoSuchGardenException} for a garden that is not theirs.
 */
@Service
public class JournalService {

    private static final int LINES_OF_A_PAGE = 50;
    private static final int MOST = 100_000;
    private static final int MOST_NEXT_TIME = 200;
    private static final int MOST_PHOTOS = 5000;
    /** Somewhere the next day has begun. */
    private static final int AHEAD = 1;

    private final GardenService gardens;
    private final JournalStore journal;
    private final VariantStore variants;
    private final Allowance allowance;
    private final Clock clock;
    private final Lock drawing = new ReentrantLock(true);

    JournalService(
            GardenService gardens, JournalStore journal, VariantStore variants, Allowance allowance, Clock clock) {
        this.allowance = allowance;
        this.gardens = gardens;
        this.journal = journal;
        this.variants = variants;
        this.clock = clock;
    }

    /**
     * A page of a season's journal, the newest day first.
     *
     * @param count of the season's entries, those that were taken back included
     * @param page from 0
     * @param crops what was planned and picked
     */
    public record JournalPage(
            List<JournalStore.JournalLine> lines, int count, int page, int pages, List<YearStudy.CropYear> crops) {}

    public JournalPage page(UUID owner, UUID garden, int season, int page) {
        Plan plan = gardens.plan(owner, garden);
        UUID book = variants.main(owner, garden);
        Limits.season(season, "season");
        LocalDate from = plan.yearBegins().atYear(season);
        LocalDate until = plan.yearBegins().atYear(season + 1);
        int count = journal.count(book, from, until);
        int pages = Math.max(1, (count + LINES_OF_A_PAGE - 1) / LINES_OF_A_PAGE);
        int shown = Math.min(Math.max(page, 0), pages - 1);
        return new JournalPage(
                journal.newest(book, from, until, shown * LINES_OF_A_PAGE, LINES_OF_A_PAGE),
                count,
                shown,
                pages,
                YearStudy.of(plan, season, journal.picked(book, from, until)));
    }

    /**
     * Writes something down. One whose id is there already is not entered again: a phone that lost the answer sends it
     * twice.
     *
     * @param account who writes it
     * @throws RefusedException if its day is still to come
     */
    @Transactional
    public void write(UUID owner, UUID garden, UUID account, JournalEntry entry) {
        gardens.plan(owner, garden);
        if (entry.day().isAfter(LocalDate.now(clock).plusDays(AHEAD))) {
            throw new RefusedException("day", "this day is still to come", "give the day on which it happened");
        }
        UUID book = variants.main(owner, garden);
        if (journal.count(book) >= MOST) {
            throw new RefusedException("", "the journal is full with " + MOST + " entries", "begin a garden anew");
        }
        journal.insert(book, account, entry);
    }

    /** @throws RefusedException if it is not there, or was taken back already */
    @Transactional
    public void takeBack(UUID owner, UUID garden, UUID entry) {
        gardens.plan(owner, garden);
        if (!journal.takeBack(variants.main(owner, garden), entry)) {
            throw new RefusedException(
                    "",
                    "this entry is not there, or was taken back already",
                    "look at the newest state of the journal");
        }
    }

    /**
     * Keeps a photo beside an entry, in place of the one that was there.
     *
     * @param content of the file as it came from the camera
     * @throws RefusedException if it is no photo, the entry isn't there or counts no more, there are too many photos,
     *     or there is no room for it
     */
    public void keepPhoto(UUID owner, UUID garden, UUID entry, byte[] content) {
        gardens.plan(owner, garden);
        UUID book = variants.main(owner, garden);
        if (journal.photos(book) >= MOST_PHOTOS) {
            throw new RefusedException(
                    "photo", "there are " + MOST_PHOTOS + " photos already", "remove some that you don't need");
        }
        Photo photo = drawn(content);
        allowance.room(owner, "photo", photo.large().length + photo.small().length);
        if (!journal.keep(book, entry, photo)) {
            throw new RefusedException(
                    "photo", "this entry is not there, or was taken back", "write it down again, with its photo");
        }
    }

    /** One after the other: a large photo takes a few hundred megabytes while it is drawn. */
    private Photo drawn(byte[] content) {
        drawing.lock();
        try {
            return Photo.of(content);
        } finally {
            drawing.unlock();
        }
    }

    /** A photo as JPEG, large or small; empty where there is none. */
    public Optional<byte[]> photo(UUID owner, UUID garden, UUID entry, boolean large) {
        gardens.plan(owner, garden);
        return journal.photo(variants.main(owner, garden), entry, large);
    }

    /** @throws RefusedException if there is none */
    @Transactional
    public void removePhoto(UUID owner, UUID garden, UUID entry) {
        gardens.plan(owner, garden);
        if (!journal.removePhoto(variants.main(owner, garden), entry)) {
            throw new RefusedException("photo", "there is no photo", "look at the newest state of the journal");
        }
    }

    /** Notes of earlier seasons that come up again, the oldest first. */
    public List<JournalEntry> nextTime(UUID owner, UUID garden, int season) {
        Plan plan = gardens.plan(owner, garden);
        Limits.season(season, "season");
        return journal.toThinkOf(variants.main(owner, garden), plan.yearBegins().atYear(season), MOST_NEXT_TIME);
    }

    /** What counts of a season. */
    List<JournalEntry> counting(UUID owner, UUID garden, Plan plan, int season) {
        return journal.counting(
                variants.main(owner, garden),
                plan.yearBegins().atYear(season),
                plan.yearBegins().atYear(season + 1));
    }

    /** Photos of a season with their entries, in order of days: the newest, at most so many. */
    List<YearBook.Photo> photos(UUID owner, UUID garden, Plan plan, int season, int most) {
        UUID book = variants.main(owner, garden);
        LocalDate from = plan.yearBegins().atYear(season);
        LocalDate until = plan.yearBegins().atYear(season + 1);
        return journal.withPhotos(book, from, until, most).stream()
                .flatMap(entry ->
                        journal.photo(book, entry.id(), true).map(jpeg -> new YearBook.Photo(entry, jpeg)).stream())
                .toList();
    }

    /** What counts and is about some places, or about work at them, of all seasons. */
    List<JournalEntry> countingAt(UUID owner, UUID garden, Set<UUID> places) {
        return journal.countingAt(variants.main(owner, garden), places);
    }

    /** Work of a season's tasks that was done. */
    public List<JournalEntry> done(UUID owner, UUID garden, int season) {
        gardens.plan(owner, garden);
        return journal.done(variants.main(owner, garden), season + "/");
    }

    /** How long work took in all seasons. */
    public List<LearnedRate> learned(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        return LearnedRate.of(journal.done(variants.main(owner, garden), "").stream()
                .flatMap(entry -> entry.done().stream())
                .toList());
    }

    /** All that was written, in that order. */
    public List<Kept> all(UUID owner, UUID garden) {
        gardens.plan(owner, garden);
        return journal.all(variants.main(owner, garden));
    }

    /** Brings a journal to a garden that has none. */
    @Transactional
    public void restore(UUID garden, UUID account, List<Kept> entries) {
        for (Kept kept : entries) {
            journal.insert(garden, account, kept.entry());
            if (kept.takenBack()) {
                journal.takeBack(garden, kept.entry().id());
            }
        }
    }
}
