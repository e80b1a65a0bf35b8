package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static org.jooq.impl.DSL.lower;

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
import org.springframework.stereotype.Repository;

/** Accounts by name, letter case set aside, and their sessions. */
@Repository
public class AccountStore {

    /** Any number that no other lock of the program has. */
    private static final long START_LOCK = 7_041_776;

    /** Spring Session's own tables. */
    private static final Table<?> SESSIONS = DSL.table("spring_session");

    private static final Field<String> SESSION = DSL.field("session_id", String.class);
    private static final Field<String> PRINCIPAL = DSL.field("principal_name", String.class);

    private final DSLContext database;
    private final Clock clock;

    AccountStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** An account; {@code password} is its hash. */
    public record Account(UUID id, String name, String password) {}

    /** Until the transaction ends no other program that asks for this goes on: for what is made at the start. */
    public void aloneAtTheStart() {
        database.fetch("select pg_advisory_xact_lock({0})", START_LOCK);
    }

    public Optional<Account> byName(String name) {
        return database.selectFrom(ACCOUNT)
                .where(lower(ACCOUNT.NAME).eq(name.toLowerCase(Locale.ROOT)))
                .fetchOptional(row -> new Account(row.getId(), row.getName(), row.getPassword()));
    }

    public Optional<Account> byId(UUID id) {
        return database.selectFrom(ACCOUNT)
                .where(ACCOUNT.ID.eq(id))
                .fetchOptional(row -> new Account(row.getId(), row.getName(), row.getPassword()));
    }

    /** Whether the name was still free. */
    public boolean insert(Account account) {
        return database.insertInto(ACCOUNT)
                        .set(ACCOUNT.ID, account.id())
                        .set(ACCOUNT.NAME, account.name())
                        .set(ACCOUNT.PASSWORD, account.password())
                        .set(ACCOUNT.CREATED_AT, OffsetDateTime.now(clock))
                        .onConflictDoNothing()
                        .execute()
                == 1;
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
