package fairacre.plan;

import fairacre.limits.RefusedException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The things of a plan, a list for each kind, in order of id. */
public final class ThingLists {

    public static final ThingLists NONE = new ThingLists(Map.of());

    /** A kind of which there is nothing is left out. */
    private final Map<Things<?>, List<?>> lists;

    private ThingLists(Map<Things<?>, List<?>> lists) {
        this.lists = Map.copyOf(lists);
    }

    /** The things of a kind, as a plan keeps them. */
    @SuppressWarnings("unchecked")
    public <T> List<T> of(Things<T> kind) {
        return (List<T>) lists.getOrDefault(kind, List.of());
    }

    /**
     * The same but for the things of one kind.
     *
     * @throws RefusedException if there are too many of them, or two with one id
     */
    public <T> ThingLists with(Things<T> kind, List<? extends T> things) {
        Map<Things<?>, List<?>> more = new HashMap<>(lists);
        if (things.isEmpty()) {
            more.remove(kind);
        } else {
            more.put(kind, kind.kept(things));
        }
        return new ThingLists(more);
    }

    /** @param things of that kind, which is not known here */
    public <T> ThingLists withAll(Things<T> kind, List<?> things) {
        return with(kind, things.stream().map(kind.type()::cast).toList());
    }

    void check(Things.Terms terms) {
        Things.all().forEach(kind -> check(kind, terms));
    }

    private <T> void check(Things<T> kind, Things.Terms terms) {
        List<T> things = of(kind);
        for (int i = 0; i < things.size(); i++) {
            kind.check(terms, things.get(i), kind.field() + "/" + i);
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ThingLists that && lists.equals(that.lists);
    }

    @Override
    public int hashCode() {
        return Objects.hash(lists);
    }

    @Override
    public String toString() {
        return lists.toString();
    }
}
