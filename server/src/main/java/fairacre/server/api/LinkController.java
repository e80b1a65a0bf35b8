package fairacre.server.api;

import fairacre.server.garden.LinkService;
import fairacre.server.security.Accounts;
import fairacre.server.security.SignIn;
import fairacre.server.store.AccountStore.Account;
import fairacre.server.store.LinkStore.Link;
import fairacre.server.store.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A link with which anybody may look at a garden. */
@RestController
@RequestMapping("/api")
class LinkController {

    private final LinkService links;
    private final Accounts accounts;
    private final SignIn signIn;

    LinkController(LinkService links, Accounts accounts, SignIn signIn) {
        this.links = links;
        this.accounts = accounts;
        this.signIn = signIn;
    }

    /** @param link empty if there is none */
    record GardenLink(Optional<Link> link) {}

    /** @param path of the page to which it leads; told this once */
    record NewLink(String path) {}

    /** @param garden to which a link leads */
    record Followed(UUID garden) {}

    @GetMapping("/gardens/{garden}/link")
    @Needs(Role.OWNER)
    GardenLink link(@PathVariable UUID garden) {
        return new GardenLink(links.of(garden));
    }

    /** Makes one; the one that was there leads nowhere any more. */
    @PostMapping("/gardens/{garden}/link")
    @ResponseStatus(HttpStatus.CREATED)
    @Needs(Role.OWNER)
    NewLink make(@PathVariable UUID garden) {
        return new NewLink("/look/" + links.make(garden));
    }

    /** Who came by it is let out. */
    @DeleteMapping("/gardens/{garden}/link")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.OWNER)
    void takeBack(@PathVariable UUID garden) {
        links.takeBack(garden);
    }

    /** Lets whoever asks look at the garden; somebody who is not signed in becomes a guest. */
    @PostMapping("/links/{secret}")
    Followed follow(
            @PathVariable String secret,
            Principal principal,
            HttpServletRequest request,
            HttpServletResponse response) {
        UUID garden = links.garden(secret);
        Account account = accounts.signedIn(principal).orElseGet(() -> {
            Account guest = accounts.guest(request.getRemoteAddr());
            signIn.open(guest, request, response);
            return guest;
        });
        links.letIn(garden, account.id());
        return new Followed(garden);
    }
}
