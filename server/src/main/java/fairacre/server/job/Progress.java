package fairacre.server.job;

import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Where a job tells how far it is. It is asked in the loops of the work whether that is to be given up; then the work
 * ends with a {@link fairacre.limits.StoppedException}.
 */
public interface Progress<A> extends BooleanSupplier {

    /**
     * @param revision of the garden that is worked on
     * @param steps how many there are
     */
    void begin(long revision, int steps);

    /** So many steps are done, and this is the best so far. */
    void found(int done, List<A> best);
}
