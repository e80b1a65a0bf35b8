package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.JOURNAL_PHOTO;
import static fairacre.server.store.generated.Tables.RECEIPT;
import static fairacre.server.store.generated.Tables.RECEIPT_SCAN;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.sum;

import java.math.BigDecimal;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Repository;

/** How much there is of an account's. */
@Repository
public class HoldingStore {

    private final DSLContext database;

    HoldingStore(DSLContext database) {
        this.database = database;
    }

    /** Nobody else counts what is the owner's until the transaction ends. */
    public void lock(UUID owner) {
        database.select(ACCOUNT.ID)
                .from(ACCOUNT)
                .where(ACCOUNT.ID.eq(owner))
                .forNoKeyUpdate()
                .fetch();
    }

    public boolean isGuest(UUID owner) {
        return database.fetchExists(ACCOUNT, ACCOUNT.ID.eq(owner).and(ACCOUNT.GUEST_UNTIL.isNotNull()));
    }

    /** With their variants, and with those that were deleted and are still kept. */
    public int gardens(UUID owner) {
        return database.fetchCount(GARDEN, GARDEN.OWNER.eq(owner));
    }

    /** Of scans and photos. */
    public long bytes(UUID owner) {
        BigDecimal scans = database.select(coalesce(sum(length(RECEIPT_SCAN.CONTENT)), BigDecimal.ZERO))
                .from(RECEIPT_SCAN)
                .join(RECEIPT)
                .on(RECEIPT.ID.eq(RECEIPT_SCAN.RECEIPT))
                .join(GARDEN)
                .on(GARDEN.ID.eq(RECEIPT.GARDEN))
                .where(GARDEN.OWNER.eq(owner))
                .fetchSingle()
                .value1();
        BigDecimal photos = database.select(
                        coalesce(sum(length(JOURNAL_PHOTO.LARGE).plus(length(JOURNAL_PHOTO.SMALL))), BigDecimal.ZERO))
                .from(JOURNAL_PHOTO)
                .join(GARDEN)
                .on(GARDEN.ID.eq(JOURNAL_PHOTO.GARDEN))
                .where(GARDEN.OWNER.eq(owner))
                .fetchSingle()
                .value1();
        return scans.add(photos).longValueExact();
    }

    private static Field<Long> length(Field<byte[]> bytes) {
        return field("octet_length({0})", Long.class, bytes);
    }
}
