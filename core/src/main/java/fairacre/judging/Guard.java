package fairacre.judging;

import fairacre.limits.StoppedException;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Supplier;

/**
 * Works parts of a judgement out so that one that fails costs only what it would have told. Several threads may use it.
 */
public final class Guard {

    private final Queue<Failure> failures = new ConcurrentLinkedQueue<>();

    /**
     * @param part what is being judged, as in "the walks"
     * @param otherwise the answer if the work fails
     * @throws StoppedException if the whole judgement is given up
     */
    public <T> T orElse(String part, Supplier<T> work, Supplier<T> otherwise) {
        try {
            return work.get();
        } catch (StoppedException stopped) {
            throw stopped;
        } catch (RuntimeException fault) {
            failures.add(new Failure(part, fault));
            return otherwise.get();
        }
    }

    /** What has failed so far. */
    public List<Failure> failures() {
        return List.copyOf(failures);
    }
}
