package fairacre.server.security;

import fairacre.server.store.AttemptStore;
import fairacre.server.store.AttemptStore.Tally;
import java.time.Duration;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * Makes guessing of passwords slow without keeping an owner out: after some failures of a name from an address each
 * further attempt from there has to wait twice as long as the last. From another address the owner gets in meanwhile;
 * only when a name is tried from everywhere at once there is a short wait for everybody.
 */
@Component
class Guessing {

    private static final Duration WINDOW = Duration.ofMinutes(15);
    /** So many failures of a name from an address cost nothing. */
    private static final int FREE = 5;

    private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
    private static final int MOST_DOUBLINGS = 7;
    private static final int MOST_FROM_AN_ADDRESS = 50;
    private static final int MOST_OF_A_NAME = 100;
    private static final Duration WAIT_OF_A_NAME = Duration.ofSeconds(2);

    private final AttemptStore attempts;

    Guessing(AttemptStore attempts) {
        this.attempts = attempts;
    }

    /** An attempt that is under way, and counted already. */
    record Attempt(long id, String name, String address) {}

    /**
     * Counts an attempt before its password is looked at.
     *
     * @throws TooManyAttemptsException if it comes too soon after others that failed; then it is not counted
     */
    Attempt begin(String name, String address) {
        String folded = name.toLowerCase(Locale.ROOT);
        Attempt attempt = new Attempt(attempts.begin(folded, address), folded, address);
        Duration wait = wait(attempt);
        if (wait.compareTo(Duration.ZERO) > 0) {
            attempts.forget(attempt.id());
            throw new TooManyAttemptsException(wait);
        }
        return attempt;
    }

    /** The password was right: it was no guess, nor were those before. */
    void succeeded(Attempt attempt) {
        attempts.forget(attempt.name(), attempt.address());
    }

    private Duration wait(Attempt attempt) {
        Tally here = attempts.ofNameFrom(attempt.name(), attempt.address(), attempt.id(), WINDOW);
        if (here.count() >= FREE) {
            return left(waitAfter(here.count()), here);
        }
        Tally address = attempts.from(attempt.address(), attempt.id(), WINDOW);
        if (address.count() >= MOST_FROM_AN_ADDRESS) {
            return left(WINDOW, address);
        }
        Tally everywhere = attempts.ofName(attempt.name(), attempt.id(), WINDOW);
        return everywhere.count() >= MOST_OF_A_NAME ? left(WAIT_OF_A_NAME, everywhere) : Duration.ZERO;
    }

    private static Duration left(Duration wait, Tally tally) {
        return wait.minus(tally.newest().orElse(wait));
    }

    /** How long an attempt has to wait since the last, after so many failures of its name from its address. */
    static Duration waitAfter(int failures) {
        return failures < FREE
                ? Duration.ZERO
                : FIRST_WAIT.multipliedBy(1L << Math.min(failures - FREE, MOST_DOUBLINGS));
    }
}
