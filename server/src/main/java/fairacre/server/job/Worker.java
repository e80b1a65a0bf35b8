package fairacre.server.job;

import fairacre.format.GardenJson;
import fairacre.limits.RefusedException;
import fairacre.limits.Stop;
import fairacre.limits.StoppedException;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.store.JobStore;
import fairacre.server.store.JobStore.Job;
import fairacre.server.store.JobStore.State;
import fairacre.server.turn.Turns;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Works on jobs of an account until there are none. */
@Component
class Worker {

    private static final Logger LOG = LoggerFactory.getLogger(Worker.class);
    private static final String OURS =
            "This could not be worked out. The fault is the program's, not your plan's; the operator is told.";

    private final JobStore store;
    private final Map<String, Solve<?, ?>> solves;
    private final Turns turns;
    private final Duration longest;
    private final JsonMapper json = GardenJson.mapper();

    /** @param longest that a job may take */
    Worker(JobStore store, List<Solve<?, ?>> solves, Turns turns, @Value("${fairacre.jobs.longest}") Duration longest) {
        this.store = store;
        this.solves = solves.stream().collect(Collectors.toMap(Solve::kind, Function.identity()));
        this.turns = turns;
        this.longest = longest;
    }

    /** @param ending whether the program is about to end; what has begun then waits again */
    void workOff(UUID account, BooleanSupplier ending) {
        Optional<Job> next = store.next(account);
        while (next.isPresent() && !ending.getAsBoolean()) {
            work(next.get(), ending);
            next = store.next(account);
        }
    }

    private void work(Job job, BooleanSupplier ending) {
        Wanted wanted = new Wanted(job.id(), ending);
        try {
            run(solves.get(job.kind()), job, wanted);
            store.set(job.id(), State.DONE, null);
        } catch (StoppedException stopped) {
            if (wanted.isTooLate()) {
                store.set(
                        job.id(),
                        State.FAILED,
                        "It took longer than " + longest.toMinutes() + " minutes. What was found so far stands.");
            } else {
                store.set(job.id(), State.WAITING, null);
            }
        } catch (RefusedException refused) {
            store.set(job.id(), State.FAILED, refused.refusal().sentence());
        } catch (NoSuchGardenException gone) {
            store.set(job.id(), State.STOPPED, null);
        } catch (DataAccessException | org.jooq.exception.DataAccessException away) {
            throw away;
        } catch (RuntimeException | LinkageError fault) {
            LOG.error("The job {} ({}) of garden {} failed", job.id(), job.kind(), job.garden(), fault);
            store.set(job.id(), State.FAILED, OURS);
        }
    }

    private <Q, A> void run(Solve<Q, A> solve, Job job, Wanted wanted) {
        Turns.Turn turn = turns.beginJob();
        Stop.when(() -> {
            turn.look();
            return false;
        });
        try {
            Q question = json.readValue(job.question(), solve.question());
            solve.run(job.owner(), job.garden(), question, new Noted<>(job.id(), wanted));
        } finally {
            Stop.never();
            turn.end();
        }
    }

    /** Whether the work is to be given up: its time is over, the program ends, or nobody wants it any more. */
    private final class Wanted implements BooleanSupplier {

        private static final long BETWEEN = 500_000_000L;

        private final UUID job;
        private final BooleanSupplier ending;
        private final long end = System.nanoTime() + longest.toNanos();
        private long asked = System.nanoTime() - BETWEEN;
        private boolean stopped;

        private Wanted(UUID job, BooleanSupplier ending) {
            this.job = job;
            this.ending = ending;
        }

        private boolean isTooLate() {
            return System.nanoTime() - end > 0;
        }

        /** The database is asked twice a second at most. */
        @Override
        public synchronized boolean getAsBoolean() {
            long now = System.nanoTime();
            if (!stopped && now - asked >= BETWEEN) {
                asked = now;
                stopped = isTooLate() || ending.getAsBoolean() || !store.isOpen(job);
            }
            return stopped;
        }
    }

    private final class Noted<A> implements Progress<A> {

        private final UUID job;
        private final Wanted wanted;

        private Noted(UUID job, Wanted wanted) {
            this.job = job;
            this.wanted = wanted;
        }

        @Override
        public void begin(long revision, int steps) {
            store.begin(job, revision, steps);
        }

        @Override
        public void found(int done, List<A> best) {
            store.found(job, done, json.writeValueAsString(best));
            if (wanted.getAsBoolean()) {
                throw new StoppedException();
            }
        }

        @Override
        public boolean getAsBoolean() {
            return wanted.getAsBoolean();
        }
    }
}
