package fairacre.appraisal;

import java.util.ArrayList;
import java.util.List;

/**
 * A list told by what of an earlier one it keeps: stretches that are copied from it, each followed by elements that are
 * new. Elements are the same if they are equal. An empty list has no stretches; if nothing is kept there is one, which
 * copies nothing.
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

    /** How {@code after} comes from {@code before}: quick where most of it stays in order. */
    public static <T> Rewrite<T> of(List<T> before, List<T> after) {
        List<Stretch<T>> stretches = new ArrayList<>();
        List<T> fresh = new ArrayList<>();
        int from = 0;
        int to = 0;
        for (T element : after) {
            int place = place(before, element, to);
            if (place < 0) {
                fresh.add(element);
            } else if (place == to && fresh.isEmpty()) {
                to++;
            } else {
                addStretch(stretches, from, to, fresh);
                fresh.clear();
                from = place;
                to = place + 1;
            }
        }
        addStretch(stretches, from, to, fresh);
        return new Rewrite<>(stretches);
    }

    private static <T> void addStretch(List<Stretch<T>> stretches, int from, int to, List<T> fresh) {
        if (from < to || !fresh.isEmpty()) {
            stretches.add(new Stretch<>(from, to, fresh));
        }
    }

    /** Where an element stands, looked for from {@code next} on and then from the beginning; negative if nowhere. */
    private static <T> int place(List<T> before, T element, int next) {
        int ahead = before.subList(next, before.size()).indexOf(element);
        return ahead >= 0 ? next + ahead : before.subList(0, next).indexOf(element);
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
