package fairacre.server.api;

import fairacre.server.store.Role;

/** Somebody's role in a garden is not enough for what they ask. */
final class NotAllowedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final Role role;

    NotAllowedException(Role role) {
        super("a " + role + " may not");
        this.role = role;
    }

    Role role() {
        return role;
    }
}
