package fairacre.build;

import java.util.List;

/**
 * One of several kinds to choose from, of which a gardener can add some. Kinds of one sort are the same if their keys
 * are.
 */
public abstract class Kind<K extends Kind<K>> implements Comparable<K> {

    private final String key;
    private final String label;

    protected Kind(String key, String label) {
        this.key = key;
        this.label = label;
    }

    /** Those that every garden knows, in their order. */
    protected abstract List<K> known();

    /** Stable, in files. */
    public final String key() {
        return key;
    }

    /** What the gardener reads. */
    public final String label() {
        return label;
    }

    /** Added by a gardener. */
    public final boolean own() {
        return OwnKey.is(key);
    }

    private int rank() {
        int place = known().indexOf(this);
        return place < 0 ? known().size() : place;
    }

    /** Those that every garden knows come first, in their order. */
    @Override
    public final int compareTo(K other) {
        Kind<K> that = other;
        int byRank = Integer.compare(rank(), that.rank());
        return byRank != 0 ? byRank : key.compareTo(that.key);
    }

    @Override
    public final boolean equals(Object other) {
        return this == other || other instanceof Kind<?> that && getClass() == that.getClass() && key.equals(that.key);
    }

    @Override
    public final int hashCode() {
        return key.hashCode();
    }

    @Override
    public final String toString() {
        return key;
    }
}
