package fairacre.server.security;

/** Too many accounts were made from one address of late, or too many guests came. */
public final class TooManyAccountsException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final boolean guests;

    TooManyAccountsException(boolean guests) {
        super("too many new accounts from one address");
        this.guests = guests;
    }

    /** Whether it is guests that are too many. */
    public boolean isOfGuests() {
        return guests;
    }
}
