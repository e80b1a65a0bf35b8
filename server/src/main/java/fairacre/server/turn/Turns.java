package fairacre.server.turn;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.UUID;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Keeps the processors free for those who ask for little. What each account has worked of late is counted in processor
 * time. One that has used more than a core for a while works in turns from then on: on no more threads than there are
 * cores, and on one less while anybody with less to do waits for an answer. Turns go to one account after the other.
 * Whoever asks for one thing after the other, as one who drags a bed does, never waits.
 *
 * <p>Work waits for its turn where it looks whether it is to be given up. A native solver doesn't look; its place goes
 * to another meanwhile. Nobody waits within a transaction.
 */
@Component
public class Turns {

    /** What an account may work at once before it has to take turns: about the opening of a large garden. */
    private static final long SHARE = Duration.ofSeconds(2).toNanos();
    /** More than this is not remembered of anybody; a core's work is forgiven all the time. */
    private static final long MOST = Duration.ofSeconds(10).toNanos();
    /** Of one turn; whoever asks for little waits so long at most until a core is free. */
    private static final long SLICE = Duration.ofMillis(20).toNanos();
    /** Whoever has not looked for so long has no place any more. */
    private static final long SILENT = Duration.ofMillis(200).toNanos();
    /** Whoever has had no turn for so long has one all the same. */
    private static final Duration PATIENCE = Duration.ofSeconds(1);

    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);

    private final int cores;
    private final Duration patience;
    private final LongSupplier clock;
    private final LongSupplier processor;
    private final Cache<UUID, Account> accounts =
            Caffeine.newBuilder().expireAfterAccess(FORGOTTEN_AFTER).build();
    private final Account jobs = new Account();
    private final Set<Account> busy = new HashSet<>();
    private final Set<Turn> working = new HashSet<>();
    private final Set<Turn> waiting = new LinkedHashSet<>();
    private long given;

    @Autowired
    Turns() {
        this(
                Runtime.getRuntime().availableProcessors(),
                PATIENCE,
                System::nanoTime,
                ManagementFactory.getThreadMXBean()::getCurrentThreadCpuTime);
    }

    /**
     * @param patience how long one waits for a turn at most
     * @param clock nanoseconds
     * @param processor nanoseconds that the calling thread has worked
     */
    Turns(int cores, Duration patience, LongSupplier clock, LongSupplier processor) {
        this.cores = cores;
        this.patience = patience;
        this.clock = clock;
        this.processor = processor;
    }

    /** What an account has under way and has worked of late. */
    private static final class Account {

        private int underWay;
        private long worked;
        private long counted;
        private long lastTurn;

        private void count(long work, long now) {
            worked = Math.min(MOST, Math.max(0, worked - (now - counted)) + work);
            counted = now;
        }

        private boolean takesTurns() {
            return worked > SHARE;
        }
    }

    /** A piece of work of an account, done by the thread that began it. */
    public final class Turn {

        private final Account account;
        private long looked = clock.getAsLong() - SLICE;
        private long worked = processor.getAsLong();

        private Turn(Account account) {
            this.account = account;
        }

        /** Waits for the account's turn, if it has to take turns. To be called often. */
        public void look() {
            if (clock.getAsLong() - looked >= SLICE) {
                takeTurn(this);
            }
        }

        public void end() {
            Turns.this.end(this);
        }

        private void count(long now) {
            long before = worked;
            worked = processor.getAsLong();
            account.count(worked - before, now);
        }
    }

    /** A request of an account. */
    public Turn begin(UUID account) {
        return begin(accounts.get(account, unknown -> new Account()));
    }

    /** A job: those of all accounts together work as one account that asks for much. */
    public Turn beginJob() {
        return begin(jobs);
    }

    private synchronized Turn begin(Account account) {
        account.count(0, clock.getAsLong());
        account.underWay++;
        busy.add(account);
        return new Turn(account);
    }

    private synchronized void end(Turn turn) {
        turn.count(clock.getAsLong());
        turn.account.underWay--;
        if (turn.account.underWay == 0) {
            busy.remove(turn.account);
        }
        working.remove(turn);
        notifyAll();
    }

    private synchronized void takeTurn(Turn turn) {
        turn.count(clock.getAsLong());
        turn.looked = clock.getAsLong();
        working.remove(turn);
        if (!turn.account.takesTurns() || TransactionSynchronizationManager.isActualTransactionActive()) {
            return;
        }
        waiting.add(turn);
        notifyAll();
        try {
            await(turn);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
        waiting.remove(turn);
        turn.looked = clock.getAsLong();
        turn.account.lastTurn = ++given;
        working.add(turn);
        notifyAll();
    }

    private void await(Turn turn) throws InterruptedException {
        long end = System.nanoTime() + patience.toNanos();
        while (!isNext(turn) && System.nanoTime() < end) {
            wait(Duration.ofNanos(SLICE).toMillis());
        }
    }

    private boolean isNext(Turn turn) {
        long now = clock.getAsLong();
        long looking =
                working.stream().filter(each -> now - each.looked < SILENT).count();
        return looking < places()
                && waiting.stream()
                                .min(Comparator.comparingLong(each -> each.account.lastTurn))
                                .orElseThrow()
                        == turn;
    }

    private int places() {
        boolean others = busy.stream().anyMatch(account -> !account.takesTurns());
        return others ? Math.max(1, cores - 1) : cores;
    }
}
