package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CHANGE_LOG;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.RECEIPT;
import static fairacre.server.store.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;

import fairacre.plan.Plan;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.springframework.stereotype.Repository;

/** Gardens by owner. What belongs to somebody else is answered as if it were not there. */
@Repository
public class GardenStore {

    /** How long a deleted garden can be brought back. */
    private static final Duration KEPT = Duration.ofDays(7);

    private final DSLContext database;
    private final Clock clock;

    GardenStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A garden in the list of somebody's gardens.
     *
     * @param touchedAt when it was edited last, or else begun
     */
    public record Listed(UUID id, String name, int firstSeason, OffsetDateTime touchedAt) {}

    /** The owner's gardens without their variants, the one that was edited last first. */
    public List<Listed> list(UUID owner) {
        Field<OffsetDateTime> touched = coalesce(
                field(select(max(CHANGE_LOG.MADE_AT)).from(CHANGE_LOG).where(CHANGE_LOG.GARDEN.eq(GARDEN.ID))),
                GARDEN.CREATED_AT);
        return database.select(GARDEN.ID, GARDEN.NAME, GARDEN.FIRST_SEASON, touched)
                .from(GARDEN)
                .where(GARDEN.OWNER.eq(owner))
                .and(GARDEN.DELETED_AT.isNull())
                .and(GARDEN.ID.notIn(select(VARIANT.GARDEN).from(VARIANT)))
                .orderBy(touched.desc(), GARDEN.NAME)
                .fetch(row -> new Listed(row.value1(), row.value2(), row.value3(), row.value4()));
    }

    /**
     * A garden that was deleted and can still be brought back.
     *
     * @param until when it goes for good
     */
    public record Deleted(UUID id, String name, OffsetDateTime until) {}

    /** What the owner can bring back, the newest first. */
    public List<Deleted> deleted(UUID owner) {
        return database.select(GARDEN.ID, GARDEN.NAME, GARDEN.DELETED_AT)
                .from(GARDEN)
                .where(GARDEN.OWNER.eq(owner))
                .and(GARDEN.DELETED_AT.gt(aWeekAgo()))
                .and(GARDEN.ID.notIn(select(VARIANT.GARDEN).from(VARIANT)))
                .orderBy(GARDEN.DELETED_AT.desc())
                .fetch(row ->
                        new Deleted(row.value1(), row.value2(), row.value3().plus(KEPT)));
    }

    /** With its variants; whether there was such a garden to bring back. */
    public boolean bringBack(UUID owner, UUID garden) {
        return database.update(GARDEN)
                        .setNull(GARDEN.DELETED_AT)
                        .where(GARDEN.ID.eq(garden).or(GARDEN.ID.in(variantsOf(garden))))
                        .and(GARDEN.OWNER.eq(owner))
                        .and(GARDEN.DELETED_AT.gt(aWeekAgo()))
                        .execute()
                > 0;
    }

    private OffsetDateTime aWeekAgo() {
        return OffsetDateTime.now(clock).minus(KEPT);
    }

    public Optional<StoredGarden> find(UUID owner, UUID garden) {
        return PlanReader.read(database, owner, garden);
    }

    /**
     * How far a garden has come.
     *
     * @param book the garden whose ledger it has: its own, or that of the garden that it is a variant of
     * @param entries of that ledger, which only grows
     */
    public record Version(long revision, UUID book, int entries) {}

    /** How far a garden has come; empty if the owner has no such garden. */
    public Optional<Version> version(UUID owner, UUID garden) {
        Field<UUID> book = coalesce(VARIANT.OF_GARDEN, GARDEN.ID);
        Field<Integer> entries = field(selectCount().from(RECEIPT).where(RECEIPT.GARDEN.eq(book)));
        return database.select(GARDEN.REVISION, book, entries)
                .from(GARDEN)
                .leftJoin(VARIANT)
                .on(VARIANT.GARDEN.eq(GARDEN.ID))
                .where(standing(owner, garden))
                .fetchOptional(row -> new Version(row.value1(), row.value2(), row.value3()));
    }

    /** The revisions of gardens, whoever owns them; one that is there no more is left out. */
    public Map<UUID, Long> revisions(Set<UUID> gardens) {
        return database.select(GARDEN.ID, GARDEN.REVISION)
                .from(GARDEN)
                .where(GARDEN.ID.in(gardens))
                .and(GARDEN.DELETED_AT.isNull())
                .fetchMap(GARDEN.ID, GARDEN.REVISION);
    }

    /** As {@link #find}, but nobody else edits the garden until the transaction ends. */
    public Optional<StoredGarden> lock(UUID owner, UUID garden) {
        database.select(GARDEN.ID)
                .from(GARDEN)
                .where(standing(owner, garden))
                .forUpdate()
                .fetch();
        return find(owner, garden);
    }

    public void insert(UUID owner, Plan plan) {
        new PlanWriter(database, plan.id()).insert(owner, plan, OffsetDateTime.now(clock));
    }

    public void update(Plan before, Plan after, long revision) {
        new PlanWriter(database, after.id()).update(before, after, revision);
    }

    /**
     * Lets go of gardens that were deleted more than a week ago.
     *
     * @return how many went
     */
    public int forget() {
        return database.deleteFrom(GARDEN)
                .where(GARDEN.DELETED_AT.le(aWeekAgo()))
                .execute();
    }

    /**
     * Puts a garden away with its variants; it can be brought back for a week. A variant goes at once.
     *
     * @return whether there was such a garden
     */
    public boolean delete(UUID owner, UUID garden) {
        if (database.fetchExists(VARIANT, VARIANT.GARDEN.eq(garden))) {
            return database.deleteFrom(GARDEN).where(standing(owner, garden)).execute() == 1;
        }
        OffsetDateTime now = OffsetDateTime.now(clock);
        database.update(GARDEN)
                .set(GARDEN.DELETED_AT, now)
                .where(GARDEN.OWNER.eq(owner))
                .and(GARDEN.ID.in(variantsOf(garden)))
                .execute();
        return database.update(GARDEN)
                        .set(GARDEN.DELETED_AT, now)
                        .where(standing(owner, garden))
                        .execute()
                == 1;
    }

    private static Select<Record1<UUID>> variantsOf(UUID garden) {
        return select(VARIANT.GARDEN).from(VARIANT).where(VARIANT.OF_GARDEN.eq(garden));
    }

    private static Condition standing(UUID owner, UUID garden) {
        return GARDEN.ID.eq(garden).and(GARDEN.OWNER.eq(owner)).and(GARDEN.DELETED_AT.isNull());
    }
}
