package fairacre.server.job;

import java.util.UUID;

/**
 * A kind of work that takes long.
 *
 * @param <Q> what is asked
 * @param <A> what is found, one or several of it
 */
public interface Solve<Q, A> {

    /** A stable code, kept with each job. */
    String kind();

    Class<Q> question();

    Class<A> answer();

    /**
     * Does the work. It may be done again from the beginning, if the program stops meanwhile.
     *
     * @param owner whose garden it is
     */
    void run(UUID owner, UUID garden, Q question, Progress<A> progress);
}
