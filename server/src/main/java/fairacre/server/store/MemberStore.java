package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ACCOUNT;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDEN_MEMBER;
import static fairacre.server.store.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.when;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Who may do what with a garden. */
@Repository
public class MemberStore {

    private final DSLContext database;
    private final Clock clock;

    MemberStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Whose garden it is, and what somebody may do with it. */
    public record Access(UUID owner, Role role) {}

    /** Somebody that a garden is shared with. */
    public record Member(UUID account, String name, Role role) {}

    /** A garden that somebody else shares. */
    public record Shared(UUID id, String name, int firstSeason, String owner, Role role) {}

    /** Empty if there is no such garden, or it is not shared with the account. A variant is shared with its garden. */
    public Optional<Access> access(UUID account, UUID garden) {
        return database.select(
                        GARDEN.OWNER,
                        when(GARDEN.OWNER.eq(account), Role.OWNER.name()).otherwise(GARDEN_MEMBER.ROLE))
                .from(GARDEN)
                .leftJoin(VARIANT)
                .on(VARIANT.GARDEN.eq(GARDEN.ID))
                .leftJoin(GARDEN_MEMBER)
                .on(GARDEN_MEMBER.GARDEN.eq(coalesce(VARIANT.OF_GARDEN, GARDEN.ID)))
                .and(GARDEN_MEMBER.ACCOUNT.eq(account))
                .where(GARDEN.ID.eq(garden))
                .and(GARDEN.DELETED_AT.isNull())
                .and(GARDEN.OWNER.eq(account).or(GARDEN_MEMBER.ROLE.isNotNull()))
                .fetchOptional(row -> new Access(row.value1(), Role.valueOf(row.value2())));
    }

    /** Whom a garden is shared with, by name; not who came by its link. */
    public List<Member> members(UUID garden) {
        return database.select(ACCOUNT.ID, ACCOUNT.NAME, GARDEN_MEMBER.ROLE)
                .from(GARDEN_MEMBER)
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(GARDEN_MEMBER.ACCOUNT))
                .where(GARDEN_MEMBER.GARDEN.eq(main(garden)))
                .andNot(GARDEN_MEMBER.BY_LINK)
                .orderBy(ACCOUNT.NAME)
                .fetch(row -> new Member(row.value1(), row.value2(), Role.valueOf(row.value3())));
    }

    /** The garden itself, or that of which it is a variant: a variant has no members of its own. */
    private UUID main(UUID garden) {
        return database.select(VARIANT.OF_GARDEN)
                .from(VARIANT)
                .where(VARIANT.GARDEN.eq(garden))
                .fetchOptional(VARIANT.OF_GARDEN)
                .orElse(garden);
    }

    /** What others share with an account, by the name of the garden. */
    public List<Shared> shared(UUID account) {
        return database.select(GARDEN.ID, GARDEN.NAME, GARDEN.FIRST_SEASON, ACCOUNT.NAME, GARDEN_MEMBER.ROLE)
                .from(GARDEN_MEMBER)
                .join(GARDEN)
                .on(GARDEN.ID.eq(GARDEN_MEMBER.GARDEN))
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(GARDEN.OWNER))
                .where(GARDEN_MEMBER.ACCOUNT.eq(account))
                .and(GARDEN.DELETED_AT.isNull())
                .orderBy(GARDEN.NAME, GARDEN.CREATED_AT)
                .fetch(row ->
                        new Shared(row.value1(), row.value2(), row.value3(), row.value4(), Role.valueOf(row.value5())));
    }

    /** Shares a garden with somebody, or in another role. */
    public void put(UUID garden, UUID account, Role role) {
        database.insertInto(GARDEN_MEMBER)
                .set(GARDEN_MEMBER.GARDEN, main(garden))
                .set(GARDEN_MEMBER.ACCOUNT, account)
                .set(GARDEN_MEMBER.ROLE, role.name())
                .set(GARDEN_MEMBER.SINCE, OffsetDateTime.now(clock))
                .onConflict(GARDEN_MEMBER.GARDEN, GARDEN_MEMBER.ACCOUNT)
                .doUpdate()
                .set(GARDEN_MEMBER.ROLE, role.name())
                .set(GARDEN_MEMBER.BY_LINK, false)
                .execute();
    }

    public void remove(UUID garden, UUID account) {
        database.deleteFrom(GARDEN_MEMBER)
                .where(GARDEN_MEMBER.GARDEN.eq(main(garden)))
                .and(GARDEN_MEMBER.ACCOUNT.eq(account))
                .execute();
    }
}
