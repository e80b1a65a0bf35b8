package fairacre.limits;

import java.util.function.BooleanSupplier;

/**
 * Whether the work of a thread is to be given up, as whoever asked for it says. Loops that may run long look here, so
 * the work ends within one of their steps. Threads that help with the work don't know of it: they end what they have
 * begun.
 */
public final class Stop {

    private static final ThreadLocal<BooleanSupplier> WANTED = new ThreadLocal<>();

    private Stop() {}

    /** From now on the work of this thread ends as soon as it is wanted; looked at again and again. */
    public static void when(BooleanSupplier wanted) {
        WANTED.set(wanted);
    }

    /** What this thread works on next is not given up. */
    public static void never() {
        WANTED.remove();
    }

    /** @throws StoppedException if the work of this thread is to be given up */
    public static void look() {
        BooleanSupplier wanted = WANTED.get();
        if (wanted != null && wanted.getAsBoolean()) {
            throw new StoppedException();
        }
    }
}
