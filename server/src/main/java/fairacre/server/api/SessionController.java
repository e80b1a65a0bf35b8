package fairacre.server.api;

import fairacre.limits.RefusedException;
import fairacre.server.demo.DemoGarden;
import fairacre.server.security.Accounts;
import fairacre.server.security.SignIn;
import fairacre.server.store.AccountStore.Account;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.OffsetDateTime;
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

/** Signing up, in and out, and looking round as a guest. */
@RestController
@RequestMapping("/api")
class SessionController {

    private final SignIn signIn;
    private final Accounts registry;
    private final DemoGarden demo;

    SessionController(SignIn signIn, Accounts registry, DemoGarden demo) {
        this.signIn = signIn;
        this.registry = registry;
        this.demo = demo;
    }

    record Credentials(String name, String password) {}

    /**
     * A code in the place of a password that was forgotten.
     *
     * @param wanted the new password
     */
    record Recovery(String name, String code, String wanted) {}

    /**
     * Who is signed in.
     *
     * @param name empty if nobody is
     * @param guestUntil when what a guest has is let go; empty for somebody who signed up
     * @param demoOffered whether there is a demo garden to look round
     */
    record SessionView(Optional<String> name, Optional<OffsetDateTime> guestUntil, boolean demoOffered) {}

    /** @param garden the demo, of which everybody who looks round has a copy of their own */
    record DemoView(SessionView session, UUID garden) {}

    @GetMapping("/session")
    SessionView session(Principal principal) {
        Optional<Account> account = registry.signedIn(principal);
        return new SessionView(account.map(Account::name), account.flatMap(Account::guestUntil), demo.isOffered());
    }

    /** Signs somebody up; a guest keeps all that they have. */
    @PostMapping("/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView register(
            @RequestBody Credentials credentials,
            Principal principal,
            HttpServletRequest request,
            HttpServletResponse response) {
        String address = request.getRemoteAddr();
        Account account = registry.signedIn(principal)
                .filter(Account::isGuest)
                .map(guest -> registry.keep(guest, credentials.name(), credentials.password(), address))
                .orElseGet(() -> registry.register(credentials.name(), credentials.password(), address));
        return opened(account, request, response);
    }

    @PostMapping("/session")
    SessionView signIn(
            @RequestBody Credentials credentials,
            Principal principal,
            HttpServletRequest request,
            HttpServletResponse response) {
        Account account = signIn.verify(credentials.name(), credentials.password(), request.getRemoteAddr())
                .orElseThrow(() -> new RefusedException(
                        "password", "name and password don't belong together", "try again, or sign up"));
        registry.signedIn(principal).filter(Account::isGuest).ifPresent(guest -> registry.take(guest, account));
        return opened(account, request, response);
    }

    /** Sets another password with a code, and signs in. */
    @PostMapping("/session/recovery")
    SessionView recover(@RequestBody Recovery recovery, HttpServletRequest request, HttpServletResponse response) {
        return opened(
                registry.recover(recovery.name(), recovery.code(), recovery.wanted(), request.getRemoteAddr()),
                request,
                response);
    }

    /** Gives whoever asks a copy of the demo, if they have none; somebody who is not signed in becomes a guest. */
    @PostMapping("/session/demo")
    DemoView lookRound(Principal principal, HttpServletRequest request, HttpServletResponse response) {
        demo.checkOffered();
        Optional<Account> known = registry.signedIn(principal);
        Account account = known.orElseGet(() -> registry.guest(request.getRemoteAddr()));
        UUID garden = demo.of(account.id());
        return new DemoView(known.isPresent() ? view(account) : opened(account, request, response), garden);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        signIn.close(request);
    }

    private SessionView opened(Account account, HttpServletRequest request, HttpServletResponse response) {
        signIn.open(account, request, response);
        return view(account);
    }

    private SessionView view(Account account) {
        return new SessionView(Optional.of(account.name()), account.guestUntil(), demo.isOffered());
    }
}
