package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.CHANGE_LOG;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.select;

import fairacre.format.GardenJson;
import fairacre.format.Upcasters;
import fairacre.plan.Change;
import fairacre.server.store.generated.tables.records.ChangeLogRecord;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.Period;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who changed what and when, and what it was before. Edits that hold form a stack: undoing takes the newest that holds,
 * doing again the oldest that was undone, and a new edit overtakes what was undone. Each entry is written in the
 * notation of its day ({@link Upcasters}).
 */
@Repository
public class ChangeLog {

    /** The kind of an entry that takes an edit back. */
    public static final String UNDO = "UNDO";

    private static final String DONE = "DONE";
    private static final String UNDONE = "UNDONE";
    private static final String OVERTAKEN = "OVERTAKEN";

    private static final Period KEPT = Period.ofYears(2);
    /** As many as are told of a garden, and looked at when an edit comes late. */
    private static final int NEWEST = 100;

    private final DSLContext database;
    private final Clock clock;
    private final JsonMapper json = GardenJson.mapper();

    ChangeLog(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * What an edit did and what takes it back.
     *
     * @param madeBy name of the account that made it; empty if that is gone
     */
    public record Entry(
            long id,
            String kind,
            long revision,
            Optional<String> madeBy,
            OffsetDateTime madeAt,
            Change before,
            Change after) {}

    public boolean knows(UUID garden, UUID key) {
        return key != null
                && database.fetchExists(CHANGE_LOG, CHANGE_LOG.GARDEN.eq(garden).and(CHANGE_LOG.KEY.eq(key)));
    }

    public void edit(UUID garden, long revision, UUID madeBy, UUID key, Change change, Change inverse) {
        database.update(CHANGE_LOG)
                .set(CHANGE_LOG.STATE, OVERTAKEN)
                .where(CHANGE_LOG.GARDEN.eq(garden))
                .and(CHANGE_LOG.STATE.eq(UNDONE))
                .execute();
        ChangeLogRecord row = row(garden, revision, madeBy, "EDIT", inverse, change);
        row.setState(DONE);
        row.setKey(key);
        row.insert();
    }

    public void undo(UUID garden, long revision, UUID madeBy, Entry edit) {
        mark(edit.id(), UNDONE);
        follow(garden, revision, madeBy, UNDO, edit, edit.after(), edit.before());
    }

    public void redo(UUID garden, long revision, UUID madeBy, Entry edit) {
        mark(edit.id(), DONE);
        follow(garden, revision, madeBy, "REDO", edit, edit.before(), edit.after());
    }

    /** An entry of a garden. */
    public Optional<Entry> find(UUID garden, long id) {
        return entries(CHANGE_LOG.GARDEN.eq(garden).and(CHANGE_LOG.ID.eq(id)), 1).stream()
                .findFirst();
    }

    public Entry get(long id) {
        return entries(CHANGE_LOG.ID.eq(id), 1).get(0);
    }

    /** The newest entries first. */
    public List<Entry> newest(UUID garden, int most) {
        return entries(CHANGE_LOG.GARDEN.eq(garden), most);
    }

    /** All entries that led on from a revision, the newest first. */
    public List<Entry> since(UUID garden, long revision) {
        return entries(CHANGE_LOG.GARDEN.eq(garden).and(CHANGE_LOG.REVISION.gt(revision)), Integer.MAX_VALUE);
    }

    /**
     * Lets go of entries that are older than two years and not among the newest hundred of their garden. What another
     * entry takes back, or could still make again, stays.
     *
     * @return how many went
     */
    public int thin() {
        var newer = CHANGE_LOG.as("newer");
        var follows = CHANGE_LOG.as("follows");
        return database.deleteFrom(CHANGE_LOG)
                .where(CHANGE_LOG.MADE_AT.lt(OffsetDateTime.now(clock).minus(KEPT)))
                .and(CHANGE_LOG.STATE.isDistinctFrom(UNDONE))
                .and(CHANGE_LOG.ID.lt(field(select(newer.ID)
                        .from(newer)
                        .where(newer.GARDEN.eq(CHANGE_LOG.GARDEN))
                        .orderBy(newer.ID.desc())
                        .limit(1)
                        .offset(NEWEST - 1))))
                .andNotExists(select(follows.ID).from(follows).where(follows.EDIT.eq(CHANGE_LOG.ID)))
                .execute();
    }

    private List<Entry> entries(org.jooq.Condition condition, int most) {
        return database.select(CHANGE_LOG.asterisk(), ACCOUNT.NAME)
                .from(CHANGE_LOG)
                .leftJoin(ACCOUNT)
                .on(ACCOUNT.ID.eq(CHANGE_LOG.MADE_BY))
                .where(condition)
                .orderBy(CHANGE_LOG.ID.desc())
                .limit(most)
                .fetch(row -> new Entry(
                        row.get(CHANGE_LOG.ID),
                        row.get(CHANGE_LOG.KIND),
                        row.get(CHANGE_LOG.REVISION),
                        Optional.ofNullable(row.get(ACCOUNT.NAME)),
                        row.get(CHANGE_LOG.MADE_AT),
                        change(row.get(CHANGE_LOG.BEFORE), row.get(CHANGE_LOG.VERSION)),
                        change(row.get(CHANGE_LOG.AFTER), row.get(CHANGE_LOG.VERSION))));
    }

    private void mark(long id, String state) {
        database.update(CHANGE_LOG)
                .set(CHANGE_LOG.STATE, state)
                .where(CHANGE_LOG.ID.eq(id))
                .execute();
    }

    private void follow(UUID garden, long revision, UUID madeBy, String kind, Entry edit, Change before, Change after) {
        ChangeLogRecord row = row(garden, revision, madeBy, kind, before, after);
        row.setEdit(edit.id());
        row.insert();
    }

    private ChangeLogRecord row(UUID garden, long revision, UUID madeBy, String kind, Change before, Change after) {
        ChangeLogRecord row = database.newRecord(CHANGE_LOG);
        row.setGarden(garden);
        row.setRevision(revision);
        row.setKind(kind);
        row.setMadeBy(madeBy);
        row.setMadeAt(OffsetDateTime.now(clock));
        row.setVersion((short) Upcasters.CURRENT.version());
        row.setBefore(text(before));
        row.setAfter(text(after));
        return row;
    }

    private JSONB text(Change change) {
        return JSONB.valueOf(json.writerFor(Change.class).writeValueAsString(change));
    }

    private Change change(JSONB text, int version) {
        return json.treeToValue(Upcasters.CURRENT.change(json.readTree(text.data()), version), Change.class);
    }
}
