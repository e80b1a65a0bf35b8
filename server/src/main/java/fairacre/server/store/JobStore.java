package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.JOB;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Long solves that accounts asked for, with what was found so far. Whose garden it is has to be asked before. */
@Repository
public class JobStore {

    /** How a job stands. Only what is waiting or running changes any more. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    /**
     * @param owner whose garden it is
     * @param question as JSON
     * @param revision of the garden that is worked on
     * @param done steps of {@code steps}; 0 of 0 before it is known how many there are
     * @param answer the best so far, as JSON
     * @param fault why it failed, in words for the gardener
     */
    public record Job(
            UUID id,
            UUID account,
            UUID garden,
            UUID owner,
            String kind,
            String question,
            long revision,
            State state,
            int done,
            int steps,
            String answer,
            Optional<String> fault) {

        /** Whether nothing of it changes any more. */
        public boolean isOver() {
            return state != State.WAITING && state != State.RUNNING;
        }
    }

    private static final Condition OPEN = JOB.STATE.in(State.WAITING.name(), State.RUNNING.name());

    private final DSLContext database;
    private final Clock clock;

    JobStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A new job, waiting. */
    public void insert(UUID id, UUID account, UUID garden, String kind, String question, long revision) {
        database.insertInto(JOB)
                .set(JOB.ID, id)
                .set(JOB.ACCOUNT, account)
                .set(JOB.GARDEN, garden)
                .set(JOB.KIND, kind)
                .set(JOB.QUESTION, JSONB.valueOf(question))
                .set(JOB.REVISION, revision)
                .set(JOB.STATE, State.WAITING.name())
                .set(JOB.ANSWER, JSONB.valueOf("[]"))
                .set(JOB.ASKED_AT, OffsetDateTime.now(clock))
                .execute();
    }

    /** A job that an account asked for in a garden. */
    public Optional<Job> find(UUID account, UUID garden, UUID id) {
        return fetch(JOB.ID.eq(id).and(JOB.ACCOUNT.eq(account)).and(JOB.GARDEN.eq(garden)));
    }

    /** The newest job with the same question of the same state of the garden that waits, runs or is done. */
    public Optional<Job> same(UUID account, UUID garden, String kind, String question, long revision) {
        return fetch(JOB.ACCOUNT
                .eq(account)
                .and(JOB.GARDEN.eq(garden))
                .and(JOB.KIND.eq(kind))
                .and(JOB.QUESTION.eq(JSONB.valueOf(question)))
                .and(JOB.REVISION.eq(revision))
                .and(OPEN.or(JOB.STATE.eq(State.DONE.name()))));
    }

    /** The job of an account that is next: one that was begun before, else the one that has waited longest. */
    public Optional<Job> next(UUID account) {
        return jobs(JOB.ACCOUNT.eq(account).and(OPEN)).stream().findFirst();
    }

    /** How many jobs of an account wait or run. */
    public int open(UUID account) {
        return database.fetchCount(JOB, JOB.ACCOUNT.eq(account).and(OPEN));
    }

    private Optional<Job> fetch(Condition condition) {
        List<Job> jobs = jobs(condition);
        return jobs.isEmpty() ? Optional.empty() : Optional.of(jobs.get(jobs.size() - 1));
    }

    /** Running ones first, then as they were asked for. */
    private List<Job> jobs(Condition condition) {
        return database.select(JOB.fields())
                .select(GARDEN.OWNER)
                .from(JOB)
                .join(GARDEN)
                .on(GARDEN.ID.eq(JOB.GARDEN))
                .where(condition)
                .orderBy(JOB.STATE.eq(State.RUNNING.name()).desc(), JOB.ASKED_AT, JOB.ID)
                .fetch(JobStore::job);
    }

    private static Job job(Record row) {
        return new Job(
                row.get(JOB.ID),
                row.get(JOB.ACCOUNT),
                row.get(JOB.GARDEN),
                row.get(GARDEN.OWNER),
                row.get(JOB.KIND),
                row.get(JOB.QUESTION).data(),
                row.get(JOB.REVISION),
                State.valueOf(row.get(JOB.STATE)),
                row.get(JOB.DONE),
                row.get(JOB.STEPS),
                row.get(JOB.ANSWER).data(),
                Optional.ofNullable(row.get(JOB.FAULT)));
    }

    /** It is worked on, from its first step, as the garden is at a revision. */
    public void begin(UUID id, long revision, int steps) {
        database.update(JOB)
                .set(JOB.STATE, State.RUNNING.name())
                .set(JOB.REVISION, revision)
                .set(JOB.DONE, 0)
                .set(JOB.STEPS, steps)
                .where(JOB.ID.eq(id))
                .and(OPEN)
                .execute();
    }

    /** So many steps are done, and this is the best so far. */
    public void found(UUID id, int done, String answer) {
        database.update(JOB)
                .set(JOB.DONE, done)
                .set(JOB.ANSWER, JSONB.valueOf(answer))
                .where(JOB.ID.eq(id))
                .and(OPEN)
                .execute();
    }

    /** It is over, or waits again; nothing happens to one that is over already. */
    public void set(UUID id, State state, String fault) {
        database.update(JOB)
                .set(JOB.STATE, state.name())
                .set(JOB.FAULT, fault)
                .where(JOB.ID.eq(id))
                .and(OPEN)
                .execute();
    }

    /** Whether it still waits or runs: nobody stopped it, and its garden is there. */
    public boolean isOpen(UUID id) {
        return database.fetchExists(JOB, JOB.ID.eq(id).and(OPEN));
    }

    /** Forgets what an account asked for longer ago. */
    public void forget(UUID account, Duration kept) {
        database.deleteFrom(JOB)
                .where(JOB.ACCOUNT.eq(account))
                .and(JOB.ASKED_AT.lt(OffsetDateTime.now(clock).minus(kept)))
                .and(OPEN.not())
                .execute();
    }
}
