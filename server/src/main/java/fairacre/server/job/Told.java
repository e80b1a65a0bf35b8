package fairacre.server.job;

import fairacre.server.store.JobStore.State;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * How a job stands.
 *
 * @param revision of the garden that is worked on
 * @param done steps of {@code steps}; 0 of 0 before it is known how many there are
 * @param best what was found so far
 * @param fault why it failed
 */
public record Told<A>(UUID job, State state, long revision, int done, int steps, List<A> best, Optional<String> fault) {

    public Told {
        best = List.copyOf(best);
    }
}
