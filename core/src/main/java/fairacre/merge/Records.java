package fairacre.merge;

import fairacre.bill.Price;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The plan's records by their fields. */
final class Records {

    /** Its values are edited as a whole. */
    private static final String MEASURE = "fairacre.measure";

    private Records() {}

    /** Whether a value has fields that are edited each for itself: a place or a length is edited as a whole. */
    static boolean hasFields(Object value) {
        return value instanceof Record
                && !(value instanceof Point)
                && value.getClass().getName().startsWith("fairacre.")
                && !value.getClass().getPackageName().equals(MEASURE);
    }

    static List<RecordComponent> fields(Class<?> type) {
        return Arrays.asList(type.getRecordComponents());
    }

    static Object get(Object value, RecordComponent field) {
        try {
            return field.getAccessor().invoke(value);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("every field of the plan can be read: " + field, impossible);
        }
    }

    /** @throws RuntimeException what the record's own check throws */
    static Object of(Class<?> type, List<Object> values) {
        Class<?>[] types = fields(type).stream().map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            Constructor<?> made = type.getDeclaredConstructor(types);
            return made.newInstance(values.toArray());
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException reason) {
                throw reason;
            }
            throw new IllegalStateException(refused.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("every record of the plan can be made: " + type, impossible);
        }
    }

    /** The items of a list by what tells them apart; empty for a list that is edited as a whole. */
    static Optional<Map<Object, Object>> byKey(List<?> list) {
        Map<Object, Object> items = new LinkedHashMap<>();
        for (Object item : list) {
            Optional<Object> key = key(item);
            if (key.isEmpty()) {
                return Optional.empty();
            }
            items.put(key.get(), item);
        }
        return Optional.of(items);
    }

    private static Optional<Object> key(Object item) {
        if (item instanceof BedRevision revision) {
            return Optional.of(revision.from());
        }
        if (item instanceof Price price) {
            return Optional.of(price.item().key());
        }
        return hasFields(item)
                ? fields(item.getClass()).stream()
                        .filter(field -> field.getName().equals("id"))
                        .findFirst()
                        .map(field -> get(item, field))
                : Optional.empty();
    }
}
