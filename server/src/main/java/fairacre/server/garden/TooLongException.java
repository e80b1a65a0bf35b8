package fairacre.server.garden;

import java.time.Duration;

/** A garden takes longer to judge in full than the server allows. */
public final class TooLongException extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final Duration longest;

    TooLongException(Duration longest) {
        super("the judgement took longer than " + longest);
        this.longest = longest;
    }

    public Duration longest() {
        return longest;
    }
}
