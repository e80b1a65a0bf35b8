package fairacre.server.job;

/** Too many jobs of the account are waiting. */
public class TooManyJobsException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
