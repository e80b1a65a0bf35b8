package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.RECEIPT;
import static fairacre.server.store.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;

import fairacre.plan.Plan;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Repository;

/** Gardens by owner. What belongs to somebody else is answered as if it were not there. */
@Repository
public class GardenStore {

    private final DSLContext database;
    private final Clock clock;

    GardenStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A garden in the list of somebody's gardens. */
    public record Listed(UUID id, String name, int firstSeason, OffsetDateTime createdAt) {}

    /** The owner's gardens without their variants, by name. */
    public List<Listed> list(UUID owner) {
        return database.select(GARDEN.ID, GARDEN.NAME, GARDEN.FIRST_SEASON, GARDEN.CREATED_AT)
                .from(GARDEN)
                .where(GARDEN.OWNER.eq(owner))
                .and(GARDEN.ID.notIn(select(VARIANT.GARDEN).from(VARIANT)))
                .orderBy(GARDEN.NAME, GARDEN.CREATED_AT)
                .fetch(row -> new Listed(row.value1(), row.value2(), row.value3(), row.value4()));
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
                .where(GARDEN.ID.eq(garden))
                .and(GARDEN.OWNER.eq(owner))
                .fetchOptional(row -> new Version(row.value1(), row.value2(), row.value3()));
    }

    /** The revisions of gardens, whoever owns them; one that is there no more is left out. */
    public Map<UUID, Long> revisions(Set<UUID> gardens) {
        return database.select(GARDEN.ID, GARDEN.REVISION)
                .from(GARDEN)
                .where(GARDEN.ID.in(gardens))
                .fetchMap(GARDEN.ID, GARDEN.REVISION);
    }

    /** As {@link #find}, but nobody else edits the garden until the transaction ends. */
    public Optional<StoredGarden> lock(UUID owner, UUID garden) {
        database.select(GARDEN.ID)
                .from(GARDEN)
                .where(GARDEN.ID.eq(garden))
                .and(GARDEN.OWNER.eq(owner))
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

    /** Takes a garden away with its variants; whether there was such a garden. */
    public boolean delete(UUID owner, UUID garden) {
        database.deleteFrom(GARDEN)
                .where(GARDEN.OWNER.eq(owner))
                .and(GARDEN.ID.in(select(VARIANT.GARDEN).from(VARIANT).where(VARIANT.OF_GARDEN.eq(garden))))
                .execute();
        return database.deleteFrom(GARDEN)
                        .where(GARDEN.ID.eq(garden))
                        .and(GARDEN.OWNER.eq(owner))
                        .execute()
                == 1;
    }
}
