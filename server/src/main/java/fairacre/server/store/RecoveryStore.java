package fairacre.server.store;

import static fairacre.server.store.generated.Tables.RECOVERY_CODE;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Codes with which forgotten passwords are set anew; kept are their hashes. */
@Repository
public class RecoveryStore {

    private final DSLContext database;
    private final Clock clock;

    RecoveryStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Puts codes in the place of those that were there. */
    public void put(UUID account, List<byte[]> hashes) {
        database.deleteFrom(RECOVERY_CODE)
                .where(RECOVERY_CODE.ACCOUNT.eq(account))
                .execute();
        hashes.forEach(hash -> database.insertInto(RECOVERY_CODE)
                .set(RECOVERY_CODE.ACCOUNT, account)
                .set(RECOVERY_CODE.CODE_HASH, hash)
                .set(RECOVERY_CODE.MADE_AT, OffsetDateTime.now(clock))
                .execute());
    }

    public boolean isOne(UUID account, byte[] hash) {
        return database.fetchExists(RECOVERY_CODE, it(account, hash));
    }

    /** Whether it was one still. */
    public boolean useUp(UUID account, byte[] hash) {
        return database.deleteFrom(RECOVERY_CODE).where(it(account, hash)).execute() == 1;
    }

    /** How many codes an account has left, those of the operator not counted. */
    public int left(UUID account) {
        return database.fetchCount(
                RECOVERY_CODE, RECOVERY_CODE.ACCOUNT.eq(account).and(RECOVERY_CODE.HOLDS_UNTIL.isNull()));
    }

    private Condition it(UUID account, byte[] hash) {
        return RECOVERY_CODE
                .ACCOUNT
                .eq(account)
                .and(RECOVERY_CODE.CODE_HASH.eq(hash))
                .and(RECOVERY_CODE.HOLDS_UNTIL.isNull().or(RECOVERY_CODE.HOLDS_UNTIL.gt(OffsetDateTime.now(clock))));
    }
}
