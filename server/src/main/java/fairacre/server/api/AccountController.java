package fairacre.server.api;

import fairacre.server.garden.ExportService;
import fairacre.server.garden.GardenService;
import fairacre.server.security.Accounts;
import fairacre.server.security.SignIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What somebody may do with their own account. */
@RestController
@RequestMapping("/api/account")
class AccountController {

    private final Accounts accounts;
    private final GardenService gardens;
    private final SignIn signIn;
    private final ExportService export;

    AccountController(Accounts accounts, GardenService gardens, SignIn signIn, ExportService export) {
        this.accounts = accounts;
        this.gardens = gardens;
        this.signIn = signIn;
        this.export = export;
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

    /** @param left codes that are not used yet */
    record RecoveryLeft(int left) {}

    /** Codes that are told this once. */
    record NewRecovery(List<String> codes) {}

    record Checked(String password) {}

    @GetMapping("/recovery-codes")
    RecoveryLeft recoveryCodes(Principal principal) {
        return new RecoveryLeft(accounts.recoveryCodesLeft(own(principal)));
    }

    /** New codes with which a forgotten password can be set anew; those that were there don't hold any more. */
    @PostMapping("/recovery-codes")
    @ResponseStatus(HttpStatus.CREATED)
    NewRecovery newRecoveryCodes(Principal principal, @RequestBody Checked checked, HttpServletRequest request) {
        return new NewRecovery(accounts.newRecoveryCodes(own(principal), checked.password(), request.getRemoteAddr()));
    }

    /** Everything that somebody has: a ZIP file with a folder for each garden, with photos and scans. */
    @GetMapping(path = "/export.zip", produces = "application/zip")
    void export(Principal principal, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("fair-acre-gardens.zip")
                        .build()
                        .toString());
        export.write(own(principal), response.getOutputStream());
    }

    private static UUID own(Principal principal) {
        return UUID.fromString(principal.getName());
    }

    private static Optional<String> sessionOf(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false)).map(HttpSession::getId);
    }
}
