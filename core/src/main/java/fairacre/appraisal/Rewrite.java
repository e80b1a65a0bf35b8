package fairacre.appraisal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A list told by what of an earlier one it keeps: stretches that are copied from it, each followed by elements that are new.
 * Elements are the same if they are equal. An empty list has no stretches; if nothing is kept there is one, which copies nothing.
 */
public record Rewrite<T>(List<Stretch<T>> stretches) {

    /**
     * @param from index in the earlier list of the first element that is copied
     * @param to the index after the last; the same as {@code from} to copy nothing
     * @param fresh what comes after them
     */
    public record Stretch<T>(int from, int to, List<T> fresh) {
        public Stretch {
            fresh = List.copyOf(fresh);
        }
    }

    public Rewrite {
        stretches = List.copyOf(stretches);
    }

    /** How {@code after} comes from {@code before}. */
    public static <T> Rewrite<T> of(List<T> before, List<T> after) {
        Map<T, Integer> places = new HashMap<>();
        for (int i = 0; i < before.size(); i++) {
            places.put(before.get(i), i);
        }
        List<Stretch<T>> stretches = new ArrayList<>();
        int next = 0;
        while (next < after.size()) {
            int from = places.getOrDefault(after.get(next), 0);
            int to = from;
            while (next < after.size() && to < before.size() && after.get(next).equals(before.get(to))) {
                to++;
                next++;
            }
            int firstFresh = next;
            while (next < after.size() && !places.containsKey(after.get(next))) {
                next++;
            }
            stretches.add(new Stretch<>(from, to, after.subList(firstFresh, next)));
        }
        return new Rewrite<>(stretches);
    }

    /** The later list. */
    public List<T> appliedTo(List<T> before) {
        List<T> after = new ArrayList<>();
        for (Stretch<T> stretch : stretches) {
            after.addAll(before.subList(stretch.from(), stretch.to()));
            after.addAll(stretch.fresh());
        }
        return after;
    }
}
