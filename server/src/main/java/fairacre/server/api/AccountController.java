package fairacre.server.api;

import fairacre.limits.RefusedException;
import fairacre.server.demo.DemoGarden;
import fairacre.server.garden.GardenService;
import fairacre.server.security.Accounts;
import fairacre.server.security.SignIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What somebody may do with their own account; with that of the demo, which everybody shares, nobody may. */
@RestController
@RequestMapping("/api/account")
class AccountController {

    private final Accounts accounts;
    private final GardenService gardens;
    private final SignIn signIn;
    private final DemoGarden demo;

    AccountController(Accounts accounts, GardenService gardens, SignIn signIn, DemoGarden demo) {
        this.accounts = accounts;
        this.gardens = gardens;
        this.signIn = signIn;
        this.demo = demo;
    }

    record PasswordChange(String present, String wanted) {}

    record Deletion(String password) {}

    /** Other devices have to sign in again with the new password. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(Principal principal, @RequestBody PasswordChange change, HttpServletRequest request) {
        UUID account = own(principal);
        accounts.changePassword(
                account, change.present(), change.wanted(), request.getRemoteAddr(), sessionOf(request));
    }

    /** Ends all sessions but the one that asks. */
    @DeleteMapping("/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutElsewhere(Principal principal, HttpServletRequest request) {
        accounts.endOtherSessions(own(principal), sessionOf(request));
    }

    /** Deletes the account and all its gardens for good. */
    @PostMapping("/deletion")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(Principal principal, @RequestBody Deletion deletion, HttpServletRequest request) {
        UUID account = own(principal);
        accounts.delete(account, deletion.password(), request.getRemoteAddr());
        gardens.forgetGone();
        signIn.close(request);
    }

    private UUID own(Principal principal) {
        UUID account = UUID.fromString(principal.getName());
        if (demo.isDemo(account)) {
            throw new RefusedException("", "everybody shares this account", "sign up for one of your own");
        }
        return account;
    }

    private static Optional<String> sessionOf(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false)).map(HttpSession::getId);
    }
}
