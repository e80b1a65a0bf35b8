package fairacre.server.api;

import fairacre.format.FaultyFileException;
import fairacre.limits.RefusedException;
import fairacre.server.demo.DemoGarden;
import fairacre.server.security.Accounts;
import fairacre.server.security.SignIn;
import fairacre.server.store.AccountStore;
import fairacre.server.store.AccountStore.Account;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing up, in and out. */
@RestController
@RequestMapping("/api")
class SessionController {

    private final SignIn signIn;
    private final Accounts registry;
    private final AccountStore accounts;
    private final DemoGarden demo;

    SessionController(SignIn signIn, Accounts registry, AccountStore accounts, DemoGarden demo) {
        this.signIn = signIn;
        this.registry = registry;
        this.accounts = accounts;
        this.demo = demo;
    }

    record Credentials(String name, String password) {}

    /**
     * Who is signed in.
     *
     * @param name empty if nobody is
     * @param demoOffered whether there is a demo garden to look round
     */
    record SessionView(Optional<String> name, boolean demoOffered) {}

    @GetMapping("/session")
    SessionView session(Principal principal) {
        Optional<String> name = Optional.ofNullable(principal)
                .map(p -> UUID.fromString(p.getName()))
                .flatMap(accounts::byId)
                .map(Account::name);
        return new SessionView(name, demo.isOffered());
    }

    @PostMapping("/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView register(
            @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        return opened(
                registry.register(credentials.name(), credentials.password(), request.getRemoteAddr()),
                request,
                response);
    }

    @PostMapping("/session")
    SessionView signIn(@RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        Account account = signIn.verify(credentials.name(), credentials.password(), request.getRemoteAddr())
                .orElseThrow(() -> new RefusedException(
                        "password", "name and password don't belong together", "try again, or sign up"));
        return opened(account, request, response);
    }

    @PostMapping("/session/demo")
    SessionView lookRound(HttpServletRequest request, HttpServletResponse response)
            throws IOException, FaultyFileException {
        return opened(demo.enter(), request, response);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        signIn.close(request);
    }

    private SessionView opened(Account account, HttpServletRequest request, HttpServletResponse response) {
        signIn.open(account, request, response);
        return new SessionView(Optional.of(account.name()), demo.isOffered());
    }
}
