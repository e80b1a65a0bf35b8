package fairacre.server.garden;

import fairacre.server.store.LinkStore;
import fairacre.server.store.LinkStore.Link;
import fairacre.server.store.Role;
import fairacre.server.store.Secrets;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A link with which anybody may look at a garden, until it is taken back. */
@Service
public class LinkService {

    private final LinkStore links;
    private final MemberService members;

    LinkService(LinkStore links, MemberService members) {
        this.links = links;
        this.members = members;
    }

    /** Makes a link in the place of the one that was there, and lets out who came by that; its secret. */
    @Transactional
    public String make(UUID garden) {
        links.remove(garden);
        String secret = Secrets.make();
        links.put(garden, Secrets.hash(secret));
        return secret;
    }

    @Transactional
    public void takeBack(UUID garden) {
        links.remove(garden);
    }

    public Optional<Link> of(UUID garden) {
        return links.of(garden);
    }

    /** @throws NoSuchGardenException for a link that was never made, or was taken back */
    public UUID garden(String secret) {
        return links.find(Secrets.hash(secret)).orElseThrow(NoSuchGardenException::new);
    }

    /** Lets somebody look at a garden that they came to by its link. */
    public void letIn(UUID garden, UUID account) {
        if (members.access(account, garden)
                .filter(access -> access.role() == Role.OWNER)
                .isEmpty()) {
            links.letIn(garden, account);
        }
    }
}
