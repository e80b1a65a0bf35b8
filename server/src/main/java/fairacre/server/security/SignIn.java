package fairacre.server.security;

import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Service;

/** Opens and closes accounts' sessions. */
@Service
public class SignIn {

    /** No name is longer. */
    private static final int LONGEST_NAME = 254;

    private final AccountStore accounts;
    private final Passwords passwords;
    private final Guessing guessing;
    private final SecurityContextRepository contexts;

    SignIn(AccountStore accounts, Passwords passwords, Guessing guessing, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.guessing = guessing;
        this.contexts = contexts;
    }

    /**
     * The account of this name and password; empty if there is none or the password is another. The failed attempt is
     * counted.
     *
     * @throws TooManyAttemptsException if it comes too soon after others that failed
     * @throws SignInBusyException if too many passwords are looked at just now
     */
    public Optional<Account> verify(String name, String password, String address) {
        String given = name == null ? "" : name.strip();
        String shortened = given.length() > LONGEST_NAME ? given.substring(0, LONGEST_NAME) : given;
        Guessing.Attempt attempt = guessing.begin(shortened, address);
        Optional<Account> account = accounts.byName(shortened);
        if (account.isEmpty()) {
            passwords.matchNobodys(password);
            return Optional.empty();
        }
        Optional<Account> right = account.filter(found -> passwords.matches(password, found.password()));
        right.ifPresent(found -> guessing.succeeded(attempt));
        return right;
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
}
