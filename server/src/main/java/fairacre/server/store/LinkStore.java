package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDEN_LINK;
import static fairacre.server.store.generated.Tables.GARDEN_MEMBER;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Links with which anybody may look at a garden, one for a garden at most, and who came by them. */
@Repository
public class LinkStore {

    private final DSLContext database;
    private final Clock clock;

    LinkStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A link.
     *
     * @param visitors so many came by it
     */
    public record Link(OffsetDateTime madeAt, int visitors) {}

    /** Puts another in the place of the one that was there. */
    public void put(UUID garden, byte[] hash) {
        database.insertInto(GARDEN_LINK)
                .set(GARDEN_LINK.GARDEN, garden)
                .set(GARDEN_LINK.SECRET_HASH, hash)
                .set(GARDEN_LINK.MADE_AT, OffsetDateTime.now(clock))
                .onConflict(GARDEN_LINK.GARDEN)
                .doUpdate()
                .setAllToExcluded()
                .execute();
    }

    /** Takes the link back, and lets out who came by it. */
    public void remove(UUID garden) {
        database.deleteFrom(GARDEN_LINK).where(GARDEN_LINK.GARDEN.eq(garden)).execute();
        database.deleteFrom(GARDEN_MEMBER)
                .where(GARDEN_MEMBER.GARDEN.eq(garden))
                .and(GARDEN_MEMBER.BY_LINK)
                .execute();
    }

    public Optional<Link> of(UUID garden) {
        return database.select(GARDEN_LINK.MADE_AT)
                .from(GARDEN_LINK)
                .where(GARDEN_LINK.GARDEN.eq(garden))
                .fetchOptional(row -> new Link(row.value1(), visitors(garden)));
    }

    private int visitors(UUID garden) {
        return database.fetchCount(
                GARDEN_MEMBER, GARDEN_MEMBER.GARDEN.eq(garden).and(GARDEN_MEMBER.BY_LINK));
    }

    /** Which garden a link leads to; empty for one that was never made or was taken back, and for a deleted garden. */
    public Optional<UUID> find(byte[] hash) {
        return database.select(GARDEN.ID)
                .from(GARDEN_LINK)
                .join(GARDEN)
                .on(GARDEN.ID.eq(GARDEN_LINK.GARDEN))
                .where(GARDEN_LINK.SECRET_HASH.eq(hash))
                .and(GARDEN.DELETED_AT.isNull())
                .fetchOptional(GARDEN.ID);
    }

    /** Lets somebody look; whoever may do more already still may. */
    public void letIn(UUID garden, UUID account) {
        database.insertInto(GARDEN_MEMBER)
                .set(GARDEN_MEMBER.GARDEN, garden)
                .set(GARDEN_MEMBER.ACCOUNT, account)
                .set(GARDEN_MEMBER.ROLE, Role.READER.name())
                .set(GARDEN_MEMBER.SINCE, OffsetDateTime.now(clock))
                .set(GARDEN_MEMBER.BY_LINK, true)
                .onConflictDoNothing()
                .execute();
    }
}
