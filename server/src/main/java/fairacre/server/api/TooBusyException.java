package fairacre.server.api;

/** An account has more under way than its share, and more waiting than is kept. */
final class TooBusyException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    TooBusyException() {
        super("too many requests of one account at once");
    }
}
