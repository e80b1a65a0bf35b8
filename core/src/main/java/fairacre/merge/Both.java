package fairacre.merge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts together what two have made of the same value. */
final class Both {

    private Both() {}

    /**
     * Field by field: what I changed as I have it, all else as they have it.
     *
     * @param base what both began with
     * @throws fairacre.limits.RefusedException if the fields don't go together
     */
    @SuppressWarnings("unchecked")
    static <T> T of(T base, T mine, T theirs) {
        if (mine.equals(base) || mine.equals(theirs)) {
            return theirs;
        }
        if (theirs.equals(base)) {
            return mine;
        }
        if (base instanceof Optional<?> was
                && mine instanceof Optional<?> now
                && theirs instanceof Optional<?> other
                && was.isPresent()
                && now.isPresent()
                && other.isPresent()) {
            return (T) Optional.of(of((Object) was.get(), now.get(), other.get()));
        }
        if (base instanceof List<?> was && mine instanceof List<?> now && theirs instanceof List<?> other) {
            return (T) lists(was, now, other).orElse((List<Object>) now);
        }
        boolean alike = base.getClass() == mine.getClass() && base.getClass() == theirs.getClass();
        if (!alike || !Records.hasFields(base)) {
            return mine;
        }
        return (T) Records.of(
                base.getClass(),
                Records.fields(base.getClass()).stream()
                        .map(field ->
                                of(Records.get(base, field), Records.get(mine, field), Records.get(theirs, field)))
                        .toList());
    }

    /** Empty if their items can't be told apart. */
    private static Optional<List<Object>> lists(List<?> base, List<?> mine, List<?> theirs) {
        Optional<Map<Object, Object>> was = Records.byKey(base);
        Optional<Map<Object, Object>> now = Records.byKey(mine);
        Optional<Map<Object, Object>> other = Records.byKey(theirs);
        if (was.isEmpty() || now.isEmpty() || other.isEmpty()) {
            return Optional.empty();
        }
        Map<Object, Object> merged = new LinkedHashMap<>(other.get());
        was.get().keySet().stream().filter(key -> !now.get().containsKey(key)).forEach(merged::remove);
        now.get().forEach((key, item) -> {
            Object before = was.get().get(key);
            if (before == null || !merged.containsKey(key)) {
                if (!item.equals(before)) {
                    merged.put(key, item);
                }
            } else {
                merged.put(key, of(before, item, merged.get(key)));
            }
        });
        return Optional.of(new ArrayList<>(merged.values()));
    }
}
