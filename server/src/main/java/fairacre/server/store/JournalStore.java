package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.JOURNAL_ENTRY;
import static fairacre.server.store.generated.Tables.JOURNAL_PHOTO;

import fairacre.format.Photo;
import fairacre.journal.JournalEntry;
import fairacre.journal.Kept;
import fairacre.journal.LossCause;
import fairacre.journal.Picked;
import fairacre.journal.YearStudy.PickedCrop;
import fairacre.judging.Step;
import fairacre.server.store.generated.tables.records.JournalEntryRecord;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** What happened in gardens. Whose garden it is has to be asked before. */
@Repository
public class JournalStore {

    /** The key of a task ends with the id of what it is about. */
    private static final int ID_LENGTH = 36;

    private final DSLContext database;
    private final Clock clock;

    JournalStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * An entry as it is read.
     *
     * @param by name of the account that wrote it; empty if that is gone
     * @param photo whether there is one beside it
     */
    public record JournalLine(
            JournalEntry entry, boolean takenBack, Optional<String> by, OffsetDateTime at, boolean photo) {}

    /** Enters it; one whose id is there already is not entered again. */
    public void insert(UUID garden, UUID account, JournalEntry entry) {
        JournalEntryRecord row = row(garden, entry);
        row.setWrittenBy(account);
        row.setWrittenAt(now());
        database.insertInto(JOURNAL_ENTRY)
                .set(row)
                .onConflict(JOURNAL_ENTRY.GARDEN, JOURNAL_ENTRY.ID)
                .doNothing()
                .execute();
    }

    /** @return whether it was there and counted until now */
    public boolean takeBack(UUID garden, UUID entry) {
        return database.update(JOURNAL_ENTRY)
                        .set(JOURNAL_ENTRY.TAKEN_BACK_AT, now())
                        .where(JOURNAL_ENTRY.GARDEN.eq(garden))
                        .and(JOURNAL_ENTRY.ID.eq(entry))
                        .and(JOURNAL_ENTRY.TAKEN_BACK_AT.isNull())
                        .execute()
                == 1;
    }

    public int count(UUID garden) {
        return database.fetchCount(JOURNAL_ENTRY, JOURNAL_ENTRY.GARDEN.eq(garden));
    }

    public int count(UUID garden, LocalDate from, LocalDate until) {
        return database.fetchCount(JOURNAL_ENTRY, within(garden, from, until));
    }

    /** Of a time, the newest day first. */
    public List<JournalLine> newest(UUID garden, LocalDate from, LocalDate until, int first, int most) {
        // Chosen before anything is joined to it: else a late page would join all entries before it too.
        var page = database.select(JOURNAL_ENTRY.ID)
                .from(JOURNAL_ENTRY)
                .where(within(garden, from, until))
                .orderBy(JOURNAL_ENTRY.DAY.desc(), JOURNAL_ENTRY.NUMBER.desc())
                .limit(first, most);
        return database.select(JOURNAL_ENTRY.asterisk(), ACCOUNT.NAME, JOURNAL_PHOTO.ENTRY)
                .from(JOURNAL_ENTRY)
                .leftJoin(ACCOUNT)
                .on(ACCOUNT.ID.eq(JOURNAL_ENTRY.WRITTEN_BY))
                .leftJoin(JOURNAL_PHOTO)
                .on(JOURNAL_PHOTO.GARDEN.eq(JOURNAL_ENTRY.GARDEN))
                .and(JOURNAL_PHOTO.ENTRY.eq(JOURNAL_ENTRY.ID))
                .where(JOURNAL_ENTRY.GARDEN.eq(garden))
                .and(JOURNAL_ENTRY.ID.in(page))
                .orderBy(JOURNAL_ENTRY.DAY.desc(), JOURNAL_ENTRY.NUMBER.desc())
                .fetch(row -> {
                    JournalEntryRecord entry = row.into(JOURNAL_ENTRY);
                    return new JournalLine(
                            entry(entry),
                            entry.getTakenBackAt() != null,
                            Optional.ofNullable(row.get(ACCOUNT.NAME)),
                            entry.getWrittenAt(),
                            row.get(JOURNAL_PHOTO.ENTRY) != null);
                });
    }

    /**
     * Puts a photo beside an entry, in place of the one that was there.
     *
     * @return whether the entry is there and counts
     */
    public boolean keep(UUID garden, UUID entry, Photo photo) {
        boolean there = database.fetchExists(
                JOURNAL_ENTRY,
                JOURNAL_ENTRY.GARDEN.eq(garden).and(JOURNAL_ENTRY.ID.eq(entry)).and(counts()));
        if (there) {
            database.insertInto(JOURNAL_PHOTO)
                    .set(JOURNAL_PHOTO.GARDEN, garden)
                    .set(JOURNAL_PHOTO.ENTRY, entry)
                    .set(JOURNAL_PHOTO.LARGE, photo.large())
                    .set(JOURNAL_PHOTO.SMALL, photo.small())
                    .onConflict(JOURNAL_PHOTO.GARDEN, JOURNAL_PHOTO.ENTRY)
                    .doUpdate()
                    .setAllToExcluded()
                    .execute();
        }
        return there;
    }

    /** @return whether there was one */
    public boolean removePhoto(UUID garden, UUID entry) {
        return database.deleteFrom(JOURNAL_PHOTO)
                        .where(JOURNAL_PHOTO.GARDEN.eq(garden))
                        .and(JOURNAL_PHOTO.ENTRY.eq(entry))
                        .execute()
                == 1;
    }

    public int photos(UUID garden) {
        return database.fetchCount(JOURNAL_PHOTO, JOURNAL_PHOTO.GARDEN.eq(garden));
    }

    /** What counts of a time and has a photo beside it, in order of days: the newest, at most so many. */
    public List<JournalEntry> withPhotos(UUID garden, LocalDate from, LocalDate until, int most) {
        List<JournalEntry> newest = database.selectFrom(JOURNAL_ENTRY)
                .where(within(garden, from, until))
                .and(counts())
                .and(JOURNAL_ENTRY.ID.in(database.select(JOURNAL_PHOTO.ENTRY)
                        .from(JOURNAL_PHOTO)
                        .where(JOURNAL_PHOTO.GARDEN.eq(garden))))
                .orderBy(JOURNAL_ENTRY.DAY.desc(), JOURNAL_ENTRY.NUMBER.desc())
                .limit(most)
                .fetch(JournalStore::entry);
        return newest.stream().sorted(Comparator.comparing(JournalEntry::day)).toList();
    }

    /** A photo as JPEG, large or small. */
    public Optional<byte[]> photo(UUID garden, UUID entry, boolean large) {
        return database.select(large ? JOURNAL_PHOTO.LARGE : JOURNAL_PHOTO.SMALL)
                .from(JOURNAL_PHOTO)
                .where(JOURNAL_PHOTO.GARDEN.eq(garden))
                .and(JOURNAL_PHOTO.ENTRY.eq(entry))
                .fetchOptional(Record1::value1);
    }

    /** All entries in the order in which they were written. */
    public List<Kept> all(UUID garden) {
        return database.selectFrom(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.GARDEN.eq(garden))
                .orderBy(JOURNAL_ENTRY.NUMBER)
                .fetch(row -> new Kept(entry(row), row.getTakenBackAt() != null));
    }

    /** What was picked in a time, by crop and variety. */
    public List<PickedCrop> picked(UUID garden, LocalDate from, LocalDate until) {
        return database.select(
                        JOURNAL_ENTRY.CROP,
                        JOURNAL_ENTRY.VARIETY,
                        DSL.coalesce(DSL.sum(JOURNAL_ENTRY.KILOGRAMS), BigDecimal.ZERO),
                        DSL.coalesce(DSL.sum(JOURNAL_ENTRY.LITRES), BigDecimal.ZERO),
                        DSL.coalesce(DSL.sum(JOURNAL_ENTRY.PIECES), BigDecimal.ZERO))
                .from(JOURNAL_ENTRY)
                .where(within(garden, from, until))
                .and(counts())
                .and(JOURNAL_ENTRY.CROP.isNotNull())
                .and(JOURNAL_ENTRY.CAUSE.isNull())
                .and(JOURNAL_ENTRY.SOWN.isNull())
                .groupBy(JOURNAL_ENTRY.CROP, JOURNAL_ENTRY.VARIETY)
                .orderBy(JOURNAL_ENTRY.CROP, JOURNAL_ENTRY.VARIETY)
                .fetch(row -> new PickedCrop(
                        row.value1(),
                        Optional.ofNullable(row.value2()),
                        new Picked(
                                row.value3().doubleValue(),
                                row.value4().doubleValue(),
                                row.value5().intValue())));
    }

    /** Work that was done, all of it or that of tasks whose keys begin so, in the order in which it was written. */
    public List<JournalEntry> done(UUID garden, String tasks) {
        return database.selectFrom(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.GARDEN.eq(garden))
                .and(counts())
                .and(JOURNAL_ENTRY.TASK.startsWith(tasks))
                .orderBy(JOURNAL_ENTRY.NUMBER)
                .fetch(JournalStore::entry);
    }

    /** What counts of a time, in the order in which it was written. */
    public List<JournalEntry> counting(UUID garden, LocalDate from, LocalDate until) {
        return counting(within(garden, from, until));
    }

    /** What counts and is about some places, or about work at them. */
    public List<JournalEntry> countingAt(UUID garden, Set<UUID> places) {
        return counting(JOURNAL_ENTRY
                .GARDEN
                .eq(garden)
                .and(JOURNAL_ENTRY
                        .PLACE
                        .in(places)
                        .or(DSL.right(JOURNAL_ENTRY.TASK, ID_LENGTH)
                                .in(places.stream().map(UUID::toString).toList()))));
    }

    /**
     * What counts of before a day and comes up again later: the newest, at most so many, in the order in which they
     * were written.
     */
    public List<JournalEntry> toThinkOf(UUID garden, LocalDate until, int most) {
        List<JournalEntry> notes = counting(JOURNAL_ENTRY
                .GARDEN
                .eq(garden)
                .and(JOURNAL_ENTRY.DAY.lt(until))
                .and(JOURNAL_ENTRY.NEXT_TIME.isNotNull()));
        return notes.subList(Math.max(0, notes.size() - most), notes.size());
    }

    private List<JournalEntry> counting(Condition which) {
        return database.selectFrom(JOURNAL_ENTRY)
                .where(which)
                .and(counts())
                .orderBy(JOURNAL_ENTRY.NUMBER)
                .fetch(JournalStore::entry);
    }

    private static Condition within(UUID garden, LocalDate from, LocalDate until) {
        return JOURNAL_ENTRY.GARDEN.eq(garden).and(JOURNAL_ENTRY.DAY.ge(from)).and(JOURNAL_ENTRY.DAY.lt(until));
    }

    private static Condition counts() {
        return JOURNAL_ENTRY.TAKEN_BACK_AT.isNull();
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }

    private static JournalEntryRecord row(UUID garden, JournalEntry entry) {
        JournalEntryRecord row = new JournalEntryRecord();
        row.setGarden(garden);
        row.setId(entry.id());
        row.setDay(entry.day());
        row.setAbout(entry.about());
        entry.place().ifPresent(row::setPlace);
        entry.note().ifPresent(row::setNote);
        entry.nextTime().map(Step::name).ifPresent(row::setNextTime);
        entry.done().ifPresent(done -> {
            row.setTask(done.task());
            row.setRate(done.rate());
            row.setQuantity(done.quantity());
            done.hours().ifPresent(row::setHours);
        });
        entry.harvest().ifPresent(harvest -> {
            row.setCrop(harvest.crop());
            harvest.variety().ifPresent(row::setVariety);
            harvest.kilograms().ifPresent(row::setKilograms);
            harvest.litres().ifPresent(row::setLitres);
            harvest.pieces().ifPresent(row::setPieces);
        });
        entry.loss().ifPresent(loss -> {
            loss.crop().ifPresent(row::setCrop);
            row.setCause(loss.cause().name());
        });
        entry.germination().ifPresent(seeds -> {
            row.setCrop(seeds.crop());
            seeds.variety().ifPresent(row::setVariety);
            row.setSown(seeds.sown());
            seeds.up().ifPresent(row::setUp);
        });
        entry.weather().ifPresent(weather -> {
            weather.rain().ifPresent(row::setRain);
            weather.lowest().ifPresent(row::setLowest);
            weather.highest().ifPresent(row::setHighest);
        });
        return row;
    }

    private static Optional<JournalEntry.Germination> germination(JournalEntryRecord row) {
        return Optional.ofNullable(row.getSown())
                .map(sown -> new JournalEntry.Germination(
                        row.getCrop(), Optional.ofNullable(row.getVariety()), sown, Optional.ofNullable(row.getUp())));
    }

    private static Optional<JournalEntry.Weather> weather(JournalEntryRecord row) {
        return row.getRain() == null && row.getLowest() == null && row.getHighest() == null
                ? Optional.empty()
                : Optional.of(new JournalEntry.Weather(
                        Optional.ofNullable(row.getRain()),
                        Optional.ofNullable(row.getLowest()),
                        Optional.ofNullable(row.getHighest())));
    }

    private static JournalEntry entry(JournalEntryRecord row) {
        return new JournalEntry(
                row.getId(),
                row.getDay(),
                row.getAbout(),
                Optional.ofNullable(row.getPlace()),
                Optional.ofNullable(row.getTask())
                        .map(task -> new JournalEntry.Done(
                                task, row.getRate(), row.getQuantity(), Optional.ofNullable(row.getHours()))),
                Optional.ofNullable(row.getCrop())
                        .filter(crop -> row.getCause() == null && row.getSown() == null)
                        .map(crop -> new JournalEntry.Harvest(
                                crop,
                                Optional.ofNullable(row.getVariety()),
                                Optional.ofNullable(row.getKilograms()),
                                Optional.ofNullable(row.getLitres()),
                                Optional.ofNullable(row.getPieces()))),
                Optional.ofNullable(row.getCause())
                        .map(cause ->
                                new JournalEntry.Loss(Optional.ofNullable(row.getCrop()), LossCause.valueOf(cause))),
                Optional.ofNullable(row.getNote()),
                Optional.ofNullable(row.getNextTime()).map(Step::valueOf),
                germination(row),
                weather(row));
    }
}
