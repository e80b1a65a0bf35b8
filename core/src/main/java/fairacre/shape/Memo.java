package fairacre.shape;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.limits.Stop;
import fairacre.limits.StoppedException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Remembers what was worked out for a question, so that of a plan that is judged again and again while something is
 * dragged only what the change touches is worked out anew. A question holds everything its answer depends on, and
 * answers are values that nobody alters: with or without a memo the judgement is the same.
 *
 * <p>Keeps at most so many answers: those that are asked for often and of late. May be used by several threads at once.
 */
public final class Memo {

    /** For one garden: a thousand beds, their outlines grown by a few widths, and who reaches what of them. */
    public static final int USUAL = 20_000;

    private static final int INITIAL = 1024;

    private final Cache<Object, Object> answers;
    private final int most;
    private final BooleanSupplier stop;

    public Memo(int most) {
        // What is forgotten is settled by whoever asks, not by a thread of its own.
        this(
                most,
                Caffeine.newBuilder()
                        .maximumSize(most)
                        .initialCapacity(Math.min(most, INITIAL))
                        .executor(Runnable::run)
                        .build(),
                () -> false);
    }

    private Memo(int most, Cache<Object, Object> answers, BooleanSupplier stop) {
        this.most = most;
        this.answers = answers;
        this.stop = stop;
    }

    /** A memo that remembers nothing. */
    public static Memo none() {
        return new Memo(0);
    }

    /**
     * The same answers for work that may have to be given up: a deadline, or somebody who doesn't want it any more.
     * Every study asks a memo in its loops, so the work ends within one of their steps.
     *
     * @param stopped asked before each answer that has to be worked out
     */
    public Memo until(BooleanSupplier stopped) {
        return new Memo(most, answers, stopped);
    }

    /** This memo, or one that remembers if this one doesn't: for plans that are tried one after the other. */
    public Memo remembering() {
        return most > 0 ? this : new Memo(USUAL).until(stop);
    }

    /**
     * For the loops of work whose answers are not remembered.
     *
     * @throws StoppedException if it is to be given up
     */
    public void goOn() {
        if (stop.getAsBoolean()) {
            throw new StoppedException();
        }
        Stop.look();
    }

    /**
     * @param question of a type of its own for each kind of answer
     * @param work answers it; never null
     * @throws StoppedException if the answer isn't known and the work is to be given up
     */
    @SuppressWarnings("unchecked")
    public <T> T recall(Object question, Supplier<T> work) {
        Object known = most == 0 ? null : answers.getIfPresent(question);
        if (known != null) {
            return (T) known;
        }
        goOn();
        if (most == 0) {
            return work.get();
        }
        T answer = work.get();
        answers.put(question, answer);
        return answer;
    }

    /**
     * The same for several questions; those whose answers are not known are worked on together.
     *
     * @param work answers each of some questions, in their order
     * @throws StoppedException if an answer isn't known and the work is to be given up
     */
    @SuppressWarnings("unchecked")
    public <Q, T> List<T> recallAll(List<Q> questions, Function<List<Q>, List<T>> work) {
        Map<Q, T> known = new HashMap<>();
        for (Q question : questions) {
            Object answer = most == 0 ? null : answers.getIfPresent(question);
            if (answer != null) {
                known.put(question, (T) answer);
            }
        }
        List<Q> unknown = questions.stream()
                .filter(question -> !known.containsKey(question))
                .distinct()
                .toList();
        if (!unknown.isEmpty()) {
            goOn();
            List<T> found = work.apply(unknown);
            for (int i = 0; i < unknown.size(); i++) {
                known.put(unknown.get(i), found.get(i));
                if (most > 0) {
                    answers.put(unknown.get(i), found.get(i));
                }
            }
        }
        return questions.stream().map(known::get).toList();
    }
}
