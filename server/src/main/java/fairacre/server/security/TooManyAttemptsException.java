package fairacre.server.security;

import java.time.Duration;

/** Signing in has failed too often of late. */
public final class TooManyAttemptsException extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient Duration retryAfter;

    TooManyAttemptsException(Duration retryAfter) {
        super("too many failed attempts to sign in");
        this.retryAfter = retryAfter;
    }

    public Duration retryAfter() {
        return retryAfter;
    }
}
