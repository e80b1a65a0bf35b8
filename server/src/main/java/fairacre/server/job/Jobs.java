package fairacre.server.job;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import fairacre.format.GardenJson;
import fairacre.server.garden.GardenService;
import fairacre.server.store.JobStore;
import fairacre.server.store.JobStore.Job;
import fairacre.server.store.JobStore.State;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.json.JsonMapper;

/**
 * Jobs of all accounts. What is scheduled is an account and not a job: a node that takes it works on its jobs one after
 * the other, so that nobody's jobs run side by side on two nodes. A node that ends tells so by its heartbeat, and
 * another one takes over what it had begun.
 */
@Service
public class Jobs {

    private static final int MOST_OPEN = 20;
    private static final Duration KEPT = Duration.ofDays(1);
    private static final Duration POLLING = Duration.ofSeconds(1);
    private static final Duration HEARTBEAT = Duration.ofSeconds(5);
    private static final int MISSED_HEARTBEATS = 4;
    private static final Duration AGAIN = Duration.ofSeconds(10);
    private static final Duration LAST_WORDS = Duration.ofSeconds(5);

    private final JobStore store;
    private final GardenService gardens;
    private final Clock clock;
    private final Scheduler scheduler;
    private final CustomTask<Void> queue;
    private final JsonMapper json = GardenJson.mapper();

    /** @param threads so many accounts' jobs are worked on at once on this node */
    Jobs(
            JobStore store,
            GardenService gardens,
            Worker worker,
            Clock clock,
            DataSource database,
            @Value("${fairacre.jobs.threads}") int threads) {
        this.store = store;
        this.gardens = gardens;
        this.clock = clock;
        this.queue = Tasks.custom("jobs of an account", Void.class)
                .onFailure((complete, queued) ->
                        queued.reschedule(complete, clock.instant().plus(AGAIN)))
                .onDeadExecutionRevive()
                .execute((account, context) -> {
                    UUID id = UUID.fromString(account.getId());
                    worker.workOff(id, () -> context.getSchedulerState().isShuttingDown());
                    return (complete, queued) -> {
                        queued.remove();
                        // What was asked for while the last one ended.
                        if (store.next(id).isPresent()) {
                            schedule(id);
                        }
                    };
                });
        this.scheduler = Scheduler.create(database, List.of(queue))
                .threads(threads)
                .pollingInterval(POLLING)
                .heartbeatInterval(HEARTBEAT)
                .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                .enableImmediateExecution()
                .shutdownMaxWait(LAST_WORDS)
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        scheduler.start();
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        scheduler.stop();
    }

    private void schedule(UUID account) {
        TaskInstance<Void> instance = queue.instance(account.toString());
        scheduler.scheduleIfNotExists(instance, clock.instant());
    }

    /**
     * Asks for work on a garden as it is now. If the same was asked before, that job is told.
     *
     * @param account who asks
     * @throws fairacre.server.garden.NoSuchGardenException if the owner has no such garden
     * @throws TooManyJobsException if too many of the account wait already
     */
    public <Q, A> Told<A> ask(UUID account, UUID owner, UUID garden, Solve<Q, A> solve, Q question) {
        long revision = gardens.version(owner, garden).revision();
        String asked = json.writeValueAsString(question);
        Optional<Job> same = store.same(account, garden, solve.kind(), asked, revision);
        if (same.isPresent()) {
            return told(solve, same.get());
        }
        store.forget(account, KEPT);
        if (store.open(account) >= MOST_OPEN) {
            throw new TooManyJobsException();
        }
        UUID id = UUID.randomUUID();
        store.insert(id, account, garden, solve.kind(), asked, revision);
        schedule(account);
        return told(account, garden, solve, id);
    }

    /**
     * How a job stands. One that still waits is scheduled again, lest the program ended before it was.
     *
     * @throws NoSuchJobException if the account asked for no such job in the garden
     */
    public <A> Told<A> told(UUID account, UUID garden, Solve<?, A> solve, UUID id) {
        Job job = store.find(account, garden, id)
                .filter(found -> found.kind().equals(solve.kind()))
                .orElseThrow(NoSuchJobException::new);
        if (job.state() == State.WAITING) {
            schedule(account);
        }
        return told(solve, job);
    }

    private <A> Told<A> told(Solve<?, A> solve, Job job) {
        JavaType answers = json.getTypeFactory().constructCollectionType(List.class, solve.answer());
        List<A> best = json.readValue(job.answer(), answers);
        return new Told<>(job.id(), job.state(), job.revision(), job.done(), job.steps(), best, job.fault());
    }

    /**
     * Stops a job; what was found so far stays. Nothing happens to one that is over.
     *
     * @throws NoSuchJobException if the account asked for no such job in the garden
     */
    public void stop(UUID account, UUID garden, UUID id) {
        if (store.find(account, garden, id).isEmpty()) {
            throw new NoSuchJobException();
        }
        store.set(id, State.STOPPED, null);
    }
}
