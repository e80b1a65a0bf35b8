package fairacre.server.turn;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class TurnsTest {

    private static final long MILLISECOND = 1_000_000;
    private static final UUID ROSA = new UUID(0, 1);
    private static final UUID INES = new UUID(0, 2);
    private static final UUID MOSES = new UUID(0, 3);

    private final AtomicLong clock = new AtomicLong();
    private final AtomicLong processor = new AtomicLong();
    private final Turns turns = new Turns(2, Duration.ofMinutes(5), clock::get, processor::get);
    private final List<Thread> looking = new ArrayList<>();

    @AfterEach
    void nobodyIsLeftWaiting() throws InterruptedException {
        for (Thread each : looking) {
            each.interrupt();
            each.join();
        }
    }

    private void worked(UUID account, double seconds) {
        Turns.Turn turn = turns.begin(account);
        processor.addAndGet((long) (seconds * 1000 * MILLISECOND));
        turn.end();
    }

    private void pass(double milliseconds) {
        clock.addAndGet((long) (milliseconds * MILLISECOND));
    }

    /** Looks when a turn's time has passed. */
    private Thread look(Turns.Turn turn) {
        pass(20);
        Thread thread = new Thread(turn::look);
        looking.add(thread);
        thread.start();
        while (!goesOn(thread) && thread.getState() != Thread.State.TIMED_WAITING) {
            Thread.onSpinWait();
        }
        return thread;
    }

    private static boolean goesOn(Thread thread) {
        return thread.getState() == Thread.State.TERMINATED;
    }

    private static void awaitGoingOn(Thread thread) throws InterruptedException {
        thread.join(Duration.ofMinutes(1).toMillis());
        assertThat(goesOn(thread)).isTrue();
    }

    /** How many of four requests of an account work at once. */
    private int atOnce(UUID account) {
        List<Turns.Turn> four =
                IntStream.range(0, 4).mapToObj(any -> turns.begin(account)).toList();
        return (int) four.stream().map(this::look).filter(TurnsTest::goesOn).count();
    }

    @Test
    void whoeverAsksForLittleNeverWaits() {
        // In 20 ms, when the first of them looks, it is at two seconds.
        worked(ROSA, 2.02);
        assertThat(atOnce(ROSA)).isEqualTo(4);
    }

    @Test
    void whoeverAsksForMuchHasAllCoresWhileNobodyElseWantsThem() throws InterruptedException {
        worked(ROSA, 3);
        Turns.Turn first = turns.begin(ROSA);
        Turns.Turn second = turns.begin(ROSA);
        Turns.Turn third = turns.begin(ROSA);
        assertThat(goesOn(look(first))).isTrue();
        assertThat(goesOn(look(second))).isTrue();
        Thread waiting = look(third);
        assertThat(goesOn(waiting)).isFalse();
        first.end();
        awaitGoingOn(waiting);
    }

    @Test
    void aCoreIsFreeForThoseWhoAskForLittle() throws InterruptedException {
        worked(ROSA, 3);
        Turns.Turn first = turns.begin(ROSA);
        Turns.Turn second = turns.begin(ROSA);
        Turns.Turn light = turns.begin(INES);
        assertThat(goesOn(look(first))).isTrue();
        Thread waiting = look(second);
        assertThat(goesOn(waiting)).isFalse();
        assertThat(goesOn(look(light))).isTrue();
        light.end();
        awaitGoingOn(waiting);
    }

    /** Half a minute of one thing after the other. */
    @Test
    void whoeverAsksForOneThingAfterTheOtherNeverWaits() {
        worked(MOSES, 5);
        turns.begin(MOSES);
        for (int i = 0; i < 300; i++) {
            Turns.Turn preview = turns.begin(ROSA);
            processor.addAndGet(100 * MILLISECOND);
            pass(80);
            assertThat(goesOn(look(preview))).isTrue();
            preview.end();
        }
        assertThat(atOnce(ROSA)).isEqualTo(4);
    }

    @Test
    void turnsGoToOneAccountAfterTheOther() throws InterruptedException {
        worked(ROSA, 5);
        worked(MOSES, 5);
        turns.begin(INES);
        Turns.Turn first = turns.begin(ROSA);
        Turns.Turn second = turns.begin(ROSA);
        Turns.Turn moses = turns.begin(MOSES);
        assertThat(goesOn(look(first))).isTrue();
        Thread longest = look(second);
        Thread other = look(moses);
        Thread last = look(first);
        awaitGoingOn(other);
        moses.end();
        awaitGoingOn(longest);
        assertThat(goesOn(last)).isFalse();
    }

    @Test
    void aCoresWorkIsForgivenAllTheTime() {
        worked(ROSA, 3);
        pass(850);
        assertThat(atOnce(ROSA)).isEqualTo(2);
        worked(MOSES, 3);
        pass(980);
        assertThat(atOnce(MOSES)).isEqualTo(4);
    }

    @Test
    void noMoreThanTenSecondsAreRemembered() {
        worked(ROSA, 3600);
        pass(7850);
        assertThat(atOnce(ROSA)).isEqualTo(2);
        worked(MOSES, 3600);
        pass(7980);
        assertThat(atOnce(MOSES)).isEqualTo(4);
    }

    @Test
    void thePlaceOfASolverThatDoesNotLookGoesToAnother() throws InterruptedException {
        worked(ROSA, 5);
        turns.begin(INES);
        Turns.Turn solver = turns.begin(ROSA);
        Turns.Turn other = turns.begin(ROSA);
        assertThat(goesOn(look(solver))).isTrue();
        Thread waiting = look(other);
        pass(179.999);
        assertThat(goesOn(waiting)).isFalse();
        pass(0.001);
        awaitGoingOn(waiting);
    }

    @Test
    void nobodyWaitsWithinATransaction() {
        worked(ROSA, 5);
        turns.begin(INES);
        look(turns.begin(ROSA));
        Turns.Turn edit = turns.begin(ROSA);
        pass(20);
        TransactionSynchronizationManager.setActualTransactionActive(true);
        try {
            edit.look();
        } finally {
            TransactionSynchronizationManager.clear();
        }
    }

    @Test
    void aTurnLastsTwentyMilliseconds() {
        worked(ROSA, 5);
        turns.begin(INES);
        Turns.Turn first = turns.begin(ROSA);
        assertThat(goesOn(look(first))).isTrue();
        assertThat(goesOn(look(turns.begin(ROSA)))).isFalse();
        pass(-0.001);
        first.look();
        assertThat(goesOn(look(first))).isFalse();
    }

    @Test
    void nobodyWaitsForEver() {
        Turns impatient = new Turns(1, Duration.ofMillis(1), clock::get, processor::get);
        Turns.Turn first = impatient.begin(ROSA);
        Turns.Turn second = impatient.begin(ROSA);
        processor.addAndGet(3000 * MILLISECOND);
        pass(20);
        first.look();
        second.look();
    }

    @Test
    void jobsAreNotCountedAgainstWhoeverAskedForThem() {
        Turns.Turn job = turns.beginJob();
        processor.addAndGet(3000 * MILLISECOND);
        assertThat(goesOn(look(job))).isTrue();
        assertThat(goesOn(look(turns.beginJob()))).isTrue();
        assertThat(goesOn(look(turns.beginJob()))).isFalse();
        assertThat(atOnce(ROSA)).isEqualTo(4);
    }
}
