package fairacre.server.garden;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.limits.RefusedException;
import fairacre.server.store.AccountStore;
import fairacre.server.store.MemberStore;
import fairacre.server.store.MemberStore.Access;
import fairacre.server.store.Role;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sharing gardens, and who may do what with one. */
@Service
public class MemberService {

    private static final int MOST = 30;
    private static final int OWNERS_REMEMBERED = 10_000;

    private final MemberStore members;
    private final AccountStore accounts;
    /** A garden stays its owner's; a share may be taken back at any time, so it is looked up at each request. */
    private final Cache<Asked, Access> owners =
            Caffeine.newBuilder().maximumSize(OWNERS_REMEMBERED).build();

    private record Asked(UUID account, UUID garden) {}

    MemberService(MemberStore members, AccountStore accounts) {
        this.members = members;
        this.accounts = accounts;
    }

    /** Empty if there is no such garden, or it is not shared with the account. */
    public Optional<Access> access(UUID account, UUID garden) {
        Asked asked = new Asked(account, garden);
        Optional<Access> known = Optional.ofNullable(owners.getIfPresent(asked));
        if (known.isPresent()) {
            return known;
        }
        Optional<Access> access = members.access(account, garden);
        access.filter(found -> found.role() == Role.OWNER).ifPresent(found -> owners.put(asked, found));
        return access;
    }

    /**
     * The role in a garden as it is now.
     *
     * @throws NoSuchGardenException if it is there no more, or not shared with the account
     */
    public Role role(UUID account, UUID garden) {
        return members.access(account, garden)
                .orElseThrow(NoSuchGardenException::new)
                .role();
    }

    public List<MemberStore.Member> members(UUID garden) {
        return members.members(garden);
    }

    public List<MemberStore.Shared> shared(UUID account) {
        return members.shared(account);
    }

    /**
     * Shares a garden, or in another role.
     *
     * @throws NoSuchGardenException if the garden is there no more
     * @throws RefusedException if there is no such account, it is the owner's, or too many have part in the garden
     */
    @Transactional
    public void share(UUID owner, UUID garden, String name, Role role) {
        role(owner, garden);
        if (role == null || role == Role.OWNER) {
            throw new RefusedException(
                    "role", "a garden has one owner", "let somebody look, help or edit: READER, HELPER or EDITOR");
        }
        AccountStore.Account account = Optional.ofNullable(name)
                .flatMap(accounts::byName)
                .orElseThrow(() -> new RefusedException(
                        "name", "nobody here signs in as that", "ask them for the name they sign in with"));
        if (account.id().equals(owner)) {
            throw new RefusedException("name", "that is the owner", "give somebody else's name");
        }
        List<MemberStore.Member> now = members.members(garden);
        if (now.size() >= MOST
                && now.stream().noneMatch(member -> member.account().equals(account.id()))) {
            throw new RefusedException("name", MOST + " people have part in it already", "take it back from one first");
        }
        members.put(garden, account.id(), role);
    }

    /** Takes a garden back from somebody; nothing happens if they had no part in it. */
    public void takeBack(UUID garden, UUID account) {
        members.remove(garden, account);
    }
}
