package fairacre.format;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Things;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeSet;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/** The names of the kinds of change: those of {@link ChangeKinds}, and two for each kind of thing. */
public final class ChangeIds extends TypeIdResolverBase {

    private static final Map<String, Class<?>> SPECIAL = special();
    private static final Map<String, Things<?>> PUT = things("Put");
    private static final Map<String, Things<?>> REMOVE = things("Remove");

    private static Map<String, Class<?>> special() {
        Map<String, Class<?>> kinds = new LinkedHashMap<>();
        for (JsonSubTypes.Type type :
                ChangeKinds.class.getAnnotation(JsonSubTypes.class).value()) {
            kinds.put(type.name(), type.value());
        }
        return kinds;
    }

    private static Map<String, Things<?>> things(String verb) {
        Map<String, Things<?>> kinds = new LinkedHashMap<>();
        Things.all().forEach(things -> kinds.put(verb + capitalised(things), things));
        return kinds;
    }

    private static String capitalised(Things<?> things) {
        return Character.toUpperCase(things.name().charAt(0)) + things.name().substring(1);
    }

    /** The name of the change that puts a thing in. */
    public static String put(Things<?> things) {
        return "Put" + capitalised(things);
    }

    /** The name of the change that takes a thing out. */
    public static String remove(Things<?> things) {
        return "Remove" + capitalised(things);
    }

    @Override
    public String idFromValue(DatabindContext context, Object change) {
        if (change instanceof Put<?> put) {
            return put(put.things());
        }
        return change instanceof Remove<?> remove
                ? remove(remove.things())
                : change.getClass().getSimpleName();
    }

    @Override
    public String idFromValueAndType(DatabindContext context, Object change, Class<?> suggested) {
        return idFromValue(context, change);
    }

    /** Null for a name that there is not, which is told with those that there are. */
    @Override
    public JavaType typeFromId(DatabindContext context, String id) {
        if (PUT.containsKey(id)) {
            return context.getTypeFactory()
                    .constructParametricType(Put.class, PUT.get(id).type());
        }
        if (REMOVE.containsKey(id)) {
            return context.getTypeFactory()
                    .constructParametricType(Remove.class, REMOVE.get(id).type());
        }
        return SPECIAL.containsKey(id) ? context.constructType(SPECIAL.get(id)) : null;
    }

    @Override
    public String getDescForKnownTypeIds() {
        TreeSet<String> known = new TreeSet<>(SPECIAL.keySet());
        known.addAll(PUT.keySet());
        known.addAll(REMOVE.keySet());
        return known.toString();
    }

    @Override
    public JsonTypeInfo.Id getMechanism() {
        return JsonTypeInfo.Id.CUSTOM;
    }
}
