package fairacre.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/** Lists of things that have ids. */
final class Keyed {

    private Keyed() {}

    /** With the value in place of the one that has its id, if there is one. */
    static <T> List<T> put(List<T> all, Function<T, UUID> id, T value) {
        List<T> kept = new ArrayList<>(all);
        kept.removeIf(other -> id.apply(other).equals(id.apply(value)));
        kept.add(value);
        return kept;
    }

    /** @throws RefusedException at the field if there is none with the id */
    static <T> List<T> without(List<T> all, Function<T, UUID> id, UUID gone, String field) {
        known(all, id, gone, field);
        return all.stream().filter(value -> !id.apply(value).equals(gone)).toList();
    }

    /** @throws RefusedException at the field if there is none with the id */
    static <T> T known(List<T> all, Function<T, UUID> id, UUID wanted, String field) {
        T found = find(all, id, wanted);
        if (found == null) {
            throw new RefusedException(field, "there is none " + wanted, "look at the newest plan");
        }
        return found;
    }

    /** Null if there is none with the id. */
    static <T> T find(List<T> all, Function<T, UUID> id, UUID wanted) {
        return all.stream().filter(value -> id.apply(value).equals(wanted)).findFirst().orElse(null);
    }
}
