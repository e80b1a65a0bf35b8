package fairacre.server.job;

/** There is no such job, or somebody else asked for it. */
public class NoSuchJobException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
