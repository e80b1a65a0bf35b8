package fairacre.merge;

import fairacre.plan.Plan;
import fairacre.plan.ThingLists;
import fairacre.plan.Things;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every field of a plan by its path, such as waysIn, the gate's id, width. */
final class Fields {

    /** Stands for which of several kinds a value is of. */
    private static final String KIND = "kind";

    private final Map<List<Object>, Object> values = new LinkedHashMap<>();

    private Fields() {}

    static Fields of(Plan plan) {
        Fields fields = new Fields();
        fields.add(List.of(), plan);
        Things.all().forEach(kind -> fields.add(List.of(kind.field()), plan.list(kind)));
        return fields;
    }

    Stream<List<Object>> paths() {
        return values.keySet().stream();
    }

    /** Whether a field has the same value in another plan, or is in neither. */
    boolean agrees(Fields other, List<Object> path) {
        return Objects.equals(values.get(path), other.values.get(path));
    }

    boolean has(List<Object> path) {
        return values.containsKey(path);
    }

    /** The paths of things, and of parts of them, that another plan hasn't. */
    Set<List<Object>> missingIn(Fields other) {
        return paths().filter(path -> path.get(path.size() - 1).equals(KIND) && !other.has(path))
                .map(path -> path.subList(0, path.size() - 1))
                .collect(Collectors.toSet());
    }

    private void add(List<Object> path, Object value) {
        if (value instanceof Optional<?> perhaps) {
            if (perhaps.isPresent()) {
                add(path, perhaps.get());
            }
        } else if (Records.hasFields(value)) {
            values.put(with(path, KIND), value.getClass());
            for (RecordComponent field : Records.fields(value.getClass())) {
                if (field.getType() != ThingLists.class) {
                    add(with(path, field.getName()), Records.get(value, field));
                }
            }
        } else if (value instanceof List<?> list && Records.byKey(list).isPresent()) {
            Records.byKey(list).get().forEach((key, item) -> add(with(path, key), item));
        } else {
            values.put(path, value);
        }
    }

    private static List<Object> with(List<Object> path, Object next) {
        List<Object> longer = new ArrayList<>(path);
        longer.add(next);
        return List.copyOf(longer);
    }
}
