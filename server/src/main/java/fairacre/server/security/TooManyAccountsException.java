package fairacre.server.security;

/** Too many accounts were made from one address of late. */
public final class TooManyAccountsException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    TooManyAccountsException() {
        super("too many new accounts from one address");
    }
}
