package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.SIGN_IN_FAILURE;
import static org.jooq.impl.DSL.lower;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Accounts by name, letter case set aside, and failed attempts to sign in. */
@Repository
public class AccountStore {

    /** Any number that no other lock of the program has. */
    private static final long START_LOCK = 7_041_776;

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

    public void noteFailure(String name, String address) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        database.deleteFrom(SIGN_IN_FAILURE)
                .where(SIGN_IN_FAILURE.FAILED_AT.lt(now.minusDays(1)))
                .execute();
        database.insertInto(SIGN_IN_FAILURE)
                .values(name.toLowerCase(Locale.ROOT), address, now)
                .execute();
    }

    public void forgetFailures(String name) {
        database.deleteFrom(SIGN_IN_FAILURE)
                .where(SIGN_IN_FAILURE.NAME.eq(name.toLowerCase(Locale.ROOT)))
                .execute();
    }

    public int failuresOfName(String name, Duration within) {
        return database.fetchCount(
                SIGN_IN_FAILURE,
                SIGN_IN_FAILURE
                        .NAME
                        .eq(name.toLowerCase(Locale.ROOT))
                        .and(SIGN_IN_FAILURE.FAILED_AT.gt(
                                OffsetDateTime.now(clock).minus(within))));
    }

    public int failuresFrom(String address, Duration within) {
        return database.fetchCount(
                SIGN_IN_FAILURE,
                SIGN_IN_FAILURE
                        .ADDRESS
                        .eq(address)
                        .and(SIGN_IN_FAILURE.FAILED_AT.gt(
                                OffsetDateTime.now(clock).minus(within))));
    }
}
