package fairacre.server.security;

import com.nulabinc.zxcvbn.Zxcvbn;
import fairacre.limits.RefusedException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Passwords and their hashes. A hash takes a tenth of a second of a core, so only some are worked out at once; whoever
 * waits for theirs holds no connection to the database.
 */
@Component
class Passwords {

    private static final int SHORTEST = 10;
    /** bcrypt looks at no more. */
    private static final int LONGEST_BYTES = 72;
    /** So many guesses, as a power of ten: the third of zxcvbn's four steps, "safely unguessable". */
    private static final double LEAST_GUESSES = 8;

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final PasswordEncoder encoder;
    private final Semaphore turns =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() - 1), true);
    private final Zxcvbn strength = new Zxcvbn();
    private final String nobodys;

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
        this.nobodys = encoder.encode("nobody's password");
    }

    /**
     * The hash of a new password.
     *
     * @param name of its account
     * @param field at which it was written
     * @throws RefusedException if it is too short, too long, common, or like the name
     * @throws SignInBusyException if too many passwords are looked at just now
     */
    String hash(String password, String name, String field) {
        check(password, name, field);
        return inTurn(() -> encoder.encode(password));
    }

    /**
     * Whether it is the password of this hash.
     *
     * @throws SignInBusyException if too many passwords are looked at just now
     */
    boolean matches(String password, String hash) {
        return inTurn(() -> password != null && fits(password) && encoder.matches(password, hash));
    }

    /** Takes as long as if there were an account: names can't be found out by the clock. */
    void matchNobodys(String password) {
        matches(password, nobodys);
    }

    private <T> T inTurn(Supplier<T> work) {
        try {
            if (!turns.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new SignInBusyException();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new SignInBusyException();
        }
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }

    private void check(String password, String name, String field) {
        if (password == null || password.codePointCount(0, password.length()) < SHORTEST) {
            throw new RefusedException(
                    field,
                    "the password is too short",
                    "take at least " + SHORTEST + " characters; a few words are easy to keep in mind");
        }
        if (!fits(password)) {
            throw new RefusedException(field, "the password is too long", "take at most 72 letters");
        }
        if (strength.measure(password, partsOf(name)).getGuessesLog10() < LEAST_GUESSES) {
            throw new RefusedException(
                    field,
                    "the password is easy to guess: it is common, or like the name",
                    "take a few words that have nothing to do with each other");
        }
    }

    /** What somebody who knows the name would try first. */
    private static List<String> partsOf(String name) {
        return Stream.concat(Stream.of(name, "fairacre", "fair acre"), Stream.of(name.split("[@._+-]")))
                .filter(part -> !part.isBlank())
                .toList();
    }

    private static boolean fits(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_BYTES;
    }
}
