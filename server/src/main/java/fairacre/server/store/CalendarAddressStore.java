package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CALENDAR_ADDRESS;
import static fairacre.server.store.generated.Tables.GARDEN;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Private addresses of calendars, one for a garden at most. Whose garden it is has to be asked before. */
@Repository
public class CalendarAddressStore {

    private final DSLContext database;
    private final Clock clock;

    CalendarAddressStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A garden, and the account whose it is. */
    public record Addressed(UUID owner, UUID garden) {}

    /** Puts another in the place of the one that was there. */
    public void put(UUID garden, byte[] hash) {
        database.insertInto(CALENDAR_ADDRESS)
                .set(CALENDAR_ADDRESS.GARDEN, garden)
                .set(CALENDAR_ADDRESS.SECRET_HASH, hash)
                .set(CALENDAR_ADDRESS.MADE_AT, OffsetDateTime.now(clock))
                .onConflict(CALENDAR_ADDRESS.GARDEN)
                .doUpdate()
                .setAllToExcluded()
                .execute();
    }

    public void remove(UUID garden) {
        database.deleteFrom(CALENDAR_ADDRESS)
                .where(CALENDAR_ADDRESS.GARDEN.eq(garden))
                .execute();
    }

    /** When it was made; empty if there is none. */
    public Optional<OffsetDateTime> madeAt(UUID garden) {
        return database.select(CALENDAR_ADDRESS.MADE_AT)
                .from(CALENDAR_ADDRESS)
                .where(CALENDAR_ADDRESS.GARDEN.eq(garden))
                .fetchOptional(CALENDAR_ADDRESS.MADE_AT);
    }

    /** Which garden an address is of; empty for one that was never made, or was taken back. */
    public Optional<Addressed> find(byte[] hash) {
        return database.select(GARDEN.OWNER, GARDEN.ID)
                .from(CALENDAR_ADDRESS)
                .join(GARDEN)
                .on(GARDEN.ID.eq(CALENDAR_ADDRESS.GARDEN))
                .where(CALENDAR_ADDRESS.SECRET_HASH.eq(hash))
                .fetchOptional(row -> new Addressed(row.value1(), row.value2()));
    }
}
