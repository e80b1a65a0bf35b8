package fairacre.server.security;

import fairacre.limits.RefusedException;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import fairacre.server.store.AttemptStore;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** Makes accounts, changes their passwords and deletes them. */
@Service
public class Accounts {

    private static final Pattern NAME = Pattern.compile("[^\\s@]{1,64}@[^\\s@]{1,180}");
    private static final Duration HOUR = Duration.ofHours(1);

    private final AccountStore accounts;
    private final AttemptStore attempts;
    private final Passwords passwords;
    private final Guessing guessing;
    private final int mostInAnHour;

    Accounts(
            AccountStore accounts,
            AttemptStore attempts,
            Passwords passwords,
            Guessing guessing,
            @Value("${fairacre.accounts.most-in-an-hour}") int mostInAnHour) {
        this.accounts = accounts;
        this.attempts = attempts;
        this.passwords = passwords;
        this.guessing = guessing;
        this.mostInAnHour = mostInAnHour;
    }

    /**
     * A new account for somebody at an address.
     *
     * @throws RefusedException if the name is not like an e-mail address or taken, or the password is not good enough
     * @throws TooManyAccountsException if too many were wanted from there within an hour
     */
    public Account register(String name, String password, String address) {
        if (attempts.signUps(address, HOUR) >= mostInAnHour) {
            throw new TooManyAccountsException();
        }
        attempts.signUp(address);
        return register(name, password);
    }

    /**
     * A new account.
     *
     * @throws RefusedException as above
     */
    public Account register(String name, String password) {
        String trimmed = name == null ? "" : name.strip();
        if (!NAME.matcher(trimmed).matches()) {
            throw new RefusedException(
                    "name", "this is not a name like an e-mail address", "write it like rosa@example.org");
        }
        Account account = new Account(UUID.randomUUID(), trimmed, passwords.hash(password, trimmed, "password"));
        if (!accounts.insert(account)) {
            throw new RefusedException(
                    "name", "there is an account of this name already", "sign in, or choose another name");
        }
        return account;
    }

    /**
     * Gives an account another password, and ends its other sessions.
     *
     * @param session that goes on
     * @throws RefusedException if the present password is another, or the new one not good enough
     * @throws TooManyAttemptsException if the present one was wrong too often of late
     */
    public void changePassword(UUID id, String present, String wanted, String address, Optional<String> session) {
        Account account = checked(id, present, "present", address);
        accounts.changePassword(id, passwords.hash(wanted, account.name(), "wanted"));
        accounts.endSessions(id, session);
    }

    /** Ends all sessions of an account but one. */
    public void endOtherSessions(UUID id, Optional<String> session) {
        accounts.endSessions(id, session);
    }

    /**
     * Deletes an account with all its gardens; they can't be brought back. What it did in others' gardens stays there.
     *
     * @throws RefusedException if the password is another
     * @throws TooManyAttemptsException if it was wrong too often of late
     */
    public void delete(UUID id, String password, String address) {
        checked(id, password, "password", address);
        accounts.endSessions(id, Optional.empty());
        accounts.delete(id);
    }

    private Account checked(UUID id, String password, String field, String address) {
        Account account = accounts.byId(id).orElseThrow();
        Guessing.Attempt attempt = guessing.begin(account.name(), address);
        if (!passwords.matches(password, account.password())) {
            throw new RefusedException(field, "this is not your password", "try again");
        }
        guessing.succeeded(attempt);
        return account;
    }
}
