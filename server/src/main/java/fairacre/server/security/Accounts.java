package fairacre.server.security;

import fairacre.limits.RefusedException;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import fairacre.server.store.AttemptStore;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts, changes their passwords and deletes them. */
@Service
public class Accounts {

    private static final Pattern NAME = Pattern.compile("[^\\s@]{1,64}@[^\\s@]{1,180}");
    private static final Duration HOUR = Duration.ofHours(1);
    private static final Duration GUESTS_STAY = Duration.ofDays(14);
    /** No hash of any password. */
    private static final String NO_PASSWORD = "-";

    private final AccountStore accounts;
    private final AttemptStore attempts;
    private final Passwords passwords;
    private final Guessing guessing;
    private final RecoveryCodes recovery;
    private final Clock clock;
    private final int mostInAnHour;
    private final int mostGuestsInAnHour;
    private final int mostGuests;

    /**
     * @param mostInAnHour so many accounts are made from an address
     * @param mostGuestsInAnHour so many guests come from an address
     * @param mostGuests so many guests there are at a time
     */
    Accounts(
            AccountStore accounts,
            AttemptStore attempts,
            Passwords passwords,
            Guessing guessing,
            RecoveryCodes recovery,
            Clock clock,
            @Value("${fairacre.accounts.most-in-an-hour}") int mostInAnHour,
            @Value("${fairacre.guests.most-in-an-hour}") int mostGuestsInAnHour,
            @Value("${fairacre.guests.most}") int mostGuests) {
        this.accounts = accounts;
        this.attempts = attempts;
        this.passwords = passwords;
        this.guessing = guessing;
        this.recovery = recovery;
        this.clock = clock;
        this.mostInAnHour = mostInAnHour;
        this.mostGuestsInAnHour = mostGuestsInAnHour;
        this.mostGuests = mostGuests;
    }

    /** The account of whoever is signed in; empty for somebody who is not, and for a guest whose time is over. */
    public Optional<Account> signedIn(Principal principal) {
        return Optional.ofNullable(principal)
                .map(Principal::getName)
                .map(UUID::fromString)
                .flatMap(accounts::byId);
    }

    /**
     * An account without a password for somebody at an address who only looks round; it is let go after a while.
     *
     * @throws TooManyAccountsException if too many came from there within an hour, or there are too many
     */
    public Account guest(String address) {
        if (attempts.signUps(address, true, HOUR) >= mostGuestsInAnHour || accounts.guests() >= mostGuests) {
            throw new TooManyAccountsException(true);
        }
        attempts.signUp(address, true);
        UUID id = UUID.randomUUID();
        Account guest = new Account(
                id,
                "Guest " + id,
                NO_PASSWORD,
                Optional.of(OffsetDateTime.now(clock).plus(GUESTS_STAY)));
        accounts.insert(guest);
        return guest;
    }

    /**
     * A new account for somebody at an address.
     *
     * @throws RefusedException if the name is not like an e-mail address or taken, or the password is not good enough
     * @throws TooManyAccountsException if too many were wanted from there within an hour
     */
    public Account register(String name, String password, String address) {
        countSignUp(address);
        String trimmed = checkedName(name);
        Account account = new Account(
                UUID.randomUUID(), trimmed, passwords.hash(password, trimmed, "password"), Optional.empty());
        if (!accounts.insert(account)) {
            throw taken();
        }
        return account;
    }

    private void countSignUp(String address) {
        if (attempts.signUps(address, false, HOUR) >= mostInAnHour) {
            throw new TooManyAccountsException(false);
        }
        attempts.signUp(address, false);
    }

    /**
     * Makes somebody of a guest, who keeps all that they have.
     *
     * @throws RefusedException as for a new account
     * @throws TooManyAccountsException likewise
     */
    public Account keep(Account guest, String name, String password, String address) {
        countSignUp(address);
        String trimmed = checkedName(name);
        Account kept =
                new Account(guest.id(), trimmed, passwords.hash(password, trimmed, "password"), Optional.empty());
        if (!accounts.keep(guest.id(), trimmed, kept.password())) {
            throw taken();
        }
        return kept;
    }

    private static String checkedName(String name) {
        String trimmed = name == null ? "" : name.strip();
        if (!NAME.matcher(trimmed).matches()) {
            throw new RefusedException(
                    "name", "this is not a name like an e-mail address", "write it like rosa@example.org");
        }
        return trimmed;
    }

    private static RefusedException taken() {
        return new RefusedException(
                "name", "there is an account of this name already", "sign in, or choose another name");
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

    /**
     * New codes with which a forgotten password can be set anew, in the place of those that were there.
     *
     * @throws RefusedException if the password is another
     * @throws TooManyAttemptsException if it was wrong too often of late
     */
    public List<String> newRecoveryCodes(UUID id, String password, String address) {
        checked(id, password, "password", address);
        return recovery.make(id);
    }

    /** How many of them are not used yet. */
    public int recoveryCodesLeft(UUID id) {
        return recovery.left(id);
    }

    /** Gives somebody who signs in what they made as a guest, and lets the guest go. */
    @Transactional
    public void take(Account guest, Account account) {
        accounts.giveGardens(guest.id(), account.id());
        accounts.endSessions(guest.id(), Optional.empty());
        accounts.delete(guest.id());
    }

    /**
     * Sets another password with a code in the place of the one that was forgotten, and ends all sessions. The code is
     * used up.
     *
     * @throws RefusedException if name and code don't belong together, or the new password is not good enough
     * @throws TooManyAttemptsException if it comes too soon after others that failed
     */
    public Account recover(String name, String code, String wanted, String address) {
        String given = Optional.ofNullable(name).map(String::strip).orElse("");
        Guessing.Attempt attempt = guessing.begin(given, address);
        Account account = accounts.byName(given)
                .filter(found -> recovery.isOne(found.id(), code))
                .orElseThrow(() -> new RefusedException(
                        "code",
                        "name and code don't belong together, or the code was used already",
                        "try another of your codes, or ask whoever runs the program for one"));
        String hash = passwords.hash(wanted, account.name(), "wanted");
        if (!recovery.useUp(account.id(), code)) {
            throw new RefusedException("code", "the code was used already", "try another of your codes");
        }
        accounts.changePassword(account.id(), hash);
        accounts.endSessions(account.id(), Optional.empty());
        guessing.succeeded(attempt);
        return account;
    }

    /** Ends all sessions of an account but one. */
    public void endOtherSessions(UUID id, Optional<String> session) {
        accounts.endSessions(id, session);
    }

    /**
     * Deletes an account with all its gardens; they can't be brought back. What it did in others' gardens stays there.
     *
     * @param password not asked of a guest, who has none
     * @throws RefusedException if the password is another
     * @throws TooManyAttemptsException if it was wrong too often of late
     */
    public void delete(UUID id, String password, String address) {
        if (!accounts.byId(id).orElseThrow().isGuest()) {
            checked(id, password, "password", address);
        }
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
