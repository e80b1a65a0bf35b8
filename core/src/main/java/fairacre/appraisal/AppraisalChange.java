package fairacre.appraisal;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What an edit makes different in an appraisal: small where a whole appraisal is large, since an edit leaves most of it
 * as it was. What is not named stays.
 *
 * @param values of parts of {@link AppraisalReport} that are no lists, by their names
 * @param lists how parts that are lists are rewritten, by their names
 * @param gone parts that are empty now
 */
public record AppraisalChange(Map<String, Object> values, Map<String, Rewrite<?>> lists, List<String> gone) {

    public AppraisalChange {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
        lists = Collections.unmodifiableMap(new TreeMap<>(lists));
        gone = List.copyOf(gone);
    }

    public static AppraisalChange of(AppraisalReport before, AppraisalReport after) {
        Map<String, Object> values = new TreeMap<>();
        Map<String, Rewrite<?>> lists = new TreeMap<>();
        List<String> gone = new ArrayList<>();
        for (RecordComponent part : AppraisalReport.class.getRecordComponents()) {
            Object was = read(part, before);
            Object is = read(part, after);
            if (was.equals(is)) {
                continue;
            }
            if (is instanceof List<?> list) {
                lists.put(part.getName(), rewritten(was, list));
            } else if (is.equals(Optional.empty())) {
                gone.add(part.getName());
            } else {
                values.put(part.getName(), is);
            }
        }
        return new AppraisalChange(values, lists, gone);
    }

    /** The later appraisal. */
    public AppraisalReport appliedTo(AppraisalReport before) {
        RecordComponent[] parts = AppraisalReport.class.getRecordComponents();
        Object[] later = new Object[parts.length];
        Class<?>[] types = new Class<?>[parts.length];
        for (int i = 0; i < parts.length; i++) {
            types[i] = parts[i].getType();
            later[i] = later(parts[i], read(parts[i], before));
        }
        try {
            return AppraisalReport.class.getDeclaredConstructor(types).newInstance(later);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private Object later(RecordComponent part, Object before) {
        if (gone.contains(part.getName())) {
            return Optional.empty();
        }
        Rewrite<?> rewrite = lists.get(part.getName());
        return rewrite != null ? applied(rewrite, before) : values.getOrDefault(part.getName(), before);
    }

    @SuppressWarnings("unchecked")
    private static <T> Rewrite<T> rewritten(Object was, List<T> is) {
        return Rewrite.of((List<T>) was, is);
    }

    @SuppressWarnings("unchecked")
    private static <T> List<T> applied(Rewrite<T> rewrite, Object before) {
        return rewrite.appliedTo((List<T>) before);
    }

    private static Object read(RecordComponent part, AppraisalReport report) {
        try {
            return part.getAccessor().invoke(report);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
