package fairacre.limits;

/** Work that was given up because it took too long or is wanted no more: no fault of the plan or of the program. */
public final class StoppedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public StoppedException() {
        super("the work was stopped", null, false, false);
    }
}
