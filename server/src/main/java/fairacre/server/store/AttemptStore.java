package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SIGN_IN_ATTEMPT;
import static fairacre.server.store.generated.Tables.SIGN_UP;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Attempts to sign in that failed or are under way, and new accounts: so many from which address of late. */
@Repository
public class AttemptStore {

    private static final Duration KEPT = Duration.ofDays(1);

    private final DSLContext database;
    private final Clock clock;

    AttemptStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * Other attempts of late.
     *
     * @param count of them
     * @param newest how long ago the last of them was made; empty if there is none
     */
    public record Tally(int count, Optional<Duration> newest) {}

    /**
     * Notes an attempt to sign in.
     *
     * @param name in small letters
     * @return its id
     */
    public long begin(String name, String address) {
        OffsetDateTime now = now();
        database.deleteFrom(SIGN_IN_ATTEMPT)
                .where(SIGN_IN_ATTEMPT.MADE_AT.lt(now.minus(KEPT)))
                .execute();
        return database.insertInto(SIGN_IN_ATTEMPT)
                .set(SIGN_IN_ATTEMPT.NAME, name)
                .set(SIGN_IN_ATTEMPT.ADDRESS, address)
                .set(SIGN_IN_ATTEMPT.MADE_AT, now)
                .returningResult(SIGN_IN_ATTEMPT.ID)
                .fetchSingle()
                .value1();
    }

    /** As if it had not been made. */
    public void forget(long attempt) {
        database.deleteFrom(SIGN_IN_ATTEMPT)
                .where(SIGN_IN_ATTEMPT.ID.eq(attempt))
                .execute();
    }

    /** What failed of a name from an address. */
    public void forget(String name, String address) {
        database.deleteFrom(SIGN_IN_ATTEMPT)
                .where(SIGN_IN_ATTEMPT.NAME.eq(name))
                .and(SIGN_IN_ATTEMPT.ADDRESS.eq(address))
                .execute();
    }

    public Tally ofNameFrom(String name, String address, long but, Duration within) {
        return tally(SIGN_IN_ATTEMPT.NAME.eq(name).and(SIGN_IN_ATTEMPT.ADDRESS.eq(address)), but, within);
    }

    public Tally ofName(String name, long but, Duration within) {
        return tally(SIGN_IN_ATTEMPT.NAME.eq(name), but, within);
    }

    public Tally from(String address, long but, Duration within) {
        return tally(SIGN_IN_ATTEMPT.ADDRESS.eq(address), but, within);
    }

    private Tally tally(Condition which, long but, Duration within) {
        OffsetDateTime now = now();
        var row = database.select(DSL.count(), DSL.max(SIGN_IN_ATTEMPT.MADE_AT))
                .from(SIGN_IN_ATTEMPT)
                .where(which)
                .and(SIGN_IN_ATTEMPT.ID.ne(but))
                .and(SIGN_IN_ATTEMPT.MADE_AT.gt(now.minus(within)))
                .fetchSingle();
        return new Tally(row.value1(), Optional.ofNullable(row.value2()).map(newest -> Duration.between(newest, now)));
    }

    /** Notes that somebody wants a new account, or to look round as a guest. */
    public void signUp(String address, boolean guest) {
        OffsetDateTime now = now();
        database.deleteFrom(SIGN_UP).where(SIGN_UP.MADE_AT.lt(now.minus(KEPT))).execute();
        database.insertInto(SIGN_UP)
                .set(SIGN_UP.ADDRESS, address)
                .set(SIGN_UP.MADE_AT, now)
                .set(SIGN_UP.GUEST, guest)
                .execute();
    }

    /** How many accounts were wanted from an address of late, or how many guests came. */
    public int signUps(String address, boolean guest, Duration within) {
        return database.fetchCount(
                SIGN_UP,
                SIGN_UP.ADDRESS.eq(address).and(SIGN_UP.GUEST.eq(guest)).and(SIGN_UP.MADE_AT.gt(now().minus(within))));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
