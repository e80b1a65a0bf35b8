package fairacre.server.api;

import fairacre.server.garden.MemberService;
import fairacre.server.store.MemberStore;
import fairacre.server.store.Role;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whom a garden is shared with. */
@RestController
@RequestMapping("/api")
class MemberController {

    private final MemberService members;

    MemberController(MemberService members) {
        this.members = members;
    }

    /**
     * Who has part in a garden besides its owner.
     *
     * @param role of whoever asks
     */
    record Members(Role role, List<MemberStore.Member> members) {}

    /**
     * Somebody to share a garden with.
     *
     * @param name with which they sign in
     */
    record NewMember(String name, Role role) {}

    /** The gardens that others share with whoever asks. */
    @GetMapping("/shared")
    List<MemberStore.Shared> shared(Owner owner) {
        return members.shared(owner.account());
    }

    @GetMapping("/gardens/{garden}/members")
    Members members(Owner owner, @PathVariable UUID garden) {
        return of(owner, garden);
    }

    /** Shares the garden with somebody, or in another role. */
    @PutMapping("/gardens/{garden}/members")
    Members share(Owner owner, @PathVariable UUID garden, @RequestBody NewMember member) {
        members.share(owner.id(), garden, member.name(), member.role());
        return of(owner, garden);
    }

    /** Takes the garden back from somebody; anybody may take themselves out. */
    @DeleteMapping("/gardens/{garden}/members/{account}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.READER)
    void takeBack(Owner owner, @PathVariable UUID garden, @PathVariable UUID account) {
        Role role = members.role(owner.account(), garden);
        if (role != Role.OWNER && !owner.account().equals(account)) {
            throw new NotAllowedException(role);
        }
        members.takeBack(garden, account);
    }

    private Members of(Owner owner, UUID garden) {
        return new Members(members.role(owner.account(), garden), members.members(garden));
    }
}
