package fairacre.server.api;

import java.security.Principal;
import java.util.UUID;

/** Who asks: whoever is signed in goes by the id of their account. */
final class Owner {

    private Owner() {}

    static UUID id(Principal signedIn) {
        return UUID.fromString(signedIn.getName());
    }
}
