package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.VARIANT;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Which gardens are variants of which. */
@Repository
public class VariantStore {

    private final DSLContext database;

    VariantStore(DSLContext database) {
        this.database = database;
    }

    /** A variant: the garden that it is, what it is called, and the season from which it differs. */
    public record Kept(UUID garden, UUID of, String name, int from) {}

    public void insert(Kept variant) {
        database.insertInto(VARIANT)
                .set(VARIANT.GARDEN, variant.garden())
                .set(VARIANT.OF_GARDEN, variant.of())
                .set(VARIANT.NAME, variant.name())
                .set(VARIANT.FROM_SEASON, variant.from())
                .execute();
    }

    /** What a garden is a variant of; empty if it is none, or not the owner's. */
    public Optional<Kept> find(UUID owner, UUID garden) {
        return database.select(VARIANT.asterisk())
                .from(VARIANT)
                .join(GARDEN)
                .on(GARDEN.ID.eq(VARIANT.GARDEN))
                .where(VARIANT.GARDEN.eq(garden))
                .and(GARDEN.OWNER.eq(owner))
                .fetchOptional(VariantStore::kept);
    }

    /** The garden that one is a variant of; itself if it is none, or not the owner's. */
    public UUID main(UUID owner, UUID garden) {
        return find(owner, garden).map(Kept::of).orElse(garden);
    }

    /** The variants of a garden by name. */
    public List<Kept> of(UUID garden) {
        return database.selectFrom(VARIANT)
                .where(VARIANT.OF_GARDEN.eq(garden))
                .orderBy(VARIANT.NAME, VARIANT.GARDEN)
                .fetch(VariantStore::kept);
    }

    private static Kept kept(Record row) {
        return new Kept(
                row.get(VARIANT.GARDEN),
                row.get(VARIANT.OF_GARDEN),
                row.get(VARIANT.NAME),
                row.get(VARIANT.FROM_SEASON));
    }
}
