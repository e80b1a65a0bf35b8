package fairacre.shape;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;

/**
 * Remembers what was worked out for a question, so that of a plan that is judged again and again while something is dragged
 * only what the change touches is worked out anew. A question holds everything its answer depends on, and answers are values that
 * nobody alters: with or without a memo the judgement is the same.
 *
 * <p>Keeps the answers that were asked for last, at most so many. May be used by several threads.
 */
public final class Memo {

    /** For one garden: a thousand beds, their outlines grown by a few widths, and who reaches what of them. */
    public static final int USUAL = 20_000;

    private final Map<Object, Object> answers;
    private final int most;

    public Memo(int most) {
        this.most = most;
        this.answers = new LinkedHashMap<>(64, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Object, Object> eldest) {
                return size() > most;
            }
        };
    }

    /** A memo that remembers nothing. */
    public static Memo none() {
        return new Memo(0);
    }

    /** This memo, or one that remembers if this one doesn't: for plans that are tried one after the other. */
    public Memo remembering() {
        return most > 0 ? this : new Memo(USUAL);
    }

    /**
     * @param question of a type of its own for each kind of answer
     * @param work answers it; never null
     */
    @SuppressWarnings("unchecked")
    public <T> T recall(Object question, Supplier<T> work) {
        synchronized (answers) {
            Object known = answers.get(question);
            if (known != null) {
                return (T) known;
            }
        }
        T answer = Objects.requireNonNull(work.get());
        synchronized (answers) {
            answers.put(question, answer);
        }
        return answer;
    }
}
