package fairacre.server.security;

import fairacre.limits.RefusedException;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens and closes accounts' sessions. */
@Service
public class SignIn {

    private static final Pattern NAME = Pattern.compile("[^\\s@]{1,64}@[^\\s@]{1,180}");
    private static final int SHORTEST_PASSWORD = 10;
    /** bcrypt looks at no more. */
    private static final int LONGEST_PASSWORD_BYTES = 72;

    private static final Duration WINDOW = Duration.ofMinutes(15);
    private static final int MOST_FAILURES_OF_A_NAME = 5;
    private static final int MOST_FAILURES_OF_AN_ADDRESS = 50;

    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SecurityContextRepository contexts;
    private final String nobodysPassword;

    SignIn(AccountStore accounts, PasswordEncoder passwords, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.contexts = contexts;
        this.nobodysPassword = passwords.encode("nobody's password");
    }

    /**
     * A new account.
     *
     * @throws RefusedException if the name is not like an e-mail address or taken, or the password too short or too
     *     long
     */
    public Account register(String name, String password) {
        String trimmed = name == null ? "" : name.strip();
        if (!NAME.matcher(trimmed).matches()) {
            throw new RefusedException(
                    "name", "this is not a name like an e-mail address", "write it like rosa@example.org");
        }
        checkPassword(password);
        Account account = new Account(UUID.randomUUID(), trimmed, passwords.encode(password));
        if (!accounts.insert(account)) {
            throw new RefusedException(
                    "name", "there is an account of this name already", "sign in, or choose another name");
        }
        return account;
    }

    /**
     * The account of this name and password; empty if there is none or the password is another. The failed attempt is
     * counted.
     *
     * @throws TooManyAttemptsException if too many attempts have failed of late
     */
    @Transactional
    public Optional<Account> verify(String name, String password, String address) {
        String given = name == null ? "" : name.strip();
        String shortened = given.length() > 254 ? given.substring(0, 254) : given;
        if (accounts.failuresOfName(shortened, WINDOW) >= MOST_FAILURES_OF_A_NAME
                || accounts.failuresFrom(address, WINDOW) >= MOST_FAILURES_OF_AN_ADDRESS) {
            throw new TooManyAttemptsException(WINDOW);
        }
        Optional<Account> account = accounts.byName(shortened);
        // An unknown name takes as long as a wrong password, so that names can't be found out by the clock.
        String hash = account.map(Account::password).orElse(nobodysPassword);
        boolean right = fits(password) && passwords.matches(password, hash) && account.isPresent();
        if (!right) {
            accounts.noteFailure(shortened, address);
            return Optional.empty();
        }
        accounts.forgetFailures(shortened);
        return account;
    }

    /** Opens a session under a new id. */
    public void open(Account account, HttpServletRequest request, HttpServletResponse response) {
        HttpSession old = request.getSession(false);
        if (old != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(account.id().toString(), null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    public void close(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    private static boolean fits(String password) {
        return password != null && password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_PASSWORD_BYTES;
    }

    private static void checkPassword(String password) {
        if (password == null || password.codePointCount(0, password.length()) < SHORTEST_PASSWORD) {
            throw new RefusedException(
                    "password",
                    "the password is too short",
                    "take at least " + SHORTEST_PASSWORD + " characters; a few words are easy to keep in mind");
        }
        if (!fits(password)) {
            throw new RefusedException("password", "the password is too long", "take at most 72 letters");
        }
    }
}
