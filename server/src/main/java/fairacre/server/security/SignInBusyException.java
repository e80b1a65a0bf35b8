package fairacre.server.security;

/** More passwords are to be looked at than the machine can do in some seconds. */
public final class SignInBusyException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    SignInBusyException() {
        super("too many passwords to look at");
    }
}
