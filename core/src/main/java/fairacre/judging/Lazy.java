package fairacre.judging;

import java.util.function.Supplier;

/** A value computed at the first call and kept. Calling from several threads is safe. */
public final class Lazy<T> implements Supplier<T> {

    private Supplier<T> work;
    private T value;

    public Lazy(Supplier<T> work) {
        this.work = work;
    }

    @Override
    public synchronized T get() {
        if (work != null) {
            value = work.get();
            work = null;
        }
        return value;
    }
}
