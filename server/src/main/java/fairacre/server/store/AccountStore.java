package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDEN_MEMBER;
import static org.jooq.impl.DSL.lower;

import fairacre.server.store.generated.tables.GardenMember;
import fairacre.server.store.generated.tables.records.AccountRecord;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;

/** Accounts by name, letter case set aside, and their sessions. */
@Repository
public class AccountStore {

    /** Spring Session's own tables. */
    private static final Table<?> SESSIONS = DSL.table("spring_session");

    private static final GardenMember OTHERS = GARDEN_MEMBER.as("others");

    private static final Field<String> SESSION = DSL.field("session_id", String.class);
    private static final Field<String> PRINCIPAL = DSL.field("principal_name", String.class);

    private final DSLContext database;
    private final Clock clock;

    AccountStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * An account.
     *
     * @param password its hash; that of a guest is no hash, and fits nothing
     * @param guestUntil when the account of a guest is let go; empty for one of somebody who signed up
     */
    public record Account(UUID id, String name, String password, Optional<OffsetDateTime> guestUntil) {
        public boolean isGuest() {
            return guestUntil.isPresent();
        }
    }

    /** Of somebody who signed up; guests are not found by a name. */
    public Optional<Account> byName(String name) {
        return database.selectFrom(ACCOUNT)
                .where(lower(ACCOUNT.NAME).eq(name.toLowerCase(Locale.ROOT)))
                .and(ACCOUNT.GUEST_UNTIL.isNull())
                .fetchOptional(AccountStore::account);
    }

    public Optional<Account> byId(UUID id) {
        return database.selectFrom(ACCOUNT).where(ACCOUNT.ID.eq(id)).fetchOptional(AccountStore::account);
    }

    private static Account account(AccountRecord row) {
        return new Account(row.getId(), row.getName(), row.getPassword(), Optional.ofNullable(row.getGuestUntil()));
    }

    /** Whether the name was still free. */
    public boolean insert(Account account) {
        return database.insertInto(ACCOUNT)
                        .set(ACCOUNT.ID, account.id())
                        .set(ACCOUNT.NAME, account.name())
                        .set(ACCOUNT.PASSWORD, account.password())
                        .set(ACCOUNT.CREATED_AT, OffsetDateTime.now(clock))
                        .set(ACCOUNT.GUEST_UNTIL, account.guestUntil().orElse(null))
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    /** Makes a guest somebody who signed up; whether the name was still free. */
    public boolean keep(UUID guest, String name, String hash) {
        try {
            return database.update(ACCOUNT)
                            .set(ACCOUNT.NAME, name)
                            .set(ACCOUNT.PASSWORD, hash)
                            .setNull(ACCOUNT.GUEST_UNTIL)
                            .where(ACCOUNT.ID.eq(guest))
                            .and(ACCOUNT.GUEST_UNTIL.isNotNull())
                            .execute()
                    == 1;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    /** Gives all gardens, and shares in those of others, to another account. */
    public void giveGardens(UUID from, UUID to) {
        database.update(GARDEN)
                .set(GARDEN.OWNER, to)
                .where(GARDEN.OWNER.eq(from))
                .execute();
        database.update(GARDEN_MEMBER)
                .set(GARDEN_MEMBER.ACCOUNT, to)
                .where(GARDEN_MEMBER.ACCOUNT.eq(from))
                .andNotExists(database.selectOne()
                        .from(OTHERS)
                        .where(OTHERS.GARDEN.eq(GARDEN_MEMBER.GARDEN))
                        .and(OTHERS.ACCOUNT.eq(to)))
                .andNotExists(database.selectOne()
                        .from(GARDEN)
                        .where(GARDEN.ID.eq(GARDEN_MEMBER.GARDEN))
                        .and(GARDEN.OWNER.eq(to)))
                .execute();
    }

    /** How many guests there are. */
    public int guests() {
        return database.fetchCount(ACCOUNT, ACCOUNT.GUEST_UNTIL.isNotNull());
    }

    /** Lets go of guests whose time is over, with their gardens; how many. */
    public int forgetGuests() {
        return database.deleteFrom(ACCOUNT)
                .where(ACCOUNT.GUEST_UNTIL.lt(OffsetDateTime.now(clock)))
                .execute();
    }

    public void changePassword(UUID id, String hash) {
        database.update(ACCOUNT)
                .set(ACCOUNT.PASSWORD, hash)
                .where(ACCOUNT.ID.eq(id))
                .execute();
    }

    /**
     * Deletes an account with all its gardens and whatever else it has. What it did in the gardens of others stays
     * there, without its name.
     */
    public void delete(UUID id) {
        database.deleteFrom(ACCOUNT).where(ACCOUNT.ID.eq(id)).execute();
    }

    /** Ends all sessions of an account but one, or all. */
    public void endSessions(UUID id, Optional<String> but) {
        Condition others = but.map(SESSION::ne).orElseGet(DSL::noCondition);
        database.deleteFrom(SESSIONS)
                .where(PRINCIPAL.eq(id.toString()))
                .and(others)
                .execute();
    }
}
